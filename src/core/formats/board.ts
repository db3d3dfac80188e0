import type { PlayEvent } from '../play/playRules.ts';

/** One of the answers; `more`: students who are meant with the one that is named. */
export interface Answer {
  value: string | number | null;
  player?: string;
  more?: string[];
  code?: string;
}
/** What an action still has to be told: one of these for a field of its event, or several. A student by id, anything else by a code of the format's words. */
export interface Ask {
  field: string;
  among: Answer[];
  many?: boolean;
  /** Limits the answers if several may be given. */
  most?: number;
  /** One answer for each of these places (or of what `title` names, with the index of its group), in their order: the field is the list of them. `chosen`: what is known already, by index. */
  each?: { place: string; title?: string; group?: number; among: Answer[] }[];
  chosen?: Readonly<Record<number, Answer['value']>>;
}
/** What a tap on a board sends; `at` and the block are added by the running lesson, and what `ask` brings to its event. */
export interface BoardAction {
  /** Worded by the format; `title`: by the game, in its stead. */
  code: string;
  title?: string;
  /** Which of the block's plays it is for, or of the plays of one of its visits. */
  play: number;
  visit?: number;
  event: Omit<PlayEvent, 'at'> & { type: string };
  enabled: boolean;
  /** The usual tap of a whole board: drawn large. */
  usual?: boolean;
  ask?: Ask;
}
export interface BoardRow {
  /** Index of a group whose pennant is shown, a player's id, or a side's; of a side `group` is its index too. */
  group?: number;
  player?: string;
  side?: string;
  /** The name of a count of the whole class, worded by the format. */
  label?: string;
  /** A place's id: the web shows its title. */
  place?: string;
  value: number;
  /** What else is said of it, worded by the format. */
  note?: { code: string; data: Record<string, unknown> };
  actions: BoardAction[];
}
/** A student on a roster: a tap on the name does the usual thing, if there is one. */
export interface BoardStudent {
  player: string;
  value: number;
  action?: BoardAction;
  more: BoardAction[];
}
/** Everyone in one of a few states, each worded by its code. */
export interface BoardSection {
  code: string;
  students: BoardStudent[];
}
/** The seats of one court in rank order, lowest first, each with what a tap on it says; then who waits, in order. */
export interface BoardSeats {
  /** Index of the group that plays here; its pennant is shown. */
  group: number;
  place?: string;
  /** Names of teams by id, if teams stand here. Their points are shown in place of ranks. */
  titles?: Record<string, string>;
  /** Nobody is above anybody else here. */
  unranked?: boolean;
  /** Ids on the way to this place. */
  coming?: string[];
  seats: { rank: number; player: string | null; value: number; action: BoardAction }[];
  queue: string[];
  /** Rallies so far. */
  count: number;
}
/** Students in line at a place, in the order of their turns: the first one's turn it is. */
export interface BoardLine {
  /** A place's id: the web shows its title. */
  place?: string;
  rows: BoardRow[];
}
/** A side's things, of which some stand: a tap on one that stands or on one that is down is an action. */
export interface BoardObjects {
  group: number;
  side: string;
  value: number;
  /** How many there are, and how many of them stand. */
  count: number;
  standing: number;
  down: BoardAction;
  up: BoardAction;
  note?: BoardRow['note'];
}
/** A side's objects by the zone in which they lie, the innermost first and those outside all last: `add` lets the next one lie there, `move` one of them elsewhere. */
export interface BoardZones {
  group: number;
  side: string;
  value: number;
  /** Points of where they lie now, and how many do not lie anywhere yet. */
  now: number;
  left: number;
  cells: { points: number | null; count: number; add: BoardAction; move: BoardAction }[];
  note?: BoardRow['note'];
}
/** A team by its name, with the index of its group. */
export interface BoardTeam {
  name: string;
  group: number;
}
/** A match of two teams at a place, with its result if there is one; the action asks for it. */
export interface BoardMatch {
  place: string;
  teams: BoardTeam[];
  score: [number, number] | null;
  action: BoardAction;
}
/** A row of a cross table: a cell for each team in the order of their groups, null where the two do not meet. */
export interface BoardStanding extends BoardTeam {
  rank: number;
  played: number;
  points: number;
  difference: number;
  scored: number;
  cells: ({ score: [number, number] | null; action: BoardAction } | null)[];
}
/** A student with a stopwatch: `from`: second of the play since which it runs, if it does; `best`: their shortest time so far. */
export interface BoardWatch {
  player: string;
  value: number;
  from?: number;
  best?: number;
  /** Shown under the name, worded by the format. */
  note?: BoardRow['note'];
  action: BoardAction;
}
/** A stage of a game: over, on, or to come. */
export interface BoardStage {
  title: string;
  is: 'done' | 'now' | 'next';
}
/** A row of numbers, such as a group's points by station; null if there is none yet. */
export interface BoardTableRow {
  group: number;
  cells: (number | null)[];
  total: number;
}
/** A scoreboard as data; the web draws each by `part` and knows no format. `code` is worded by the format. */
export type BoardPart =
  | { part: 'tally'; code: string; rows: BoardRow[]; actions?: BoardAction[] }
  | { part: 'seats'; code: string; courts: BoardSeats[] }
  | { part: 'lines'; code: string; lines: BoardLine[] }
  | { part: 'objects'; code: string; sides: BoardObjects[]; actions: BoardAction[] }
  /** Music that stops by itself after a time between the two, which nobody can see: then the action counts. `count`: round now, of so many. */
  | { part: 'cue'; code: string; burstSeconds: readonly [least: number, most: number]; action: BoardAction; count: number; of: number }
  /** Stages of a game, the one that is on, and the bout of it: `count` of `of`. `says`: what the teacher calls out now. */
  | {
      part: 'stages';
      code: string;
      stages: BoardStage[];
      count: number;
      of: number;
      says?: { code: string; data: Record<string, unknown> }[];
      actions: BoardAction[];
    }
  | { part: 'zones'; code: string; sides: BoardZones[] }
  /** `slot` of `slots`, both from 1; `order`: what decides between equal teams, worded by the format. */
  | {
      part: 'matches';
      code: string;
      slot: number;
      slots: number;
      now: BoardMatch[];
      next: BoardMatch[];
      referees: BoardTeam[];
      resting: BoardTeam[];
      order: string[];
      table: BoardStanding[];
    }
  /** `at`: second of the play now. */
  | { part: 'watch'; code: string; at: number; rows: BoardWatch[]; actions?: BoardAction[] }
  /** `columns`: ids of the places that the cells are about. */
  | { part: 'table'; code: string; columns: string[]; rows: BoardTableRow[] }
  /** `place`: the id of the one place that it is about: it is looked at by itself, beside the others. */
  | { part: 'roster'; code: string; place?: string; sections: BoardSection[]; actions: BoardAction[] };

/** A line of the logbook's results. */
export interface ResultRow {
  group: number;
  members: string[];
  value: number;
  /** How often each of them was at it, where that differs. */
  turns?: number;
}
