import { assign } from '../assign.ts';
import { boundsOf, distance, middleOf, type Point, type Polygon } from '../geometry/point.ts';
import { footprint, LAID_FACTS, type LaidPiece, laidName, laidThings } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import type { Room } from '../model/room.ts';
import { boxOf, outlineOf } from '../model/shape.ts';
import { laidTape, tapeLines, tapeNeeded } from './setOutUnit.ts';

/** Something that lies on a floor, as far as the next floor cares: what could stand for what. */
export interface FloorThing {
  id: string;
  name: string;
  /** The place that it belongs to. */
  of?: string;
  /** The same word: one can stand for the other. Kind and size. */
  what: string;
  outline: Polygon;
  /** Metres of tape it is made of; 0 for gear, which can be carried. */
  tapeM: number;
}
/** One thing's part in a change; `before` and `after` are indexes into the two floors. */
export interface Change {
  change: 'stays' | 'moves' | 'goes' | 'comes';
  before?: number;
  after?: number;
}
export interface FloorChange {
  changes: Change[];
  /** Metres of tape that is laid, and that is taken in. */
  tapeInM: number;
  tapeOutM: number;
  /** Pieces of gear that are brought out, put away or moved. */
  carried: number;
  /** Metres walked with it, from the door. */
  walkM: number;
}

/** Nearer than this a thing lies where it lay, metres. */
const SAME_M = 0.1;
const tenths = (m: number) => Math.round(m * 20) / 20;
const middle = (thing: FloorThing): Point => middleOf(boundsOf(thing.outline));
const far = (a: FloorThing, b: FloorThing) => distance(middle(a), middle(b));

/** The one of `from` that goes with each of `to`, as many as the fewer of them are, least metres in all: indexes into the two floors. */
function matched(before: readonly FloorThing[], from: readonly number[], after: readonly FloorThing[], to: readonly number[]) {
  const turned = from.length > to.length;
  const [few, many] = turned ? [to, from] : [from, to];
  const cost = (f: number, m: number) => (turned ? far(before[m], after[f]) : far(before[f], after[m]));
  return assign(few.map((f) => many.map((m) => cost(f, m)))).map((column, row) =>
    turned ? { before: many[column], after: few[row] } : { before: few[row], after: many[column] },
  );
}

/** Lists the taped places of a block, then the things beside them, without people. Painted lines need no tape. */
export function floorThings(pieces: readonly Piece[], laid: readonly LaidPiece[], room: Pick<Room, 'painted'>): FloorThing[] {
  const length = (lines: [Point, Point][]) => tapeNeeded(lines, room).tapeM;
  return [
    ...pieces
      .filter((p) => p.taped)
      .map((p): FloorThing => {
        const box = boxOf(p.shape);
        return {
          id: p.id,
          name: `${p.number} ${p.title}`,
          what: `tape ${tenths(box.width)} × ${tenths(box.depth)}`,
          outline: outlineOf(p.shape),
          tapeM: length(tapeLines(p)),
        };
      }),
    ...laidThings(laid)
      .filter((p) => !p.bare && p.laid !== 'position')
      .map((p): FloorThing => {
        const tapeM = length(laidTape(p));
        const turned = tapeM > 0 && !LAID_FACTS[p.laid].round ? ` at ${Math.round(p.turnedDeg)}` : '';
        return {
          id: p.id,
          name: laidName(p),
          ...(p.of !== undefined && { of: p.of }),
          what: `${p.colour ?? ''} ${p.laid} ${tenths(p.widthM)} × ${tenths(p.lengthM)}${turned}`,
          outline: footprint(p),
          tapeM,
        };
      }),
  ];
}

/**
 * From one floor to the next: what lies right already stays; gear is carried to the nearest places that want its like (least metres
 * in all); the rest goes, and what is missing comes. Tape cannot be carried: it stays, goes or comes. `door`: where what comes is
 * fetched and what goes is brought.
 */
export function floorChange(before: readonly FloorThing[], after: readonly FloorThing[], door: Point): FloorChange {
  const changes: Change[] = [];
  const [oldLeft, newLeft] = [new Set(before.keys()), new Set(after.keys())];
  const take = (change: Change) => {
    changes.push(change);
    if (change.before !== undefined) oldLeft.delete(change.before);
    if (change.after !== undefined) newLeft.delete(change.after);
  };
  after.forEach((thing, j) => {
    const i = [...oldLeft].find((k) => before[k].what === thing.what && far(before[k], thing) <= SAME_M);
    if (i !== undefined) take({ change: 'stays', before: i, after: j });
  });
  for (const what of new Set([...newLeft].filter((j) => after[j].tapeM === 0).map((j) => after[j].what))) {
    const from = [...oldLeft].filter((i) => before[i].what === what);
    const to = [...newLeft].filter((j) => after[j].what === what);
    for (const pair of matched(before, from, after, to)) take({ change: 'moves', ...pair });
  }
  for (const i of [...oldLeft]) take({ change: 'goes', before: i });
  for (const j of [...newLeft]) take({ change: 'comes', after: j });
  const order = { goes: 0, moves: 1, comes: 2, stays: 3 };
  changes.sort((a, b) => order[a.change] - order[b.change]);
  const tape = (which: 'goes' | 'comes') =>
    changes.filter((c) => c.change === which).reduce((sum, c) => sum + (which === 'goes' ? before[c.before!] : after[c.after!]).tapeM, 0);
  const isCarried = (c: Change) => c.change !== 'stays' && (c.after === undefined ? before[c.before!] : after[c.after]).tapeM === 0;
  return {
    changes,
    tapeInM: tape('comes'),
    tapeOutM: tape('goes'),
    carried: changes.filter(isCarried).length,
    walkM: walked(changes, before, after, door),
  };
}

/** Metres of a round that does one change after another, always the nearest next, from the door and back to it. */
function walked(changes: readonly Change[], before: readonly FloorThing[], after: readonly FloorThing[], door: Point): number {
  const left = new Set(changes.filter((c) => c.change !== 'stays'));
  let at = door;
  let sum = 0;
  while (left.size) {
    const start = (c: Change) => middle(c.before === undefined ? after[c.after!] : before[c.before]);
    const next = [...left].reduce((a, b) => (distance(at, start(b)) < distance(at, start(a)) - 1e-9 ? b : a));
    left.delete(next);
    sum += distance(at, start(next));
    at = start(next);
    if (next.change === 'moves') {
      const to = middle(after[next.after!]);
      sum += distance(at, to);
      at = to;
    }
  }
  return sum ? sum + distance(at, door) : 0;
}

/**
 * Where the next floor's places could stand on tape that lies there: taped places of equal size, each taken by the one that has
 * least way to it. By index into `after`; the lower left corner of the tape. Empty where nothing would be won.
 */
export function onOldTape(before: readonly FloorThing[], after: readonly FloorThing[]): { after: number; before: number }[] {
  const found: { after: number; before: number }[] = [];
  for (const what of new Set(after.filter((t) => t.tapeM > 0).map((t) => t.what))) {
    const from = before.flatMap((t, i) => (t.what === what ? [i] : []));
    const to = after.flatMap((t, j) => (t.what === what ? [j] : []));
    found.push(...matched(before, from, after, to).filter((m) => far(before[m.before], after[m.after]) > SAME_M));
  }
  return found;
}
