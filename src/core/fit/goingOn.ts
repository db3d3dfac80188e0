import { floorThings } from '../arrange/floorChange.ts';
import type { FloorWork } from '../arrange/floorWork.ts';
import { takeOver } from '../arrange/takeOver.ts';
import { validateShapes } from '../arrange/validate.ts';
import { assign } from '../assign.ts';
import { distance, middleOf, type Point } from '../geometry/point.ts';
import { continueGroups } from '../groups/continueGroups.ts';
import { groupsFrom } from '../groups/groupsFrom.ts';
import type { Block, Placed } from '../model/lesson.ts';
import type { Piece } from '../model/piece.ts';
import { doorSpot, roomArea } from '../model/room.ts';
import { boxOf } from '../model/shape.ts';
import { floorWorkBetween, type StandingFloor } from './blockChange.ts';
import type { BlockPlan } from './blockPlans.ts';
import { type FitInput, laidIn, takenFloor } from './fitted.ts';

/** The effect of following the game before: each figure with and without it. */
export interface WentOn {
  /** Title of the block before. */
  from: string;
  /** Metres that a student walks on average from where they ended to where they start, if they start there. */
  walk?: { now: number; usual: number };
  /** Seconds of work on the floor, if it is played on the same one. */
  floor?: { now: number; usual: number };
  /** The kind of object that it takes from there, if it asks for one; null if none of its kinds is out. */
  gear?: { kind: string | null };
}
type Plan = NonNullable<BlockPlan['plan']>;
type PlanAgain = (block: Block) => BlockPlan;

const withGame = (block: Block, change: Partial<NonNullable<Block['game']>>): Block => ({ ...block, game: { ...block.game!, ...change } });
const fitPlaced = (at: Point): Placed => ({ value: { x: at.x, y: at.y }, by: 'fit', pinned: false });

/** The block with pennants that go on from the game before: its very groups if the teacher says so, else with the fewest changes. */
function withGroups(block: Block, { groups }: StandingFloor, isSame: boolean, fresh: BlockPlan): Block {
  const made = fresh.plan?.groups ?? [];
  const { game } = block;
  if (game!.groups || game!.locks || groups.length < 1 || made.length < 1) return block;
  const keeps = game!.goesOn?.groups;
  if (!keeps && (groups.length < 2 || made.length < 2)) return block;
  const next = keeps ? groupsFrom(groups, made) : continueGroups(groups, made, isSame);
  if (JSON.stringify(next) === JSON.stringify(made)) return block;
  return withGame(block, { groups: { value: next as never, by: 'fit', pinned: false } });
}

/** The block with an object that is out already, among those it can be played with, where the teacher chose none. */
function withGear(block: Block, { gear = [] }: StandingFloor, { plan }: BlockPlan): { block: Block; kind: string | null } {
  const object = plan?.roles.object;
  const options = plan?.settings.find((m) => m.key === object?.key)?.options ?? [];
  const isThere = (kind: unknown) => gear.includes(String(kind));
  if (!object || isThere(object.value) || block.game!.settings[object.key] !== undefined)
    return { block, kind: object && isThere(object.value) ? String(object.value) : null };
  const kind = options.find((o) => isThere(o.value))?.value;
  if (kind === undefined) return { block, kind: null };
  return { block: withGame(block, { settings: { ...block.game!.settings, [object.key]: kind } }), kind: String(kind) };
}

/** The number of places in a plan that are missing, too close, or outside the room. */
function troublesOf(input: FitInput, block: Block, plan: Plan): number {
  const clear = plan.pieces.map((p) => plan.clearances[p.id]?.metres ?? 0);
  const gap = Number(plan.roles.gap?.value ?? 0);
  return (
    plan.unplaced.length +
    validateShapes(
      roomArea(input.room, 0, takenFloor(input, block.laid)),
      plan.pieces.map((p) => p.shape),
      clear,
      gap,
    ).length
  );
}

