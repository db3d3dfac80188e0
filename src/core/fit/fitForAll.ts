import { z } from 'zod';
import { type Abilities, abilityOf } from '../adapt/abilityOf.ts';
import type { Accepted } from '../adapt/accepted.ts';
import { type AdaptAdult, type BlockFacts, clearWidthM } from '../adapt/candidate.ts';
import { FLOOR_LIGHTNESS, HOUSE_FIGURES, type MatchFigures } from '../adapt/figures.ts';
import { matchAll } from '../adapt/matchAll.ts';
import type { Gap, MatchBlock, Part, StudentPlan } from '../adapt/place.ts';
import { isImplement, isObject, type Thing, thingOf } from '../adapt/things.ts';
import { areaOf, type Point } from '../geometry/point.ts';
import { type Demand, type Demands, GameDemand, PurposeAction } from '../model/demand.ts';
import type { Finding } from '../model/finding.ts';
import { type Gear, GearLimits } from '../model/gear.ts';
import { type GearKind, gearProperties } from '../model/gearKind.ts';
import { AdaptStudent } from '../model/support.ts';
import { askedOf } from './askedOf.ts';

/** A game as matching takes it: what it asks for by role and band, and what it is for. Everything else of a game's record may be there too. */
export const GameRecord = z.looseObject({
  demands: z.array(GameDemand).default([]),
  purpose: z.array(PurposeAction).default([]),
  format: z.string().optional(),
  setup: z.unknown().optional(),
  /** Kinds of gear that the class plays with, if somebody says. */
  gear: z.array(z.string()).optional(),
});
export type GameRecord = z.infer<typeof GameRecord>;

/** An item of the closet as matching takes it: an id and a count are enough; what is not said is as typical of its kind. */
export const GearRecord = z.looseObject({
  ...gearProperties,
  id: z.string().min(1),
  name: z.string().default(''),
  gearKind: z.string().default('other'),
  count: z.number().int().min(0),
  limits: GearLimits.optional(),
});

/** A room as matching takes it: its outline and its floor. */
export const RoomRecord = z.looseObject({
  outline: z.array(z.object({ x: z.number(), y: z.number() })).min(3),
  floorKind: z.string().optional(),
});

/** A block with its game (contract.ts). */
export interface AdaptBlock {
  id: string;
  game: unknown;
  band: string;
  settings?: Record<string, unknown>;
  players: readonly { id: string; role?: string; group?: number; at?: Point }[];
  from: number;
  until: number;
}

export interface FitForAllRequest {
  students: readonly unknown[];
  blocks: readonly AdaptBlock[];
  gear: readonly unknown[];
  adults: readonly AdaptAdult[];
  room: unknown;
  accepted?: readonly Accepted[];
  refused?: readonly { student: string; block: string; to: string }[];
  /** Kinds that the school knows, for what its items do not say; and things that can be made of what is there. */
  kinds?: readonly GearKind[];
  made?: readonly Thing[];
  /** What the class plays with in a block, and seconds of one go, if somebody knows. */
  facts?: Readonly<Record<string, Partial<Pick<BlockFacts, 'object' | 'implement' | 'boutSeconds' | 'gapM' | 'taken'>>>>;
  /** The school's figures and order of cost; Side Court's if left out. */
  figures?: MatchFigures;
}

/** Lanes are taken from floor that nobody needs; without a room there is one for everybody. */
const MANY_LANES = 99;

/**
 * Plans for all students of a lesson together: for each student and block the least change that lets them play the same game, from what is
 * really there, nothing promised twice (contract.ts). RangeError for an unknown kind of support or demand, or a record without its fields.
 */
export function fitForAll(request: FitForAllRequest): { plans: StudentPlan[]; gaps: Gap[]; conflicts: Finding[] } {
  const students = request.students.map((s, i) => checked(AdaptStudent, s, `students[${i}]`));
  const kinds = request.kinds ?? [];
  const things = [
    ...request.gear.map((g, i) => thingOf(checked(GearRecord, g, `gear[${i}]`) as unknown as Gear, kinds)),
    ...(request.made ?? []),
  ];
  const room = request.room === undefined || request.room === null ? undefined : checked(RoomRecord, request.room, 'room');
  const abilities = new Map(students.map((s) => [s.id, abilityOf(s)]));
  const bands = new Map(students.map((s) => [s.id, s.band]));
  const supported = new Set(students.filter((s) => s.supports.length > 0 || s.limits?.length).map((s) => s.id));
  const blocks = request.blocks.map((block): MatchBlock => {
    const game = withFormat(checked(GameRecord, block.game, `game of ${block.id}`), block, room?.outline, kinds);
    // Everyone in the room at the time: one student's limit binds them all.
    const near = request.blocks.filter((b) => b.from < block.until && block.from < b.until);
    const ids = new Set(near.flatMap((b) => b.players.map((p) => p.id)));
    const here = [...abilities].filter(([id]) => ids.has(id));
    const facts = factsOf(block, game, here, things, room, request.facts?.[block.id] ?? {}, request.figures ?? HOUSE_FIGURES);
    return {
      facts,
      parts: block.players.flatMap(({ id, role, group }): Part[] => {
        const student = abilities.get(id);
        if (!student) return [];
        const levels = withSituation(demandsOf(game, bands.get(id) ?? block.band, role), student, facts);
        return [{ student: id, ...(role === undefined ? {} : { role }), ...(group === undefined ? {} : { group }), levels }];
      }),
      classmates: block.players
        .filter((p) => !supported.has(p.id))
        .map(({ id, group }) => ({ id, ...(group === undefined ? {} : { group }) })),
    };
  });
  const { accepted = [], refused = [], adults } = request;
  return matchAll({ students, blocks, things, adults, accepted, refused });
}

