import type { Ability, Demand } from '../model/demand.ts';
import type { AdaptStudent, Support, SupportKind } from '../model/support.ts';

/** A mobility aid. */
export type Moves = 'wheelchair' | 'power-chair' | 'walker' | 'crutches' | 'cane';

/** A student's ability for each demand, and the facts that plans depend on. */
export interface Abilities {
  of(demand: Demand): number;
  /** Demands that nobody's help, cost or refinement lifts: the game must not make them at all. */
  limits: ReadonlySet<Demand>;
  moves?: Moves;
  /** Width of the mobility aid, in metres. */
  widthM?: number;
  /** Seconds of work before a rest, and of the rest. */
  workSeconds?: number;
  restSeconds: number;
  has(kind: SupportKind): boolean;
  /** Demands on which two sources disagree: a limit and a refinement. The limit holds. */
  disagree: Demand[];
}

/** Lowers a demand to a fixed ability, or by degree: D leaves 3 − degree, SOME one more than that. */
const D = 'degree';
const SOME = 'some';
type Lowered = 0 | 1 | 2 | typeof D | typeof SOME;

interface SupportFacts {
  lowers?: Partial<Record<Demand, Lowered>>;
  limits?: readonly Demand[];
}

const SEATED = { stand: 0, jump: 0, kneel: 0, climb: 0, 'down-up': 0, roll: 0 } as const;
const FULL_VISION = ['see-contrast', 'see-side', 'tell-colours', 'read-card', 'track-slow', 'track-fast'] as const;
const none = <K extends string>(keys: readonly K[]) => Object.fromEntries(keys.map((k) => [k, 0])) as Record<K, 0>;

/** The demands that each support lowers or rules out. Side Court defaults; a teacher refines them for a student. */
export const SUPPORT_FACTS: Record<SupportKind, SupportFacts> = {
  'plays-seated': { lowers: { ...SEATED, travel: 1, balance: 2 } },
  wheelchair: { lowers: { ...SEATED, travel: 2, turn: 2 } },
  'power-chair': { lowers: { ...SEATED, travel: 2, turn: 2, 'two-hands': 2, lift: 2 } },
  walker: { lowers: { travel: 1, stand: 2, balance: 1, turn: 1, 'two-hands': 1, jump: 0, climb: 1, kneel: 1, 'down-up': 1 } },
  crutches: { lowers: { travel: 1, stand: 2, balance: 1, turn: 1, 'two-hands': 1, jump: 0, climb: 1, kneel: 1, 'down-up': 1 } },
  cane: { lowers: { travel: 2, balance: 2, 'two-hands': 2, jump: 1 } },
  'artificial-limb': { lowers: { jump: D, travel: SOME, balance: SOME, kneel: SOME } },
  brace: { lowers: { jump: D, kneel: SOME, turn: SOME } },
  'stands-with-support': { lowers: { stand: D, balance: D, jump: 0 } },
  balance: { lowers: { balance: D, climb: D, turn: SOME, jump: SOME } },
  'one-handed': { lowers: { 'two-hands': 0, climb: SOME } },
  'weak-grip': { lowers: { grip: D, climb: SOME } },
  'weak-swing': { lowers: { swing: D } },
  'short-reach': { lowers: { reach: D } },
  'no-load-on-hand': { limits: ['load-hand'] },
  'low-vision': { lowers: { 'see-contrast': D, 'track-fast': D, 'read-card': D, 'track-slow': SOME } },
  'sees-one-side': { lowers: { 'see-side': D } },
  'tells-colours-poorly': { lowers: { 'tell-colours': D } },
  blind: { lowers: none(FULL_VISION) },
  'hard-of-hearing': { lowers: { 'hear-signal': D, 'understand-words': SOME } },
  deaf: { lowers: { 'hear-signal': 0, 'understand-words': 1 } },
  'speaks-by-device': { lowers: { speak: D } },
  signs: { lowers: { speak: 1, 'understand-words': 1 } },
  'slow-tracking': { lowers: { 'track-fast': D, 'track-slow': SOME } },
  'one-step': { lowers: { 'remember-steps': D, 'understand-words': SOME } },
  cards: { lowers: { 'remember-steps': D, 'understand-words': D } },
  'partner-keeps-track': { lowers: { 'remember-steps': D, judge: SOME } },
  'stops-late': { lowers: { 'stop-on-signal': D } },
  'may-leave': { lowers: { 'stop-on-signal': SOME } },
  'mouths-things': {},
  stamina: { lowers: { breath: SOME } },
  breath: { lowers: { breath: D } },
  heat: { lowers: { heat: D } },
  noise: { lowers: { 'bear-noise': D } },
  touch: { lowers: { 'bear-touch': D } },
  crowd: { lowers: { 'be-among-many': D } },
  waiting: { lowers: { wait: D } },
  losing: { lowers: { lose: D } },
  change: { lowers: { 'remember-steps': SOME, judge: SOME } },
  breaks: { lowers: { breath: 2 } },
  'no-dim-light': { limits: ['dim-light'] },
  latex: { limits: ['touch-latex'] },
  'no-roll': { limits: ['roll'] },
  'no-head-down': { limits: ['head-down'] },
  'no-neck-load': { limits: ['roll', 'head-down', 'head-contact'] },
  'no-head-contact': { limits: ['head-contact'] },
  'no-jolt': { limits: ['jolt'] },
  'no-jump': { limits: ['jump'] },
  'no-belly-lying': { limits: ['lie-prone'] },
  'worn-device': { limits: ['pressed-or-pulled'] },
  'may-lose-awareness': { limits: ['climb'] },
  'care-plan': {},
  'light-activity': { lowers: { breath: 1, travel: 2, jump: 1 } },
  'no-shoes': { lowers: { travel: 1, jump: 0, turn: 1 } },
};

