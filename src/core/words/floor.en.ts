import type { Arrangement } from '../arrange/layMany.ts';
import { distance, edgesOf, type Polygon, turnsLeft } from '../geometry/point.ts';
import type { LaidKind, LaneUse } from '../model/laidPiece.ts';
import type { OutlineProblem } from '../model/outline.ts';

const SIDES = ['east', 'north', 'west', 'south'] as const;

/**
 * Every wall's name by the side of the room it bounds: "south wall"; where several bound one side, the longest keeps the plain
 * name and the others are told apart by number: "south wall 2". Wall 0 is the main door wall.
 */
export function wallNames(outline: Polygon): string[] {
  const inward = turnsLeft(outline) ? 1 : -1;
  const walls = edgesOf(outline).map(([a, b]) => {
    // Outward normal's quarter: 0 east, 1 north, 2 west, 3 south.
    const angle = Math.atan2(-(b.x - a.x) * inward, (b.y - a.y) * inward);
    return { side: SIDES[(Math.round(angle / (Math.PI / 2)) + 4) % 4], length: distance(a, b) };
  });
  return walls.map(({ side, length }, i) => {
    const same = walls.map((w, j) => ({ ...w, j })).filter((w) => w.side === side);
    const rank = same.sort((a, b) => b.length - a.length || a.j - b.j).findIndex((w) => w.j === i);
    return rank > 0 ? `${side} wall ${rank + 1}` : length > 0 ? `${side} wall` : '';
  });
}

const OUTLINE_PROBLEMS: Record<OutlineProblem['code'], (at: string) => string> = {
  'not-a-drawing': () => 'This is no DXF and no SVG that can be read. Save the plan as one of them, then choose it again.',
  broken: (at) => `This file is damaged at ${at}. Save the plan again from the drawing program.`,
  'too-deep': (at) => `The groups of this drawing are nested too deep, at ${at}. Save only the walls.`,
  'too-much': (at) => `This drawing has ${at}: far more than the walls of a room. Save only the walls.`,
  'too-slow': () => 'Reading this plan took too long and was stopped. Save only the walls, then choose it again.',
  'no-outline': () => 'There is no closed shape in this drawing. Draw the walls as one closed line.',
  transformed: (at) => `The outline at ${at} is moved or turned by a transform. Apply it in the drawing program, then save again.`,
  curved: (at) => `The outline at ${at} has a curved wall. Draw it as short straight ones.`,
  open: (at) => `The outline is open: its ends are at ${at}. Close it, then save again.`,
  crosses: (at) => `Two walls cross, those that begin at ${at}. A room's outline must not cross itself.`,
  'too-many-corners': (at) => `The outline has ${at} corners; 64 are the most.`,
  'wrong-scale': (at) => `The room would be ${at}; 3 to 100 m (10 to 328 ft) are sound. Choose another unit.`,
};
/** What is wrong with a drawing, and what to do. */
export const outlineProblemWords = (problem: OutlineProblem): string => OUTLINE_PROBLEMS[problem.code]('at' in problem ? problem.at : '');

/** What every kind of piece is called. */
export const LAID_WORDS: Record<LaidKind, string> = {
  'no-cross': 'no-cross line',
  lane: 'lane',
  target: 'target',
  spot: 'spot',
  hoop: 'hoop',
  cone: 'cone',
  gate: 'cone gate',
  barrier: 'barrier',
  goal: 'goal',
  'waiting-line': 'waiting line',
  'side-box': 'side box',
  home: 'home marker',
  'gear-drop': 'gear drop',
  element: 'course element',
  teacher: 'teacher spot',
  court: 'court',
  line: 'line',
  position: 'position',
  adult: 'support adult spot',
};
/** A piece's title as it was given, or what its kind is called. */
export const laidWords = (name: string): string => LAID_WORDS[name as LaidKind] ?? name;
/** The same with its number if several are called alike. */
export const unitWords = ({ name, nth }: { name: string; nth?: number }): string => (nth ? `${laidWords(name)} ${nth}` : laidWords(name));

export const ARRANGEMENT_WORDS: Record<Arrangement, string> = {
  spread: 'spread as far apart as can be',
  spaced: 'as many as keep a distance',
  'side-by-side': 'side by side, one direction',
  ring: 'in a ring',
  arc: 'in an arc',
  row: 'in a row',
};
export const USE_WORDS: Record<LaneUse, string> = { throw: 'throwing', roll: 'rolling', strike: 'striking', run: 'running' };
