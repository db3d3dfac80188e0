import { describe, expect, it } from 'vitest';
import { ChasePlaySetup } from './setup.ts';
import { chaseForecast } from './simulate.ts';

const ids = (n: number) => Array.from({ length: n }, (_, i) => `s${i + 1}`);
const setup = (change: object) =>
  ChasePlaySetup.parse({
    players: ids(24),
    hunters: [
      { id: 's1', how: 'touch' },
      { id: 's2', how: 'touch' },
    ],
    caught: 'frozen',
    release: 'touch',
    seconds: 180,
    ...change,
  });

/** The naive twin: the same equations in steps of a hundredth of a second (midpoint rule). */
function stepped(free: (f: number, caught: number) => number, start: number, seconds: number, catching: (f: number) => number) {
  const dt = 0.01;
  let [f, freeSeconds, catches] = [start, 0, 0];
  for (let t = 0; t < seconds - dt / 2; t += dt) {
    const middle = f + (free(f, start - f) * dt) / 2;
    freeSeconds += middle * dt;
    catches += catching(middle) * dt;
    f += free(middle, start - middle) * dt;
  }
  return { active: freeSeconds / (start * seconds), turns: catches / start };
}
const shareOf = (change: object, seconds = 180) => {
  const { perPlayer, plays, turns } = chaseForecast(setup(change), { seconds, seed: 1 });
  expect(plays, 'a closed form').toBe(0);
  return { runner: perPlayer.s24, hunter: perPlayer.s1, most: turns.most };
};

describe('the mean field of a chase', () => {
  it.each([
    ['nobody released', { release: 'none' }, 0.02, 0],
    ['released now and then', { freeRate: 0.05 }, 0.02, 0.05],
    ['another rate', { catchRate: 0.004, freeRate: 0.2 }, 0.004, 0.2],
    ['out', { caught: 'out', release: 'none', freeRate: 0.3 }, 0.02, 0],
  ])('is what its equation comes to in small steps: %s', (_, change, c, r) => {
    const naive = stepped(
      (f, held) => -2 * c * f + r * held,
      22,
      180,
      (f) => 2 * c * f,
    );
    const { runner, hunter, most } = shareOf(change);
    expect(runner).toBeCloseTo(naive.active, 4);
    expect(most).toBeCloseTo(naive.turns, 3);
    expect(hunter).toBe(1);
  });

  it.each([
    [0.01, 0],
    [0.01, 0.1],
    [0.002, 0.02],
  ])('everyone hunts, catching %s and freeing %s', (c, r) => {
    const naive = stepped(
      (f, held) => -c * f * f + r * held,
      24,
      180,
      (f) => c * f * f,
    );
    const { runner, most } = shareOf({ everyoneHunts: true, hunters: [], release: 'captor', catchRate: c, freeRate: r });
    expect(runner).toBeCloseTo(naive.active, 4);
    expect(most).toBeCloseTo(naive.turns, 3);
  });

  it('converted runners hunt on: all are active, and as many are caught as the equation says', () => {
    const change = { caught: 'converts', release: 'none', catchRate: 0.002 };
    const naive = stepped(
      (f) => -0.002 * f * (24 - f),
      22,
      60,
      (f) => 0.002 * f * (24 - f),
    );
    const { runner, most } = shareOf(change, 60);
    expect(runner).toBe(1);
    expect(most).toBeCloseTo(naive.turns, 4);
  });

  it('sent back to their zone, all stay active and are caught at the rate', () => {
    const { runner, most } = shareOf({ caught: 'back', release: 'none', zones: ['n', 's'] });
    expect([runner, most]).toEqual([1, expect.closeTo(0.02 * 2 * 180)]);
  });

  it('has hunters alone, runners alone, and no catching', () => {
    expect(shareOf({ hunters: [] }).runner).toBe(1);
    expect(shareOf({ catchRate: 0 }).runner).toBe(1);
    expect(chaseForecast(setup({ players: ['s1', 's2'] }), { seconds: 60, seed: 1 }).activeShare).toEqual({ mean: 1, low: 1, high: 1 });
  });

  it('waits longest for those held: until the end, or as long as a release takes', () => {
    const never = chaseForecast(setup({ release: 'none' }), { seconds: 180, seed: 1 });
    expect(never.longestWait.p90).toBeCloseTo(180 * (1 - never.perPlayer.s24));
    expect(chaseForecast(setup({ freeRate: 0.5 }), { seconds: 180, seed: 1 }).longestWait.p90).toBeCloseTo(2);
  });
});
