import { type Finding, findingKey } from '../model/finding.ts';
import type { FitInput, FittedLesson } from './fitted.ts';
import { openFindings } from './openFindings.ts';

/** How ready a lesson is: checks to fix, stops that were kept as they are, and whether there is a game at all. */
export interface Readiness {
  open: number;
  keptStops: number;
  hasGame: boolean;
  /** It has been run to its end. */
  ran?: boolean;
}

/** Stops that were kept as they are: they stop a lesson all the same. */
export function keptStops({ lesson }: Pick<FitInput, 'lesson'>, fitted: Pick<FittedLesson, 'findings'>): Finding[] {
  const kept = new Set(lesson.accepted.map((a) => a.key));
  return fitted.findings.filter((f) => f.weight === 'stop' && kept.has(findingKey(f)));
}

export function readinessOf({ lesson }: Pick<FitInput, 'lesson'>, fitted: Pick<FittedLesson, 'findings'>): Readiness {
  return {
    open: openFindings({ lesson }, fitted).length,
    keptStops: keptStops({ lesson }, fitted).length,
    hasGame: lesson.blocks.some((b) => b.game),
  };
}

/** True for a lesson that can be run without a question: a game, no stop even if it was kept, nothing to fix; and for one that has been run. */
export const isReady = ({ open, keptStops, hasGame, ran }: Readiness): boolean =>
  ran === true || (hasGame && open === 0 && keptStops === 0);
