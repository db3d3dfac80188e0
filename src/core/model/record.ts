import { z } from 'zod';
import { newestKey } from './findingCodes.ts';
import { HOME_SCHOOL, SchoolId } from './ids.ts';

/** What every stored record carries: kind and version for upgrades, the school, and a revision that grows by one a write. */
export const recordFields = <K extends string, V extends number>(kind: K, version: V) => ({
  kind: z.literal(kind),
  version: z.literal(version),
  schoolId: SchoolId,
  revision: z.number().int().min(0),
});

/** The head of a new record. */
export const newHeader = <K extends string, V extends number>(kind: K, version: V) => ({
  kind,
  version,
  schoolId: HOME_SCHOOL,
  revision: 0,
});

type Upgrade = (old: Record<string, unknown>) => Record<string, unknown>;

/** Run 1 → 2: a block's one play becomes a list, since courts may play for themselves. */
function runWithPlays(old: Record<string, unknown>): Record<string, unknown> {
  const plan = old.plan as { blocks: { game?: Record<string, unknown> }[] };
  const blocks = plan.blocks.map(({ game, ...block }) => {
    if (!game) return block;
    const { play, ...rest } = game;
    return { ...block, game: { ...rest, plays: [play] } };
  });
  return { ...old, plan: { ...plan, blocks } };
}

/** A place as it was frozen before places had shapes. */
interface RectPiece {
  piece: 'station' | 'court';
  cells?: number;
  lineM?: number;
  turned: number;
  x: number;
  y: number;
  width: number;
  depth: number;
}

/** Run 2 → 3: a place has a shape, and what lies inside it is a list of its own. What a court's frozen cells looked like is not kept: no screen of a run shows it. */
function runWithShapes(old: Record<string, unknown>): Record<string, unknown> {
  const plan = old.plan as { blocks: { game?: { pieces?: RectPiece[] } }[] };
  const shaped = ({ piece, cells: _cells, lineM: _line, turned: _turned, x, y, width, depth, ...rest }: RectPiece) => ({
    ...rest,
    shape: { shape: 'rect', x, y, width, depth, turnedDeg: 0 },
    taped: piece === 'station',
  });
  const blocks = plan.blocks.map((block) =>
    block.game ? { ...block, game: { ...block.game, pieces: (block.game.pieces ?? []).map(shaped), things: [] } } : block,
  );
  return { ...old, plan: { ...plan, blocks } };
}

/** Room 1 → 2: painted lines, the kind of floor, undersides of fixed things; older rooms told of none: wood, all things standing. */
const roomWithPaint = (old: Record<string, unknown>) => ({
  ...old,
  floorKind: 'wood',
  fixed: (old.fixed as object[]).map((thing) => ({ ...thing, undersideM: 0 })),
  painted: [],
});

/** Room 2 → 3: walls' kinds, doors' swing, shapes and heights of things, curtains, outside; older rooms told of none: bare walls, doors that swing in and lead out. */
function roomWithWalls(old: Record<string, unknown>): Record<string, unknown> {
  const heights: Record<string, number> = { post: 4, stage: 1, bleacher: 2.5, tree: 5, planter: 0.6, beam: 3.5, 'wall ring': 3.6 };
  return {
    ...old,
    outside: old.floorKind === 'asphalt' || old.floorKind === 'grass',
    walls: (old.outline as object[]).map(() => 'bare'),
    doors: (old.doors as object[]).map((door) => ({ ...door, swing: 'inwards', exit: true })),
    fixed: (old.fixed as { thing: string }[]).map((thing) => ({
      ...thing,
      shape: thing.thing === 'post' || thing.thing === 'tree' ? 'round' : 'rectangle',
      heightM: heights[thing.thing] ?? 1,
      opens: null,
    })),
    curtains: [],
  };
}

/** What games said of rules before rules were data, under the kind of rule that it is. */
const OLD_RULES = { endRule: 'end', restartRule: 'restart', outRule: 'boundary', tieRule: 'tie', calmDown: 'calm-down' } as const;

