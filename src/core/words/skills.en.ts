import type { Advice } from '../adapt/progress.ts';
import { lengthsIn } from '../formats/lengths.ts';
import { AXES, type Axis, type Cell, type Prompt, type Skill, type SkillLadder } from '../model/skillLadder.ts';

/** What families of skills are called. */
export const SKILL_WORDS: Record<Skill, string> = {
  throw: 'throw',
  catch: 'catch',
  'strike-hand': 'strike with the hand',
  'strike-implement': 'strike with an implement',
  kick: 'kick',
  roll: 'roll',
  release: 'push or let go',
  dribble: 'dribble or carry',
  volley: 'keep it up',
  aim: 'aim',
  jump: 'jump and land',
  travel: 'travel',
  wheels: 'wheel skills',
  'guided-run': 'run with a guide',
  balance: 'balance',
  rhythm: 'keep time',
  tag: 'tag and flee',
};

export const AXIS_WORDS: Record<Axis, string> = {
  object: 'object',
  implement: 'with',
  motion: 'motion',
  distance: 'distance',
};

/** How much help a try had. A hand is given with the student's yes alone. */
export const PROMPT_WORDS: Record<Prompt, string> = {
  alone: 'alone',
  word: 'a word',
  model: 'a model',
  hand: 'a hand (said yes)',
};

type Metres = (metres: number) => string;

/** The value that a ladder has at an index of one axis. */
export const valueWords = (ladder: SkillLadder, axis: Axis, index: number, metres: Metres): string =>
  axis === 'distance' ? distanceWords(ladder.distance[index], metres) : lengthsIn(ladder[axis][index], metres);

const distanceWords = (m: number, metres: Metres) => (m === 0 ? 'on the spot' : metres(m));

/** A step in a line: its four values, those left out of which the ladder has one only. */
export const cellWords = (ladder: SkillLadder, at: Cell, metres: Metres): string =>
  AXES.filter((axis) => ladder[axis].length > 1)
    .map((axis) => valueWords(ladder, axis, at[axis], metres))
    .join(' · ');

/** Which one thing another step changes, and to what. */
export function changeWords(ladder: SkillLadder, from: Cell, to: Cell, metres: Metres): string {
  const axis = AXES.find((each) => from[each] !== to[each]);
  return axis ? valueWords(ladder, axis, to[axis], metres) : cellWords(ladder, to, metres);
}

/** What a teacher may do about a step, on a button. */
export function adviceWords(ladder: SkillLadder, from: Cell, advice: Advice, metres: Metres): string {
  switch (advice.to) {
    case 'harder-step':
      return `Step up: ${changeWords(ladder, from, advice.at, metres)}`;
    case 'easier-step':
      return `Step back: ${changeWords(ladder, from, advice.at, metres)}`;
    case 'lighter-prompt':
      return `Less help: ${PROMPT_WORDS[advice.prompt]}`;
    case 'more-help':
      return `More help: ${PROMPT_WORDS[advice.prompt]}`;
    case 'stay':
      return 'Stay';
  }
}
