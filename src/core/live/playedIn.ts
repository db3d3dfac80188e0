import type { Run, RunEvent } from '../model/run.ts';
import { logEntry } from './logEntry.ts';
import { planOf } from './runPlan.ts';

/** A game in the lessons of a class that have ended: how often, and how it went the last time. */
export interface Played {
  title: string;
  times: number;
  date: string;
  /** Rounds that were begun, and those that were planned. */
  rounds: number;
  planned: number;
  /** The teacher's note for that lesson; '' if there is none. */
  note: string;
}

/** What a class has played, by the game's title as it was then; the newest lesson of each last. Lessons that were discarded are left out. */
export function playedIn(lessons: readonly { run: Run; events: readonly RunEvent[] }[], now: number): Played[] {
  const played = new Map<string, Played>();
  for (const { run, events } of [...lessons].sort((a, b) => a.run.startedAt - b.run.startedAt)) {
    if (run.discarded) continue;
    const { blocks, note } = logEntry(run, events, now);
    planOf(run).blocks.forEach(({ game }, b) => {
      if (!game || !blocks[b].rotations) return;
      const { rotations: rounds, plannedRotations: planned } = blocks[b];
      const times = (played.get(game.title)?.times ?? 0) + 1;
      played.set(game.title, { title: game.title, times, date: run.date, rounds, planned, note });
    });
  }
  return [...played.values()];
}
