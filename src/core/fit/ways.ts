import { applyEdit, type Edit } from '../model/edit.ts';
import { type FixIdea, findingKey } from '../model/finding.ts';
import type { Piece } from '../model/piece.ts';
import { draftFit, QUICK_CHECKS } from './draftFit.ts';
import type { FitDraft, FitInput } from './fitted.ts';
import { type Measure, MORE_IS_BETTER, measuresOf, type WayMeasures } from './waysMeasured.ts';

/** One way of running a block. */
export interface Way {
  /** Its choices' codes and numbers: the same for the same way. */
  key: string;
  today: boolean;
  /** What is done otherwise than today; empty for today's way. */
  choices: Pick<FixIdea, 'code' | 'data'>[];
  /** One gesture that takes it; empty for today's way. */
  edits: Edit[];
  measures: WayMeasures;
  /** Keys of what stops the lesson so: of today's way, or still there of them. */
  stops: string[];
  pieces: Piece[];
  groups: number;
  largest: number;
  workSeconds: number;
}
/** How far a search has come. */
export interface WaysProgress {
  done: number;
  total: number;
}

/** Ways that are fitted at most: a fixed amount of work. */
const MOST_WAYS = 84;
/** Differences smaller than these are none. */
export const NEAR: WayMeasures = {
  activeShare: 0.005,
  turns: 0.05,
  waitSeconds: 1,
  idleSeconds: 1,
  evenness: 0.01,
  floorShare: 0.01,
  gearShort: 0.5,
  adults: 0.5,
  setUpMinutes: 0.25,
};
export const MEASURES = Object.keys(MORE_IS_BETTER) as Measure[];

/** How much better `a` is than `b` in a measure; 0 where they are as good as equal. */
export function gain(a: WayMeasures, b: WayMeasures, measure: Measure): number {
  const by = MORE_IS_BETTER[measure] ? a[measure] - b[measure] : b[measure] - a[measure];
  return Math.abs(by) < NEAR[measure] ? 0 : by;
}

/** Whether `a` beats `b`: worse in nothing, better in something. */
function beats(a: WayMeasures, b: WayMeasures): boolean {
  let some = false;
  for (const measure of MEASURES) {
    const by = gain(a, b, measure);
    if (by < 0) return false;
    if (by > 0) some = true;
  }
  return some;
}

/** Choices alone, then two together, then three, one of each list: as many as are fitted. */
function combinations(lists: readonly (readonly FixIdea[])[]): FixIdea[][] {
  const found: FixIdea[][] = lists.flatMap((list) => list.map((idea) => [idea]));
  const several = (count: number, from: number, chosen: FixIdea[]): void => {
    if (chosen.length === count) {
      found.push(chosen);
      return;
    }
    for (let l = from; l < lists.length; l++) for (const idea of lists[l]) several(count, l + 1, [...chosen, idea]);
  };
  several(2, 0, []);
  if (found.length < MOST_WAYS) several(3, 0, []);
  return found.slice(0, MOST_WAYS);
}

const keyOf = (choices: readonly FixIdea[]) => choices.map((c) => `${c.code}:${JSON.stringify(c.data)}`).join('+') || 'today';

function wayOf(input: FitInput, bare: FitDraft, blockId: string, choices: readonly FixIdea[]): Way | undefined {
  const block = bare.blocks.find((b) => b.id === blockId);
  if (!block?.game) return undefined;
  const stops = bare.noticed.filter((n) => n.weight === 'stop' && (n.at.block === undefined || n.at.block === blockId));
  return {
    key: keyOf(choices),
    today: choices.length === 0,
    choices: choices.map(({ code, data }) => ({ code, data })),
    edits: choices.flatMap((c) => c.edits) as Edit[],
    measures: measuresOf(input, bare, block),
    stops: [...new Set(stops.map(findingKey))],
    pieces: block.game.pieces,
    groups: block.game.groups.length,
    largest: Math.max(0, ...block.game.groups.map((g) => g.length)),
    workSeconds: block.game.timeline.workSeconds,
  };
}

/** The same way by other choices: everything of it that is seen is equal. */
const same = (a: Way, b: Way) =>
  a.groups === b.groups &&
  a.largest === b.largest &&
  a.pieces.length === b.pieces.length &&
  MEASURES.every((m) => gain(a.measures, b.measures, m) === 0);

