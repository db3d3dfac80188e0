import type { Placement } from '../geometry/packUnits.ts';
import { millimetres, type Point, type Rect } from '../geometry/point.ts';
import { paintedLines } from '../model/painted.ts';
import type { Room } from '../model/room.ts';

/** A line that a dragged place came to lie on: where (x of an upright one, y of a level one), how far it reaches, what it is. */
export interface Guide {
  along: 'x' | 'y';
  at: number;
  from: number;
  to: number;
  /** 'painted': a line on the floor; 'edge': in line with another place; 'even': as far from the place before as from the one after. */
  kind: 'painted' | 'edge' | 'even';
}

interface Candidate {
  /** How far the place moves to lie on it. */
  by: number;
  guide: Guide;
}

/** Nearer than this, in metres, a dragged place comes to lie on a line. */
export const SNAP_M = 0.2;
/** Paint wins over edges that are this much nearer: it is there already, and needs no tape. */
const PAINT_FIRST_M = 0.12;

/** The straight lines of paint along the axes: x or y, and from where to where. */
export function paintedGuides(room: Pick<Room, 'painted'>): Guide[] {
  return room.painted.flatMap(paintedLines).flatMap(([a, b]): Guide[] => {
    const span = (p: keyof Point) => ({ from: Math.min(a[p], b[p]), to: Math.max(a[p], b[p]) });
    if (Math.abs(a.x - b.x) < 1e-6 && Math.abs(a.y - b.y) > 0.3) return [{ along: 'x', at: a.x, ...span('y'), kind: 'painted' }];
    if (Math.abs(a.y - b.y) < 1e-6 && Math.abs(a.x - b.x) > 0.3) return [{ along: 'y', at: a.y, ...span('x'), kind: 'painted' }];
    return [];
  });
}

/** A rectangle seen along one axis: where it begins and ends, and where across. */
const seen = (r: Rect, along: 'x' | 'y') =>
  along === 'x'
    ? { low: r.x, high: r.x + r.width, across: [r.y, r.y + r.depth] as const }
    : { low: r.y, high: r.y + r.depth, across: [r.x, r.x + r.width] as const };

function candidates(moving: Rect, others: readonly Rect[], painted: readonly Guide[], along: 'x' | 'y'): Candidate[] {
  const me = seen(moving, along);
  const found: Candidate[] = [];
  const middle = (me.low + me.high) / 2;
  for (const line of painted) {
    if (line.along !== along || line.to < me.across[0] - SNAP_M || line.from > me.across[1] + SNAP_M) continue;
    for (const edge of [me.low, me.high]) found.push({ by: line.at - edge, guide: line });
  }
  const rows = others.map((o) => seen(o, along));
  for (const other of rows) {
    const from = Math.min(me.across[0], other.across[0]);
    const to = Math.max(me.across[1], other.across[1]);
    const mine: [number, number][] = [
      [me.low, other.low],
      [me.low, other.high],
      [me.high, other.low],
      [me.high, other.high],
      [middle, (other.low + other.high) / 2],
    ];
    for (const [edge, at] of mine) found.push({ by: at - edge, guide: { along, at, from, to, kind: 'edge' } });
  }
  const beside = rows.filter((o) => o.across[0] < me.across[1] && o.across[1] > me.across[0]);
  const before = Math.max(...beside.filter((o) => o.high <= middle).map((o) => o.high));
  const after = Math.min(...beside.filter((o) => o.low >= middle).map((o) => o.low));
  if (Number.isFinite(before) && Number.isFinite(after)) {
    const at = (before + after) / 2;
    found.push({ by: at - middle, guide: { along, at, from: me.across[0], to: me.across[1], kind: 'even' } });
  }
  return found;
}

/**
 * Where a dragged rectangle comes to lie: x and y each on the nearest line within SNAP_M (painted ones first), with the lines it
 * lies on then. Others are what stands still. Not snapped where nothing is near: x and y as they were.
 */
export function snapTo(moving: Rect, others: readonly Placement[], painted: readonly Guide[]): { x: number; y: number; guides: Guide[] } {
  const at = { x: moving.x, y: moving.y };
  const guides: Guide[] = [];
  for (const along of ['x', 'y'] as const) {
    const price = (c: Candidate) => Math.abs(c.by) - (c.guide.kind === 'painted' ? PAINT_FIRST_M : 0);
    const near = candidates(moving, others, painted, along)
      .filter((c) => Math.abs(c.by) <= SNAP_M)
      .sort((a, b) => price(a) - price(b));
    if (!near.length) continue;
    at[along] = millimetres(moving[along] + near[0].by);
    guides.push(near[0].guide);
  }
  return { ...at, guides };
}
