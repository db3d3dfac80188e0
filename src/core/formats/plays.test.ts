import { describe, expect, it } from 'vitest';
import { foldEvents } from '../play/foldPlay.ts';
import type { PlayEvent } from '../play/playRules.ts';
import { seededRng } from '../rng.ts';
import { everyone } from './play.fixture.ts';
import { type Case, clashSides, type Loose } from './playCase.fixture.ts';
import { CASES, hunt } from './plays.fixture.ts';
import { formatOf } from './registry.ts';

/** Comings and goings, which every format takes, among its own events; two of them may share a second. */
function randomEvents({ players, own }: Case, seed: number, length: number): PlayEvent[] {
  const random = seededRng(seed);
  const ids = [...players, 'q'];
  const some = () => ids[random.below(ids.length)];
  return Array.from({ length }, (_, i) => {
    const common: Loose[] = [
      {
        type: 'box',
        player: some(),
        why: '',
        release: ['restart', 'round', 'task', 'rest'][random.below(4)],
        seconds: 1 + random.below(20),
      },
      { type: 'release', player: some() },
      { type: 'leave', player: some() },
      { type: 'join', player: some() },
      { type: 'tick' },
    ];
    return { at: 2 * (i >> 1), ...(random.below(6) ? own(random, some) : common[random.below(common.length)]) };
  });
}

/** The events that were accepted, and who is in play after them. */
function legal(played: Case, events: PlayEvent[]): { accepted: PlayEvent[]; here: Set<string> } {
  let play = formatOf(played.format).open(played.setup);
  const accepted: PlayEvent[] = [];
  const here = new Set(played.players);
  for (const event of events) {
    const next = play.step(event);
    // A play that is over takes no more: the one that would end it is left out.
    if (next.refused.length > play.refused.length || next.view().done) continue;
    play = next;
    accepted.push(event);
    if (event.type === 'leave') here.delete(String(event.player));
    if (event.type === 'join') here.add(String(event.player));
    expect(everyone(play.view()), JSON.stringify(event)).toEqual([...here].sort());
  }
  return { accepted, here };
}

describe.each(CASES.map((c) => [c.name, c] as const))('%s, random legal logs', (_, played) => {
  const open = () => formatOf(played.format).open(played.setup);
  const logs = [1, 2, 3].map((seed) => legal(played, randomEvents(played, seed, 300)));

  it('have everyone present in exactly one place', () => {
    for (const { accepted } of logs) expect(accepted.length, 'some of it was play').toBeGreaterThan(20);
  });

  it('are replayed whole as a prefix and then the rest, and the same as plain data', () => {
    for (const { accepted } of logs) {
      const whole = foldEvents(open(), accepted);
      expect(whole.refused).toEqual([]);
      const cut = accepted.length >> 1;
      const prefix = accepted.slice(0, cut).reduce((play, event) => play.step(event), open());
      expect(foldEvents(prefix, accepted.slice(cut))).toEqual(whole);
      expect(
        foldEvents(formatOf(played.format).open(JSON.parse(JSON.stringify(played.setup))), JSON.parse(JSON.stringify(accepted))),
      ).toEqual(whole);
    }
  });

  it('leave the view alone where an event is refused, and time goes only forward', () => {
    for (const { accepted } of logs) {
      const play = accepted.reduce((p, event) => p.step(event), open());
      const last = accepted.at(-1)!.at;
      for (const wrong of [
        { at: last, type: 'fly' },
        { at: last, type: 'leave', player: 'nobody' },
        { at: last + 99, type: 'join' },
      ])
        expect(play.step(wrong).view()).toEqual(play.view());
      if (last > 0) expect(play.step({ at: last - 1, type: 'tick' }).refused.at(-1)?.code).toBe('time-backwards');
    }
  });

  it('count nobody’s turns down', () => {
    for (const { accepted } of logs) {
      let before: Record<string, number> = {};
      let play = open();
      for (const event of accepted) {
        play = play.step(event);
        const { turns } = play.view();
        for (const [id, n] of Object.entries(before)) expect(turns[id], JSON.stringify(event)).toBeGreaterThanOrEqual(n);
        // Two who caught each other in the same second take both catches back.
        before = played.name === 'chase, everyone hunts' ? {} : turns;
      }
    }
  });
});

describe('a forecast of play alone', () => {
  const options = { seconds: 60, seed: 1 };
  it('without rates is the share of those who are active at the start, and says so by no plays', () => {
    const clash = formatOf('target-clash').forecast({ mode: 'drive', sides: clashSides }, options);
    expect(clash).toMatchObject({ plays: 0, activeShare: { mean: 1, low: 1 }, longestWait: { mean: 0 } });
    expect(Object.keys(clash.perPlayer)).toHaveLength(8);
    expect(formatOf('skill-lane').forecast({ player: 'a', ladder: ['roll'], step: 0 }, options).perPlayer).toEqual({ a: 1 });
  });
  it('is refused for a broken setup, broken options and a format that is none', () => {
    expect(() => formatOf('skill-lane').forecast({ player: 'a', ladder: [], step: 0 }, options)).toThrowError(RangeError);
    expect(() => formatOf('course').forecast(CASES[2].setup, { seconds: 0, seed: 1 })).toThrowError('seconds: 0');
    expect(() => formatOf('juggle').forecast(hunt, options)).toThrowError('unknown format');
  });
});

describe('plays by format', () => {
  it('refuse a name that has no rules of play', () => {
    for (const name of ['juggle', 'toString', '__proto__', '']) expect(() => formatOf(name).open({})).toThrowError(RangeError);
  });
});
