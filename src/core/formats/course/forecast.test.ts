import { describe, expect, it } from 'vitest';
import { foldPlay, openPlay, type PlayFold } from '../../play/foldPlay.ts';
import { seededRng } from '../../rng.ts';
import { courseForecast, courseThroughput } from './forecast.ts';
import { courseRules } from './play.ts';
import { CoursePlaySetup } from './setup.ts';
import { simulateCourse } from './simulate.ts';

const ids = (n: number) => Array.from({ length: n }, (_, i) => `s${i + 1}`);
const course = (change: object = {}): CoursePlaySetup =>
  CoursePlaySetup.parse({
    players: ids(8),
    elements: [
      { id: 'gate', seconds: 5, capacity: 2 },
      { id: 'stones', seconds: 12, capacity: 2 },
      { id: 'rope', seconds: 6, capacity: 1 },
    ],
    headwaySeconds: 3,
    ...change,
  });
const laps = (setup: CoursePlaySetup, seconds: number) => courseForecast(setup, { seconds, seed: 1 }).turns.mean * setup.players.length;
/** Laps a second in the long run: those of twice the time less those of once. */
const throughput = (setup: CoursePlaySetup, seconds = 6_000) => (laps(setup, 2 * seconds) - laps(setup, seconds)) / seconds;

/** The same by one simulation alone, for many courses. */
function simulated(setup: CoursePlaySetup, seconds = 4_000): number {
  const events = simulateCourse(setup, { seconds: 2 * seconds, seed: 1 });
  const total = (play: PlayFold) => Object.values(play.view().turns).reduce((a, b) => a + b, 0);
  const half = events.findIndex((e) => e.at >= seconds);
  const first = events.slice(0, half).reduce((play, event) => play.step(event), openPlay(courseRules, setup));
  return (total(events.slice(half).reduce((play, event) => play.step(event), first)) - total(first)) / seconds;
}

describe('throughput of a course without spread', () => {
  it.each([
    ['its headway', { headwaySeconds: 10 }, 1 / 10, 'headway'],
    ['its slowest element', {}, 1 / 6, 'element'],
    ['how many there are', { players: ids(2) }, 2 / 23, 'players'],
    ['one student', { players: ids(1) }, 1 / 23, 'players'],
    [
      'a slow element of one',
      {
        elements: [
          { id: 'a', seconds: 4, capacity: 9 },
          { id: 'b', seconds: 9, capacity: 1 },
        ],
      },
      1 / 9,
      'element',
    ],
  ])('is what %s allows', (_, change, expected, by) => {
    const setup = course(change);
    expect(courseThroughput(setup)).toMatchObject({ by, lapsPerSecond: expect.closeTo(expected) });
    expect(Math.abs(throughput(setup) / expected - 1)).toBeLessThan(0.01);
  });

  it('is the least of the three bounds within one percent, in twenty generated courses, also with a split start', () => {
    const random = seededRng(2026);
    for (let run = 0; run < 20; run++) {
      const elements = Array.from({ length: 2 + random.below(7) }, (_, i) => ({
        id: `e${i}`,
        seconds: 2 + random.below(25),
        capacity: 1 + random.below(4),
        noOvertaking: random.below(2) === 0,
      }));
      const players = ids(1 + random.below(40));
      const starts = random.below(2) ? players.map((_, i) => i % elements.length) : undefined;
      const setup = course({ elements, players, headwaySeconds: random.below(2) ? 0 : 1 + random.below(12), starts });
      // A split start parts those who begin at each place, so that the headway bounds each place alone.
      const bound = courseThroughput(starts ? { ...setup, headwaySeconds: 0 } : setup).lapsPerSecond;
      const found = simulated(setup);
      if (!starts) expect(Math.abs(found / bound - 1), `run ${run}: ${JSON.stringify(setup)}`).toBeLessThan(0.01);
      else expect(found, `run ${run}`).toBeLessThan(bound * 1.02);
    }
  });
});

describe('a simulated course', () => {
  it('is play that the rules accept, with spread, skipping, rests and no overtaking', () => {
    const setup = course({
      elements: course().elements.map((e, i) => ({ ...e, sd: 2, noOvertaking: i > 0, ...(i === 1 ? { skippedBy: ['s2', 's5'] } : {}) })),
      boutSeconds: 60,
      restSeconds: 20,
    });
    for (const seed of [1, 2, 3]) {
      const events = simulateCourse(setup, { seconds: 400, seed });
      expect(foldPlay(courseRules, setup, events).refused).toEqual([]);
      expect(simulateCourse(setup, { seconds: 400, seed }), 'the same again').toEqual(events);
      const isRest = (at: number) => at % 80 >= 60;
      expect(
        events.filter((e) => e.type === 'enter' && isRest(e.at)),
        'nobody enters in a rest',
      ).toEqual([]);
      expect(events.filter((e) => e.type === 'bout').map((e) => e.at)).toEqual([60, 80, 140, 160, 220, 240, 300, 320, 380]);
    }
  });
});

describe('the forecast of a course', () => {
  it('gives everyone the share of time in elements, the laps, and the longest stretch in a queue', () => {
    const alone = courseForecast(course({ players: ids(1) }), { seconds: 230, seed: 1 });
    expect(alone).toMatchObject({ plays: 1, activeShare: { mean: 1 }, turns: { mean: 9 }, longestWait: { mean: 0 } });
    const full = courseForecast(course(), { seconds: 600, seed: 1 });
    expect(full.activeShare.mean).toBeCloseTo(23 / 6 / 8, 1);
    expect(full.longestWait.mean).toBeGreaterThan(6);
    expect(Object.keys(full.perPlayer)).toEqual(ids(8));
  });

  it('takes the mean of several plays if times spread, the same by the same seed', () => {
    const setup = course({ elements: course().elements.map((e) => ({ ...e, sd: 3 })) });
    const one = courseForecast(setup, { seconds: 300, seed: 4 });
    expect(one.plays).toBe(20);
    expect(courseForecast(setup, { seconds: 300, seed: 4 })).toEqual(one);
    expect(courseForecast(setup, { seconds: 300, seed: 5 })).not.toEqual(one);
  });
});
