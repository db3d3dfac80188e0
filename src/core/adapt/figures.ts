import type { z } from 'zod';
import { type AdaptCosts, type AdaptFigures, COST_TIERS, type CostTier } from '../model/adaptFigures.ts';

/** The school's figures, the cost of each tier, and usual widths of mobility aids in metres, for those nobody measured. */
export interface MatchFigures extends AdaptFigures {
  costs: Readonly<Record<CostTier, number>>;
  widthM: Readonly<Record<'wheelchair' | 'power-chair' | 'walker' | 'crutches' | 'cane', number>>;
}

/** The usual order of cost: the least change first. */
export const COSTS: Readonly<Record<CostTier, number>> = {
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
};

export const HOUSE_FIGURES: MatchFigures = {
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
  laneWidthM: 1.5,
  laneLengthM: 6,
  floorPerPlayer: 4,
  besideWheelsM: 0.2,
  costs: COSTS,
  widthM: { wheelchair: 0.66, 'power-chair': 0.7, walker: 0.65, crutches: 0.9, cane: 0.6 },
};

/** The usual figures with the school's changes on top. */
export function figuresFor(school: { adaptFigures?: Partial<AdaptFigures>; adaptCosts?: z.infer<typeof AdaptCosts> }): MatchFigures {
  const costs = { ...COSTS };
  for (const tier of COST_TIERS) costs[tier] = school.adaptCosts?.[tier] ?? COSTS[tier];
  return { ...HOUSE_FIGURES, ...school.adaptFigures, costs };
}

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
