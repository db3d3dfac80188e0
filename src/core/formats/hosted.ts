import type { GearNeed } from '../gear/need.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import type { Rule } from '../model/rule.ts';
import type { Ask } from './asks.ts';
import type { Bout } from './bouts.ts';

/** A game played at a place of another one, by whoever is there. Coordinates are the place's own: 0, 0 is its lower left corner. */
export interface HostedPlan {
  groups: string[][];
  pieces: Piece[];
  things: LaidPiece[];
  /** True if all of it fits into the place. */
  fits: boolean;
  /** Its measures on the floor as a share of what they are in the game itself. */
  share: number;
  needs: GearNeed[];
  rules: Rule[];
  asks: Ask[];
  /** Its plays for a stay of that many seconds, with the share of it that a student is active. */
  play(seconds: number): { plays: unknown[]; activeShare: number };
}

/** A game of the school that can be played at a place of another one. */
export interface Host {
  gameId: string;
  title: string;
  /** What it is for, in the game's words. */
  aim: string;
  format: string;
  playVersion: number;
  plan(students: readonly string[], size: { width: number; depth: number }): HostedPlan;
}

/** The games that there are, by id. */
export type Hosts = Readonly<Record<string, Host>>;

/** The fewest who can play one another. */
const LEAST_PLAYERS = 2;

/** A group's stay at a place that is a game of its own: what is played there then. */
export interface Visit {
  /** Index of the place, of the round, of the group. */
  piece: number;
  round: number;
  group: number;
  title: string;
  format: string;
  playVersion: number;
  /** Setups of its plays; their seconds begin with the round. */
  plays: unknown[];
  groups: string[][];
  pieces: Piece[];
}

/** A game with the plan of it for the students who are at a place. */
export interface AtPlace {
  host: Host;
  plan: HostedPlan;
}

/** Every stay of a group at a place that is a game of its own, with how active students are there. */
export function visitsOf(
  bouts: readonly Bout[],
  atPlace: (piece: number, students: readonly string[]) => AtPlace | undefined,
): { visit: Visit; activeShare: number }[] {
  return bouts.flatMap((bout, round) =>
    bout.stays.flatMap(({ piece, members }, group) => {
      const there = piece >= 0 && members.length >= LEAST_PLAYERS ? atPlace(piece, members) : undefined;
      if (!there) return [];
      const { host, plan } = there;
      const { plays, activeShare } = plan.play(bout.until - bout.at);
      const { title, format, playVersion } = host;
      return [{ visit: { piece, round, group, title, format, playVersion, plays, groups: plan.groups, pieces: plan.pieces }, activeShare }];
    }),
  );
}

const PICK = /^game:(.+)$/;
/** The pick of a place that is a game of its own, and the game that a pick names. */
export const pickOfGame = (gameId: string): string => `game:${gameId}`;
export const gameOfPick = (pick: string): string | undefined => PICK.exec(pick)?.[1];