/** Game 1 → 2: its five sentences and its offenses become rules; an offense keeps what followed and how one got back in as words. */
function gameWithRules({ endRule, restartRule, outRule, tieRule, calmDown, ...old }: Record<string, unknown>): Record<string, unknown> {
  const texts: Record<string, unknown> = { endRule, restartRule, outRule, tieRule, calmDown };
  const offences = old.offences as { what: string; consequence: string; release: string }[];
  return {
    ...old,
    rules: [
      ...Object.entries(OLD_RULES).map(([field, kind]) => ({ kind, text: texts[field] })),
      ...offences.map(({ what, consequence, release }, i) => ({
        kind: 'fault',
        fault: `o${i}`,
        does: what,
        next: consequence,
        back: release,
      })),
    ],
    offences: offences.map((_, i) => ({ what: `o${i}` })),
  };
}

/** Game 2 → 3: the sentence of what it is for is its aim; its purpose as actions is what its format says. */
const gameWithPurpose = ({ purpose, ...old }: Record<string, unknown>) => ({
  ...old,
  aim: purpose,
  ...{ purpose: [], families: [], noise: 2, outdoors: 'both', demands: [] },
});

/** Run 3 → 4: the whole card of rules is frozen; of older runs it is what was frozen then. Offenses were logged as `o0`, `o1`, … */
function runWithRules(old: Record<string, unknown>): Record<string, unknown> {
  type Frozen = { rules?: { restart: string; out: string; calm: string; offences?: string[] }; ladder?: string[] };
  const plan = old.plan as { blocks: { game?: Frozen }[] };
  const said = (text: string) => ({ say: { code: 'own', data: { text } }, by: [], from: 'game' });
  const card = ({ rules, ladder = ['word', 'restart', 'rest'] }: Frozen) =>
    rules
      ? [
          { kind: 'boundary', ...said(rules.out) },
          ...(rules.offences ?? []).map((what, i) => ({ kind: 'fault', fault: `o${i}`, ladder, ...said(what) })),
          { kind: 'restart', ...said(rules.restart) },
          { kind: 'calm-down', ...said(rules.calm) },
        ]
      : [];
  const blocks = plan.blocks.map(({ game, ...block }) => {
    if (!game) return block;
    const { ladder: _, ...rest } = game;
    return { ...block, game: { ...rest, rules: card(game), cards: [] } };
  });
  return { ...old, plan: { ...plan, blocks } };
}

/** Lesson 1 → 2: keys of checks that are kept as is have the codes of today. */
const lessonWithNewKeys = (old: Record<string, unknown>) => ({
  ...old,
  accepted: (old.accepted as { key: string }[]).map((each) => ({ ...each, key: newestKey(each.key) })),
});

/** Gear 1 → 2: latex is yes, no or unknown; a line of before said yes or no. */
const gearWithLatex = (old: Record<string, unknown>) => ({ ...old, latex: old.latex ? 'yes' : 'no' });

/** Student's private record 1 → 2: what somebody moves with and a wish for calm are supports. */
function privateWithSupports({ wheels, calm, ...old }: Record<string, unknown>): Record<string, unknown> {
  const moves = typeof wheels === 'string' ? [{ kind: wheels.replace(' ', '-') }] : [];
  return { ...old, supports: [...moves, ...(calm ? [{ kind: 'crowd', degree: 1 }] : [])] };
}

/** Upgrades by kind: UPGRADES[kind][v] turns version v into v + 1. Pure, upward only; a test proves that each one runs. */
export const UPGRADES: Record<string, Record<number, Upgrade>> = {
  game: { 1: gameWithRules, 2: gameWithPurpose },
  gear: { 1: gearWithLatex },
  lesson: { 1: lessonWithNewKeys },
  run: { 1: runWithPlays, 2: runWithShapes, 3: runWithRules },
  'student-private': { 1: privateWithSupports },
  room: { 1: roomWithPaint, 2: roomWithWalls },
};

/** The newest version of a kind of record: one above its last upgrade. */
export const newestOf = (kind: string): number => Object.keys(UPGRADES[kind] ?? {}).length + 1;

/** The stored record in its newest version. RangeError where a version has no way up. */
export function upgrade(stored: Record<string, unknown>, newest: number, ladder = UPGRADES): Record<string, unknown> {
  let record = stored;
  while (typeof record.version === 'number' && record.version < newest) {
    const step = ladder[String(record.kind)]?.[record.version];
    if (!step) throw new RangeError(`no upgrade for ${String(record.kind)} version ${record.version}`);
    record = { ...step(record), version: record.version + 1 };
  }
  return record;
}
