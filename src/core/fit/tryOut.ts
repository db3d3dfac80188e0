import { formatOf } from '../formats/registry.ts';
import type { Frame } from '../formats/tryOut.ts';
import type { PlayEvent } from '../play/playRules.ts';
import type { FittedGame } from './fitted.ts';

/** How one simulated play of a block went: shares of the time it took, seconds. */
export interface TriedShares {
  least: number;
  mean: number;
  most: number;
  /** The longest that anybody was out of play at a stretch. */
  wait: number;
  /** When it ended by itself, if it did. */
  endedAt?: number;
}
/** One play to be watched. */
export interface SamplePlay {
  seconds: number;
  /** The plays that go on at once, with what happened in each. */
  plays: { setup: unknown; events: PlayEvent[] }[];
  /** By student. */
  frames: Record<string, Frame[]>;
}
/** What a try-out takes of a fitted game: plain data. */
export type Tried = Pick<FittedGame, 'format' | 'plays' | 'pieces' | 'things' | 'groups' | 'timeline'>;

/** Seconds of play that are tried: one round, or all of them if its format says so. */
export function triedSeconds({ format, timeline }: Tried): number {
  const lengths = timeline.bouts.map((r) => r.until - r.at);
  if (!lengths.length) return 60;
  return formatOf(format).tries === 'block' ? lengths.reduce((a, b) => a + b, 0) : lengths[0];
}

/** Whether two plays of this game can differ at all. */
export const isChancy = ({ format, plays }: Pick<Tried, 'format' | 'plays'>): boolean => plays.some(formatOf(format).isChancy);

/** How one play goes. The same seed gives the same play. */
export function tryOnce(game: Tried, seed: number): TriedShares {
  const seconds = triedSeconds(game);
  const runs = game.plays.map((setup, i) => formatOf(game.format).tryOne(setup, { seconds, seed: seed * 1009 + i }));
  const measured = runs.flatMap((r) => r.measured);
  const ends = runs.map((r) => r.endedAt);
  const lasted = ends.every((e) => e !== undefined) && ends.length ? Math.max(...ends.map((e) => e ?? 0), 1) : seconds;
  const shares = measured.map((m) => Math.min(1, m.active / lasted));
  return {
    least: shares.length ? Math.min(...shares) : 0,
    mean: shares.reduce((a, b) => a + b, 0) / Math.max(1, shares.length),
    most: Math.max(0, ...shares),
    wait: Math.max(0, ...measured.map((m) => m.wait)),
    ...(lasted < seconds ? { endedAt: lasted } : {}),
  };
}

/** A play to be watched: what happens when, and where everyone is. */
export function samplePlay(game: Tried, seed: number): SamplePlay {
  const seconds = triedSeconds(game);
  const format = formatOf(game.format);
  const runs = game.plays.map((setup, i) => ({ setup, run: format.tryOne(setup, { seconds, seed: seed * 1009 + i, track: true }) }));
  const frames = runs.map(({ setup, run }, i) => run.frames ?? format.frames(setup, run.events, game, i));
  return { seconds, plays: runs.map(({ setup, run }) => ({ setup, events: run.events })), frames: Object.assign({}, ...frames) };
}
