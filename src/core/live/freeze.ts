import type { FitInput, FittedLesson } from '../fit/fitted.ts';
import { roundsOf } from '../formats/bouts.ts';
import { formatOf } from '../formats/registry.ts';
import { shortNames } from '../model/names.ts';
import { clockSeconds } from '../model/period.ts';
import type { RunPlan } from './runPlan.ts';

export const CONTENT_VERSION = 1;

/** The fitted lesson frozen for a run. */
export function freeze(input: FitInput, fitted: FittedLesson): RunPlan {
  const entries = Object.entries(input.attendance?.entries ?? {});
  const absent = entries.filter(([, p]) => p.role === 'away');
  const others = entries.filter(([, p]) => p.role !== 'away' && (p.status !== 'present' || p.role !== 'plays'));
  return {
    content: CONTENT_VERSION,
    playVersion: 1,
    className: input.schoolClass.name,
    roomName: input.room.name,
    lessonTitle: input.lesson.title,
    bellAt: clockSeconds(input.period.start),
    periodSeconds: fitted.periodSeconds,
    names: Object.fromEntries(shortNames(input.students)),
    absent: absent.map(([id]) => id),
    ...(others.length ? { presence: Object.fromEntries(others.map(([id, { status, role }]) => [id, { status, role }])) } : {}),
    blocks: fitted.blocks.map((block) => ({
      id: block.id,
      title: block.title,
      phase: block.phase,
      note: block.note,
      seconds: block.seconds,
      segments: block.segments.filter((s) => s.until > s.at),
      ...(block.change ? { change: block.change } : {}),
      ...(!block.game && fitted.gear.some((g) => g.blockId === block.id)
        ? { laidGear: fitted.gear.filter((g) => g.blockId === block.id) }
        : {}),
      ...(block.game
        ? {
            game: {
              title: block.game.title,
              format: block.game.format,
              playVersion: formatOf(block.game.format).playVersion,
              plays: block.game.plays,
              ...(block.game.visits.length ? { visits: block.game.visits } : {}),
              groups: block.game.groups,
              pieces: block.game.pieces,
              things: block.game.things,
              rounds: roundsOf(block.game.groups, block.game.timeline.bouts),
              calls: block.game.calls,
              gear: fitted.gear.filter((g) => g.blockId === block.id),
              waitingTask: String(block.game.roles['waiting-task']?.value ?? ''),
              rules: block.game.rules,
              cards: block.game.cards,
              questions: input.games.find((g) => g.id === block.game!.gameId)?.questions ?? [],
            },
          }
        : {}),
    })),
  };
}
