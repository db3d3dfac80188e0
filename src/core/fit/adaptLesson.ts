import type { Accepted } from '../adapt/accepted.ts';
import type { AdaptAdult, BlockFacts } from '../adapt/candidate.ts';
import { figuresFor } from '../adapt/figures.ts';
import type { Gap, StudentPlan } from '../adapt/place.ts';
import { isImplement, isObject, type Thing, thingOf } from '../adapt/things.ts';
import { type Ask, demandsOf, purposeOf } from '../formats/asks.ts';
import { stayOf } from '../formats/bouts.ts';
import { gapOf } from '../formats/setting.ts';
import { making } from '../gear/homeMade.ts';
import { mayBeLatex } from '../gear/kinds.ts';
import type { AdaptationFor } from '../model/adaptation.ts';
import type { Demands, PurposeAction } from '../model/demand.ts';
import type { Finding } from '../model/finding.ts';
import type { Game } from '../model/game.ts';
import type { Gear } from '../model/gear.ts';
import type { HomeMade } from '../model/homeMade.ts';
import type { AdaptStudent } from '../model/support.ts';
import { type AdaptBlock, fitForAll, type GameRecord } from './fitForAll.ts';
import type { FitInput, FittedBlock, FittedLesson } from './fitted.ts';

export interface AdaptInput {
  /** What of a lesson plans depend on: not its findings, which are drawn again and again while fixes are weighed. */
  fitted: Pick<FittedLesson, 'band' | 'blocks' | 'people' | 'gear'>;
  input: Pick<FitInput, 'ratings' | 'cupboard' | 'gearKinds' | 'games' | 'room' | 'school' | 'attendance' | 'period'>;
  adults: readonly AdaptAdult[];
  homeMade: readonly HomeMade[];
  /** What the teacher chose. Private. */
  chosen: readonly AdaptationFor[];
}

/** How a student plays at one place of a block, or in all of it. */
export interface PlacePlan extends StudentPlan {
  /** Place and its title where the block has several tasks. */
  place?: string;
  title?: string;
  /** Seconds from the bell. */
  from: number;
  until: number;
  purpose: PurposeAction[];
  gaps: Gap[];
  isAccepted: boolean;
  /** Findings about this plan alone. */
  conflicts: Finding[];
}

/** One student in one block: every place with its plan, and how it stands. */
export interface AdaptCell {
  student: string;
  block: string;
  state: 'fits' | 'adapted' | 'open' | 'gap';
  plans: PlacePlan[];
}

export interface AdaptedLesson {
  cells: AdaptCell[];
  /** What is about a student, not a block. */
  conflicts: Finding[];
}

/** A part of a block that is one task: the whole block, or one place while one group is there. */
interface Part extends AdaptBlock {
  game: GameRecord;
  block: string;
  place?: string;
  title?: string;
  facts: PartFacts;
}

type PartFacts = Partial<Pick<BlockFacts, 'object' | 'implement' | 'boutSeconds' | 'gapM' | 'taken'>>;

