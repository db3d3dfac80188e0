import type { Axis, Prompt, Skill } from '../model/skillLadder.ts';

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
  implement: 'implement or path',
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
