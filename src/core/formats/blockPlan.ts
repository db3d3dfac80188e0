import type { Polygon } from '../geometry/point.ts';
import type { GroupTraits, Locks } from '../groups/traits.ts';
import type { Band, BandDefaults } from '../model/band.ts';
import type { StagesMet } from '../model/classHistory.ts';
import type { FixIdea } from '../model/finding.ts';
import type { Gear } from '../model/gear.ts';
import type { GearKind } from '../model/gearKind.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import type { Room } from '../model/room.ts';
import type { Said } from '../model/rule.ts';
import type { PlayView, Sheet } from '../play/playRules.ts';
import type { Bout } from './bouts.ts';
import type { Hosts } from './hosted.ts';
import type { OwnRules } from './rules.ts';

/** Everything a format may look at when it plans a block. Plain data but for the games that may be played at one of its places. */
export interface PlanInput {
  blockId: string;
  gameValues: Record<string, unknown>;
  teacherValues: Record<string, unknown>;
  band: Band;
  defaults: BandDefaults;
  players: readonly GroupTraits[];
  apart: readonly (readonly [string, string])[];
  together: readonly (readonly [string, string])[];
  room: Room;
  /** Floor that what the teacher laid out takes. */
  taken: readonly Polygon[];
  wallClearanceM: number;
  /** Step of round distances from walls, m: a tenth, or six inches where the school measures in feet; a tenth if absent. */
  roundM?: number;
  /** Groups the teacher chose or has seen. */
  storedGroups?: readonly (readonly string[])[];
  locks?: Locks;
  /** Where the teacher put places (lower left corner of their box) and things of places (their middle), by id. */
  placed: Readonly<Record<string, { x: number; y: number }>>;
  cupboard: readonly Gear[];
  gearKinds: readonly GearKind[];
  /** The stop signal that holds: the game's, else the school's. */
  stopSignal: string;
  /** Rules of the game and of this lesson in words of their own, and the offenses. */
  rules: OwnRules;
  /** How often each had a role in the last lessons, by role and student. */
  had?: Readonly<Record<string, Readonly<Record<string, number>>>>;
  /** Stages that students have met in the last lessons. */
  stages?: StagesMet;
  /** Games that may be played at one of its places; none if absent. */
  hosts?: Hosts;
  seed: number;
}
export interface PlanContext<G, V> extends PlanInput {
  setup: G;
  values: V;
}

/** A stretch of a block: `code` is worded by the format; `round` from 0 where it is a bout or the move after it. */
export interface Segment {
  kind: 'phase' | 'work' | 'move';
  code: string;
  at: number;
  until: number;
  round?: number;
}
/** What to call out when a group leaves a place. */
export interface SwitchCall {
  pieceId: string;
  verb: 'stays' | 'take-off' | 'carry' | 'park' | 'put-on' | 'reset';
  gearKind: string;
  where?: string;
}
export type CardLine = Said;
/** The card posted at a place. Must never hold private data. */
export interface Card {
  pieceId: string;
  title: string;
  lines: CardLine[];
}

/** A block before its length is known. */
export interface BlockDraft<V> {
  values: V;
  groups: string[][];
  pieces: Piece[];
  /** What lies inside the places and around them; `of` names the place it moves with. */
  things: LaidPiece[];
  unplaced: { id: string; number: number; title: string }[];
  moveSeconds: number;
  walkM: number;
}
/** Edits that the whole lesson may ask a block for. */
export interface BlockIdeas<Idea extends FixIdea = FixIdea> {
  /** To win time, the smallest loss first. */
  shorter: Idea[];
  /** To use time that is left. */
  longer: Idea[];
  /** To need fewer of a kind, by gear kind. */
  gear: Record<string, Idea[]>;
  /** What else could be done: one list for each thing to choose; one of every list may go together. */
  choices: Idea[][];
  /** To do without one of its places, by the place's id. */
  without?: Record<string, Idea>;
  /** What those do who wait; empty where they have nothing to do. */
  waitingTask: string;
}
/** One play of a block and where it stands at second `at` of it. `sheet`: what its board shows beside the view. */
export interface Playing<P> {
  setup: P;
  view: PlayView;
  sheet: Sheet;
  at: number;
}
/** `seconds`: working time that is played through; the same seed gives the same play. */
export interface SimulateOptions {
  seconds: number;
  seed: number;
  /** Of a play that is tried: where everyone is, too. */
  track?: boolean;
}
export interface Timeline {
  segments: Segment[];
  bouts: Bout[];
  workSeconds: number;
}
