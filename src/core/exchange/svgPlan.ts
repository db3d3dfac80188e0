import { XMLParser, XMLValidator } from 'fast-xml-parser';
import type { Point } from '../geometry/point.ts';
import type { OutlineProblem } from '../model/outline.ts';
import { MOST_DEPTH, MOST_ELEMENTS, MOST_POINTS, type PlanRun, type ReadPlan, refusePlan } from './planRun.ts';

const NUMBER = /[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g;
const lineAt = (text: string, at: number) => `line ${text.slice(0, at).split('\n').length}`;

/**
 * What the parser of XML cannot be given: entities of the file's own (they can grow without end), a tag that is not ended,
 * nesting or numbers of elements beyond any plan. One pass from front to back.
 */
function xmlProblem(text: string): OutlineProblem | undefined {
  let [depth, elements] = [0, 0];
  const entity = text.search(/<!ENTITY/i);
  if (entity >= 0) return { code: 'broken', at: lineAt(text, entity) };
  for (let at = text.indexOf('<'); at >= 0; at = text.indexOf('<', at)) {
    const [skip] = [['<!--', '-->'] as const, ['<![CDATA[', ']]>'] as const, ['<?', '?>'] as const].filter(([open]) =>
      text.startsWith(open, at),
    );
    const end = skip ? text.indexOf(skip[1], at + skip[0].length) : tagEnd(text, at);
    if (end < 0) return { code: 'broken', at: lineAt(text, at) };
    if (!skip && text[at + 1] === '/') depth -= 1;
    else if (!skip && text[at + 1] !== '!') {
      elements += 1;
      if (text[end - 1] !== '/') depth += 1;
    }
    if (depth > MOST_DEPTH) return { code: 'too-deep', at: lineAt(text, at) };
    if (elements > MOST_ELEMENTS) return { code: 'too-much', at: `more than ${MOST_ELEMENTS} elements` };
    at = end;
  }
  return undefined;
}

/** Where a tag ends: its `>` outside of quotes, or −1. */
function tagEnd(text: string, from: number): number {
  for (let at = from; at < text.length; at++) {
    const sign = text[at];
    if (sign === '>') return at;
    if (sign !== '"' && sign !== "'") continue;
    at = text.indexOf(sign, at + 1);
    if (at < 0) return -1;
  }
  return -1;
}

/** How many numbers each curve of a path takes; its last two are where it ends. */
const CURVES: Record<string, number> = { C: 6, S: 4, Q: 4, T: 2, A: 7 };

/** A path's runs, curves marked; or the place in it, counted in signs and numbers, where it is no path. */
function pathRuns(d: string): { runs: PlanRun[] } | { broken: number } {
  const tokens = d.match(/[a-zA-Z]|[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g) ?? [];
  const runs: PlanRun[] = [];
  let run: PlanRun = { points: [], closed: false, curved: false };
  let at: Point = { x: 0, y: 0 };
  let command = '';
  const finish = () => {
    if (run.points.length > 1) runs.push(run);
    run = { points: [], closed: false, curved: false };
  };
  for (let i = 0; i < tokens.length; ) {
    const named = /[a-zA-Z]/.test(tokens[i]);
    if (named) command = tokens[i++];
    const from = command === command.toLowerCase() ? at : { x: 0, y: 0 };
    const kind = command.toUpperCase();
    if (kind === 'Z') {
      // Nothing but another command may follow: a number here would be read for ever.
      if (!named) return { broken: i + 1 };
      if (run.points.length) at = run.points[0];
      run.closed = true;
      finish();
      continue;
    }
    const wanted = kind === 'H' || kind === 'V' ? 1 : kind === 'M' || kind === 'L' ? 2 : CURVES[kind];
    const values = tokens.slice(i, i + (wanted ?? 0)).map(Number);
    if (!wanted || values.length < wanted || !values.every(Number.isFinite)) return { broken: i + 1 };
    i += wanted;
    if (kind === 'M') {
      finish();
      command = command === 'm' ? 'l' : 'L';
    }
    if (kind === 'H') at = { x: from.x + values[0], y: at.y };
    else if (kind === 'V') at = { x: at.x, y: from.y + values[0] };
    else at = { x: from.x + values[wanted - 2], y: from.y + values[wanted - 1] };
    if (kind in CURVES) run.curved = true;
    run.points.push(at);
  }
  finish();
  return { runs };
}

type Node = Record<string, unknown>;
const number = (node: Node, key: string) => Number.parseFloat(String(node[key] ?? 0));

function cornersOf(node: Node): Point[] {
  const [x, y, w, h] = ['x', 'y', 'width', 'height'].map((k) => number(node, k));
  return [
    { x, y },
    { x: x + w, y },
    { x: x + w, y: y + h },
    { x, y: y + h },
  ];
}

function pointsOf(text: string): Point[] {
  const numbers = (text.match(NUMBER) ?? []).map(Number);
  return Array.from({ length: numbers.length >> 1 }, (_, i) => ({ x: numbers[2 * i], y: numbers[2 * i + 1] }));
}

/** Every shape of an SVG text; y turned so that it grows upwards. What a transform moves and what is curved is marked. */
export function readSvgPlan(text: string): ReadPlan {
  const problem = xmlProblem(text);
  if (problem) return refusePlan(problem);
  if (XMLValidator.validate(text) !== true) return refusePlan({ code: 'not-a-drawing' });
  const tree = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '', parseAttributeValue: false }).parse(text) as Node;
  if (typeof tree.svg !== 'object' || tree.svg === null) return refusePlan({ code: 'not-a-drawing' });
  const runs: PlanRun[] = [];
  let [paths, points] = [0, 0];
  let fault: OutlineProblem | undefined;
  const add = (run: PlanRun) => {
    points += run.points.length;
    if (points > MOST_POINTS) fault ??= { code: 'too-much', at: `more than ${MOST_POINTS} points` };
    else runs.push(run);
  };
  const walk = (tag: string, value: unknown, within: boolean): void => {
    const moved = within || (typeof value === 'object' && value !== null && 'transform' in value);
    if (Array.isArray(value)) {
      for (const each of value) walk(tag, each, moved);
      return;
    }
    if (typeof value !== 'object' || value === null || fault) return;
    const node = value as Node;
    if (tag === 'path') {
      paths += 1;
      const read = pathRuns(String(node.d ?? ''));
      if ('broken' in read) fault ??= { code: 'broken', at: `path ${paths}, sign ${read.broken}` };
      else for (const run of read.runs) add({ ...run, moved });
    }
    if (tag === 'polygon' || tag === 'polyline')
      add({ points: pointsOf(String(node.points ?? '')), closed: tag === 'polygon', curved: false, moved });
    if (tag === 'rect') add({ points: cornersOf(node), closed: true, curved: false, moved });
    for (const [key, child] of Object.entries(node)) if (typeof child === 'object') walk(key, child, moved);
  };
  walk('svg', tree.svg, false);
  if (fault) return refusePlan(fault);
  return { ok: true, runs: runs.map((r) => ({ ...r, points: r.points.map((p) => ({ x: p.x, y: -p.y })) })) };
}
