import type { Ledger } from '../../play/ledger.ts';
import type { SideRoster } from '../sideRoster.ts';

/** Where play of a circle stands. Everyone stands in one roster: of the sides of a barrier, or of the one ring. */
export interface CircleState extends SideRoster {
  /** Moves done; objects that stayed, by number. */
  step: number;
  stayed: Ledger;
  /** The chain, its best, who hit last and from whom they had it; hits in a row of one student, or of one side. */
  chain: number;
  best: number;
  last?: string;
  giver?: string;
  repeats: number;
  centre?: string;
  /** Crews, and how often each had a role. */
  takers: string[];
  rescuers: string[];
  pulled: string[];
  roles: Ledger;
  /** Who leads, and how many have led. */
  leader?: string;
  led: number;
  scores: Ledger;
  turns: Ledger;
}

/** The roster of a circle that has no sides. */
export const RING = 'play';
