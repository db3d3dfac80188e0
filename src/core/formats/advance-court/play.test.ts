import { describe, expect, it } from 'vitest';
import type { PlayEvent } from '../../play/playRules.ts';
import { seededRng } from '../../rng.ts';
import { advanceCourt } from './index.ts';
import { simulateCourt } from './simulate.ts';

const setup = { players: ['a', 'b', 'c', 'd', 'e', 'f'], positions: 4 };
const run = (events: PlayEvent[], change: object = {}) => advanceCourt.replay({ ...setup, ...change }, events);
const codes = (events: PlayEvent[], change: object = {}) => run(events, change).refused.map((f) => `${f.at.event} ${f.code}`);
const error = (at: number, position: number): PlayEvent => ({ at, type: 'error', position });
const line = ({ view }: ReturnType<typeof run>) =>
  [...Object.entries(view.places).map(([k, ids]) => `${k}${ids.join('')}`), `w${view.waiting.join('')}`].join(' ');

describe('advance court, an error', () => {
  it('starts with the first players on court in order, the rest in line', () => {
    expect(line(run([]))).toBe('1a 2b 3c 4d wef');
  });

  it('sends its maker to the end of the line, those below one up, the head in at 1, those above stay', () => {
    expect(line(run([error(8, 3)]))).toBe('1e 2a 3b 4d wfc');
    expect(line(run([error(8, 1)]))).toBe('1e 2b 3c 4d wfa');
    expect(line(run([error(8, 4)]))).toBe('1e 2a 3b 4c wfd');
    expect(line(run([error(8, 4), error(16, 2)]))).toBe('1f 2e 3b 4c wda');
  });

  it('with an empty line puts its maker at 1', () => {
    const four = { players: ['a', 'b', 'c', 'd'] };
    expect(line(run([error(8, 3)], four))).toBe('1c 2a 3b 4d w');
    expect(line(run([error(8, 1)], four))).toBe('1a 2b 3c 4d w');
  });

  it('counts the rally for all on court and for the one at the top', () => {
    const { view } = run([error(8, 4), error(16, 1)]);
    expect(view.turns).toEqual({ a: 2, b: 2, c: 2, d: 1, e: 1, f: 0 });
    expect(view.scores).toMatchObject({ d: 1, c: 1 });
    expect(view.tally.rallies).toBe(2);
  });

  it('plays on with fewer players than places, and never with one', () => {
    expect(line(run([error(8, 2)], { players: ['a', 'b', 'c'] }))).toBe('1b 2a 3c w');
    expect(codes([error(8, 4)], { players: ['a', 'b', 'c'] })).toEqual(['0 bad-field']);
    expect(() => run([], { players: ['a'] })).toThrowError(RangeError);
    expect(() => run([], { players: ['a', 'a'] })).toThrowError('repeated');
    expect(() => run([], { positions: 1 })).toThrowError('positions');
    expect(() => run([], { players: undefined })).toThrowError('players');
  });

  it('names the winners when it is over', () => {
    expect(run([error(8, 4)]).view.winners).toEqual([]);
    expect(run([error(8, 4), { at: 9, type: 'end' }]).view.winners).toEqual(['d']);
    expect(run([error(8, 4), error(16, 1), { at: 17, type: 'end' }]).view.winners.sort()).toEqual(['c', 'd']);
    expect(run([{ at: 9, type: 'end' }]).view.winners).toEqual([]);
  });
});

