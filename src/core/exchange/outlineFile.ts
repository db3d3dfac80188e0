import { areaOf, boundsOf, crossingEdges, distance, millimetres, type Point, turnsLeft } from '../geometry/point.ts';
import type { OutlineProblem } from '../model/outline.ts';
import { readDxfPlan } from './dxfPlan.ts';
import type { ReadPlan } from './planRun.ts';
import { readSvgPlan } from './svgPlan.ts';

export type ReadOutline = { ok: true; outline: Point[]; metresPerUnit: number } | { ok: false; problem: OutlineProblem };

/** Characters of a file that is looked at: a plan of a room has far fewer. */
export const MOST_CHARACTERS = 4_000_000;
const MOST_CORNERS = 64;
const LEAST_M = 3;
const MOST_M = 100;

/** Where something is, in the drawing's units. */
const place = (p: Point) => `${Math.round(p.x * 100) / 100}, ${Math.round(p.y * 100) / 100}`;

/** The lines of a drawing. Whatever a parser throws at is no drawing that can be read. */
function readPlan(text: string): ReadPlan {
  try {
    return /^\s*(<\?xml|<!--|<svg|<!DOCTYPE)/i.test(text) ? readSvgPlan(text) : readDxfPlan(text);
  } catch {
    return { ok: false, problem: { code: 'not-a-drawing' } };
  }
}

/** Corners that lie on the line between their neighbours, and repeated ones, left out. */
function simplified(points: readonly Point[], near: number): Point[] {
  const apart = points.filter((p, i) => distance(p, points[(i + points.length - 1) % points.length]) > near);
  return apart.filter((p, i) => {
    const a = apart[(i + apart.length - 1) % apart.length];
    const b = apart[(i + 1) % apart.length];
    return Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) > near * distance(a, b);
  });
}

/**
 * The outline of a room from a drawing (DXF, or SVG with straight lines): its largest closed shape, in metres, anticlockwise, its
 * lower left corner first, moved to the origin. `metresPerUnit`: metres to one unit of the drawing; a DXF that says its own unit
 * needs none. Whatever is wrong comes back as a problem with its place; nothing is guessed.
 */
export function readOutline(text: string, metresPerUnit?: number): ReadOutline {
  const fail = (problem: OutlineProblem): ReadOutline => ({ ok: false, problem });
  if (text.length > MOST_CHARACTERS || !text.trim()) return fail({ code: 'not-a-drawing' });
  const plan = readPlan(text);
  if (!plan.ok) return plan;
  const { runs } = plan;
  const scale = metresPerUnit ?? plan.metresPerUnit ?? 1;
  const sized = runs.filter((r) => r.points.length >= 2 && r.points.every((p) => Number.isFinite(p.x) && Number.isFinite(p.y)));
  const closed = sized.filter((r) => r.closed && r.points.length >= 3);
  if (!closed.length) {
    const longest = sized.sort((a, b) => b.points.length - a.points.length)[0];
    return longest && longest.points.length > 2
      ? fail({ code: 'open', at: `${place(longest.points[0])} and ${place(longest.points[longest.points.length - 1])}` })
      : fail({ code: 'no-outline' });
  }
  const { points, curved, moved } = closed.reduce((a, b) => (areaOf(b.points) > areaOf(a.points) ? b : a));
  if (moved) return fail({ code: 'transformed', at: place(points[0]) });
  if (curved) return fail({ code: 'curved', at: place(points[0]) });
  const box = boundsOf(points);
  const wide = Math.max(box.width, box.depth);
  const corners = simplified(points, wide * 1e-5);
  if (corners.length > MOST_CORNERS) return fail({ code: 'too-many-corners', at: String(corners.length) });
  const crossing = corners.length >= 3 ? crossingEdges(corners) : undefined;
  if (crossing) return fail({ code: 'crosses', at: `${place(corners[crossing[0]])} and ${place(corners[crossing[1]])}` });
  const [width, depth] = [box.width * scale, box.depth * scale];
  const sound = (m: number) => m >= LEAST_M && m <= MOST_M;
  if (corners.length < 3 || !sound(width) || !sound(depth))
    return fail({ code: 'wrong-scale', at: `${millimetres(width)} × ${millimetres(depth)} m` });
  const left = turnsLeft(corners) ? corners : [...corners].reverse();
  const inRoom = left.map((p) => ({
    x: millimetres((p.x - box.x) * scale),
    y: millimetres((p.y - box.y) * scale),
  }));
  const first = inRoom.reduce((best, p, i) => (p.y + p.x * 1e-3 < inRoom[best].y + inRoom[best].x * 1e-3 - 1e-9 ? i : best), 0);
  return { ok: true, outline: [...inRoom.slice(first), ...inRoom.slice(0, first)], metresPerUnit: scale };
}
