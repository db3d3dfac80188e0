import type { BoardAction } from '../../../core/formats/board.ts';
import type { RunPlan } from '../../../core/live/runPlan.ts';
import { formatWords } from '../../../core/words/en.ts';

/** What a board's action would put into the log, in a few words. */
export function actionWords(plan: RunPlan, blockId: string, { event, play, code }: BoardAction): string {
  const game = plan.blocks.find((b) => b.id === blockId)?.game;
  const words = game && formatWords(game.format);
  return words?.events[event.type]?.(event, play, (id) => plan.names[String(id)] ?? 'one student') ?? words?.actions[code] ?? code;
}
