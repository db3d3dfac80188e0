import { byWall, type Point, polygonDistance, rectPolygon } from '../../geometry/point.ts';
import { remembered } from '../../geometry/remembered.ts';
import type { Noticed } from '../../model/finding.ts';
import { fixedZone, standing } from '../../model/fixedThing.ts';
import type { BlockId } from '../../model/ids.ts';
import { footprint, LAID_FACTS, laidName } from '../../model/laidPiece.ts';
import { limitsFor } from '../../model/school.ts';
import { widestWays } from '../../safety/routes.ts';
import type { BareFit, FitInput, FittedBlock } from '../fitted.ts';

type Bare = Omit<BareFit, 'noticed'>;

const waysFrom = remembered(
  (outline: readonly Point[], solids: readonly (readonly Point[])[], start: Point, most: number, areas: readonly (readonly Point[])[]) => {
    const ways = widestWays(outline, solids, start, most);
    return areas.map((a) => ways.widthToArea(a));
  },
);

/** Ways wide enough from the door to every place: for who moves on wheels or with a walker, and out for everybody past what is solid. */
function routes(input: FitInput, bare: Bare, block: FittedBlock): Noticed[] {
  const limits = limitsFor(input.school);
  const playing = new Set(bare.people.playing);
  const wheels = input.ratings.filter((r) => r.wheels && playing.has(r.studentId));
  const solid = block.laid.filter((p) => LAID_FACTS[p.laid].solid).map(footprint);
  const door = input.room.doors.find((d) => d.exit) ?? input.room.doors[0];
  const pieces = block.game?.pieces ?? [];
  if (!door || !pieces.length || (!wheels.length && !solid.length)) return [];
  const point = byWall(input.room.outline, door.wall);
  const start = point(door.atM + door.widthM / 2, 0.5);
  const fixed = standing(input.room).map(fixedZone);
  const widthsTo = (areas: Point[][], others: Point[][]) => {
    const obstacles = [...fixed, ...solid, ...others].filter((o) => polygonDistance(o, [start, start, start]) > 0);
    return waysFrom(input.room.outline, obstacles, start, limits.playRouteM + 0.2, areas);
  };
  const places = pieces.map((p) => rectPolygon(p));
  // On wheels the other places are gone round, so that every place has ways of its own.
  const widths = wheels.length ? places.flatMap((area, i) => widthsTo([area], places.toSpliced(i, 1))) : widthsTo(places, []);
  return pieces.flatMap((piece, i): Noticed[] => {
    const width = widths[i];
    const wanted = wheels.length ? limits.playRouteM : limits.routeM;
    if (width >= wanted - 0.06) return [];
    const narrow = width < limits.routeM - 0.06;
    return [
      {
        code: wheels.length ? 'way-narrow' : 'way-out-narrow',
        weight: narrow ? 'stop' : 'caution',
        at: { block: block.id, piece: piece.id },
        data: {
          title: piece.title,
          number: piece.number,
          found: width,
          wanted,
          routeM: limits.routeM,
          wheels: wheels.map((w) => w.wheels),
        },
        ideas: () => wayIdeas(input, block, wanted),
      },
    ];
  });
}

function wayIdeas(input: FitInput, block: FittedBlock, wanted: number) {
  const blockId = block.id as BlockId;
  const gap = Number(block.game?.values.gapM);
  const wider = Math.ceil(wanted * 10) / 10;
  const solids = block.laid.filter((p) => LAID_FACTS[p.laid].solid && !p.locked);
  return [
    ...(Number.isFinite(gap) && gap < wider
      ? [{ code: 'wider-gap', data: { metres: wider }, edits: [{ kind: 'set-setting' as const, blockId, key: 'gapM', value: wider }] }]
      : []),
    ...solids.map((p) => ({
      code: 'take-up',
      data: { name: laidName(p) },
      edits: [{ kind: 'lay' as const, blockId, put: [], take: [p.id] }],
    })),
    ...(input.lesson.blocks.find((b) => b.id === block.id)?.game &&
    Object.keys(input.lesson.blocks.find((b) => b.id === block.id)!.game!.placed).length
      ? [
          {
            code: 'peel-all',
            data: {},
            edits: Object.keys(input.lesson.blocks.find((b) => b.id === block.id)!.game!.placed).map((pieceId) => ({
              kind: 'place' as const,
              blockId,
              pieceId,
              at: null,
            })),
          },
        ]
      : []),
  ];
}

/** Ways from the door to every place, as wide as those who go there need. */
export function wayChecks(input: FitInput, bare: Bare): Noticed[] {
  return bare.blocks.flatMap((block) => [...routes(input, bare, block)]);
}
