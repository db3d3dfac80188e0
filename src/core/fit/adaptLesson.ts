import type { Accepted } from '../adapt/accepted.ts';
import type { AdaptAdult } from '../adapt/candidate.ts';
import { figuresFor } from '../adapt/figures.ts';
import type { Gap, StudentPlan } from '../adapt/place.ts';
import { type Thing, thingOf } from '../adapt/things.ts';
import { making } from '../gear/homeMade.ts';
import type { AdaptationFor } from '../model/adaptation.ts';
import type { PurposeAction } from '../model/demand.ts';
import type { Finding } from '../model/finding.ts';
import type { Gear } from '../model/gear.ts';
import type { HomeMade } from '../model/homeMade.ts';
import type { AdaptStudent } from '../model/support.ts';
import { partsOf } from './adaptParts.ts';
import { fitForAll } from './fitForAll.ts';
import type { FitInput, FittedLesson } from './fitted.ts';

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

/** What the students of a lesson with supports need to play the same games: solved over all blocks together. */
export function adaptLesson({ fitted, input, adults, homeMade, chosen }: AdaptInput): AdaptedLesson {
  const students = studentsOf(input, fitted.people.playing);
  const kinds = input.gearKinds ?? [];
  const closet = input.cupboard.map((item) => ({ gearKind: item.gearKind, thing: thingOf(item, kinds) }));
  const parts = fitted.blocks.flatMap((block) => partsOf(block, { ...input, gear: fitted.gear, closet }, fitted.band));
  const idOf = new Map(parts.map((p) => [p.id, p]));
  /** Where a choice holds: at its place; one for all of a game, of a time when it was not planned by role, for each role. */
  const partsFor = (c: AdaptationFor) => {
    const own = parts.filter((p) => p.block === c.block && p.players.some((s) => s.id === c.student));
    const isChosen = (p: (typeof own)[number]) => chosen.some((o) => o.block === c.block && o.student === c.student && o.place === p.place);
    const here = own.filter((p) => p.place === c.place);
    return (here.length ? here : c.place === undefined ? own.filter((p) => p.players[0].role !== undefined && !isChosen(p)) : []).map(
      (p) => p.id,
    );
  };
  const accepted = chosen.flatMap((c): Accepted[] => {
    if (!c.accepted) return [];
    return partsFor(c).map((block) => ({ student: c.student, block, dials: c.accepted as Accepted['dials'] }));
  });
  const refused = chosen.flatMap((c) => {
    return partsFor(c).flatMap((block) => c.refused.map(({ to }) => ({ student: c.student, block, to })));
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
  const aboutStudents = conflicts.filter((c) => c.at.block === undefined);
  return {
    cells,
    conflicts: [...aboutStudents, ...datesPassed(students, input.period.date), ...notesToSort(input.ratings, fitted.people.playing)],
  };
}

/** Students with notes from an imported roster that nobody has turned into supports. The words stay in the private record. */
function notesToSort(ratings: FitInput['ratings'], playing: readonly string[]): Finding[] {
  return playing.flatMap((id): Finding[] =>
    ratings.some((r) => r.studentId === id && r.toSort) ? [{ code: 'note-to-sort', weight: 'caution', at: { student: id }, data: {} }] : [],
  );
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
