import { freeM2 } from '../../geometry/area.ts';
import { distance, middleOf, type Point, rectPolygon } from '../../geometry/point.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import { fixedZone, standing } from '../../model/fixedThing.ts';
import { BlockId } from '../../model/ids.ts';
import { laidName } from '../../model/laidPiece.ts';
import { VIGOUR_SHARE, VIGOURS, type Vigour } from '../../model/limits.ts';
import { roomArea } from '../../model/room.ts';
import { limitsFor } from '../../model/school.ts';
import { boxOf, meetingPoint, partsOf } from '../../model/shape.ts';
import { betterSpot, inTheWay, unseen } from '../../safety/sight.ts';
import { type BlockInput, type FitDraft, laidIn, type StandingBlock } from '../fitted.ts';
import { laidOf, putIdea } from './laidFix.ts';

type Bare = Pick<FitDraft, 'defaults' | 'people'>;

/** Floor for everyone who plays: the free square metres against what the block's vigour wants for each. */
function crowding(input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] {
  const playing = bare.people.playing.length;
  const vigour: Vigour = input.lesson.blocks.find((b) => b.id === block.id)?.vigour ?? 'moderate';
  if (!block.game || !playing) return [];
  const wanted = bare.defaults.floorPerStudent * VIGOUR_SHARE[vigour];
  const found = freeM2(roomArea(input.room, 0)) / playing;
  if (found >= wanted) return [];
  const calmer = VIGOURS.slice(0, VIGOURS.indexOf(vigour)).reverse();
  return [
    {
      code: 'crowded',
      weight: 'caution',
      at: { block: block.id },
      data: { found, wanted, playing, vigour },
      ideas: calmer.map((v) => ({
        code: 'calmer',
        data: { vigour: v },
        edits: [{ kind: 'set-block', blockId: block.id as BlockId, patch: { vigour: v } }],
      })),
    },
  ];
}

/** What the teacher does not see from where they stand. */
function sight(input: BlockInput, block: StandingBlock): Noticed[] {
  const spots = laidOf(block, 'teacher');
  if (!spots.length) return [];
  const blockers = inTheWay(input.room, laidIn(block), limitsFor(input.school).seenOverM);
  const places = [
    ...(block.game?.pieces ?? []).map(({ title, shape }) => {
      if (shape.shape === 'path') return { name: title, at: meetingPoint(shape), more: shape.points };
      const box = boxOf(shape);
      const inner = { x: box.x + 0.4, y: box.y + 0.4, width: Math.max(0.1, box.width - 0.8), depth: Math.max(0.1, box.depth - 0.8) };
      return { name: title, at: middleOf(box), more: rectPolygon(inner) };
    }),
    ...laidOf(block, 'waiting-line', 'side-box', 'home').map((p) => ({ name: laidName(p), at: { x: p.x, y: p.y }, more: [] as Point[] })),
  ];
  const points = places.flatMap((p) => [p.at, ...p.more].map((at) => ({ at, name: p.name })));
  const at = points.map((p) => p.at);
  const hidden = unseen(input.room.outline, blockers, spots, at);
  if (!hidden.length) return [];
  const taken = [...standing(input.room).map(fixedZone), ...(block.game?.pieces ?? []).flatMap((p) => partsOf(p.shape))];
  const better = (): Idea[] => {
    const [spot] = spots;
    const found = spot.locked ? undefined : betterSpot(input.room.outline, blockers, taken, spot, at);
    if (found?.seen !== points.length) return [];
    return [putIdea(block, [{ ...spot, ...found.spot }], 'stand-there', { metres: distance(spot, found.spot) })];
  };
  const names = [...new Set(hidden.map((i) => points[i].name))];
  return [
    {
      code: 'unseen',
      weight: 'caution',
      at: { block: block.id, piece: spots[0].id },
      data: { names, hidden: hidden.length, points: points.length },
      ideas: better,
    },
  ];
}

/** Usual bounds of a water block, seconds. */
const WATER = { least: 60, most: 120 };

/** Outside and no water in the lesson: heat is told before it is felt. */
export function waterCheck(input: BlockInput): Noticed[] {
  const { blocks } = input.lesson;
  if (!input.room.outside || !blocks.some((b) => b.game) || blocks.some((b) => b.phase === 'water')) return [];
  const last = blocks.findLastIndex((b) => b.game);
  const block = { id: BlockId.parse('water-outside'), phase: 'water' as const, title: 'Water', ...WATER, weight: 0.5 };
  return [
    {
      code: 'no-water-outside',
      weight: 'note',
      at: {},
      data: {},
      ideas: [{ code: 'add-water', data: {}, edits: [{ kind: 'insert-block', index: last + 1, block }] }],
    },
  ];
}

/** Room for everybody to move, and what the teacher sees. */
export const sightChecks = (input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] => [
  ...crowding(input, bare, block),
  ...sight(input, block),
];
