import { openPlay, type PlayFold } from '../play/foldPlay.ts';
import { chaseRules } from './chase/play.ts';
import { courseRules } from './course/play.ts';
import { FORMATS } from './registry.ts';
import { laneRules } from './skill-lane/play.ts';
import { clashRules } from './target-clash/play.ts';

/** Plays by format, also of formats that no lesson can hold yet: their rules stand, their floor and screens do not. */
const OPEN: Record<string, (setup: unknown) => PlayFold> = {
  ...Object.fromEntries(Object.entries(FORMATS).map(([id, format]) => [id, (setup: unknown) => format.open(setup)])),
  chase: (setup) => openPlay(chaseRules, setup),
  course: (setup) => openPlay(courseRules, setup),
  'skill-lane': (setup) => openPlay(laneRules, setup),
  'target-clash': (setup) => openPlay(clashRules, setup),
};

/** A play at second 0. RangeError for a format without rules of play, or a setup that breaks its shape. */
export function openPlayOf(format: string, setup: unknown): PlayFold {
  if (!Object.hasOwn(OPEN, format)) throw new RangeError(`unknown format: ${JSON.stringify(format)}`);
  return OPEN[format](setup);
}
