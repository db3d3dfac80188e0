import type { Ask } from '../formats/asks.ts';
import type { BlockIdeas, Card, Segment, SwitchCall, Timeline } from '../formats/format.ts';
import type { Visit } from '../formats/hosted.ts';
import type { SettingMeta, SettingRoles } from '../formats/setting.ts';
import type { GearClaim, GearLine } from '../gear/cover.ts';
import type { GearNeed } from '../gear/need.ts';
import type { Polygon } from '../geometry/point.ts';
import type { Band, BandDefaults } from '../model/band.ts';
import type { Beside } from '../model/besideRoom.ts';
import type { ClassHistory } from '../model/classHistory.ts';
import type { Finding, FindingDraft, LessonNumbers } from '../model/finding.ts';
import type { FormatIdea } from '../model/findingCodes.ts';
import type { Game } from '../model/game.ts';
import type { Gear } from '../model/gear.ts';
import type { GearKind } from '../model/gearKind.ts';
import { footprint, LAID_FACTS, type LaidPiece } from '../model/laidPiece.ts';
import type { Lesson } from '../model/lesson.ts';
import type { Attendance, Period, Role } from '../model/period.ts';
import type { Piece } from '../model/piece.ts';
import type { Room } from '../model/room.ts';
import type { Rule } from '../model/rule.ts';
import type { School } from '../model/school.ts';
import type { SchoolClass } from '../model/schoolClass.ts';
import { partsOf } from '../model/shape.ts';
import type { Student, StudentPrivate, Wish } from '../model/student.ts';
import type { Forecast } from '../play/forecast.ts';
import type { BlockChange, StandingFloor } from './blockChange.ts';
import type { WentOn } from './goingOn.ts';

/** Everything fit looks at: facts and choices, plain data. */
export interface FitInput {
  lesson: Lesson;
  schoolClass: SchoolClass;
  students: readonly Student[];
  ratings: readonly StudentPrivate[];
  wishes: readonly Wish[];
  attendance: Attendance | null;
  room: Room;
  period: Period;
  /** What lies on the floor when the lesson begins, and who is with whom: of a block that is over, in the rest of a lesson under way. */
  standing?: StandingFloor;
  /** Seconds that are there, if not all of the period: what is left of a lesson under way. */
  secondsLeft?: number;
  cupboard: readonly Gear[];
  /** Kinds of gear that the school knows; without them nothing is known to stand in for anything. */
  gearKinds?: readonly GearKind[];
  games: readonly Game[];
  school: School;
  /** What the class has had in its last lessons; nothing if absent. */
  history?: ClassHistory;
  /** What else happens on the day: gear that others have at the same time, and floors of this room. */
  day?: { claims: readonly GearClaim[]; floors?: readonly NeighborFloor[]; beside?: readonly BesideLesson[] };
}

/** A lesson of the same time in the same room, in a part of it, or behind its curtain: what is heard of it there. */
export interface BesideLesson {
  /** Whose lesson it is: the class's name. */
  to: string;
  where: Beside;
  /** What its games stop on. */
  signals: string[];
  /** `from`, `until`: seconds of the day. */
  games: { title: string; noise: number; from: number; until: number }[];
}

/** The floor of another lesson of the day in the same room: the one before, or one at the same time that has its floor first. */
export interface NeighborFloor {
  /** Whose lesson it is: the class's name. */
  to: string;
  when: 'before' | 'same';
  /** Seconds from its end to the start of this lesson. */
  gapSeconds: number;
  pieces: Piece[];
  laid: LaidPiece[];
  /** The part of this room that the other lesson has all to itself. */
  part?: Polygon;
}

/** The floor that lessons of the same time have, each place as an outline with whose it is. */
export const floorOfOthers = ({ day }: Pick<FitInput, 'day'>): { name: string; outline: Polygon }[] =>
  (day?.floors ?? []).flatMap(({ when, to, pieces, laid, part }) =>
    when === 'same'
      ? [
          ...(part ? [part] : []),
          ...pieces.flatMap((p) => partsOf(p.shape)),
          ...laid.filter((p) => LAID_FACTS[p.laid].takesFloor).map(footprint),
        ].map((outline) => ({ name: to, outline }))
      : [],
  );

/** What keeps floor from a block's places: what the teacher laid there, then what others have. */
export const takenFloor = (input: Pick<FitInput, 'day'>, laid: readonly LaidPiece[] = []): Polygon[] => [
  ...laid.filter((p) => LAID_FACTS[p.laid].takesFloor).map(footprint),
  ...floorOfOthers(input).map((other) => other.outline),
];

/** What the plan of one block may look at: not the bells. */
export type BlockInput = Omit<FitInput, 'period' | 'secondsLeft' | 'standing'>;

export interface FittedGame {
  gameId: string;
  title: string;
  format: string;
  settings: SettingMeta[];
  values: Record<string, unknown>;
  /** What the settings would be if the teacher had set none. */
  usual: Record<string, unknown>;
  roles: SettingRoles;
  groups: string[][];
  pieces: Piece[];
  /** What lies inside the places and around them, put there by fit. */
  things: LaidPiece[];
  unplaced: { id: string; number: number; title: string }[];
  clearances: Record<string, { metres: number; running: boolean; runM: number }>;
  moveSeconds: number;
  walkM: number;
  timeline: Timeline;
  plays: unknown[];
  /** Stays of groups at places that are games of their own. */
  visits: Visit[];
  forecast: Forecast;
  needs: GearNeed[];
  calls: SwitchCall[];
  cards: Card[];
  /** The whole card of rules, in reading order. */
  rules: Rule[];
  /** What it asks of students and what it is for, by role or by place. */
  asks: Ask[];
  ideas: BlockIdeas<FormatIdea>;
}

/** Everything that lies on a block's floor beside its places: the game's own things, then what the teacher added. */
export const laidIn = (block: { game?: Pick<FittedGame, 'things'>; laid: LaidPiece[] }): LaidPiece[] =>
  block.game?.things.length ? [...block.game.things, ...block.laid] : block.laid;

export interface FittedBlock {
  id: string;
  title: string;
  phase: Lesson['blocks'][number]['phase'];
  note: string;
  /** Seconds from the period's bell. */
  at: number;
  seconds: number;
  least: number;
  most: number;
  pinned: boolean;
  /** What the teacher lays out beside the game's own places. */
  laid: LaidPiece[];
  segments: Segment[];
  /** What is done at its start, where another game's floor lies there. */
  change?: BlockChange;
  /** What it takes from the game before, where the teacher says so. */
  wentOn?: WentOn;
  game?: FittedGame;
}

/** What of a block does not depend on its length: checks of one block see this alone, so that their answers can be kept. */
export interface StandingBlock extends Pick<FittedBlock, 'id' | 'title' | 'phase' | 'laid'> {
  game?: Omit<FittedGame, 'timeline' | 'plays' | 'visits' | 'forecast'> & {
    /** rounds[r][g]: index of the place, −1 waiting. */
    rounds: number[][];
  };
}

/** A lesson as it would run today, in this room, with this gear. Recomputed, never stored beside the lesson. */
export interface FittedLesson {
  band: Band;
  defaults: BandDefaults;
  blocks: FittedBlock[];
  people: { playing: string[]; roles: Partial<Record<Role, string[]>> };
  gear: GearLine[];
  numbers: LessonNumbers;
  periodSeconds: number;
  spareSeconds: number;
  findings: Finding[];
}

/** A fitted lesson before fixes are weighed. */
export interface FitDraft extends Omit<FittedLesson, 'findings'> {
  noticed: FindingDraft[];
}
