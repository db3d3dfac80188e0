import type { Idea, Noticed } from '../../model/findingCodes.ts';
import type { BlockId } from '../../model/ids.ts';
import { clockSeconds } from '../../model/period.ts';
import type { BesideLesson, FitDraft, FitInput, FittedBlock } from '../fitted.ts';
import { stopSignalOf } from '../stopSignalOf.ts';

type Bare = Omit<FitDraft, 'noticed'>;

/** Levels of noise that do not go together, and seconds at the same time that are worth a word. */
const LOUDER_BY = 2;
const LEAST_S = 60;
/** Signals that are offered where another class stops on the same one: each heard and seen. */
const SIGNALS = [
  'Two short whistles and both arms up: freeze, gear on the floor',
  'A hand bell and a raised arm: freeze, gear on the floor',
  'Three claps and a raised hand: freeze, gear on the floor',
];

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
const gamesOf = (draft: Bare) => draft.blocks.filter((b) => b.game);

/** The game at another place in the lesson, before or after another game of it. */
function atAnotherTime(input: FitInput, draft: Bare, block: FittedBlock): Idea[] {
  return gamesOf(draft)
    .filter((other) => other.id !== block.id)
    .map((other) => ({
      code: 'trade-times',
      data: { title: other.title },
      edits: [{ kind: 'move-block', blockId: block.id as BlockId, index: input.lesson.blocks.findIndex((b) => b.id === other.id) }],
    }));
}

/** A quiet game while the others have a loud one, and the other way round. */
function noise(input: FitInput, draft: Bare, other: BesideLesson): Noticed[] {
  const start = clockSeconds(input.period.start);
  return gamesOf(draft).flatMap((block): Noticed[] => {
    const mine = input.games.find((g) => g.id === block.game!.gameId)?.noise;
    if (mine === undefined) return [];
    const [from, until] = [start + block.at, start + block.at + block.seconds];
    return other.games.flatMap((theirs): Noticed[] => {
      const seconds = Math.min(until, theirs.until) - Math.max(from, theirs.from);
      if (seconds < LEAST_S || Math.abs(mine - theirs.noise) < LOUDER_BY) return [];
      const data = { title: block.title, to: other.to, name: theirs.title, where: other.where, isQuiet: mine < theirs.noise, seconds };
      return [{ code: 'noise-beside', weight: 'caution', at: { block: block.id }, data, ideas: atAnotherTime(input, draft, block) }];
    });
  });
}

/** Two classes that stop on the same signal: each stops for the other's. */
function signal(input: FitInput, draft: Bare, other: BesideLesson): Noticed[] {
  const stopped = gamesOf(draft).filter((b) => other.signals.some((s) => same(s, stopSignalOf(input, b.game!))));
  if (!stopped.length) return [];
  const own = stopSignalOf(input, stopped[0].game!);
  const free = SIGNALS.filter((s) => !same(s, own) && !other.signals.some((o) => same(o, s)));
  const ideas = free.slice(0, 2).map((text): Idea => {
    const edits = stopped.flatMap(({ id, game }) => {
      const stop = game!.roles['stop-signal'];
      return stop ? [{ kind: 'set-setting' as const, blockId: id as BlockId, key: stop.key, value: text }] : [];
    });
    return { code: 'other-signal', data: { signal: text }, edits };
  });
  const data = { to: other.to, signal: own, where: other.where };
  return [{ code: 'same-signal', weight: 'caution', at: { block: stopped[0].id }, data, ideas: ideas.filter((i) => i.edits.length) }];
}

/** A part of a room without a way out of its own: it leads through the floor of the others. */
function wayOut({ room }: FitInput, other: BesideLesson): Noticed[] {
  if (other.where !== 'next' || room.doors.some((d) => d.exit)) return [];
  return [{ code: 'exit-through-other', weight: 'caution', at: {}, data: { name: room.name, to: other.to } }];
}

/** Checks two lessons in one room at the same time against each other: noise, stop signals, ways out. */
export const besideChecks = (input: FitInput, draft: Bare): Noticed[] =>
  (input.day?.beside ?? []).flatMap((other) => [...noise(input, draft, other), ...signal(input, draft, other), ...wayOut(input, other)]);
