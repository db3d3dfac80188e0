import { nearestClear } from '../../arrange/nearestClear.ts';
import { gapBetween, type Trouble, validateShapes } from '../../arrange/validate.ts';
import { gapOf } from '../../formats/setting.ts';
import { doorsKeptClear } from '../../model/door.ts';
import type { Edit } from '../../model/edit.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import { standing } from '../../model/fixedThing.ts';
import type { BlockId } from '../../model/ids.ts';
import { LAID_FACTS, laidName } from '../../model/laidPiece.ts';
import type { Piece } from '../../model/piece.ts';
import { roomArea } from '../../model/room.ts';
import { limitsFor } from '../../model/school.ts';
import { boxOf, movedTo } from '../../model/shape.ts';
import { type BlockInput, floorOfOthers, type StandingBlock, takenFloor } from '../fitted.ts';

const place = (block: StandingBlock, piece: Piece, at: { x: number; y: number } | null): Edit => ({
  kind: 'place',
  blockId: block.id as BlockId,
  pieceId: piece.id,
  at: at && { value: at, by: 'teacher', pinned: true },
});

const cornerOf = ({ x, y }: { x: number; y: number }) => ({ x, y });

const takingFloor = (block: StandingBlock) => block.laid.filter((p) => LAID_FACTS[p.laid].takesFloor);
/** The room with everything that keeps floor from a block's places. */
const areaFor = (input: BlockInput, block: StandingBlock) => roomArea(input.room, 0, takenFloor(input, block.laid));

/** Names the obstacle at a keepOut index of that area: roomArea lists doors with a clear zone first, then fixed things, then laid pieces, then others' places. */
function obstacle(input: BlockInput, block: StandingBlock, index: number): { what: string; name: string } {
  const obstacles = [
    ...doorsKeptClear(input.room).map(({ name }) => ({ what: 'door', name })),
    ...standing(input.room).map(({ thing, name }) => ({ what: thing, name })),
    ...takingFloor(block).map((piece) => ({ what: 'piece', name: laidName(piece) })),
    ...floorOfOthers(input).map(({ name }) => ({ what: 'others', name })),
  ];
  return obstacles[index] ?? { what: 'wall', name: '' };
}

function ideasFor(input: BlockInput, block: StandingBlock, piece: Piece, wanted: number, gap: number): Idea[] {
  const game = block.game!;
  const others = game.pieces.filter((p) => p !== piece);
  const area = areaFor(input, block);
  const ideas: Idea[] = [];
  const box = boxOf(piece.shape);
  // A path or a zone has no other place that is simply nearest: it is laid out again as a whole.
  const boxed = piece.shape.shape === 'rect' || piece.shape.shape === 'circle';
  const boxes = others.map((o) => boxOf(o.shape));
  const target = boxed ? nearestClear(area, box, boxes, wanted, gap) : undefined;
  if (target) {
    const [dx, dy] = [target.x - box.x, target.y - box.y];
    const least = Math.min(...boxes.map((o) => gapBetween({ ...box, ...target }, o)));
    ideas.push({
      code: 'move-piece',
      data: { title: piece.title, dx, dy, metres: Math.hypot(dx, dy), ...(others.length && { gap: least }) },
      edits: [place(block, piece, target)],
    });
  }
  for (const other of others) {
    const mine = game.clearances[piece.id].metres;
    const theirs = game.clearances[other.id].metres;
    if (theirs >= mine) continue;
    const otherBox = boxOf(other.shape);
    const swapped = validateShapes(area, [movedTo(piece.shape, otherBox), movedTo(other.shape, box)], [mine, theirs], 0);
    if (swapped.some((t) => t.kind !== 'close')) continue;
    ideas.push({
      code: 'swap-pieces',
      data: { a: piece.number, b: other.number },
      edits: [place(block, piece, cornerOf(otherBox)), place(block, other, cornerOf(box))],
    });
    break;
  }
  const without = game.ideas.without?.[piece.id];
  if (without) ideas.push(without);
  if (piece.pinned) ideas.push({ code: 'peel-off', data: { title: piece.title }, edits: [place(block, piece, null)] });
  return ideas;
}

function finding(input: BlockInput, block: StandingBlock, trouble: Trouble): Noticed {
  const game = block.game!;
  const piece = game.pieces[trouble.unit];
  const { running, runM, metres } = game.clearances[piece.id];
  const gap = gapOf(game);
  const ideas = ideasFor(input, block, piece, metres, gap);
  const at = { block: block.id, piece: piece.id };
  const base = { title: piece.title, number: piece.number, found: trouble.found, wanted: trouble.wanted };
  if (trouble.kind === 'outside') return { code: 'piece-outside', weight: 'stop', at, data: base, ideas };
  if (trouble.kind === 'close') {
    const other = game.pieces[trouble.other];
    const weight = trouble.found < 0 ? ('stop' as const) : ('caution' as const);
    return {
      code: 'pieces-too-close',
      weight,
      at: { ...at, other: other.id },
      data: { ...base, other: other.title, otherNumber: other.number },
      ideas,
    };
  }
  const what = obstacle(input, block, trouble.other);
  const grave = trouble.found <= 0 || (running && trouble.found < limitsFor(input.school).leastRunOutM) || what.what === 'door';
  return {
    code: 'too-near',
    weight: grave ? 'stop' : 'caution',
    at: { ...at, near: `${what.what}${trouble.other}` },
    data: { ...base, ...what, running, runM, band: input.schoolClass.grade },
    ideas,
  };
}

/** Every piece inside, clear of walls, doors and fixed things by what it wants, and apart from the others. */
export function floorChecks(input: BlockInput, _: unknown, block: StandingBlock): Noticed[] {
  const game = block.game;
  if (!game) return [];
  const clearance = game.pieces.map((p) => game.clearances[p.id].metres);
  const shapes = game.pieces.map((p) => p.shape);
  return validateShapes(areaFor(input, block), shapes, clearance, gapOf(game)).map((t) => finding(input, block, t));
}
