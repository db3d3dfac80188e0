import { isPlaying } from '../model/period.ts';
import { everyoneIn } from '../play/playRules.ts';
import type { PlanBlock, RunPlan } from './runPlan.ts';
import { type PlayNow, type RunState, visitsNow } from './runState.ts';

/** One of a block's plays, or of the plays of one of its visits. */
export interface InPlay {
  play: number;
  visit?: number;
}
/** A student who sits out of one of a block's plays. `secondsLeft`: undefined if it ends with a restart or by hand. */
export interface SitsOut extends InPlay {
  student: string;
  release: string;
  secondsLeft?: number;
}

/** The students of a running lesson by what they do now; each in one list, in the order of the frozen plan. */
export interface WhoIsWhere {
  /** With the index of the play that holds them, −1 while a block has no game. */
  playing: ({ student: string } & InPlay)[];
  sittingOut: SitsOut[];
  /** Absent, gone, or without a part in the game. */
  out: string[];
}

/** The block that runs now; the first one if the plan has no steps. */
export const blockNow = (plan: RunPlan, state: RunState): PlanBlock | undefined => plan.blocks[state.steps[state.step]?.block ?? 0];

/** Reads from a run's state who plays, sits out and is not in play in the current block. */
export function whoIsWhere(plan: RunPlan, state: RunState): WhoIsWhere {
  const block = blockNow(plan, state);
  const plays: (InPlay & { now: PlayNow })[] = [
    ...(state.plays[block?.id ?? ''] ?? []).map((now, play) => ({ now, play })),
    ...visitsNow(block, state).flatMap(({ plays: list, visit }) => list.map((now, play) => ({ now, play, visit }))),
  ];
  const sittingOut = plays.flatMap(({ now: { box, at }, ...inPlay }) =>
    box.map(({ player, release, until }) => ({
      ...{ student: player, ...inPlay, release },
      ...(until === undefined ? {} : { secondsLeft: Math.max(0, Math.ceil(until - at)) }),
    })),
  );
  const boxed = new Set(sittingOut.map((b) => b.student));
  const holder = new Map<string, InPlay>();
  for (const { now, ...inPlay } of plays) for (const id of everyoneIn(now.view)) holder.set(id, inPlay);
  const known = Object.keys(plan.names).filter((student) => !boxed.has(student));
  const hasGame = plays.length > 0;
  const isThere = (student: string) => {
    const said = state.presence[student] ?? plan.presence?.[student];
    return said ? isPlaying(said) : !plan.absent.includes(student);
  };
  const inPlay = (student: string) => (hasGame ? holder.has(student) : isThere(student));
  return {
    playing: known.filter(inPlay).map((student) => ({ student, ...(holder.get(student) ?? { play: -1 }) })),
    sittingOut,
    out: known.filter((student) => !inPlay(student)),
  };
}
