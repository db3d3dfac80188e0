import { z } from 'zod';
import type { Point } from '../geometry/point.ts';
import { id } from './ids.ts';
import { degrees, mapKey, metres, optionalLine, whole } from './text.ts';

/** Everything that a teacher lays out beside a game's own places, each with a meaning. */
export const LAID_KINDS = [
  'no-cross',
  'lane',
  'target',
  'spot',
  'hoop',
  'cone',
  'gate',
  'barrier',
  'goal',
  'waiting-line',
  'side-box',
  'home',
  'gear-drop',
  'element',
  'teacher',
  'adult',
  'court',
  'line',
  'position',
] as const;
export type LaidKind = (typeof LAID_KINDS)[number];

/** Colours that cones, spots, hoops and gates come in; each is told in words beside its colour. */
export const GEAR_COLOURS = ['orange', 'yellow', 'red', 'blue', 'green', 'white'] as const;
export type GearColour = (typeof GEAR_COLOURS)[number];

/** What goes along a lane: what is thrown or struck flies on past its end, what runs must stop. */
export const LANE_USES = ['throw', 'roll', 'strike', 'run'] as const;
export type LaneUse = (typeof LANE_USES)[number];

/** A piece as it lies: its middle, its length along its direction and its width across; 0° points away from the main door wall, 90° to the right. */
export const LaidPiece = z.object({
  id,
  laid: z.enum(LAID_KINDS, { message: 'choice' }),
  title: optionalLine(40),
  x: metres(-20, 200),
  y: metres(-20, 200),
  widthM: metres(0.05, 100),
  lengthM: metres(0.05, 100),
  turnedDeg: degrees(0, 359.99),
  /** Stuck down: not dragged. */
  locked: z.boolean(),
  /** What is counted by colour where it is put down. */
  colour: z.enum(GEAR_COLOURS, { message: 'choice' }).optional(),
  /** A lane's. */
  use: z.enum(LANE_USES, { message: 'choice' }).optional(),
  /** What flies there goes up high: what hangs overhead is in its way. */
  lofted: z.boolean().optional(),
  /** A target's nested zones. */
  zones: whole(1, 6).optional(),
  /** Metres to the top of a barrier, a goal, an element: what is seen over. */
  heightM: metres(0, 6).optional(),
  /** Metres of the implement swung at a spot; 0 where none is. */
  implementM: metres(0, 3).optional(),
  /** Students in a waiting line, or starting at a home marker. */
  students: whole(1, 60).optional(),
  /** An object lies in this hoop that those at the home markers around dash for. */
  grab: z.boolean().optional(),
  /** Nothing of it is taped or measured: what lies around it shows where it is. */
  bare: z.boolean().optional(),
  /** The place that it belongs to and moves with, by the place's id. */
  of: mapKey(64).optional(),
  /** Index of the group that begins here. */
  group: whole(0, 39).optional(),
  /** Who put it there; the teacher if absent. What fit put there is moved by a `place` edit. */
  by: z.enum(['fit', 'teacher']).optional(),
});
export type LaidPiece = z.infer<typeof LaidPiece>;

interface KindFacts {
  /** Size when new, metres: across and along. */
  widthM: number;
  lengthM: number;
  /** Which layer of the floor shows it. */
  layer: 'lines' | 'gear' | 'people';
  /** What lies on the floor of it: tape round it, a straight strip, or nothing. */
  tape: 'outline' | 'strip' | 'none';
  round: boolean;
  /** It points somewhere. */
  directed: boolean;
  /** Nothing else is laid out on it. */
  takesFloor: boolean;
  /** Nobody walks through it. */
  solid: boolean;
  /** A part of its place, as a court's lines are: never moved alone, and nothing that a teacher adds. */
  part: boolean;
  more: Partial<Pick<LaidPiece, 'colour' | 'use' | 'lofted' | 'zones' | 'heightM' | 'implementM' | 'students' | 'grab'>>;
}

const facts = (size: [widthM: number, lengthM: number], layer: KindFacts['layer'], more: Partial<KindFacts> = {}): KindFacts => ({
  widthM: size[0],
  lengthM: size[1],
  layer,
  tape: 'none',
  round: false,
  directed: false,
  takesFloor: false,
  solid: false,
  part: false,
  more: {},
  ...more,
});