/** What the students of a lesson with supports need to play the same games: solved over all blocks together. */
export function adaptLesson({ fitted, input, adults, homeMade, chosen }: AdaptInput): AdaptedLesson {
  const students = studentsOf(input, fitted.people.playing);
  const kinds = input.gearKinds ?? [];
  const closet = input.cupboard.map((item) => ({ gearKind: item.gearKind, thing: thingOf(item, kinds) }));
  const parts = fitted.blocks.flatMap((block) => partsOf(block, { ...input, gear: fitted.gear, closet }, fitted.band));
  const idOf = new Map(parts.map((p) => [p.id, p]));
  const partFor = (c: AdaptationFor) =>
    parts.find((p) => p.block === c.block && p.place === c.place && p.players.some((s) => s.id === c.student))?.id;
  const accepted = chosen.flatMap((c): Accepted[] => {
    const block = partFor(c);
    return c.accepted && block !== undefined ? [{ student: c.student, block, dials: c.accepted as Accepted['dials'] }] : [];
  });
  const refused = chosen.flatMap((c) => {
    const block = partFor(c);
    return block === undefined ? [] : c.refused.map(({ to }) => ({ student: c.student, block, to }));
  });
  const facts = Object.fromEntries(parts.map((p) => [p.id, p.facts]));
  const made = thingsToMake(homeMade, input.cupboard, kinds);
  const { plans, gaps, conflicts } = fitForAll({
    ...{
      students,
      blocks: parts,
      gear: input.cupboard,
      adults,
      room: input.room,
      accepted,
      refused,
      kinds,
      made,
      facts,
      figures: figuresFor(input.school),
    },
  });
  const placed = plans.map((plan): PlacePlan => {
    const part = idOf.get(plan.block)!;
    const isHere = (at: { student?: string; block?: string }) => at.student === plan.student && at.block === plan.block;
    const own = conflicts.filter((c) => isHere(c.at));
    return {
      ...plan,
      block: part.block,
      ...(part.place === undefined ? {} : { place: part.place, title: part.title }),
      from: part.from,
      until: part.until,
      purpose: part.game.purpose,
      gaps: gaps.filter(isHere),
      isAccepted: accepted.some(isHere) && !own.some((c) => c.code === 'accepted-not-there'),
      conflicts: own,
    };
  });
  const cells = students.flatMap((student) =>
    fitted.blocks
      .filter((b) => b.game)
      .flatMap((block): AdaptCell[] => {
        const own = placed.filter((p) => p.student === student.id && p.block === block.id).sort((a, b) => a.from - b.from);
        return own.length ? [{ student: student.id, block: block.id, state: stateOf(own), plans: own }] : [];
      }),
  );
  return { cells, conflicts: [...conflicts.filter((c) => c.at.block === undefined), ...datesPassed(students, input.period.date)] };
}

/** Supports whose day has passed: they are asked again, and hold until somebody answers. */
function datesPassed(students: readonly AdaptStudent[], today: string): Finding[] {
  return students.flatMap(({ id, supports }) =>
    supports.flatMap(({ kind, until }): Finding[] =>
      until !== undefined && until < today
        ? [{ code: 'date-passed', weight: 'caution', at: { student: id, support: kind }, data: { until } }]
        : [],
    ),
  );
}

/** The changes of a plan that change the game: a student's own chair does not. */
export const changesIn = ({ dials }: Pick<StudentPlan, 'dials'>): StudentPlan['dials'] => dials.filter((d) => d.cost > 0);

function stateOf(plans: readonly PlacePlan[]): AdaptCell['state'] {
  if (plans.some((p) => p.gaps.length > 0)) return 'gap';
  const changed = plans.filter((p) => changesIn(p).length > 0);
  if (changed.length === 0) return 'fits';
  return changed.every((p) => p.isAccepted) ? 'adapted' : 'open';
}

/** Students who are there and need something, and what attendance adds for the day. */
export function studentsOf({ ratings, attendance }: Pick<FitInput, 'ratings' | 'attendance'>, playing: readonly string[]): AdaptStudent[] {
  return playing.flatMap((id): AdaptStudent[] => {
    const own = ratings.find((r) => r.studentId === id);
    const today = attendance?.entries[id as keyof typeof attendance.entries];
    const supports = [...(own?.supports ?? [])];
    const add = (kind: 'light-activity' | 'no-shoes') => supports.some((s) => s.kind === kind) || supports.push({ kind });
    if (today?.role === 'light') add('light-activity');
    if (today?.status === 'no-shoes') add('no-shoes');
    if (supports.length === 0 && !own?.limits?.length && !own?.refined) return [];
    const { refined, limits, wishes, band } = own ?? {};
    const more = { ...(refined && { refined }), ...(limits && { limits }), ...(wishes && { wishes }), ...(band && { band }) };
    return [{ id, supports, ...more }];
  });
}

/** What can be made of what the closet has: one of each. */
function thingsToMake(homeMade: readonly HomeMade[], cupboard: readonly Gear[], kinds: NonNullable<FitInput['gearKinds']>): Thing[] {
  return homeMade.flatMap((thing): Thing[] => {
    if (making(thing, cupboard, 1).canMake < 1) return [];
    const materials = thing.materials.flatMap(({ gearKind, isKept, count }) => {
      const from = gearKind === undefined || isKept ? undefined : cupboard.find((g) => g.gearKind === gearKind && g.count > 0);
      return from ? [{ gearId: from.id as string, count: Math.ceil(count) }] : [];
    });
    const like = {
      id: `made:${thing.id}`,
      name: thing.title,
      gearKind: thing.gearKind,
      count: 1,
      ...thing.properties,
      limits: thing.limits,
    };
    return [{ ...thingOf(like as unknown as Gear, kinds), homeMade: thing.id, materials }];
  });
}