describe('advance court, comings and goings', () => {
  it('closes up behind one who leaves, the head of the line in at 1', () => {
    expect(line(run([{ at: 1, type: 'leave', player: 'c' }]))).toBe('1e 2a 3b 4d wf');
    expect(line(run([{ at: 1, type: 'leave', player: 'e' }]))).toBe('1a 2b 3c 4d wf');
  });
  it('leaves place 1 empty where nobody is in line, and refuses an error there', () => {
    const four = { players: ['a', 'b', 'c', 'd'] };
    const gone: PlayEvent = { at: 1, type: 'leave', player: 'b' };
    expect(line(run([gone], four))).toBe('1 2a 3c 4d w');
    expect(codes([gone, error(8, 1)], four)).toEqual(['1 not-allowed']);
    expect(line(run([gone, error(8, 3)], four))).toBe('1c 2 3a 4d w');
  });
  it('puts a latecomer and one released at the end of the line', () => {
    const box: PlayEvent = { at: 1, type: 'box', player: 'd', why: 'pushed', release: 'restart' };
    expect(line(run([{ at: 1, type: 'join', player: 'z' }]))).toBe('1a 2b 3c 4d wefz');
    expect(run([box]).view.places).toMatchObject({ 4: ['c'], 1: ['e'], box: ['d'] });
    expect(line(run([box, error(8, 2)]))).toBe('1f 2e 3b 4c wad');
    expect(line(run([box, { at: 3, type: 'release', player: 'd' }]))).toBe('1e 2a 3b 4c wfd');
  });
  it.each([
    [[{ at: 1, type: 'serve' }], '0 unknown-type'],
    [[{ at: 1, type: 'error' }], '0 bad-field'],
    [[{ at: 1, type: 'error', position: 0 }], '0 bad-field'],
    [[{ at: 1, type: 'error', position: 5 }], '0 bad-field'],
    [[{ at: 1, type: 'error', position: '2' }], '0 bad-field'],
    [[{ at: 1, type: 'leave', player: 'q' }], '0 unknown-id'],
    [[error(9, 1), error(3, 1)], '1 time-backwards'],
    [[{ at: 1, type: 'end' }, error(3, 1)], '1 after-end'],
  ] as [PlayEvent[], string][])('refuses %j', (events, code) => expect(codes(events)).toEqual([code]));
});

/** The naive twin: who is where, by lists alone, many times over. */
function shares(players: string[], k: number, weights: Record<string, number>, rallies: number, plays: number): Record<string, number> {
  const random = seededRng(4711);
  const on: Record<string, number> = Object.fromEntries(players.map((p) => [p, 0]));
  for (let play = 0; play < plays; play++) {
    let court = players.slice(0, k);
    let queue = players.slice(k);
    for (let r = 0; r < rallies; r++) {
      for (const p of court) on[p] += 1;
      let left = random.float() * court.reduce((sum, p) => sum + weights[p], 0);
      const e = court.findIndex((p) => {
        left -= weights[p];
        return left < 0;
      });
      const at = e < 0 ? k - 1 : e;
      const erred = court[at];
      const came = [...queue, erred];
      court = [came[0], ...court.slice(0, at), ...court.slice(at + 1)];
      queue = came.slice(1);
    }
  }
  return Object.fromEntries(players.map((p) => [p, on[p] / (rallies * plays)]));
}

describe('advance court, forecast', () => {
  it('is k/(k+q) for equal players, and the wait q rallies', () => {
    const f = advanceCourt.forecast({ ...setup, players: [...setup.players, 'g'] }, { seconds: 600, seed: 1 });
    expect(f.plays).toBe(0);
    expect(f.activeShare.mean).toBeCloseTo(4 / 7, 9);
    for (const share of Object.values(f.perPlayer)) expect(share).toBeCloseTo(4 / 7, 9);
    expect(f.longestWait.mean).toBe(24);
    expect(f.turns.mean).toBeCloseTo((600 / 8) * (4 / 7), 6);
  });

  it('is within two points of an independent simulation for unequal players', () => {
    const players = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
    const weights = { a: 1, b: 3, c: 0.5, d: 1, e: 2, f: 1, g: 0.3 };
    for (const seconds of [480, 2400]) {
      const f = advanceCourt.forecast({ players, positions: 4, weights }, { seconds, seed: 7 });
      const naive = shares(players, 4, weights, seconds / 8, 1500);
      expect(f.plays).toBeGreaterThan(100);
      for (const p of players) expect(Math.abs(f.perPlayer[p] - naive[p]), `${p} at ${seconds}`).toBeLessThan(0.02);
      expect(Object.values(f.perPlayer).reduce((a, b) => a + b, 0)).toBeCloseTo(4, 6);
    }
  });

  it('simulates with the very events that play accepts', () => {
    const { events, states } = simulateCourt({ ...setup, weights: { a: 3 } }, 800, seededRng(5));
    const { view, refused } = run(events);
    expect(events).toHaveLength(100);
    expect(refused).toEqual([]);
    expect(view.waiting).toEqual(states.at(-1)!.queue);
    expect(view.turns).toEqual(states.at(-1)!.turns);
  });

  it('counts only what is rallied of the block, and never throws for one who stands alone', () => {
    const f = advanceCourt.forecast({ players: ['a', 'b'], positions: 4, playSeconds: 300 }, { seconds: 600, seed: 1 });
    expect(f.activeShare.mean).toBeCloseTo(0.5, 9);
    expect(advanceCourt.forecast({ players: ['a'], positions: 4, lone: true }, { seconds: 60, seed: 1 }).activeShare.mean).toBe(0);
  });
});
