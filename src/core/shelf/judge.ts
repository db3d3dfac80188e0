import { abilityOf } from '../adapt/abilityOf.ts';
import type { AdaptAdult } from '../adapt/candidate.ts';
import { exceededIn } from '../adapt/minimalSets.ts';
import { adaptLesson, studentsOf } from '../fit/adaptLesson.ts';
import { ALL_CHECKS, type Check, draftFit, QUICK_CHECKS } from '../fit/draftFit.ts';
import type { FitDraft, FitInput, FittedBlock } from '../fit/fitted.ts';
import { measuresOf, type WayMeasures } from '../fit/waysMeasured.ts';
import { mostAsked } from '../formats/asks.ts';
import { gameBlock } from '../formats/gameBlock.ts';
import { applyEdit, type Edit, gesture } from '../model/edit.ts';
import type { FindingDraft, FixIdea } from '../model/finding.ts';
import type { Game } from '../model/game.ts';
import type { HomeMade } from '../model/homeMade.ts';
import type { BlockId } from '../model/ids.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Lesson } from '../model/lesson.ts';
import { openLesson } from '../model/newLesson.ts';
import type { Piece } from '../model/piece.ts';

/** A period without its lesson: everything that a game is judged by. */
export type ShelfInput = Omit<FitInput, 'lesson'>;
/** What is known beside it: adults who are there, and what can be made. */
export interface ShelfHelp {
  adults: readonly AdaptAdult[];
  homeMade: readonly HomeMade[];
}

/** How hard it is on breath: gentle, brisk, hard. */
export type Vigour = 1 | 2 | 3;

/** A game judged for one period: its floor there, and what it comes to. */
export interface ShelfRow {
  gameId: string;
  format: string;
  /** 'fits': nothing stops it; 'change': one change makes it fit, which the row shows; 'no': something stops it. */
  state: 'fits' | 'change' | 'no';
  stops: Pick<FindingDraft, 'code' | 'data' | 'at'>[];
  /** The change that makes it fit, and its edits in the block that `gameBlock` makes. */
  change?: Pick<FixIdea, 'code' | 'data'>;
  settings: Record<string, unknown>;
  /** How long it may last here, seconds. */
  least: number;
  most: number;
  measures: WayMeasures;
  short: { gearKind: string; count: number }[];
  pieces: Piece[];
  things: LaidPiece[];
  vigour: Vigour;
  /** Students who need something changed to play it. Private. */
  toAdapt: string[];
  /** Of them those for whom nothing was found; unknown until everything is looked at. */
  gaps?: string[];
  /** Every check was asked, and the plans for students were made. */
  isWhole: boolean;
}

const PROBE = 'shelf-game' as BlockId;

/** The lesson that a game is judged in: arrival, explaining, the game, the close. */
function probe(game: Game, settings: Record<string, unknown> = {}): Lesson {
  const lesson = openLesson('shelf-lesson', game.title, (i) => `shelf-${i + 1}`);
  return { ...lesson, blocks: [...lesson.blocks.slice(0, -1), gameBlock(game, PROBE, settings), ...lesson.blocks.slice(-1)] };
}

const blockIn = (draft: FitDraft): FittedBlock => draft.blocks.find((b) => b.id === PROBE)!;
const stopsOf = (draft: Pick<FitDraft, 'noticed'>) => draft.noticed.filter((n) => n.weight === 'stop');

/** Who there could not play it as it is, by what it asks of anyone. */
function beyond(input: ShelfInput, game: Game, draft: FitDraft): string[] {
  const block = blockIn(draft);
  const own = game.demands.filter((d) => d.band === undefined || d.band === draft.band);
  const levels = mostAsked(block.game!.asks, own);
  return studentsOf(input, draft.people.playing)
    .filter((student) => exceededIn(levels, abilityOf(student)).length > 0)
    .map((s) => s.id);
}

