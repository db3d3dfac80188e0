import DxfParser from 'dxf-parser';
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { areaOf, boundsOf, crossingEdges, distance, millimetres, type Point, turnsLeft } from '../geometry/point.ts';
import type { OutlineProblem } from '../model/outline.ts';

export type ReadOutline = { ok: true; outline: Point[]; metresPerUnit: number } | { ok: false; problem: OutlineProblem };

/** Characters of a file that is looked at: a plan of a room has far fewer. */
export const MOST_CHARACTERS = 4_000_000;
const MOST_CORNERS = 64;
const LEAST_M = 3;
const MOST_M = 100;
/** Metres to one unit of a DXF by its $INSUNITS. */
const INSUNITS: Record<number, number> = { 1: 0.0254, 2: 0.3048, 4: 0.001, 5: 0.01, 6: 1, 14: 0.1 };

interface Run {
  points: Point[];
  closed: boolean;
  curved: boolean;
  /** Moved or turned by a transform, which is not worked out here. */
  moved?: boolean;
}

/** Where something is, in the drawing's units. */
const place = (p: Point) => `${Math.round(p.x * 100) / 100}, ${Math.round(p.y * 100) / 100}`;

/** Lines end to end joined to runs: many plans draw a room wall by wall. */
function joined(lines: readonly [Point, Point][], near: number): Run[] {
  const left = [...lines];
  const runs: Run[] = [];
  while (left.length) {
    const points = [...left.shift()!];
    for (let grown = true; grown; ) {
      grown = false;
      const end = points[points.length - 1];
      const next = left.findIndex(([a, b]) => distance(a, end) <= near || distance(b, end) <= near);
      if (next < 0) break;
      const [[a, b]] = left.splice(next, 1);
      points.push(distance(a, end) <= near ? b : a);
      grown = distance(points[0], points[points.length - 1]) > near;
    }
    const closed = points.length > 3 && distance(points[0], points[points.length - 1]) <= near;
    runs.push({ points: closed ? points.slice(0, -1) : points, closed, curved: false });
  }
  return runs;
}

function dxfRuns(text: string): { runs: Run[]; metresPerUnit: number | undefined } | undefined {
  try {
    const drawing = new DxfParser().parseSync(text);
    if (!drawing) return undefined;
    const lines: [Point, Point][] = [];
    const runs: Run[] = [];
    for (const { type, vertices = [], shape } of drawing.entities) {
      const points = vertices.map(({ x, y }) => ({ x, y }));
      if (type === 'LINE' && points.length === 2) lines.push([points[0], points[1]]);
      else if (type === 'LWPOLYLINE' || type === 'POLYLINE')
        runs.push({ points, closed: shape === true, curved: vertices.some((v) => Math.abs(v.bulge ?? 0) > 1e-9) });
    }
    const size = boundsOf(lines.flat().concat(runs.flatMap((r) => r.points)));
    runs.push(...joined(lines, Math.max(size.width, size.depth) * 1e-4));
    return { runs, metresPerUnit: INSUNITS[Number(drawing.header.$INSUNITS)] };
  } catch {
    return undefined;
  }
}

/** A path's straight runs; curved ones are told, not guessed. */
function pathRuns(d: string): Run[] {
  const tokens = d.match(/[a-zA-Z]|[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g) ?? [];
  const runs: Run[] = [];
  let run: Run = { points: [], closed: false, curved: false };
  let at: Point = { x: 0, y: 0 };
  let command = '';
  const finish = () => {
    if (run.points.length > 1) runs.push(run);
    run = { points: [], closed: false, curved: false };
  };
  for (let i = 0; i < tokens.length; ) {
    if (/[a-zA-Z]/.test(tokens[i])) command = tokens[i++];
    const from = command === command.toLowerCase() ? at : { x: 0, y: 0 };
    const kind = command.toUpperCase();
    if (kind === 'Z') {
      if (run.points.length) at = run.points[0];
      run.closed = true;
      finish();
    } else if (kind === 'M' || kind === 'L' || kind === 'H' || kind === 'V') {
      const first = Number(tokens[i++]);
      if (!Number.isFinite(first)) break;
      if (kind === 'H') at = { x: from.x + first, y: at.y };
      else if (kind === 'V') at = { x: at.x, y: from.y + first };
      else at = { x: from.x + first, y: from.y + Number(tokens[i++]) };
      if (kind === 'M') {
        finish();
        command = command === 'm' ? 'l' : 'L';
      }
      run.points.push(at);
    } else {
      const numbers = { C: 6, S: 4, Q: 4, T: 2, A: 7 }[kind];
      if (!numbers) break;
      const values = tokens.slice(i, i + numbers).map(Number);
      i += numbers;
      if (values.length < numbers) break;
      at = { x: from.x + values[numbers - 2], y: from.y + values[numbers - 1] };
      run.curved = true;
      run.points.push(at);
    }
  }
  finish();
  return runs;
}

type Node = Record<string, unknown>;
const number = (node: Node, key: string) => Number.parseFloat(String(node[key] ?? 0));

/** Every straight-lined shape of an SVG; y turned so that it grows upwards. What a transform moves is marked. */
function svgRuns(text: string): Run[] | undefined {
  if (XMLValidator.validate(text) !== true) return undefined;
  const tree = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '', parseAttributeValue: false }).parse(text) as Node;
  if (typeof tree.svg !== 'object' || tree.svg === null) return undefined;
  const runs: Run[] = [];
  const walk = (tag: string, value: unknown, within: boolean): void => {
    const moved = within || (typeof value === 'object' && value !== null && 'transform' in value);
    if (Array.isArray(value)) {
      for (const each of value) walk(tag, each, moved);
      return;
    }
    if (typeof value !== 'object' || value === null) return;
    const node = value as Node;
    if (tag === 'path') runs.push(...pathRuns(String(node.d ?? '')).map((r) => ({ ...r, moved })));
    if (tag === 'polygon' || tag === 'polyline') {
      const numbers = (String(node.points ?? '').match(/[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g) ?? []).map(Number);
      const points = Array.from({ length: numbers.length >> 1 }, (_, i) => ({ x: numbers[2 * i], y: numbers[2 * i + 1] }));
      runs.push({ points, closed: tag === 'polygon', curved: false, moved });
    }
    if (tag === 'rect') {
      const [x, y, w, h] = ['x', 'y', 'width', 'height'].map((k) => number(node, k));
      runs.push({
        points: [
          { x, y },
          { x: x + w, y },
          { x: x + w, y: y + h },
          { x, y: y + h },
        ],
        closed: true,
        curved: false,
        moved,
      });
    }
    for (const [key, child] of Object.entries(node)) if (typeof child === 'object') walk(key, child, moved);
  };
  walk('svg', tree.svg, false);
  return runs.map((r) => ({ ...r, points: r.points.map((p) => ({ x: p.x, y: -p.y })) }));
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
  const svg = /^\s*(<\?xml|<!--|<svg|<!DOCTYPE)/i.test(text);
  const dxf = svg ? undefined : dxfRuns(text);
  const runs = svg ? svgRuns(text) : dxf?.runs;
  if (!runs) return fail({ code: 'not-a-drawing' });
  const scale = metresPerUnit ?? dxf?.metresPerUnit ?? 1;
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
