import type { PlayEvent } from '../play/playRules.ts';

/** What a tap on a board sends; `at` and the block are added by the running lesson. */
export interface BoardAction {
  /** Worded by the format. */
  code: string;
  /** Which of the block's plays it is for. */
  play: number;
  event: Omit<PlayEvent, 'at'> & { type: string };
  enabled: boolean;
}
export interface BoardRow {
  /** Index of a group whose pennant is shown, or a player's id. */
  group?: number;
  player?: string;
  /** A place's id: the web shows its title. */
  place?: string;
  value: number;
  actions: BoardAction[];
}
/** The seats of one court in rank order, lowest first, each with what a tap on it says; then who waits, in order. */
export interface BoardSeats {
  /** Index of the group that plays here; its pennant is shown. */
  group: number;
  place?: string;
  seats: { rank: number; player: string | null; value: number; action: BoardAction }[];
  queue: string[];
  /** Rallies so far. */
  count: number;
}
/** A scoreboard as data; the web draws each by `part` and knows no format. `code` is worded by the format. */
export type BoardPart = { part: 'tally'; code: string; rows: BoardRow[] } | { part: 'seats'; code: string; courts: BoardSeats[] };

/** Every action that a board offers, in the order in which it is drawn. */
export const actionsOf = (part: BoardPart): BoardAction[] =>
  part.part === 'tally' ? part.rows.flatMap((row) => row.actions) : part.courts.flatMap((court) => court.seats.map((seat) => seat.action));

/** A line of the logbook's results. */
export interface ResultRow {
  group: number;
  members: string[];
  value: number;
  /** How often each of them was at it, where that differs. */
  turns?: number;
}
