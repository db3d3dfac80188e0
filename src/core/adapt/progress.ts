import {
  type Cell,
  FIRST_CELL,
  type FollowedSkill,
  type LadderFigures,
  type LadderPlace,
  PROMPTS,
  type Prompt,
  type Skill,
  type SkillLadder,
} from '../model/skillLadder.ts';
import { isSameCell, lastAxis, nextAxis, onLadder, stepOn } from './ladder.ts';

/** A student's tries at one cell of a ladder at one time: all of them, and those that were made by the help that they had. Private. */
export interface SkillTries {
  student: string;
  skill: Skill;
  at: Cell;
  /** Wall clock, ms, and the day. */
  time: number;
  date: string;
  /** A game of lanes, or a mark on Whistle. */
  from: 'lane' | 'mark';
  tries: number;
  made: Record<Prompt, number>;
}

export const madeIn = (made: Record<Prompt, number>): number => PROMPTS.reduce((sum, prompt) => sum + made[prompt], 0);

/** A suggestion that follows from the tries at a step. */
export type Advice =
  | { to: 'lighter-prompt' | 'more-help'; prompt: Prompt }
  | { to: 'harder-step' | 'easier-step'; at: Cell }
  | { to: 'stay' };

export interface Progress {
  /** Tries since the step was decided on, at it; on how many days; made with no more help than was agreed. */
  tries: number;
  days: number;
  made: number;
  /** The first choice, then others. The teacher decides. */
  advice: Advice[];
}

/** The start for a student nothing is known of: slow, light, large, near, without help. */
export const startingPlace = (since: number): LadderPlace => ({ at: FIRST_CELL, prompt: 'alone', since });

/** Where a student is on a ladder now: what was decided last, its cell as the ladder is today. */
export function placeOn(ladder: SkillLadder, { places }: Pick<FollowedSkill, 'places'>): LadderPlace {
  const last = places[places.length - 1];
  return { ...last, at: onLadder(ladder, last.at) };
}

/** Made with no more help than that. */
const madeWith = (made: Record<Prompt, number>, prompt: Prompt): number =>
  PROMPTS.slice(0, PROMPTS.indexOf(prompt) + 1).reduce((sum, each) => sum + made[each], 0);

/** Up: first a lighter prompt, then a harder step. The other one stands beside it. */
function upFrom(ladder: SkillLadder, { at, prompt }: LadderPlace): Advice[] {
  const axis = nextAxis(ladder, at);
  const lighter = PROMPTS[PROMPTS.indexOf(prompt) - 1];
  return [
    ...(lighter ? [{ to: 'lighter-prompt' as const, prompt: lighter }] : []),
    ...(axis ? [{ to: 'harder-step' as const, at: stepOn(ladder, at, axis, 1)! }] : []),
  ];
}

/** Down: an easier step, or more help at this one, a hand only if the student has said yes. */
function downFrom(ladder: SkillLadder, { at, prompt }: LadderPlace, handYes: boolean): Advice[] {
  const axis = lastAxis(ladder, at);
  const more = PROMPTS[PROMPTS.indexOf(prompt) + 1];
  return [
    ...(axis ? [{ to: 'easier-step' as const, at: stepOn(ladder, at, axis, -1)! }] : []),
    ...(more && (more !== 'hand' || handYes) ? [{ to: 'more-help' as const, prompt: more }] : []),
  ];
}

/**
 * What the tries at a student's step suggest: after enough of them on enough days, counted from the decision for this step and this
 * help. A try that was made with more help than agreed counts as not made. `place.at` is a cell of the ladder (`placeOn`), tries carry
 * stored ones.
 */
export function progressAt(
  ladder: SkillLadder,
  place: LadderPlace,
  tries: readonly SkillTries[],
  figures: LadderFigures,
  handYes = false,
): Progress {
  const mine = tries.filter((t) => t.skill === ladder.skill && t.time >= place.since && isSameCell(onLadder(ladder, t.at), place.at));
  const count = mine.reduce((sum, t) => sum + t.tries, 0);
  const made = mine.reduce((sum, t) => sum + madeWith(t.made, place.prompt), 0);
  const days = new Set(mine.map((t) => t.date)).size;
  const isEnough = count >= figures.tries && days >= figures.days;
  const advice =
    isEnough && made * 100 >= figures.upPercent * count
      ? upFrom(ladder, place)
      : isEnough && made * 100 <= figures.downPercent * count
        ? downFrom(ladder, place, handYes)
        : [];
  return { tries: count, days, made, advice: advice.length ? advice : [{ to: 'stay' }] };
}
