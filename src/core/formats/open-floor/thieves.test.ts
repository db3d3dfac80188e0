import { describe, expect, it } from 'vitest';
import { foldEvents } from '../../play/foldPlay.ts';
import { formatOf } from '../registry.ts';
import { bareFloor } from '../runningFloor.ts';
import type { OpenFloorPlaySetup } from './setup.ts';
import { runSteals } from './thieves.ts';

const ids = (count: number) => Array.from({ length: count }, (_, i) => `s${i + 1}`);
const steals = (count: number, thieves: number, change: Partial<OpenFloorPlaySetup> = {}): OpenFloorPlaySetup => ({
  groups: ids(count).map((id) => [id]),
  ...{
    boutSeconds: 60,
    switchSeconds: 10,
    stages: [
      { id: 'one', bouts: 1 },
      { id: 'two', bouts: 1 },
    ],
  },
  thieves: ids(thieves),
  floor: bareFloor(count),
  ...change,
});
const stolen = (setup: OpenFloorPlaySetup, seed = 1) => runSteals(setup, { seconds: 130, seed }).events.filter((e) => e.type === 'steal');

describe('steals on the floor', () => {
  it.each([
    ['a third without', steals(24, 8)],
    ['one without', steals(12, 1)],
    ['nearly all without', steals(12, 11)],
    ['without a floor', steals(10, 3, { floor: undefined })],
  ])('%s: has events that the rules accept, the same again by the same seed', (_, setup) => {
    const { open } = formatOf('open-floor');
    for (const seed of [1, 2, 3, 4]) {
      const { events, measured } = runSteals(setup, { seconds: 130, seed });
      expect(foldEvents(open(setup), events).refused).toEqual([]);
      expect(events.filter((e) => e.type !== 'steal').map((e) => [e.type, e.at])).toEqual([
        ['stage', 60],
        ['stage', 130],
      ]);
      expect(measured).toHaveLength(setup.groups.length);
    }
    expect(runSteals(setup, { seconds: 90, seed: 5 })).toEqual(runSteals(setup, { seconds: 90, seed: 5 }));
    expect(stolen(setup).length).toBeGreaterThan(0);
  });

  it('steals nothing between two stages, and more where more have none', () => {
    for (const event of stolen(steals(24, 8))) expect(event.at < 60 || event.at >= 70).toBe(true);
    const sum = (thieves: number) => [1, 2, 3].reduce((all, seed) => all + stolen(steals(24, thieves), seed).length, 0);
    expect(sum(12)).toBeGreaterThan(sum(2));
  });

  it('keeps everyone on the floor', () => {
    const setup = steals(20, 6);
    const { frames } = runSteals(setup, { seconds: 60, seed: 3, track: true });
    const side = Math.max(...setup.floor!.outline.map((p) => p.x));
    expect(Object.keys(frames!).sort()).toEqual(ids(20).sort());
    for (const way of Object.values(frames!))
      for (const { x, y } of way) {
        expect(Math.min(x, y)).toBeGreaterThan(-0.3);
        expect(Math.max(x, y)).toBeLessThan(side + 0.3);
      }
  });
});
