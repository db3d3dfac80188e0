import type { BlockChange } from '../fit/blockChange.ts';
import type { Card, Segment, SwitchCall } from '../formats/format.ts';
import type { Visit } from '../formats/hosted.ts';
import type { GearLine } from '../gear/cover.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Presence } from '../model/period.ts';
import type { Piece } from '../model/piece.ts';
import type { Rule } from '../model/rule.ts';
import type { Run } from '../model/run.ts';

/** A block as it was frozen when the whistle blew. */
export interface PlanBlock {
  id: string;
  title: string;
  phase: string;
  note: string;
  seconds: number;
  segments: Segment[];
  /** New groups and a new floor at its start; runs frozen before there were any have none. */
  change?: BlockChange;
  /** Gear that lies there without a game; a game has its own. Runs frozen before it was counted have none. */
  laidGear?: GearLine[];
  game?: {
    title: string;
    format: string;
    /** Version of its rules of play; runs frozen before there was one a block have the plan's. */
    playVersion?: number;
    /** Setups of play, one for each court where courts play for themselves. */
    plays: unknown[];
    /** Stays of groups at places that are games of their own; runs frozen before there were any have none. */
    visits?: Visit[];
    groups: string[][];
    pieces: Piece[];
    things: LaidPiece[];
    /** rounds[r][g]: index of the piece, −1 waiting. */
    rounds: number[][];
    calls: SwitchCall[];
    gear: GearLine[];
    waitingTask: string;
    /** The whole card of rules, in reading order; a fault that is tapped as an offense has its ladder. */
    rules: Rule[];
    /** The cards at its places. */
    cards: Card[];
    /** To think about at the end; runs frozen before they were kept have none. */
    questions?: string[];
  };
}

/** The lesson frozen for a run: a later change of the plan, the class or the game does not reach it. */
export interface RunPlan {
  /** Versions of content, and of the rules of play for blocks that say none of their own. */
  content: number;
  playVersion: number;
  className: string;
  roomName: string;
  lessonTitle: string;
  bellAt: number;
  periodSeconds: number;
  names: Record<string, string>;
  absent: string[];
  /** Those who were there otherwise than simply playing: no shoes, late, light. Private, like `absent`; runs frozen before it was kept have none. */
  presence?: Record<string, Presence>;
  blocks: PlanBlock[];
}

/** The plan of a stored run; its frame was parsed when the row was read, its inside was written by freeze. */
export const planOf = (run: Pick<Run, 'plan'>): RunPlan => run.plan as unknown as RunPlan;

/** The formats that a block plays: its own, and those of its places that are games of their own. */
export const formatsIn = (game: PlanBlock['game']): string[] => (game ? [game.format, ...(game.visits ?? []).map((v) => v.format)] : []);

/** The format that an event of a block's plays, or of one of its visits, is of. */
export const formatAt = (plan: RunPlan, blockId: string, visit: number | undefined): string | undefined => {
  const game = plan.blocks.find((b) => b.id === blockId)?.game;
  return visit === undefined ? game?.format : game?.visits?.[visit]?.format;
};