/** What each kind is like when new. Sizes: usual school gear, house figures. */
export const LAID_FACTS: Record<LaidKind, KindFacts> = {
  'no-cross': facts([6, 0.05], 'lines', { tape: 'strip' }),
  lane: facts([1.5, 8], 'lines', { tape: 'outline', directed: true, takesFloor: true, more: { use: 'throw', lofted: false } }),
  target: facts([1.2, 1.2], 'lines', { tape: 'outline', directed: true, takesFloor: true, more: { zones: 2 } }),
  spot: facts([0.3, 0.3], 'lines', { round: true, more: { colour: 'white', implementM: 0 } }),
  hoop: facts([0.75, 0.75], 'gear', { round: true, takesFloor: true, more: { colour: 'green', grab: false } }),
  cone: facts([0.25, 0.25], 'gear', { round: true, more: { colour: 'orange' } }),
  gate: facts([1.2, 0.25], 'gear', { directed: true, more: { colour: 'orange' } }),
  barrier: facts([4, 0.1], 'gear', { takesFloor: true, solid: true, more: { heightM: 1 } }),
  goal: facts([2, 0.8], 'gear', { directed: true, takesFloor: true, solid: true, more: { heightM: 1.2 } }),
  'waiting-line': facts([0.8, 3], 'lines', { tape: 'strip', directed: true, takesFloor: true, more: { students: 4 } }),
  'side-box': facts([2, 2], 'lines', { tape: 'outline', takesFloor: true }),
  home: facts([0.4, 0.4], 'lines', { round: true, more: { students: 1 } }),
  'gear-drop': facts([1, 0.6], 'gear', { takesFloor: true, solid: true, more: { heightM: 0.6 } }),
  element: facts([1, 2], 'gear', { directed: true, takesFloor: true, solid: true, more: { heightM: 0.6 } }),
  teacher: facts([0.6, 0.6], 'people', { round: true }),
  adult: facts([0.6, 0.6], 'people', { round: true }),
  court: facts([4, 4], 'lines', { tape: 'outline', part: true }),
  line: facts([4, 0.05], 'lines', { tape: 'strip', part: true }),
  position: facts([0.5, 0.5], 'lines', { round: true, part: true }),
};

/** The kinds that a teacher adds to a floor. */
export const ADDED_KINDS: readonly LaidKind[] = LAID_KINDS.filter((kind) => !LAID_FACTS[kind].part);

/** A new piece of a kind, lying at a point. */
export function newLaid(laid: LaidKind, id: string, at: Point, turnedDeg = 0): LaidPiece {
  const { widthM, lengthM, more } = LAID_FACTS[laid];
  return { id, laid, title: '', x: at.x, y: at.y, widthM, lengthM, turnedDeg, locked: false, ...more };
}

/** Makes the pieces that fit lays in a place: each belongs to it and has its id before its own. */
export const piecesOf =
  (of: string) =>
  (laid: LaidKind, id: string, at: Point, more: Partial<LaidPiece> = {}): LaidPiece => ({
    ...newLaid(laid, `${of}:${id}`, at),
    of,
    by: 'fit',
    ...more,
  });

/** The pieces that are things: people are no matter of tape, marks and files. */
export const laidThings = (laid: readonly LaidPiece[]): LaidPiece[] => laid.filter((p) => LAID_FACTS[p.laid].layer !== 'people');

/** A copy of a piece, moved. */
export const laidMoved = <P extends Point>(piece: P, dx: number, dy: number): P => ({ ...piece, x: piece.x + dx, y: piece.y + dy });

/** The direction that a piece points to, of length 1. */
export function facing({ turnedDeg }: Pick<LaidPiece, 'turnedDeg'>): Point {
  const angle = (turnedDeg * Math.PI) / 180;
  return { x: Math.sin(angle), y: Math.cos(angle) };
}

/** The four corners of what a piece takes: its near left, near right, far right, far left, seen along its direction. What is round is the same turned. */
export function footprint(piece: LaidPiece): Point[] {
  const { x: fx, y: fy } = facing(LAID_FACTS[piece.laid].round ? { turnedDeg: 0 } : piece);
  const [w, l] = [piece.widthM / 2, piece.lengthM / 2];
  const corner = (across: number, along: number) => ({ x: piece.x + fy * across + fx * along, y: piece.y - fx * across + fy * along });
  return [corner(-w, -l), corner(w, -l), corner(w, l), corner(-w, l)];
}

/** The middle of a piece's near end and of its far end. */
export function endsOf(piece: LaidPiece): [Point, Point] {
  const { x, y } = facing(piece);
  const l = piece.lengthM / 2;
  return [
    { x: piece.x - x * l, y: piece.y - y * l },
    { x: piece.x + x * l, y: piece.y + y * l },
  ];
}

/** What a piece is called: its title, else its kind, which words/ knows. */
export const laidName = (piece: Pick<LaidPiece, 'laid' | 'title'>): string => piece.title || piece.laid;
