import type { Demand, Demands } from '../model/demand.ts';
import type { AdaptStudent } from '../model/support.ts';
import type { Abilities } from './abilityOf.ts';
import type { Accepted } from './accepted.ts';
import type { AdaptAdult, BlockFacts, Dial } from './candidate.ts';
import type { Caution } from './cautions.ts';
import type { Option } from './minimalSets.ts';
import type { Opened } from './openTo.ts';
import type { Thing } from './things.ts';

/** How one student plays in one block (contract.ts). */
export interface StudentPlan {
  student: string;
  block: string;
  role?: string;
  dials: Dial[];
  keepsPurpose: boolean;
  leaves: boolean;
  /** What the game asks beyond what the student can meet now. */
  exceeds: Demand[];
  cautions: Caution[];
  withoutAdult?: Dial[];
  easier?: Dial[];
  harder?: Dial[];
  alternatives: { dials: Dial[]; cost: number; keepsPurpose: boolean }[];
}
export interface Gap {
  student: string;
  block: string;
  demand: Demand;
  needs: string[];
}

/** A student in a block: what the role they have asks for. */
export interface Part {
  student: string;
  role?: string;
  group?: number;
  levels: Demands;
}
export interface MatchBlock {
  facts: BlockFacts;
  parts: readonly Part[];
  /** Classmates who may be asked to help: ids of those without supports. */
  classmates: readonly { id: string; group?: number }[];
}
export interface MatchRequest {
  students: readonly AdaptStudent[];
  blocks: readonly MatchBlock[];
  things: readonly Thing[];
  adults: readonly AdaptAdult[];
  accepted: readonly Accepted[];
  refused: readonly { student: string; block: string; to: string }[];
}

/** One student in one block on the way to a plan. */
export interface Place {
  student: AdaptStudent;
  abilities: Abilities;
  block: MatchBlock;
  part: Part;
  opened: Opened;
  options: Option[];
  at: number;
}

/** What is known of a student in a block, then the id. */
export function orderOf({ student: { id, ...known }, part, block }: Place): string {
  return `${JSON.stringify([known, part.role ?? '', part.group ?? -1, part.levels, block.facts.from])}|${id}`;
}