/** A game with what its format asks beside its own demands, and its format's purpose if it names none itself. */
function withFormat(game: GameRecord, block: AdaptBlock, outline: readonly Point[] | undefined, kinds: readonly GearKind[]): GameRecord {
  if (game.format === undefined || game.setup === undefined) return game;
  const asked = askedOf(game, block, outline, kinds);
  return { ...game, demands: [...asked.demands, ...game.demands], purpose: game.purpose.length > 0 ? game.purpose : asked.purpose };
}

/** A record in its shape; RangeError with the field and the value that is wrong. */
function checked<T>(schema: z.ZodType<T>, value: unknown, name: string): T {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const [{ path, message }] = parsed.error.issues;
  const wrong = path.reduce<unknown>((at, key) => (at as Record<PropertyKey, unknown> | undefined)?.[key], value);
  throw new RangeError(`invalid ${name}${path.map((p) => `.${String(p)}`).join('')}: ${JSON.stringify(wrong)} (${message})`);
}

/** What a game asks of a role in a band: of somebody without a role all that any role is asked for, since roles go round. */
function demandsOf({ demands }: GameRecord, band: string, role: string | undefined): Demands {
  const levels: Demands = {};
  const isAll = (name: string | undefined) => !name || name === 'all' || name === '*' || name === 'everyone';
  for (const { role: of, band: inBand, demand, level } of demands)
    if ((isAll(inBand) || inBand === band) && (isAll(of) || isAll(role) || of === role))
      levels[demand] = Math.max(levels[demand] ?? 0, level);
  return levels;
}

/** The demands that come of how the lesson is: bouts that are longer than somebody lasts, gaps that are too narrow for wheels. */
function withSituation(levels: Demands, student: Abilities, { boutSeconds, gapM, figures }: BlockFacts): Demands {
  const more: Demands = { ...levels };
  const raise = (demand: Demand) => {
    more[demand] = Math.max(more[demand] ?? 0, Math.min(3, student.of(demand) + 1));
  };
  if (student.workSeconds !== undefined && boutSeconds !== undefined && boutSeconds > student.workSeconds) raise('breath');
  const needM = clearWidthM(student, figures);
  if (needM !== undefined && gapM !== undefined && gapM < needM) raise('turn');
  return more;
}

function factsOf(
  block: AdaptBlock,
  game: GameRecord,
  here: readonly (readonly [id: string, student: Abilities])[],
  things: readonly Thing[],
  room: z.infer<typeof RoomRecord> | undefined,
  known: Partial<BlockFacts>,
  figures: MatchFigures,
): BlockFacts {
  const own = things.filter((t) => game.gear?.includes(t.id));
  const { laneWidthM, laneLengthM, floorPerPlayer } = figures;
  const spare = room ? Math.abs(areaOf(room.outline)) - block.players.length * floorPerPlayer : Number.POSITIVE_INFINITY;
  const numberIn = (key: string) => {
    const value = block.settings?.[key];
    return typeof value === 'number' ? value : undefined;
  };
  return {
    id: block.id,
    from: block.from,
    until: block.until,
    purpose: game.purpose,
    band: block.band,
    object: own.find(isObject),
    implement: own.find(isImplement),
    ...(room?.floorKind === undefined ? {} : { floorLightness: FLOOR_LIGHTNESS[room.floorKind] }),
    lanes: room ? Math.max(0, Math.floor(spare / (laneWidthM * laneLengthM))) : MANY_LANES,
    boutSeconds: numberIn('boutSeconds') ?? numberIn('workSeconds') ?? block.until - block.from,
    ...(numberIn('gapM') === undefined ? {} : { gapM: numberIn('gapM') }),
    ...known,
    figures,
    latexFree: here.some(([, a]) => a.limits.has('touch-latex')),
    mouthing: here.some(([, a]) => a.has('mouths-things')),
    onWheels: here.flatMap(([id, { moves }]) => (moves && moves !== 'cane' ? [id] : [])),
  };
}
