import { formatOf } from '../formats/registry.ts';
import type { SettingMeta } from '../formats/setting.ts';
import { BANDS, type Band, bandOf, type Grade } from '../model/band.ts';
import type { Edit } from '../model/edit.ts';
import type { BlockId } from '../model/ids.ts';
import type { Rule } from '../model/rule.ts';
import { fitUnweighed } from './fit.ts';
import type { FitInput } from './fitted.ts';

/** Why a value is what it is in a band: the game says so, the format's defaults for the grades, worked out for class and room, or the same for all. */
export type ValueSource = 'game' | 'grades' | 'solved' | 'same';

/** A game as one band plays it, in this room with this class. */
export interface BandColumn {
  band: Band;
  /** The class, or a class that joins it, is of this band. */
  isHere: boolean;
  /** Students of the class who play as this band and not as the class. Private. */
  own: string[];
  values: Record<string, unknown>;
  sources: Record<string, ValueSource>;
  groups: { count: number; least: number; most: number };
  workSeconds: number;
  /** Kinds of gear with how many there must be at once, and what is short. */
  gear: { gearKind: string; need: number; short: number }[];
  rules: Rule[];
  /** Places that find no floor. */
  unplaced: number;
  timeOnTask: number;
}

export interface ByGrade {
  format: string;
  settings: SettingMeta[];
  columns: BandColumn[];
  /** Stages of the game with how many of the class have met each in its last lessons. Earlier exposure decides more than age. */
  met: { title: string; students: number }[];
}

/** A grade of each band: the band alone decides. */
const GRADE_OF: Record<Band, Grade> = { 'pre-k': 'Pre-K', 'k-1': '1', '2-3': '3', '4-5': '5', '6-8': '7', '9-12': '10' };

/** A block's game as each of the six bands plays it, without what the teacher set in this lesson. Undefined if the block has no game. */
export function byGrade(input: FitInput, blockId: string, guests: readonly Grade[] = []): ByGrade | undefined {
  const block = input.lesson.blocks.find((b) => b.id === blockId);
  const game = input.games.find((g) => g.id === block?.game?.gameId);
  if (!block?.game || !game) return undefined;
  const { grade, alsoGrade } = input.schoolClass;
  const here = new Set([grade, ...(alsoGrade ? [alsoGrade] : []), ...guests].map(bandOf));
  const isOther = (band: Band) => band !== bandOf(grade);
  let settings: SettingMeta[] = [];
  const columns = BANDS.map((band): BandColumn => {
    const { groups: _groups, locks: _locks, ...chosen } = block.game!;
    const plain = { ...block, game: { ...chosen, settings: {}, placed: {} } };
    const lesson = { ...input.lesson, blocks: input.lesson.blocks.map((b) => (b.id === blockId ? plain : b)) };
    const fitted = fitUnweighed({ ...input, lesson, schoolClass: { ...input.schoolClass, grade: GRADE_OF[band] } });
    const played = fitted.blocks.find((b) => b.id === blockId)!.game!;
    settings = played.settings;
    const own = game.bands[band] ?? {};
    const sources = Object.fromEntries(played.settings.map((meta) => [meta.key, sourceOf(meta, own)]));
    const sizes = played.groups.map((g) => g.length);
    return {
      band,
      isHere: here.has(band),
      own: input.ratings.filter((r) => r.band === band && isOther(band)).map((r) => r.studentId),
      values: Object.fromEntries(played.settings.map(({ key }) => [key, played.values[key] ?? solvedOf(key, played)])),
      sources,
      groups: { count: played.groups.length, least: Math.min(...sizes, Number.POSITIVE_INFINITY), most: Math.max(...sizes, 0) },
      workSeconds: played.timeline.workSeconds,
      gear: fitted.gear.filter((l) => l.blockId === blockId).map(({ gearKind, need, short }) => ({ gearKind, need, short })),
      rules: played.rules,
      unplaced: played.unplaced.length,
      timeOnTask: played.forecast.activeShare.mean,
    };
  });
  const there = new Set(input.students.map((s) => s.id as string));
  const met = formatOf(game.format)
    .stages(game.setup)
    .map(({ id, title }) => ({
      title,
      students: Object.keys(input.history?.stages[id] ?? {}).filter((student) => there.has(student)).length,
    }));
  return { format: game.format, settings, columns, met };
}

function sourceOf(meta: SettingMeta, own: Record<string, unknown>): ValueSource {
  if (own[meta.key] !== undefined) return 'game';
  if (meta.byBand) return 'grades';
  return meta.fallback === undefined ? 'solved' : 'same';
}

/** What fit came to where nobody decides. */
function solvedOf(key: string, game: { timeline: { workSeconds: number }; moveSeconds: number; groups: readonly unknown[] }): unknown {
  const solved: Record<string, unknown> = {
    workSeconds: game.timeline.workSeconds,
    moveSeconds: game.moveSeconds,
    groups: game.groups.length,
  };
  return solved[key];
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** Keys whose value is another one than in the band before. */
export function changedFrom(before: BandColumn | undefined, column: BandColumn): Set<string> {
  if (!before) return new Set();
  return new Set(Object.keys(column.values).filter((key) => !same(column.values[key], before.values[key])));
}

/** Edits that give a block the settings of a band, and take back what the teacher set where that band says nothing. Empty if nothing changes. */
export function editsForBand(column: BandColumn, own: BandColumn, blockId: string, set: Readonly<Record<string, unknown>>): Edit[] {
  return Object.keys(column.values).flatMap((key): Edit[] => {
    const isSolved = column.sources[key] === 'solved';
    const wanted = isSolved || same(column.values[key], own.values[key]) ? null : column.values[key];
    if (wanted === null && set[key] === undefined) return [];
    if (same(wanted, set[key])) return [];
    return [{ kind: 'set-setting', blockId: blockId as BlockId, key, value: wanted }];
  });
}
