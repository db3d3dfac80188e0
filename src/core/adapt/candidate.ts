import type { DialName } from '../model/adaptation.ts';
import { type Demands, PURPOSE_ACTIONS, type PurposeAction } from '../model/demand.ts';
import { HOUSE_FLOOR_LIMITS } from '../model/limits.ts';
import type { Abilities } from './abilityOf.ts';
import type { Caution } from './cautions.ts';
import { DIAL_KINDS, type DialKind } from './dialKinds.ts';
import { COSTS, type MatchFigures } from './figures.ts';
import type { Thing } from './things.ts';

/** A change to a game for one student (contract.ts). */
export interface Dial {
  dial: DialName;
  to: string;
  data: Record<string, unknown>;
  uses?: { gearId: string; count: number }[];
  homeMade?: string;
  adultId?: string;
  peerId?: string;
  keeps: PurposeAction[];
  openToAll?: boolean;
  cost: number;
}

/** A dial that may be proposed, with what it does and takes. */
export interface Candidate {
  dial: Dial;
  eases: Demands;
  adds: Demands;
  spreads: Demands;
  cautions: readonly Caution[];
  /** The object and the implement that the student plays with instead. */
  object?: Thing;
  implement?: Thing | 'hand';
  /** Demands that its code speaks of; absent if all that it eases are. */
  reasons?: readonly (keyof Demands)[];
  classmate: boolean;
  lane: boolean;
  /** A text that orders candidates by what they are, not by ids. */
  key: string;
}

/** An adult who is there. */
export interface AdaptAdult {
  id: string;
  from?: number;
  until?: number;
  can?: readonly string[];
  only?: readonly string[];
}

/** A block as matching sees it, for everyone in it. */
export interface BlockFacts {
  id: string;
  from: number;
  until: number;
  purpose: readonly PurposeAction[];
  band: string;
  /** What the class plays with and hits with if nothing is changed; undefined if nobody says. */
  object?: Thing;
  implement?: Thing;
  /** Lightness of the floor, 0 to 100; undefined if nobody says. */
  floorLightness?: number;
  /** Own lanes that the floor has beside everyone else. */
  lanes: number;
  /** Seconds of work in one go; undefined if nobody says. */
  boutSeconds?: number;
  /** Metres between things or places that are passed through; undefined if nobody says. */
  gapM?: number;
  /** What the class itself has of the closet, by item. */
  taken?: Readonly<Record<string, number>>;
  figures: MatchFigures;
  /** Someone there must not be near latex; puts things into the mouth. */
  latexFree: boolean;
  mouthing: boolean;
  /** Ids of who moves on wheels there. */
  onWheels: readonly string[];
}

const without = (lost: readonly PurposeAction[] = []): PurposeAction[] => PURPOSE_ACTIONS.filter((a) => !lost.includes(a));

/** A candidate of a dial kind; numbers of the change in `data`. */
export function candidateOf(
  to: string,
  kind: DialKind,
  { data = {}, adultId, costs = COSTS }: { data?: Record<string, unknown>; adultId?: string; costs?: MatchFigures['costs'] } = {},
): Candidate {
  return {
    dial: {
      dial: kind.dial,
      to,
      data,
      keeps: without(kind.loses),
      ...(adultId === undefined ? {} : { adultId }),
      ...(kind.open ? { openToAll: true } : {}),
      cost: Math.round((costs[kind.tier] + (kind.more ?? 0)) * 100) / 100,
    },
    eases: kind.eases,
    adds: kind.adds ?? {},
    spreads: kind.spreads ?? {},
    cautions: kind.cautions ?? [],
    classmate: kind.classmate ?? false,
    lane: kind.lane ?? false,
    key: to,
  };
}

/** True if a kind of change is offered to a student in a block at all. */
export function isOffered({ only, never, purposes }: DialKind, student: Abilities, block: BlockFacts): boolean {
  if (only && !only.some((kind) => student.has(kind))) return false;
  if (never?.some((kind) => student.has(kind))) return false;
  return !purposes || purposes.some((action) => block.purpose.includes(action));
}

/** Metres across of what a student moves with, measured or usual; undefined without an aid. */
export const ownWidthM = ({ widthM, moves }: Abilities, figures: MatchFigures): number | undefined =>
  widthM ?? (moves && figures.widthM[moves]);

/** Metres that a student needs to pass between two things with a mobility aid; undefined without one. */
export function clearWidthM(student: Abilities, figures: MatchFigures): number | undefined {
  const own = ownWidthM(student, figures);
  return own === undefined ? undefined : own + figures.besideWheelsM;
}

/** The numbers that go with a change, where it has some. */
function dataOf(to: string, student: Abilities, { gapM, boutSeconds, figures }: BlockFacts): Record<string, unknown> {
  if (to === 'wider-gaps') {
    return {
      ...(gapM === undefined ? {} : { fromM: gapM }),
      toM: Math.round(Math.max(clearWidthM(student, figures) ?? 0, HOUSE_FLOOR_LIMITS.routeM) * 100) / 100,
    };
  }
  if (to === 'shorter-bouts')
    return {
      workSeconds: student.workSeconds ?? 30,
      restSeconds: student.restSeconds,
      ...(boutSeconds ? { fromSeconds: boutSeconds } : {}),
    };
  if (to === 'own-lane') return { widthM: figures.laneWidthM, lengthM: figures.laneLengthM };
  return {};
}

/** Changes that need no special thing, for one student in a block: those of the list, an adult's once for every adult who can. */
export function plainCandidates(id: string, student: Abilities, block: BlockFacts, adults: readonly AdaptAdult[]): Candidate[] {
  const { costs } = block.figures;
  return Object.entries(DIAL_KINDS).flatMap(([to, kind]): Candidate[] => {
    if (!isOffered(kind, student, block)) return [];
    const data = dataOf(to, student, block);
    const { adult: skill, usual } = kind;
    const own: DialKind = usual?.some((k) => student.has(k)) ? { ...kind, tier: 'open', more: 0 } : kind;
    if (skill === undefined) return [candidateOf(to, own, { data, costs })];
    return adults
      .filter(({ can, only, from = 0, until = Number.POSITIVE_INFINITY }) => {
        const isThere = from <= block.from && until >= block.until;
        return isThere && (!can || can.includes(skill)) && (!only || only.includes(id));
      })
      .map((adult) => candidateOf(to, own, { data, costs, adultId: adult.id }));
  });
}
