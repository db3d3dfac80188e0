import DxfParser from 'dxf-parser';
import { boundsOf, distance, type Point } from '../geometry/point.ts';
import { MOST_LINES, MOST_POINTS, type PlanRun, type ReadPlan, refusePlan } from './planRun.ts';

/** Metres to one unit of a DXF by its $INSUNITS. */
const INSUNITS: Record<number, number> = { 1: 0.0254, 2: 0.3048, 4: 0.001, 5: 0.01, 6: 1, 14: 0.1 };

/** One pair of a DXF text: a group code and its value, with the number of the code's line from 1. */
interface Pair {
  code: number;
  value: string;
  line: number;
}
/** An entity's own pairs, its vertices' included. */
interface Entity {
  kind: string;
  line: number;
  pairs: Pair[];
}

/** Group codes of a line or polyline that a plan is read from: flags, points, bulges. */
const WANTED: Record<string, number[]> = {
  LINE: [10, 20, 11, 21],
  LWPOLYLINE: [70, 10, 20, 42],
  POLYLINE: [70],
  VERTEX: [10, 20, 42],
  SEQEND: [],
};

const broken = (line: number) => refusePlan({ code: 'broken', at: `line ${line}` });

/** The pairs of a text up to its end, or the line where they break off. */
function pairsOf(text: string): { pairs: Pair[] } | { broken: number } {
  const lines = text.split(/\r\n|\r|\n/);
  const pairs: Pair[] = [];
  for (let i = 0; i + 1 < lines.length; i += 2) {
    const code = Number(lines[i].trim() || Number.NaN);
    if (!Number.isInteger(code)) return { broken: i + 1 };
    const value = lines[i + 1].trim();
    if (code === 0 && value === 'EOF') return { pairs };
    pairs.push({ code, value, line: i + 1 });
  }
  return { broken: lines.length };
}

/** The pairs of a section without its frame; undefined if there is none, and its last line if it is not ended. */
function sectionOf(pairs: readonly Pair[], name: string): Pair[] | { broken: number } | undefined {
  const at = pairs.findIndex((p, i) => p.code === 0 && p.value === 'SECTION' && pairs[i + 1]?.code === 2 && pairs[i + 1].value === name);
  if (at < 0) return undefined;
  const end = pairs.findIndex((p, i) => i > at && p.code === 0 && p.value === 'ENDSEC');
  return end < 0 ? { broken: pairs[pairs.length - 1].line } : pairs.slice(at + 2, end);
}

function entitiesOf(section: readonly Pair[]): Entity[] {
  const entities: Entity[] = [];
  for (const pair of section) {
    if (pair.code === 0) entities.push({ kind: pair.value, line: pair.line, pairs: [] });
    else entities.at(-1)?.pairs.push(pair);
  }
  return entities;
}

/**
 * The lines and polylines of the entities written out again, whole and nothing else, or the line at which one breaks a promise
 * of the format: the parser trusts counts and endings, and would read on for ever.
 */
function tidyEntities(entities: readonly Entity[]): { text: string[]; lines: number; points: number } | { broken: number } {
  const text: string[] = [];
  let [lines, points] = [0, 0];
  let open: Entity | undefined;
  for (const entity of entities) {
    const { kind, pairs } = entity;
    if (open && kind !== 'VERTEX' && kind !== 'SEQEND') return { broken: open.line };
    if (kind === 'POLYLINE') open = entity;
    if (!Object.hasOwn(WANTED, kind) || (!open && (kind === 'VERTEX' || kind === 'SEQEND'))) continue;
    const wanted = pairs.filter((p) => WANTED[kind].includes(p.code));
    const wrong = wanted.find((p) => !Number.isFinite(Number(p.value || Number.NaN)));
    if (wrong) return { broken: wrong.line };
    const corners = wanted.filter((p) => p.code === 10).length;
    const stated = pairs.find((p) => p.code === 90);
    if (kind === 'LWPOLYLINE' && stated && Number(stated.value) !== corners) return { broken: stated.line };
    text.push('0', kind);
    if (kind === 'LWPOLYLINE') text.push('90', String(corners));
    for (const p of wanted) text.push(String(p.code), p.value);
    points += corners;
    if (kind === 'LINE') lines += 1;
    if (kind === 'SEQEND') open = undefined;
  }
  return open ? { broken: open.line } : { text, lines, points };
}

/** Lines end to end joined to runs: many plans draw a room wall by wall. */
function joined(lines: readonly [Point, Point][], near: number): PlanRun[] {
  const left = [...lines];
  const runs: PlanRun[] = [];
  while (left.length) {
    const points = [...left.pop()!];
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

/** Every line and polyline of a DXF text, lines joined end to end, and its unit if it says one. */
export function readDxfPlan(text: string): ReadPlan {
  const read = pairsOf(text);
  if ('broken' in read) return text.includes('SECTION') ? broken(read.broken) : refusePlan({ code: 'not-a-drawing' });
  const section = sectionOf(read.pairs, 'ENTITIES');
  if (!section) return refusePlan({ code: 'not-a-drawing' });
  if ('broken' in section) return broken(section.broken);
  const tidy = tidyEntities(entitiesOf(section));
  if ('broken' in tidy) return broken(tidy.broken);
  if (tidy.lines > MOST_LINES) return refusePlan({ code: 'too-much', at: `${tidy.lines} lines` });
  if (tidy.points > MOST_POINTS) return refusePlan({ code: 'too-much', at: `${tidy.points} points` });
  const clean = ['0', 'SECTION', '2', 'ENTITIES', ...tidy.text, '0', 'ENDSEC', '0', 'EOF', ''].join('\n');
  const unit = read.pairs[read.pairs.findIndex((p) => p.code === 9 && p.value === '$INSUNITS') + 1];
  const lines: [Point, Point][] = [];
  const runs: PlanRun[] = [];
  for (const { type, vertices = [], shape } of new DxfParser().parseSync(clean)?.entities ?? []) {
    const points = vertices.map(({ x, y }) => ({ x, y }));
    if (type === 'LINE' && points.length === 2) lines.push([points[0], points[1]]);
    else if (type === 'LWPOLYLINE' || type === 'POLYLINE')
      runs.push({ points, closed: shape === true, curved: vertices.some((v) => Math.abs(v.bulge ?? 0) > 1e-9) });
  }
  const size = boundsOf([...lines.flat(), ...runs.flatMap((r) => r.points)]);
  runs.push(...joined(lines, Math.max(size.width, size.depth) * 1e-4));
  return { ok: true, runs, metresPerUnit: unit?.code === 70 ? INSUNITS[Number(unit.value)] : undefined };
}