/** Why a choice alone is not in the list. */
export interface LeftOut {
  choice: Pick<FixIdea, 'code' | 'data'>;
  why: 'stops' | 'gear' | 'beaten' | 'same';
  /** Key of the way that beats it or is the same. */
  by?: string;
}
/** What a search comes to; `tried` counts every way that was fitted, today's too. */
export interface WaysFound {
  ways: Way[];
  left: LeftOut[];
  tried: number;
  misfits: number;
  beaten: number;
}

/** No more stops than today's way has, and no more gear short. */
const noWorse = (way: Way, today: Way) =>
  way.stops.every((stop) => today.stops.includes(stop)) && way.measures.gearShort <= today.measures.gearShort;

/** Ways none of which is beaten by another or by today's. */
function unbeaten(today: Way, ways: readonly Way[]): { kept: Way[]; beaten: { way: Way; by: Way }[] } {
  const rivals = [today, ...ways];
  const beaten: { way: Way; by: Way }[] = [];
  const kept = ways.filter((way) => {
    const by = rivals.find((r) => r !== way && r.stops.length <= way.stops.length && beats(r.measures, way.measures));
    if (by) beaten.push({ way, by });
    return !by;
  });
  return { kept, beaten };
}

/**
 * The ways in which a block could be run: its format's choices alone and together, each fitted whole; those that add no stop and
 * no gear short and that no other beats in everything, and today's way always, first. Tells its progress before every fit. No
 * ways for a block that is no game. A fixed amount of work; the same arguments give the same ways in the same order.
 */
export function* searchWays(input: FitInput, blockId: string): Generator<WaysProgress, WaysFound> {
  const bare = draftFit(input);
  const today = wayOf(input, bare, blockId, []);
  const left: LeftOut[] = [];
  if (!today) return { ways: [], left, tried: 0, misfits: 0, beaten: 0 };
  const all = combinations(bare.blocks.find((b) => b.id === blockId)!.game!.ideas.choices);
  const leave = (way: Way, why: LeftOut['why'], by?: Way) => {
    if (way.choices.length === 1) left.push({ choice: way.choices[0], why, ...(by && { by: by.key }) });
  };
  const fitted = (choices: readonly FixIdea[], checks?: typeof QUICK_CHECKS): Way | undefined => {
    const applied = applyEdit(input.lesson, { kind: 'many', edits: choices.flatMap((c) => c.edits) as Edit[] });
    if (!applied.ok) return undefined;
    const changed = { ...input, lesson: applied.lesson };
    return wayOf(changed, draftFit(changed, checks), blockId, choices);
  };
  let ways: Way[] = [];
  let misfits = 0;
  const misfit = (way: Way) => {
    misfits += 1;
    leave(way, way.measures.gearShort > today.measures.gearShort ? 'gear' : 'stops');
  };
  // What can be told at once first: bell, places, gear, people.
  const choicesOf = new Map<Way, readonly FixIdea[]>();
  for (let i = 0; i < all.length; i++) {
    yield { done: i, total: all.length };
    const way = fitted(all[i], QUICK_CHECKS);
    if (!way) continue;
    const twin = [today, ...ways].find((other) => same(other, way));
    if (!noWorse(way, today)) misfit(way);
    else if (twin) leave(way, 'same', twin);
    else {
      ways.push(way);
      choicesOf.set(way, all[i]);
    }
  }
  // Then every other check, for those only that nothing beats; one that fails there makes room for those it beat.
  const whole = new Set<Way>();
  for (;;) {
    const { kept, beaten } = unbeaten(today, ways);
    const next = kept.find((way) => !whole.has(way));
    if (!next) {
      for (const { way, by } of beaten) leave(way, 'beaten', by);
      return { ways: [today, ...kept], left, tried: all.length + 1, misfits, beaten: beaten.length };
    }
    yield { done: all.length, total: all.length };
    const way = fitted(choicesOf.get(next)!)!;
    if (noWorse(way, today)) {
      whole.add(way);
      ways = ways.map((w) => (w === next ? way : w));
    } else {
      misfit(way);
      ways = ways.filter((w) => w !== next);
    }
  }
}
