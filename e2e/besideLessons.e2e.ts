import { describe, expect, it } from 'vitest';
import { withGame } from './newGame.ts';
import { withDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

let screen: Screen;
let today = '';
const { open, api } = withDemo((demo) => {
  ({ screen, today } = demo);
});

describe('two lessons in one room at the same time', () => {
  it('show the other class on the floor, and what the two have to do with one another', async () => {
    const at = { start: '10:05', end: '10:50', classId: 'grade-3b', roomId: 'mill-gym' };
    await withGame({ open, api, screen, today }, /^Stairs of the bell tower/, at);
    await screen.says('Grade 5a is here');
    await screen.click('tab', /^Checks/);
    await screen.says('Grade 5a stops on the same signal');
    await screen.says('Grade 5a is in the same room.');
    await screen.settled();
    await screen.expectAccessible();
    expect(await screen.smallTexts()).toEqual([]);
  });

  it('stop on signals of their own after one press', async () => {
    await screen.click('button', /^Stop on another signal: Two short whistles/);
    await screen.says('Grade 5a stops on the same signal', { not: true });
    await screen.says('Undo: stop on another signal');
    await screen.click('button', /^Undo: stop on another signal/);
    await screen.says('Grade 5a stops on the same signal');
  });

  it('say nothing of one another once they are at other times', async () => {
    const at = { start: '16:30', end: '17:10', classId: 'grade-3b', roomId: 'mill-gym' };
    await withGame({ open, api, screen, today }, /^Stairs of the bell tower/, at);
    await screen.click('tab', /^Checks/);
    await screen.says('Stairs of the bell tower');
    await screen.says('Grade 5a is here', { not: true });
    await screen.says('stops on the same signal', { not: true });
  });
});
