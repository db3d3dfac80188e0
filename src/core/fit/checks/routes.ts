import { byWall, type Point, polygonDistance, type Rect, rectPolygon } from '../../geometry/point.ts';
import { memoize } from '../../memoize.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import { fixedZone, standing } from '../../model/fixedThing.ts';
import type { BlockId } from '../../model/ids.ts';
import { footprint, LAID_FACTS, laidName } from '../../model/laidPiece.ts';
import { limitsFor } from '../../model/school.ts';
import { boxOf } from '../../model/shape.ts';
import { movesWith } from '../../model/student.ts';
import { routesAround, widestRoutes } from '../../safety/routes.ts';
import { type BlockInput, type FitDraft, laidIn, type StandingBlock } from '../fitted.ts';

type Bare = Pick<FitDraft, 'defaults' | 'people'>;

const routesTo = memoize(
  (
    outline: readonly Point[],
    solids: readonly (readonly Point[])[],
    start: Point,
    most: number,
    places: readonly Rect[],
    apart: boolean,
  ) => {
    const straight = () => {
      const routes = widestRoutes(outline, solids, start, most);
      return places.map((place) => routes.widthToArea(rectPolygon(place)));
    };
    if (!apart) return straight();
    // A way that goes around other places is a line to be crossed before they begin: it is gone around by nobody.
    const single = places.filter((place) => !places.some((other) => other !== place && isAround(place, other)));
    if (single.length === places.length) return routesAround(outline, solids, places, start, most);
    const around = routesAround(outline, solids, single, start, most);
    return straight().map((width, i) => around[single.indexOf(places[i])] ?? width);
  },
);

/** Whether a place lies all around another one. */
const isAround = (outer: Rect, inner: Rect): boolean =>
  outer.x < inner.x && outer.y < inner.y && outer.x + outer.width > inner.x + inner.width && outer.y + outer.depth > inner.y + inner.depth;

/** Routes wide enough from the door to every place: for those who move on wheels or with a walker, and out for everybody past what is solid. */
export function routeChecks(input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] {
  const limits = limitsFor(input.school);
  const playing = new Set(bare.people.playing);
  const wheels = input.ratings.filter((r) => movesWith(r) && playing.has(r.studentId));
  const beside = (input.day?.floors ?? []).filter((f) => f.when === 'same').flatMap((f) => f.laid);
  const solid = [...laidIn(block), ...beside].filter((p) => LAID_FACTS[p.laid].solid).map(footprint);
  const door = input.room.doors.find((d) => d.exit) ?? input.room.doors[0];
  const pieces = block.game?.pieces ?? [];
  if (!door || !pieces.length || (!wheels.length && !solid.length)) return [];
  const point = byWall(input.room.outline, door.wall);
  const start = point(door.atM + door.widthM / 2, 0.5);
  const fixed = standing(input.room).map(fixedZone);
  const solids = [...fixed, ...solid].filter((o) => polygonDistance(o, [start, start, start]) > 0);
  const places = pieces.map(({ shape }) => boxOf(shape));
  // On wheels the other places are gone around, so that every place has a route of its own.
  const widths = routesTo(input.room.outline, solids, start, limits.playRouteM + 0.2, places, wheels.length > 0);
  return pieces.flatMap((piece, i): Noticed[] => {
    const width = widths[i];
    const wanted = wheels.length ? limits.playRouteM : limits.routeM;
    if (width >= wanted - 0.06) return [];
    const narrow = width < limits.routeM - 0.06;
    return [
      {
        code: wheels.length ? 'route-narrow' : 'exit-route-narrow',
        weight: narrow ? 'stop' : 'caution',
        at: { block: block.id, piece: piece.id },
        data: {
          title: piece.title,
          number: piece.number,
          found: width,
          wanted,
          routeM: limits.routeM,
          wheels: wheels.map(movesWith),
        },
        ideas: () => routeIdeas(input, block, wanted),
      },
    ];
  });
}

function routeIdeas(input: BlockInput, block: StandingBlock, wanted: number): Idea[] {
  const blockId = block.id as BlockId;
  const gap = block.game?.roles.gap;
  const wider = Math.ceil(wanted * 10) / 10;
  const solids = block.laid.filter((p) => LAID_FACTS[p.laid].solid && !p.locked);
  const placed = Object.keys(input.lesson.blocks.find((b) => b.id === block.id)?.game?.placed ?? {});
  const ideas: Idea[] = [];
  if (gap && Number(gap.value) < wider)
    ideas.push({ code: 'wider-gap', data: { metres: wider }, edits: [{ kind: 'set-setting', blockId, key: gap.key, value: wider }] });
  for (const p of solids)
    ideas.push({ code: 'take-up', data: { name: laidName(p) }, edits: [{ kind: 'lay', blockId, put: [], take: [p.id] }] });
  if (placed.length)
    ideas.push({ code: 'peel-all', data: {}, edits: placed.map((pieceId) => ({ kind: 'place', blockId, pieceId, at: null })) });
  return ideas;
}