function rowOf(input: ShelfInput, game: Game, lesson: Lesson, draft: FitDraft): ShelfRow {
  const block = blockIn(draft);
  const stops = stopsOf(draft);
  const breath = mostAsked(block.game!.asks, game.demands).breath ?? 0;
  const lines = draft.gear.filter((l) => l.blockId === PROBE && l.short > 0);
  return {
    gameId: game.id,
    format: game.format,
    state: stops.length ? 'no' : 'fits',
    stops: stops.map(({ code, data, at }) => ({ code, data, at })),
    settings: lesson.blocks.find((b) => b.id === PROBE)!.game!.settings,
    least: block.least,
    most: Math.max(block.least, Math.min(block.most, draft.periodSeconds)),
    measures: measuresOf({ ...input, lesson }, draft, block),
    short: lines.map(({ gearKind, short }) => ({ gearKind, count: short })),
    pieces: block.game!.pieces,
    things: block.game!.things,
    vigour: breath >= 3 ? 3 : breath === 2 ? 2 : 1,
    toAdapt: beyond(input, game, draft),
    isWhole: false,
  };
}

/** A game judged by some checks, with the fit that it was judged by and its block there. */
export function judgedGame(
  input: ShelfInput,
  game: Game,
  checks: readonly Check[],
): { row: ShelfRow; draft: FitDraft; block: FittedBlock } {
  const lesson = probe(game);
  const draft = draftFit({ ...input, lesson }, checks);
  return { row: rowOf(input, game, lesson, draft), draft, block: blockIn(draft) };
}

/** A game judged at once: bell, floor, gear, people and rules; what searches the floor comes with `judgeWhole`. */
export const judge = (input: ShelfInput, game: Game): ShelfRow => judgedGame(input, game, QUICK_CHECKS).row;

/** Changes that are tried to make one game fit. */
const MOST_CHANGES = 12;

/** The first idea of what stops it after which nothing does. */
function oneChange(input: ShelfInput, lesson: Lesson, draft: FitDraft): { lesson: Lesson; draft: FitDraft; idea: FixIdea } | undefined {
  const offered = stopsOf(draft).flatMap(({ ideas = [] }) => [...(typeof ideas === 'function' ? ideas() : ideas)]);
  const ideas = new Map(offered.map((idea) => [`${idea.code} ${JSON.stringify(idea.data)}`, idea]));
  for (const idea of [...ideas.values()].slice(0, MOST_CHANGES)) {
    const applied = applyEdit(lesson, gesture(idea.edits as Edit[]));
    if (!applied.ok) continue;
    const changed = applied.lesson;
    if (stopsOf(draftFit({ ...input, lesson: changed }, QUICK_CHECKS)).length) continue;
    const whole = draftFit({ ...input, lesson: changed }, ALL_CHECKS);
    if (!stopsOf(whole).length) return { lesson: changed, draft: whole, idea };
  }
  return undefined;
}

function judgedByAll(input: ShelfInput, game: Game, settings: Record<string, unknown>) {
  const lesson = probe(game, settings);
  const draft = draftFit({ ...input, lesson }, ALL_CHECKS);
  const changed = stopsOf(draft).length ? oneChange(input, lesson, draft) : undefined;
  const shown = changed ?? { lesson, draft };
  const fit = changed ? { state: 'change' as const, change: { code: changed.idea.code, data: changed.idea.data } } : {};
  return { row: rowOf(input, game, shown.lesson, shown.draft), fit, draft: shown.draft };
}

/** A game judged by every check, with the one change that makes it fit if something stops it. */
export function judgeChanged(input: ShelfInput, game: Game, settings: Record<string, unknown> = {}): ShelfRow {
  const { row, fit } = judgedByAll(input, game, settings);
  return { ...row, ...fit };
}

/** A game judged by every check, with the one change that makes it fit if something stops it, and the plans for students who need them. */
export function judgeWhole(input: ShelfInput, game: Game, help: ShelfHelp): ShelfRow {
  const { row, fit, draft } = judgedByAll(input, game, {});
  const cells = row.toAdapt.length ? adaptLesson({ fitted: draft, input, ...help, chosen: [] }).cells : [];
  return {
    ...row,
    ...fit,
    toAdapt: cells.filter((c) => c.state !== 'fits').map((c) => c.student),
    gaps: cells.filter((c) => c.state === 'gap').map((c) => c.student),
    isWhole: true,
  };
}