const floorOf = (block: Block, plan: Plan) => ({ pieces: plan.pieces, laid: laidIn({ laid: block.laid ?? [], game: plan }) });
const workOf = (input: FitInput, standing: StandingFloor, block: Block, plan: Plan): FloorWork =>
  floorWorkBetween(input, standing, floorOf(block, plan));
const isLess = (a: FloorWork, b: FloorWork) =>
  a.seconds < b.seconds || (a.seconds === b.seconds && a.tapeInM + a.tapeOutM < b.tapeInM + b.tapeOutM);

/** Settings in metres that both games have, as the game before has them. */
function sameMeasures(block: Block, plan: Plan, values: Readonly<Record<string, unknown>>): Record<string, unknown> | undefined {
  const keys = plan.settings.filter(
    (m) => m.kind === 'metres' && m.role !== 'gap' && values[m.key] !== undefined && block.game!.settings[m.key] === undefined,
  );
  const own = keys.filter((m) => {
    const value = Number(values[m.key]);
    return value !== plan.values[m.key] && value >= (m.least ?? value) && value <= (m.most ?? value);
  });
  return own.length ? { ...block.game!.settings, ...Object.fromEntries(own.map((m) => [m.key, values[m.key]])) } : undefined;
}

/** The block on the floor of the game before: of its own layout, on that tape, or with those measures, the one with the least work. */
function onSameFloor(input: FitInput, standing: StandingFloor, block: Block, plan: BlockPlan, again: PlanAgain): Block {
  if (!plan.plan) return block;
  const before = floorThings(standing.pieces, standing.laid, input.room);
  const onTape = (from: Block, made: Plan): Block[] => {
    const floor = floorOf(from, made);
    const work = workOf(input, standing, from, made);
    const reused = takeOver({ id: block.id, pieces: made.pieces }, before, floorThings(floor.pieces, floor.laid, input.room), {
      door: doorSpot(input.room),
      tapeInM: work.tapeInM,
    });
    const places = (reused?.edits ?? []).flatMap((e) => (e.kind === 'place' && e.at ? [[e.pieceId, fitPlaced(e.at.value)] as const] : []));
    return places.length ? [withGame(from, { placed: { ...Object.fromEntries(places), ...from.game!.placed } })] : [];
  };
  const measures = standing.values && sameMeasures(block, plan.plan, standing.values);
  const measured = measures ? [withGame(block, { settings: measures })] : [];
  const candidates = [...onTape(block, plan.plan), ...measured, ...measured.flatMap((b) => onTape(b, again(b).plan!))];
  const most = troublesOf(input, block, plan.plan);
  let best = { block, work: workOf(input, standing, block, plan.plan) };
  for (const candidate of candidates) {
    const { plan: made } = again(candidate);
    if (!made || troublesOf(input, candidate, made) > most) continue;
    const work = workOf(input, standing, candidate, made);
    if (isLess(work, best.work)) best = { block: candidate, work };
  }
  return best.block;
}

const middle = (piece: Piece): Point => middleOf(boxOf(piece.shape));

/** The students of each place when a game begins, by the plan's own timeline. */
const firstAt = ({ plan }: BlockPlan): string[][] => {
  const { stays = [] } = plan!.finish(plan!.span.least).timeline.bouts[0] ?? {};
  return plan!.pieces.map((_, i) => stays.filter((s) => s.piece === i).flatMap((s) => [...s.members]));
};
/** Where each student is when a game ends. */
export function endsOf(plan: Plan): ReadonlyMap<string, Point> {
  const { stays = [] } = plan.finish(plan.span.least).timeline.bouts.at(-1) ?? {};
  return new Map(stays.flatMap((s) => (plan.pieces[s.piece] ? s.members.map((id) => [id, middle(plan.pieces[s.piece])] as const) : [])));
}

