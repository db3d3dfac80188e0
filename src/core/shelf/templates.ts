import { ALL_CHECKS } from '../fit/draftFit.ts';
import type { Game, GameFamily } from '../model/game.ts';
import { bellText, clockSeconds } from '../model/period.ts';
import { judgeChanged, type ShelfInput, type ShelfRow } from './judge.ts';
import type { Candidate, LessonSchool, PartRole } from './lessonParts.ts';
import { fitDraft, type MadeLesson, wholeLesson } from './makeLesson.ts';

/** What a written lesson is for: a purpose, levels far apart, little floor, the yard, the day on which the yard is wet. */
export const TEMPLATE_KINDS = ['purpose', 'mixed', 'small', 'outside', 'rain'] as const;
export type TemplateKind = (typeof TEMPLATE_KINDS)[number];

export interface TemplatePart {
  role: PartRole;
  gameId: string;
  /** Over the game's own, as a teacher would set them. */
  settings?: Record<string, unknown>;
}

/** A lesson as somebody wrote it down: its games in their order, fitted anew wherever it is used. */
export interface LessonTemplate {
  id: string;
  title: string;
  kind: TemplateKind;
  school: LessonSchool;
  /** What it is for. */
  families: readonly GameFamily[];
  parts: readonly TemplatePart[];
  /** The lesson instead of it on a rainy day, of one for outside. */
  whenItRains?: string;
}

/** What is left out of a template that is too long for its period, the first first. */
const LEFT_OUT: readonly PartRole[] = ['warm-up', 'practice'];

/** How a game does for a period, with the one change that makes it fit: the same for every template that has it. */
export type JudgedGame = (input: ShelfInput, game: Game, settings?: Record<string, unknown>) => ShelfRow;
/** Judging that remembers: for templates of one period. */
export function judgeOnce(): JudgedGame {
  const known = new Map<string, ShelfRow>();
  return (input, game, settings) => {
    const key = `${input.period.end} ${game.id} ${JSON.stringify(settings)}`;
    const row = known.get(key) ?? judgeChanged(input, game, settings);
    known.set(key, row);
    return row;
  };
}

/**
 * A written lesson for a class, a room and the minutes from the period's start: each game with the one change that makes it fit, the
 * warm-up and then the practice left out if it is too long. What still stops it is counted among its reasons, as is a game that is gone.
 */
export function fitTemplate(
  input: ShelfInput,
  template: LessonTemplate,
  minutes: number,
  played: readonly string[] = [],
  judged: JudgedGame = judgeOnce(),
): MadeLesson {
  const end = Math.min(clockSeconds(input.period.end), clockSeconds(input.period.start) + minutes * 60);
  const given: ShelfInput = { ...input, period: { ...input.period, end: bellText(end) } };
  const games = new Map(input.games.map((g) => [g.id as string, g]));
  let parts = template.parts.flatMap(({ role, gameId, settings }): { role: PartRole; of: Candidate }[] => {
    const game = games.get(gameId);
    if (!game) return [];
    return [{ role, of: { game, row: judged(given, game, settings), isFor: template.families.some((f) => game.families.includes(f)) } }];
  });
  const gone = template.parts.length - parts.length;
  const leftOut: string[] = [];
  const isTooLong = () => fitDraft(given, { school: template.school, parts }, ALL_CHECKS).noticed.some((n) => n.code === 'over-bell');
  for (const role of LEFT_OUT) {
    const rest = parts.filter((p) => p.role !== role);
    if (!rest.length || rest.length === parts.length || !isTooLong()) continue;
    leftOut.push(...parts.filter((p) => p.role === role).map((p) => p.of.game.title));
    parts = rest;
  }
  const draft = { school: template.school, parts };
  const { lesson, stops } = wholeLesson(given, draft, { families: template.families, minutes, school: template.school }, played);
  const changed = parts.filter((p) => p.of.row.state === 'change').map((p) => p.of.game.title);
  return {
    ...lesson,
    title: template.title,
    reasons: [
      ...(stops ? [{ code: 'stops' as const, data: { count: stops } }] : []),
      ...(gone ? [{ code: 'gone' as const, data: { count: gone } }] : []),
      ...(leftOut.length ? [{ code: 'left-out' as const, data: { titles: leftOut } }] : []),
      ...(changed.length ? [{ code: 'changed' as const, data: { titles: [...new Set(changed)] } }] : []),
      ...lesson.reasons,
    ],
  };
}
