import { boundsOf, distance, nearestOn, type Point, polygonsMeet, type Rect, rectPolygon } from '../../geometry/point.ts';
import type { Edit } from '../../model/edit.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import type { BlockId } from '../../model/ids.ts';
import { footprint, laidName } from '../../model/laidPiece.ts';
import type { Piece } from '../../model/piece.ts';
import { boxOf, meetingPoint, partsOf, stretchesOf } from '../../model/shape.ts';
import { eachOnce, movesBetween } from '../../rotation/moves.ts';
import { fliesOn, flight } from '../../safety/lanes.ts';
import type { BlockInput, StandingBlock } from '../fitted.ts';
import { laidOf, putIdea } from './laidFix.ts';

/** What of a place is really played on: its edge is walked along. */
function inner({ shape }: Piece): Point[] {
  const { x, y, width, depth } = boxOf(shape);
  return rectPolygon({ x: x + width * 0.15, y: y + depth * 0.15, width: width * 0.7, depth: depth * 0.7 });
}
/** The point at which somebody on the way between two places leaves or enters the first. On a path, the point nearest to the other place. */
function meetingAt({ shape }: Piece, other: Piece): Point {
  if (shape.shape !== 'path' || other.shape.shape === 'path') return meetingPoint(shape);
  const goal = meetingPoint(other.shape);
  const near = stretchesOf(shape).map((stretch) => nearestOn(goal, stretch));
  return near.reduce((best, p) => (distance(p, goal) < distance(best, goal) ? p : best));
}

const placed = (block: StandingBlock, piece: Piece, at: Rect): Edit => ({
  kind: 'place',
  blockId: block.id as BlockId,
  pieceId: piece.id,
  at: { value: { x: at.x, y: at.y }, by: 'teacher', pinned: true },
});

/** Walks at a move that cross a lane where something flies, or another group's place. */
export function walkChecks(input: BlockInput, _: unknown, block: StandingBlock): Noticed[] {
  const game = block.game;
  const lanes = laidOf(block, 'lane').map((lane) => ({ lane, floor: footprint(flight(lane, fliesOn(lane))) }));
  if (!game || (!lanes.length && game.pieces.length < 3)) return [];
  const found: Noticed[] = [];
  const moves = game.rounds.slice(1).flatMap((round, r) => movesBetween(game.rounds[r], round));
  for (const [from, to] of eachOnce(moves)) {
    const [a, b] = [game.pieces[from], game.pieces[to]];
    if (!a || !b) continue;
    const [here, there] = [meetingAt(a, b), meetingAt(b, a)];
    const walk = [here, there, there];
    // Nothing flies in the place that a group leaves or comes to: its players are on the move themselves.
    const others = lanes.filter(({ lane: { of } }) => of === undefined || (of !== a.id && of !== b.id));
    for (const { lane, floor } of others.filter((l) => polygonsMeet(l.floor, walk))) {
      found.push({
        code: 'walk-crosses-lane',
        weight: 'caution',
        at: { block: block.id, piece: a.id, other: lane.id },
        data: { from: a.title, to: b.title, lane: laidName(lane) },
        ideas: lane.locked ? [] : laneAside(input, block, lane.id, floor, game.pieces),
      });
    }
    // A path is crossed with a look, as a road is.
    const through = game.pieces.find((p) => p !== a && p !== b && p.shape.shape !== 'path' && polygonsMeet(inner(p), walk));
    if (through) {
      const swap = (p: Piece, q: Piece): Idea => ({
        code: 'swap-pieces',
        data: { a: p.number, b: q.number },
        edits: [placed(block, p, boxOf(q.shape)), placed(block, q, boxOf(p.shape))],
      });
      found.push({
        code: 'walk-through-place',
        weight: 'caution',
        at: { block: block.id, piece: a.id, other: through.id },
        data: { from: a.title, to: b.title, through: through.title },
        ideas: [swap(through, b), swap(through, a)],
      });
    }
  }
  return found;
}

/** The lane moved along its own breadth, in whole metres, as a fix; weighing tells which move really clears the walks. */
function laneAside(input: BlockInput, block: StandingBlock, id: string, floor: readonly Point[], pieces: readonly Piece[]) {
  const lane = laidOf(block, 'lane').find((p) => p.id === id)!;
  const box = boundsOf(input.room.outline);
  const size = boundsOf(floor);
  const spots = [
    { x: box.x + size.width / 2 + 1, y: lane.y },
    { x: box.x + box.width - size.width / 2 - 1, y: lane.y },
    { x: lane.x, y: box.y + size.depth / 2 + 1 },
    { x: lane.x, y: box.y + box.depth - size.depth / 2 - 1 },
    { x: box.x + box.width / 2, y: box.y + box.depth / 2 },
  ];
  return spots
    .filter((s) => pieces.every((p) => partsOf(p.shape).every((part) => !polygonsMeet(footprint({ ...lane, ...s }), part))))
    .map((s) =>
      putIdea(block, [{ ...lane, ...s }], 'move-piece', {
        title: laidName(lane),
        dx: s.x - lane.x,
        dy: s.y - lane.y,
        metres: distance(s, lane),
      }),
    );
}
