import { describe, expect, it } from 'vitest';
import { demoDesk } from '../../content/desk.fixture.ts';
import { applyEdit } from '../model/edit.ts';
import type { BlockId } from '../model/ids.ts';
import { fit } from './fit.ts';
import { shrunkBy } from './shrunk.ts';

const lesson = [
  { id: 'arrive', seconds: 240 },
  { id: 'game', seconds: 1800 },
];

describe('what an added block took from the others', () => {
  it('is told by what they lasted', () => {
    const after = [
      { id: 'arrive', seconds: 180 },
      { id: 'game', seconds: 1800 },
      { id: 'water', seconds: 60 },
    ];
    expect(shrunkBy(lesson, after)).toEqual(new Map([['arrive', 240]]));
  });

  it('is nothing where a length was cut, a block removed or another lesson opened, and stays while no length changes', () => {
    expect(
      shrunkBy(lesson, [
        { id: 'arrive', seconds: 120 },
        { id: 'game', seconds: 1920 },
      ]),
    ).toEqual(new Map());
    expect(shrunkBy(lesson, [{ id: 'arrive', seconds: 2040 }])).toEqual(new Map());
    expect(
      shrunkBy(lesson, [
        { id: 'x', seconds: 1 },
        { id: 'y', seconds: 1 },
        { id: 'z', seconds: 1 },
      ]),
    ).toEqual(new Map());
    expect(shrunkBy([], lesson)).toEqual(new Map());
    expect(
      shrunkBy(
        lesson,
        lesson.map((b) => ({ ...b })),
      ),
    ).toBeNull();
  });

  it('is told of a fitted lesson whose lengths are whole 5 s, before and after', () => {
    const input = demoDesk();
    const before = fit(input);
    const copy = { ...input.lesson.blocks[0], id: 'more' as BlockId, title: 'Stretch' };
    const added = applyEdit(input.lesson, { kind: 'insert-block', index: 1, block: copy });
    if (!added.ok) throw new Error('not added');
    const after = fit({ ...input, lesson: added.lesson });
    for (const b of [...before.blocks, ...after.blocks]) expect(b.seconds % 5).toBe(0);
    const shrunk = shrunkBy(before.blocks, after.blocks)!;
    expect(shrunk.size).toBeGreaterThan(0);
    for (const [id, seconds] of shrunk) expect(after.blocks.find((b) => b.id === id)!.seconds).toBeLessThan(seconds);
  });
});