const MOVES: readonly Moves[] = ['power-chair', 'wheelchair', 'walker', 'crutches', 'cane'];
/** Much, where a teacher does not say. */
const USUAL_DEGREE = 2;
/** Rest that goes with a bout if none is named, seconds. House default. */
const USUAL_REST = 30;

/** Returns the ability that a support leaves for a demand, 0 to 3. */
function leftBy(lowered: Lowered, { degree = USUAL_DEGREE }: Support): number {
  return typeof lowered === 'number' ? lowered : Math.min(3, 3 - degree + (lowered === SOME ? 1 : 0));
}

/** Combines a student's supports: the lowest ability wins, a refinement overrides it, and a limit overrides both. */
export function abilityOf({ supports, refined = {}, limits: own = [] }: AdaptStudent): Abilities {
  const left: Ability = {};
  const limits = new Set<Demand>(own);
  for (const support of supports) {
    const facts = SUPPORT_FACTS[support.kind];
    for (const [demand, lowered] of Object.entries(facts.lowers ?? {}) as [Demand, Lowered][])
      left[demand] = Math.min(left[demand] ?? 3, leftBy(lowered, support)) as 0 | 1 | 2 | 3;
    for (const demand of facts.limits ?? []) limits.add(demand);
  }
  const kinds = new Set(supports.map((s) => s.kind));
  const least = (values: (number | undefined)[]) => values.reduce<number | undefined>((a, b) => (b && (!a || b < a) ? b : a), undefined);
  const moves = MOVES.find((m) => kinds.has(m));
  return {
    of: (demand) => (limits.has(demand) ? 0 : (refined[demand] ?? left[demand] ?? 3)),
    limits,
    moves,
    widthM: supports.reduce<number | undefined>((most, { widthM }) => (widthM && widthM > (most ?? 0) ? widthM : most), undefined),
    workSeconds: least(supports.map((s) => s.seconds)),
    restSeconds: Math.max(...supports.map((s) => s.restSeconds ?? 0), 0) || USUAL_REST,
    has: (kind) => kinds.has(kind),
    disagree: [...limits].filter((d) => (refined[d] ?? 0) > 0),
  };
}

/** True for a student who moves in a chair of their own. */
export const isInChair = ({ moves }: Pick<Abilities, 'moves'>): boolean => moves === 'wheelchair' || moves === 'power-chair';
