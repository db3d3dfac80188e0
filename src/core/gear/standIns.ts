import { BOUNCES, FIRMNESS, FLIGHTS, type GearKind, type GearProperties, SOUNDS } from '../model/gearKind.ts';

/** What is different with a stand-in: words say each. */
export const STAND_IN_CHANGES = [
  'larger',
  'smaller',
  'lighter',
  'heavier',
  'slower',
  'faster',
  'softer',
  'bounces less',
  'bounces more',
  'longer',
  'shorter',
  'louder',
  'quieter',
  'not known how alike',
] as const;
export type StandInChange = (typeof STAND_IN_CHANGES)[number];

/** A kind that can take another's place, the changes it brings, and how far it is from it: 0 for one that is alike. */
export interface StandIn {
  kind: string;
  changes: StandInChange[];
  far: number;
}

/** The kind of what no kind was found for. */
const OTHER = 'other';
/** From this ratio on, two sizes or masses are told apart. House figure. */
const TOLD = 1.25;
/** Nothing heavier than this times the thing itself flies or is hit in its place. House figure. */
const HEAVIEST = 1.5;
/** Uses in which an object comes at somebody: a stand-in may be no harder and not much heavier. */
const FLYING = ['throw', 'catch', 'kick', 'be hit', 'juggle'];

/** How far two numbers are apart, as a power of two; and the word for it if it is told. */
function ratio(a: number | undefined, b: number | undefined, more: StandInChange, less: StandInChange): [number, StandInChange[]] {
  if (a === undefined || b === undefined) return [0, []];
  return [Math.abs(Math.log2(b / a)), b > a * TOLD ? [more] : b * TOLD < a ? [less] : []];
}

/** How many steps of a scale two are apart, and the word for it. */
function steps(
  scale: readonly string[],
  a: string | undefined,
  b: string | undefined,
  more?: StandInChange,
  less?: StandInChange,
): [number, StandInChange[]] {
  const by = a === undefined || b === undefined ? 0 : scale.indexOf(b) - scale.indexOf(a);
  const word = by > 0 ? more : by < 0 ? less : undefined;
  return [Math.abs(by), word ? [word] : []];
}

/** What two things are held against each other by. */
const COMPARED = ['diameterM', 'massG', 'lengthM', 'flight', 'firmness', 'bounce', 'sound'] as const satisfies (keyof GearProperties)[];
/** How far a thing of which nothing is known is from any other. House figure. */
const UNKNOWN_FAR = 3;

function differences(a: GearProperties, b: GearProperties): { far: number; changes: StandInChange[] } {
  if (!COMPARED.some((key) => a[key] !== undefined && b[key] !== undefined)) return { far: UNKNOWN_FAR, changes: ['not known how alike'] };
  const parts = [
    ratio(a.diameterM, b.diameterM, 'larger', 'smaller'),
    ratio(a.massG, b.massG, 'heavier', 'lighter'),
    ratio(a.lengthM, b.lengthM, 'longer', 'shorter'),
    steps(FLIGHTS, a.flight, b.flight, 'faster', 'slower'),
    steps(FIRMNESS, a.firmness, b.firmness, undefined, 'softer'),
    steps(BOUNCES, a.bounce, b.bounce, 'bounces more', 'bounces less'),
    steps(SOUNDS, a.sound ?? 'none', b.sound ?? 'none', 'louder', 'quieter'),
  ];
  return { far: parts.reduce((sum, [by]) => sum + by, 0), changes: parts.flatMap(([, words]) => words) };
}

/**
 * The kinds that can stand in for one, the most alike first: they share its usual use, and where an object comes at somebody they
 * are no harder and not much heavier. Another family or another usual use counts as far. Of equals the order of `kinds` holds.
 */
export function standInsFor(kind: string, kinds: readonly GearKind[]): StandIn[] {
  const wanted = kinds.find((k) => k.kind === kind);
  // What is only called "other" is like nothing.
  if (!wanted || kind === OTHER) return [];
  const [use] = wanted.uses;
  const isSafe = ({ typical: t }: GearKind) => {
    if (!FLYING.includes(use)) return true;
    const isHarder = FIRMNESS.indexOf(t.firmness ?? 'hard') > FIRMNESS.indexOf(wanted.typical.firmness ?? 'hard');
    return !isHarder && (t.massG ?? 0) <= (wanted.typical.massG ?? Number.POSITIVE_INFINITY) * HEAVIEST;
  };
  return kinds
    .filter((k) => k !== wanted && k.kind !== OTHER && k.uses.includes(use) && isSafe(k))
    .map((k): StandIn => {
      const { far, changes } = differences(wanted.typical, k.typical);
      return { kind: k.kind, changes, far: far + (k.family === wanted.family ? 0 : 1) + k.uses.indexOf(use) * 0.5 };
    })
    .sort((a, b) => a.far - b.far);
}
