import { describe, expect, it } from 'vitest';
import { foldEvents } from '../../play/foldPlay.ts';
import { formatOf } from '../registry.ts';
import { bareFloor } from '../runningFloor.ts';
import { runHalves } from './carriers.ts';
import type { PossessionPlaySetup } from './setup.ts';

const ids = (name: string, count: number) => Array.from({ length: count }, (_, i) => `${name}${i + 1}`);
const halves = (each: number, guards: number, change: Partial<PossessionPlaySetup> = {}): PossessionPlaySetup => ({
  mode: 'halves',
  sides: ['a', 'b'].map((id) => ({ id, members: ids(id, each) })),
  starts: 'a',
  guards: ['a', 'b'].flatMap((id) => ids(id, guards)),
  floor: { ...bareFloor(2 * each), sprint: 5 },
  ...change,
});
const plays = (setup: PossessionPlaySetup, seconds = 120, count = 6) =>
  Array.from({ length: count }, (_, i) => runHalves(setup, { seconds, seed: i + 1 }));
const count = (type: string, list: ReturnType<typeof plays>) =>
  list.reduce((sum, p) => sum + p.events.filter((e) => e.type === type).length, 0);

describe('halves on the floor', () => {
  it.each([
    ['with guards', halves(10, 2)],
    ['without guards', halves(8, 0)],
    [
      'one against many',
      halves(8, 1, {
        sides: [
          { id: 'a', members: ['a1', 'a2'] },
          { id: 'b', members: ids('b', 14) },
        ],
        guards: ['b1', 'b2'],
      }),
    ],
    ['without a floor', halves(6, 1, { floor: undefined })],
  ])('%s: has events that the rules accept, in order, the same again by the same seed', (_, setup) => {
    const { open } = formatOf('possession');
    for (const { events, measured } of plays(setup)) {
      expect(events.map((e) => e.at)).toEqual(events.map((e) => e.at).sort((a, b) => a - b));
      expect(foldEvents(open(setup), events).refused).toEqual([]);
      expect(measured.map((m) => m.id).sort()).toEqual(setup.sides.flatMap((s) => s.members).sort());
      for (const { active, wait } of measured) expect(active + wait).toBeLessThanOrEqual(120 + 1e-6);
    }
    expect(runHalves(setup, { seconds: 60, seed: 4 })).toEqual(runHalves(setup, { seconds: 60, seed: 4 }));
  });

  it('never tags a guard, and has whoever is tagged at home before they are tagged again', () => {
    for (const { events } of plays(halves(10, 3))) {
      const out = new Set<string>();
      for (const event of events) {
        const player = String((event as { player?: string }).player);
        if (event.type === 'tagged') {
          expect(['a1', 'a2', 'a3', 'b1', 'b2', 'b3']).not.toContain(player);
          expect(out.has(player)).toBe(false);
          out.add(player);
        }
        if (event.type === 'home') expect(out.delete(player)).toBe(true);
      }
    }
  });

  it('has more tags and fewer goals the more guard, and keeps everyone on the floor', () => {
    const [few, many] = [plays(halves(10, 1)), plays(halves(10, 4))];
    expect(count('goal', few)).toBeGreaterThan(count('goal', many));
    const share = (list: ReturnType<typeof plays>) => count('tagged', list) / Math.max(1, count('tagged', list) + count('goal', list));
    expect(share(many)).toBeGreaterThan(share(few));
    const setup = halves(10, 2);
    const { frames } = runHalves(setup, { seconds: 60, seed: 3, track: true });
    const side = Math.max(...setup.floor!.outline.map((p) => p.x));
    for (const way of Object.values(frames!))
      for (const { x, y } of way) {
        expect(Math.min(x, y)).toBeGreaterThan(-0.6);
        expect(Math.max(x, y)).toBeLessThan(side + 0.6);
      }
  });
});
