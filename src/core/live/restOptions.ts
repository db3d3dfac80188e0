import type { FitInput } from '../fit/fitted.ts';
import { secondsPlanned } from './bell.ts';
import { fitRest } from './restOf.ts';
import type { RunState } from './runState.ts';

/** One way to share out what is left: everything shorter, a game left out, two blocks without a game made one. */
export interface RestOption {
  kind: 'shorten' | 'drop' | 'merge';
  /** Blocks that are left out for it. */
  drop: string[];
  /** Titles of what is left out or made one. */
  titles: string[];
  /** By how many seconds it is past the bell all the same. */
  overSeconds: number;
  /** Turns of the average student in what is to come, and seconds of games. */
  turns: number;
  gameSeconds: number;
}

const gameSecondsOf = (blocks: readonly { game?: object | null; seconds: number }[]): number =>
  blocks.reduce((sum, b) => (b.game ? sum + b.seconds : sum), 0);

/**
 * Ways to fit what is left of a lesson under way into the time to the bell: those that fit first, the most turns first. `planned`: turns
 * and seconds of games in what is to come as it was planned. Each is the lesson that would come of it, fitted; nothing is guessed.
 */
export function restOptions(
  input: FitInput,
  state: RunState,
  toBell: number,
): { planned: Pick<RestOption, 'turns' | 'gameSeconds'>; options: RestOption[] } {
  const current = state.steps[state.step]?.block ?? -1;
  const left = state.plan.blocks.slice(current + 1);
  const options: Omit<RestOption, 'overSeconds' | 'turns' | 'gameSeconds'>[] = [{ kind: 'shorten', drop: [], titles: [] }];
  const games = left.filter((b) => b.game);
  if (left.length > 1) for (const { id, title } of games) options.push({ kind: 'drop', drop: [id], titles: [title] });
  left.forEach((block, i) => {
    const next = left[i + 1];
    if (!next || block.game || next.game) return;
    const shorter = block.seconds < next.seconds ? block : next;
    options.push({ kind: 'merge', drop: [shorter.id], titles: [block.title, next.title] });
  });
  const measured = options.map((option): RestOption => {
    const { numbers, blocks } = fitRest(input, state, toBell, option.drop).fitted;
    return { ...option, overSeconds: numbers.overSeconds, turns: numbers.turns, gameSeconds: gameSecondsOf(blocks) };
  });
  // As planned: what is left in the time that it was to have.
  const planned = { turns: fitRest(input, state, secondsPlanned(state), []).fitted.numbers.turns, gameSeconds: gameSecondsOf(left) };
  measured.sort(
    (a, b) =>
      Number(a.overSeconds > 0) - Number(b.overSeconds > 0) ||
      b.turns - a.turns ||
      b.gameSeconds - a.gameSeconds ||
      a.overSeconds - b.overSeconds,
  );
  return { planned, options: measured };
}
