import type { ResultRow } from '../formats/board.ts';
import { formatOf } from '../formats/registry.ts';
import { playing, type RunState } from './runState.ts';

/** What a game's results show to praise: the groups, or students, with the most. */
export interface Praise {
  block: string;
  format: string;
  /** What was counted, worded by the format. */
  code: string;
  best: ResultRow[];
}

/** More that share the most are no longer named. */
const MOST_NAMED = 3;

/** The most in each game that was scored; a game without a point, or with most of them level, has none. */
export function praiseOf({ plan, plays }: Pick<RunState, 'plan' | 'plays'>): Praise[] {
  return plan.blocks.flatMap((block) => {
    if (!block.game || !plays[block.id]?.length) return [];
    const { code, rows } = formatOf(block.game.format).results(playing(plays[block.id]));
    const most = Math.max(0, ...rows.map((r) => r.value));
    const best = rows.filter((r) => r.value === most);
    return most > 0 && best.length <= MOST_NAMED ? [{ block: block.title, format: block.game.format, code, best }] : [];
  });
}

/** The questions to think about at the end: the note of the closing block, then those of the games that were played, each once. */
export function questionsOf(plan: RunState['plan'], note: string): string[] {
  return [...new Set([note, ...plan.blocks.flatMap((b) => b.game?.questions ?? [])].map((q) => q.trim()).filter(Boolean))];
}
