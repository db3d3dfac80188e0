/** Numbers that matching works with. Side Court defaults, editable; no standard sets them. */
export interface AdaptFigures {
  /** Grams of an implement at most, for a grip or swing of 1, and of 2. */
  implementG: readonly [number, number];
  /** Grip thickness, millimetres. */
  gripMm: readonly [number, number];
  /** A face under this width is narrow, metres: its object is `objectPerFace` times as wide. */
  narrowFaceM: number;
  objectPerFace: number;
  /** A face under this mass is light, grams: its object is at most `lightObjectG`. */
  lightFaceG: number;
  lightObjectG: number;
  /** Difference in lightness that is seen, of 100. */
  contrast: number;
  /** A frame is wider than the chair by this, metres. */
  frameM: number;
  /** Loose objects of such a diameter get under wheels, metres. */
  underWheelM: readonly [number, number];
  /** What may be put into the mouth is at least this large, millimetres. */
  mouthMm: number;
  /** An own lane: metres wide and long. */
  laneM: readonly [number, number];
  /** Floor that everyone else needs, square metres a student. */
  floorPerPlayer: number;
  /** Wheels need their own width and this beside it, metres. */
  besideWheelsM: number;
  /** Widths of what students move with, metres, where nobody measured. */
  widthM: Readonly<Record<'wheelchair' | 'power-chair' | 'walker' | 'crutches' | 'cane', number>>;
}

export const HOUSE_FIGURES: AdaptFigures = {
  implementG: [120, 220],
  gripMm: [28, 70],
  narrowFaceM: 0.1,
  objectPerFace: 3,
  lightFaceG: 70,
  lightObjectG: 60,
  contrast: 30,
  frameM: 0.2,
  underWheelM: [0.02, 0.12],
  mouthMm: 45,
  laneM: [1.5, 6],
  floorPerPlayer: 4,
  besideWheelsM: 0.2,
  widthM: { wheelchair: 0.66, 'power-chair': 0.7, walker: 0.65, crutches: 0.9, cane: 0.6 },
};

/** The house's order of cost: the least change first. */
export const COSTS = {
  open: 1,
  object: 2,
  implement: 2.2,
  signal: 3,
  target: 3.4,
  position: 4,
  space: 5,
  time: 6,
  rule: 7,
  classmate: 8,
  adult: 9,
  apart: 20,
  leave: 40,
} as const;

/** Lightness of colors, 0 black to 100 white, as CIE 1976 L* of usual paints and dyes. What a color is called comes before how it looks in one lamp. */
const LIGHTNESS: Record<string, number> = {
  white: 96,
  cream: 92,
  yellow: 88,
  lime: 86,
  silver: 75,
  pink: 72,
  orange: 68,
  grey: 54,
  gray: 54,
  green: 50,
  red: 44,
  brown: 36,
  blue: 34,
  purple: 32,
  navy: 14,
  black: 8,
};

/** Lightness of a color by its name, the last word that is a color; undefined if none is. "dark" and "light" count. */
export function lightnessOf(colour: string | undefined): number | undefined {
  const words = (colour ?? '').toLowerCase().split(/[^a-z]+/);
  const name = [...words].reverse().find((word) => LIGHTNESS[word] !== undefined);
  if (name === undefined) return undefined;
  const shift = words.includes('dark') ? -15 : words.includes('light') || words.includes('bright') ? 4 : 0;
  return Math.max(0, Math.min(100, LIGHTNESS[name] + shift));
}

/** Lightness of a floor. Maple is nearly as light as yellow. */
export const FLOOR_LIGHTNESS: Record<string, number> = { wood: 78, sheet: 62, carpet: 42, asphalt: 35, grass: 48 };
