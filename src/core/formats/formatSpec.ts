import type { GearNeed } from '../gear/need.ts';
import type { FindingDraft } from '../model/finding.ts';
import type { Noticed } from '../model/findingCodes.ts';
import type { Piece } from '../model/piece.ts';
import type { Rule } from '../model/rule.ts';
import type { Cell, Prompt, Skill } from '../model/skillLadder.ts';
import type { Forecast, ForecastOptions } from '../play/forecast.ts';
import type { PlayEvent, PlayRules, PlayView } from '../play/playRules.ts';
import type { Ask } from './asks.ts';
import type { BlockDraft, BlockIdeas, Card, PlanContext, Playing, Segment, SimulateOptions, SwitchCall, Timeline } from './blockPlan.ts';
import type { BoardPart, ResultRow } from './board.ts';
import type { AtPlace, Hosts } from './hosted.ts';
import type { SettingsUpgrade } from './newestSettings.ts';
import type { SettingMeta } from './setting.ts';
import type { Frame, PlayFloor, TriedPlay } from './tryOut.ts';

/** A student's tries at one step of a ladder: made alone, made with help, all; and how many fell in all. Private. */
export interface Attempts {
  player: string;
  /** Index of the step, and its id. */
  step: number;
  stepId: string;
  tries: number;
  alone: number;
  helped: number;
  /** Made, by the help that they had. */
  made: Record<Prompt, number>;
  fallen: number;
  /** The skill's own ladder and where on it this step is, if the game says so. */
  skill?: Skill;
  cell?: Cell;
  /** 1 if enough of them were made for a harder step, −1 if too few, else 0. */
  suggest: -1 | 0 | 1;
}

/** What a format folder promises. One type per folder; `defineFormat` closes over it. */
export interface FormatSpec<Id extends string, G, V, P, State, E extends { type: string }> {
  id: Id;
  parseSetup(setup: unknown): G;
  settings(setup: G, hosts?: Hosts): SettingMeta[];
  /** What settings of older versions are called and worth today: the first turns version 1 into 2. */
  settingsUpgrades?: readonly SettingsUpgrade[];
  parseValues(values: unknown): { ok: true; values: V } | { ok: false; key: string; code: string };
  group(context: PlanContext<G, V>): { groups: string[][]; noticed: Noticed[] };
  layout(context: PlanContext<G, V>, groups: string[][]): Pick<BlockDraft<V>, 'pieces' | 'things' | 'unplaced'>;
  /** Seconds and metres of the longest move between places; 0 if left out: nobody moves on. */
  pace?(context: PlanContext<G, V>, draft: Omit<BlockDraft<V>, 'moveSeconds' | 'walkM'>): Pick<BlockDraft<V>, 'moveSeconds' | 'walkM'>;
  span(context: PlanContext<G, V>, draft: BlockDraft<V>): { least: number; most: number };
  timeline(context: PlanContext<G, V>, draft: BlockDraft<V>, seconds: number): Timeline;
  /** False if it needs a room of its own and is never played at a place of another game. */
  canBePlace?: boolean;
  /** The game that is played at a place by those who are there, if that place is a game of its own; none if left out. */
  hosted?(context: PlanContext<G, V>, draft: BlockDraft<V>, piece: number, students: readonly string[]): AtPlace | undefined;
  /** One play, or one for each court where courts play for themselves. `activeAt`: share of a stay that students are active at places that are games. */
  plays(context: PlanContext<G, V>, draft: BlockDraft<V>, timeline: Timeline, activeAt: Readonly<Record<number, number>>): P[];
  gear(context: PlanContext<G, V>, draft: BlockDraft<V>): GearNeed[];
  /** What is called out at a move; nothing if left out. */
  calls?(context: PlanContext<G, V>, draft: BlockDraft<V>): SwitchCall[];
  checks(context: PlanContext<G, V>, draft: BlockDraft<V>, timeline: Timeline): FindingDraft[];
  ideas(context: PlanContext<G, V>, draft: BlockDraft<V>): BlockIdeas;
  /** Metres each piece wants free of walls and fixed things, and why; the school's clearance if left out. */
  clearance?(context: PlanContext<G, V>, pieceId: string): { metres: number; running: boolean; runM: number };
  /** What it asks of students and what it is for, by role or by place. */
  asks(context: PlanContext<G, V>, draft: BlockDraft<V>): Ask[];
  /** The cards at its places: what is done there. */
  card(context: PlanContext<G, V>, draft: BlockDraft<V>): Card[];
  /** The rules that its settings decide, read aloud to all; the game and the teacher add the others or say them in their words. */
  rules(context: PlanContext<G, V>, draft: BlockDraft<V>): Rule[];
  /** Events of its board that a fault of the rules explains, with the fault's code. */
  faults?: Partial<Record<E['type'], string>>;
  play: PlayRules<P, State, E>;
  /** The rules that older versions were frozen with: logs of then replay as they did. */
  olderPlay?: PlayRules<P, State, E>[];
  /** Who has which role in a play, as often as they have it: evened out over the lessons of a class. None if left out. */
  rolesIn?(setup: P): Record<string, readonly string[]>;
  /** The play that a latecomer gets, if its plays take nobody in: a lane of one's own. */
  latePlay?(setups: readonly P[], player: string): P | undefined;
  /** One play as it could go, in events that play accepts; `at` counts working time alone, moves and phases take none. */
  simulate(setup: P, options: SimulateOptions): PlayEvent[];
  forecast(setup: P, options: ForecastOptions): Forecast;
  /** The same at once, for a lesson that is being planned; `forecast` if left out. */
  quick?(setup: P, options: ForecastOptions): Forecast;
  /** What a try-out plays: one round, or all of the block; a round if left out. */
  tries?: 'round' | 'block';
  /** One play by chance with how it went for everyone; if left out, or where `isTried` says no, every play is as `quick` says. */
  tryOne?(setup: P, options: SimulateOptions): TriedPlay;
  /** Whether `tryOne` plays this one; always if left out. */
  isTried?(setup: P): boolean;
  /** The id of the place or thing where a student stands whom a play's view has at `place`; `play` is its index. */
  spotOf?(place: string, play: number, floor: PlayFloor, student: string): string | undefined;
  /** Where everyone is, if not from spot to spot. */
  frames?(setup: P, events: readonly PlayEvent[], floor: PlayFloor): Record<string, Frame[]>;
  /** `round`: index of the round that is on or comes next. */
  board(plays: readonly Playing<P>[], pieces: readonly Piece[], round?: number): BoardPart[];
  /** What the logbook keeps; best first or in group order. */
  results(plays: readonly Playing<P>[]): { code: string; rows: ResultRow[] };
  /** Stages that students meet one after the other, the first first; none if left out. */
  stages?(setup: G): { id: string; title: string }[];
  /** Stages that were reached in a play; none if left out. */
  stagesMet?(setup: P, view: PlayView): string[];
  /** Tries by step, for charts; none if left out. */
  attempts?(setup: P, events: readonly PlayEvent[]): Attempts[];
  /** Events that the clock causes in one play when a segment ends; `rounds` is how many the block has. None if left out. */
  clockEvents?(segment: Segment, rounds: number, setup: P): E[];
}
