import { describe, expect, it } from 'vitest';
import { foldEvents } from '../../play/foldPlay.ts';
import { formatOf } from '../registry.ts';
import { bareFloor } from '../runningFloor.ts';
import { runInnings } from './hitters.ts';
import type { InningsPlaySetup } from './setup.ts';

const side = (id: string, count: number) => ({ id, members: Array.from({ length: count }, (_, i) => `${id}${i + 1}`) });
const play = (mode: InningsPlaySetup['mode'], sizes: number[], change: Partial<InningsPlaySetup> = {}): InningsPlaySetup => ({
  ...{ mode, sides: sizes.map((n, i) => side('abc'[i], n)), innings: 20, floor: bareFloor(sizes.reduce((a, b) => a + b)) },
  ...change,
});
const PLAYS: [string, InningsPlaySetup][] = [
  ['two against two', play('shuttle', [2, 2])],
  ['three for themselves, a catch ends the turn', play('shuttle', [1, 1, 1], { catchOut: true })],
  ['one against one', play('shuttle', [1, 1])],
  ['bases', play('bases', [8, 7])],
  ['bases with a cap', play('bases', [10, 10], { capSeconds: 60 })],
  ['without a floor', play('bases', [5, 5], { floor: undefined })],
];

describe('hits on the floor', () => {
  it.each(PLAYS)('%s: has events that the rules accept, the same again by the same seed', (_, setup) => {
    const { open } = formatOf('innings');
    for (const seed of [1, 2, 3]) {
      const { events, measured } = runInnings(setup, { seconds: 240, seed });
      expect(events.length).toBeGreaterThan(3);
      expect(foldEvents(open(setup), events).refused).toEqual([]);
      expect(measured.map((m) => m.id).sort()).toEqual(setup.sides.flatMap((s) => s.members).sort());
    }
    expect(runInnings(setup, { seconds: 90, seed: 5 })).toEqual(runInnings(setup, { seconds: 90, seed: 5 }));
  });

  it('has more trips the nearer the far marker is', () => {
    const trips = (metres: number) => {
      const floor = { ...bareFloor(4), spots: { home: { x: 1, y: 1 }, far: { x: 1, y: 1 + metres } } };
      const runs = [1, 2, 3, 4, 5].flatMap((seed) => runInnings(play('shuttle', [2, 2], { floor }), { seconds: 240, seed }).events);
      return runs.reduce((sum, e) => sum + Number((e as { trips?: number }).trips ?? 0), 0) / runs.length;
    };
    expect(trips(2)).toBeGreaterThan(trips(7));
  });

  it('hits no sooner than everyone is back, and keeps everyone on the floor', () => {
    const setup = play('bases', [8, 8]);
    const { events, frames } = runInnings(setup, { seconds: 240, seed: 2, track: true });
    for (const [i, { at }] of events.entries()) if (i) expect(at - events[i - 1].at).toBeGreaterThan(4);
    const most = Math.max(...setup.floor!.outline.map((p) => p.x));
    for (const way of Object.values(frames!))
      for (const { x, y } of way) {
        expect(Math.min(x, y)).toBeGreaterThan(-0.3);
        expect(Math.max(x, y)).toBeLessThan(most + 0.3);
      }
  });
});