/** What parts look at beside the lesson's facts: gear that the lesson needs, and the closet with what is typical filled in. */
type PartInput = AdaptInput['input'] & Pick<FittedLesson, 'gear'> & { closet: { gearKind: string; thing: Thing }[] };

/** The tasks of a block. Where places ask for different things, each place while a group is there. */
function partsOf(block: FittedBlock, input: PartInput, band: string): Part[] {
  const { game } = block;
  if (!game) return [];
  const record = input.games.find((g) => g.id === game.gameId);
  const gapM = gapOf(game) > 0 ? { gapM: gapOf(game) } : {};
  const longest = (round?: number) =>
    Math.max(
      0,
      ...block.segments.filter((s) => s.kind === 'work' && (round === undefined || s.round === round)).map((s) => s.until - s.at),
    );
  const groupOf = (id: string) => game.groups.findIndex((g) => g.includes(id));
  /** What the class has of each item; one for each student with supports is theirs already. */
  const taken = (players: readonly string[]) => {
    const own = players.filter((id) => input.ratings.some((r) => r.studentId === id && r.supports.length > 0)).length;
    const lines = input.gear.filter((l) => l.blockId === block.id);
    return Object.fromEntries(lines.flatMap((l) => shared(l.need - own + l.promised.reduce((sum, p) => sum + p.count, 0), l.from)));
  };
  const part = (id: string, asks: readonly Ask[], players: readonly string[], from: number, until: number, boutSeconds: number): Part => {
    const kinds = new Set(asks.flatMap((a) => a.gearKinds));
    const things = input.closet.flatMap(({ gearKind, thing }) => (kinds.has(gearKind) ? [thing] : []));
    return {
      ...{ id, block: block.id, band, from, until },
      game: gameRecord(asks, record, things),
      players: players.map((s) => ({ id: s, group: groupOf(s) })),
      facts: { ...piecesIn(things), boutSeconds, ...gapM, taken: taken(players) },
    };
  };
  if (!game.asks.some((a) => a.place !== undefined)) {
    const everyone = game.groups.flat();
    return [part(block.id, game.asks, everyone, block.at, block.at + block.seconds, longest())];
  }
  const seen = new Set<string>();
  return game.timeline.bouts.flatMap((bout, round) =>
    game.pieces.flatMap((piece, p): Part[] => {
      const here = game.groups.flat().filter((id) => stayOf(bout, id)?.piece === p && !seen.has(`${piece.id}|${id}`));
      const asks = game.asks.filter((a) => a.place === piece.id);
      if (here.length === 0 || asks.length === 0) return [];
      for (const id of here) seen.add(`${piece.id}|${id}`);
      const made = part(`${block.id}|${piece.id}|${round}`, asks, here, block.at + bout.at, block.at + bout.until, longest(round));
      return [{ ...made, place: piece.id, title: `${piece.number} ${piece.title}` }];
    }),
  );
}

/** A number of things taken from items of one kind, the first items first. */
function shared(count: number, from: readonly { id: string; count: number }[]): [string, number][] {
  let left = Math.max(0, count);
  return from.map(({ id, count: there }) => {
    const here = Math.min(left, there);
    left -= here;
    return [id, here];
  });
}

/** Demands and purpose of a task; what the game's own record says comes on top, and latex if some of its gear may have it. */
function gameRecord(asks: readonly Ask[], game: Game | undefined, things: readonly Thing[]): GameRecord {
  const latex: Demands = things.some(mayBeLatex) ? { 'touch-latex': 1 } : {};
  const isOwn = game !== undefined && game.purpose.length > 0 && !asks.some((a) => a.place);
  return { demands: [...demandsOf(asks, latex), ...(game?.demands ?? [])], purpose: isOwn ? game.purpose : purposeOf(asks) };
}

/** What is played with and hit with at a task. */
function piecesIn(things: readonly Thing[]): PartFacts {
  const there = things.filter((t) => t.count > 0);
  const object = there.find(isObject);
  const implement = there.find(isImplement);
  return { ...(object && { object }), ...(implement && { implement }) };
}