/** Metres that a student walks on average to the place at which they begin. */
function walkTo(plan: BlockPlan, ends: ReadonlyMap<string, Point>): number {
  const ways = firstAt(plan).flatMap((members, i) => {
    const to = middle(plan.plan!.pieces[i]);
    return members.flatMap((id) => (ends.has(id) ? [distance(ends.get(id)!, to)] : []));
  });
  return ways.length ? ways.reduce((a, b) => a + b, 0) / ways.length : 0;
}

/** Places of one size that may change places with one another: those that the teacher has not put somewhere. */
function alike(block: Block, pieces: readonly Piece[]): number[][] {
  const sizes = new Map<string, number[]>();
  pieces.forEach((piece, i) => {
    if (block.game!.placed[piece.id]?.by === 'teacher') return;
    const { width, depth } = boxOf(piece.shape);
    const key = `${piece.shape.shape} ${width.toFixed(2)} ${depth.toFixed(2)}`;
    sizes.set(key, [...(sizes.get(key) ?? []), i]);
  });
  return [...sizes.values()].filter((list) => list.length > 1);
}

/** The block whose groups begin as near as can be to where they ended: places of one size change places, so the floor stays the same. */
function startingThere(input: FitInput, ends: ReadonlyMap<string, Point>, block: Block, plan: BlockPlan, again: PlanAgain): Block {
  if (!plan.plan || !ends.size) return block;
  const { pieces } = plan.plan;
  const members = firstAt(plan);
  const placed = { ...block.game!.placed };
  for (const list of alike(block, pieces)) {
    const costs = list.map((i) =>
      list.map((j) => {
        const to = middle(pieces[j]);
        return members[i].reduce((sum, id) => sum + (ends.has(id) ? distance(ends.get(id)!, to) : 0), 0);
      }),
    );
    assign(costs).forEach((to, from) => {
      const { x, y } = boxOf(pieces[list[to]].shape);
      placed[pieces[list[from]].id] = fitPlaced({ x, y });
    });
  }
  const next = withGame(block, { placed });
  const made = again(next);
  const isRight = made.plan && troublesOf(input, next, made.plan) <= troublesOf(input, block, plan.plan);
  return isRight && walkTo(made, ends) < walkTo(plan, ends) - 1e-6 ? next : block;
}

/** A game that follows another one in its lesson: with its groups, on its floor and from where it ended as the teacher says. */
export function goOn(
  input: FitInput,
  standing: StandingFloor,
  isSameFormat: boolean,
  block: Block,
  fresh: BlockPlan,
  again: PlanAgain,
): { plan: BlockPlan; wentOn?: WentOn } {
  const own = block.game!.goesOn?.gear ? withGear(block, standing, fresh) : undefined;
  const equipped = own?.block ?? block;
  const grouped = withGroups(equipped, standing, isSameFormat, equipped === block ? fresh : again(equipped));
  const usual = grouped === block ? fresh : again(grouped);
  const { goesOn } = block.game!;
  if (!usual.plan || !goesOn || !standing.pieces.length) return { plan: usual };
  const laid = goesOn.floor ? onSameFloor(input, standing, grouped, usual, again) : grouped;
  const onFloor = laid === grouped ? usual : again(laid);
  const ends = standing.ends ?? new Map<string, Point>();
  const there = goesOn.start ? startingThere(input, ends, laid, onFloor, again) : laid;
  const plan = there === laid ? onFloor : again(there);
  const seconds = (b: Block, p: BlockPlan) => workOf(input, standing, b, p.plan!).seconds;
  return {
    plan,
    wentOn: {
      from: standing.title,
      ...(goesOn.start && ends.size ? { walk: { now: walkTo(plan, ends), usual: walkTo(onFloor, ends) } } : {}),
      ...(own ? { gear: { kind: own.kind } } : {}),
      ...(goesOn.floor ? { floor: { now: seconds(there, plan), usual: seconds(grouped, usual) } } : {}),
    },
  };
}
