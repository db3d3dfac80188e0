import type { BoardAction } from '../../../core/formats/board.ts';
import { formatAt, type RunPlan } from '../../../core/live/runPlan.ts';
import { formatWords } from '../../../core/words/en.ts';
import { namedBy } from './answerWords.ts';

/** What a board's action would put into the log, in a few words. */
export function actionWords(plan: RunPlan, blockId: string, { event, play, visit, code }: BoardAction): string {
  const format = formatAt(plan, blockId, visit);
  const words = format && formatWords(format);
  return words ? (words.events[event.type]?.(event, play, namedBy(plan.names)) ?? words.actions[code] ?? code) : code;
}
