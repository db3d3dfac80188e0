import { nearestClear } from '../../arrange/nearestClear.ts';
import type { RectPlace } from '../../arrange/rectPlaces.ts';
import type { Area } from '../../geometry/area.ts';
import { type LaidPiece, laidMoved } from '../../model/laidPiece.ts';
import type { Piece } from '../../model/piece.ts';
import { boxOf } from '../../model/shape.ts';
import type { AtPlace, Host } from '../hosted.ts';
import type { StationsContext } from './group.ts';
import { picked } from './picked.ts';

/** Metres by which a station is made larger for a game, the smallest first: half of it each way, all across, all along. */
const LARGER: readonly (readonly [number, number])[] = [
  [0, 0],
  ...[1, 2, 3, 4, 5, 6, 8].flatMap(
    (m) =>
      [
        [m / 2, m / 2],
        [m, 0],
        [0, m],
      ] as const,
  ),
];
/** The longest side of a station, m. */
const LONGEST_M = 15;

/** The largest of the groups: what lies at a station is enough for it. */
export const largestOf = (groups: readonly (readonly string[])[]): readonly string[] =>
  groups.reduce((most, g) => (g.length > most.length ? g : most), groups[0] ?? []);

/** The game at a station, planned for those who are there; undefined if the station is none. */
export function hostedAt(context: StationsContext, pieces: readonly Piece[], id: string, students: readonly string[]): AtPlace | undefined {
  const host = picked(context).find((p) => p.id === id)?.host;
  if (!host) return undefined;
  const { areaWidthM: width, areaDepthM: depth } = context.values;
  const piece = pieces.find((p) => p.id === id);
  return { host, plan: host.plan(students, piece ? boxOf(piece.shape) : { width, depth }) };
}

/** One station as large as its game needs, as near as can be to where it stands; as large as helps if there is no floor for all of it. */
function grown(
  area: Area,
  place: RectPlace,
  others: readonly RectPlace[],
  clearance: number,
  gap: number,
  plan: Host['plan'],
  students: readonly string[],
): RectPlace {
  let best = { place, share: 0 };
  for (const [wider, deeper] of LARGER) {
    const width = place.width + wider;
    const depth = place.depth + deeper;
    if (width > LONGEST_M || depth > LONGEST_M) continue;
    const wanted = { ...place, width, depth, ...(place.pinned ? {} : { x: place.x - wider / 2, y: place.y - deeper / 2 }) };
    const spot = nearestClear(area, wanted, others, clearance, gap);
    const isThere = spot && (!place.pinned || Math.hypot(spot.x - place.x, spot.y - place.y) < 0.06);
    if (!isThere && (wider || deeper)) continue;
    const { fits, share } = plan(students, { width, depth });
    if (!fits || share <= best.share) continue;
    best = { place: place.pinned || !spot ? { ...place, width, depth } : { ...wanted, ...spot }, share };
    if (share === 1) break;
  }
  return best.place;
}

/** The stations with those made larger that are games of their own, one after the other. `wants`: metres from walls, by number. */
export function grownForGames(
  context: StationsContext,
  area: Area,
  places: readonly RectPlace[],
  wants: readonly number[],
  groups: readonly (readonly string[])[],
): RectPlace[] {
  const hosts = new Map(picked(context).flatMap(({ id, host }) => (host ? [[id, host] as const] : [])));
  const students = largestOf(groups);
  return places.reduce<RectPlace[]>(
    (all, place, i) => {
      const host = hosts.get(place.id);
      if (!host || !students.length) return all;
      const others = all.filter((_, j) => j !== i);
      return all.with(i, grown(area, place, others, wants[place.number - 1], context.values.gapM, host.plan, students));
    },
    [...places],
  );
}

/** What lies at the stations that are games of their own; each thing moves with its station. */
export function hostedThings(context: StationsContext, pieces: readonly Piece[], groups: readonly (readonly string[])[]): LaidPiece[] {
  return pieces.flatMap(({ id, shape }) => {
    const there = hostedAt(context, pieces, id, largestOf(groups));
    const { x, y } = boxOf(shape);
    return (there?.plan.things ?? []).map((thing) => ({ ...laidMoved(thing, x, y), id: `${id}:${thing.id}`.slice(0, 64), of: id }));
  });
}
