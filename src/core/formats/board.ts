import type { PlayEvent } from './play.ts';

/** What a tap on a board sends; `at` is added by the running lesson. */
export interface BoardAction {
  label: string;
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
/** A scoreboard as data; the web draws each by `part` and knows no format. */
export type BoardPart = { part: 'tally'; code: string; rows: BoardRow[] };
