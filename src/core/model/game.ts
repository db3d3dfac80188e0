import { z } from 'zod';
import { AdvanceCourtGame } from '../formats/advance-court/setup.ts';
import { CallUpGame } from '../formats/call-up/setup.ts';
import { ChaseGame } from '../formats/chase/setup.ts';
import { CircleGame } from '../formats/circle/setup.ts';
import { CourseGame } from '../formats/course/setup.ts';
import { InningsGame } from '../formats/innings/setup.ts';
import { IntervalPairsGame } from '../formats/interval-pairs/setup.ts';
import { LadderGame } from '../formats/ladder/setup.ts';
import { OpenFloorGame } from '../formats/open-floor/setup.ts';
import { PaceGame } from '../formats/pace/setup.ts';
import { PerimeterGame } from '../formats/perimeter/setup.ts';
import { PodsGame } from '../formats/pods/setup.ts';
import { PossessionGame } from '../formats/possession/setup.ts';
import { RelayGame } from '../formats/relay/setup.ts';
import { SkillLaneGame } from '../formats/skill-lane/setup.ts';
import { SpotCollectGame } from '../formats/spot-collect/setup.ts';
import { StationsGame } from '../formats/stations/setup.ts';
import { TargetClashGame } from '../formats/target-clash/setup.ts';
import { TossTargetsGame } from '../formats/toss-targets/setup.ts';
import { TournamentGame } from '../formats/tournament/setup.ts';
import { WinnersRingGame } from '../formats/winners-ring/setup.ts';
import { Band } from './band.ts';
import { GameDemand, PurposeAction } from './demand.ts';
import { OUTDOORS } from './gearKind.ts';
import { GameId } from './ids.ts';
import { recordFields } from './record.ts';
import { Offence, OwnRule } from './rule.ts';
import { line, note, optionalLine, whole } from './text.ts';

/** What a teacher looks for when choosing a game. */
export const GAME_FAMILIES = [
  'throw',
  'catch',
  'strike',
  'kick',
  'dribble and carry',
  'dodge and flee',
  'travel',
  'balance',
  'aim',
  'rhythm',
  'cooperate',
  'pace',
  'invade',
  'defend',
  'warm up',
  'calm down',
] as const;
export const GameFamily = z.enum(GAME_FAMILIES, { message: 'choice' });
export type GameFamily = z.infer<typeof GameFamily>;

const shared = {
  ...recordFields('game', 3),
  id: GameId,
  title: line(60),
  /** What it is for, in a sentence. */
  aim: line(200),
  /** What it is for, as actions; none: what its format and settings say. */
  purpose: z.array(PurposeAction).max(14),
  /** What a teacher looks for on the shelf. */
  families: z.array(GameFamily).max(8, { message: 'too-many' }),
  /** How loud it gets: 1 quiet, 3 loud. */
  noise: whole(1, 3),
  outdoors: z.enum(OUTDOORS, { message: 'choice' }),
  /** Demands beside those that its format derives. */
  demands: z.array(GameDemand).max(60, { message: 'too-many' }),
  story: note(600),
  attentionCall: optionalLine(120),
  /** What stops everyone, both heard and seen; empty takes the school's. */
  stopSignal: optionalLine(160),
  /** Rules in the game's own words; what its settings decide comes from the format. */
  rules: z.array(OwnRule).max(24),
  /** Faults that are tapped on Whistle. */
  offences: z.array(Offence).max(8),
  questions: z.array(line(160)).max(6),
  /** True for a game that the school made or brought in. */
  own: z.boolean().optional(),
  /** The game that it was made from. */
  madeFrom: GameId.optional(),
  /** Values of the format's settings by band, over the format's own defaults. */
  bands: z.partialRecord(Band, z.record(z.string(), z.unknown())),
};

/** A game is data: words, a format, and what that format needs to know. */
export const Game = z.discriminatedUnion('format', [
  z.object({ ...shared, format: z.literal('stations'), setup: StationsGame }),
  z.object({ ...shared, format: z.literal('advance-court'), setup: AdvanceCourtGame }),
  z.object({ ...shared, format: z.literal('call-up'), setup: CallUpGame }),
  z.object({ ...shared, format: z.literal('chase'), setup: ChaseGame }),
  z.object({ ...shared, format: z.literal('course'), setup: CourseGame }),
  z.object({ ...shared, format: z.literal('ladder'), setup: LadderGame }),
  z.object({ ...shared, format: z.literal('pods'), setup: PodsGame }),
  z.object({ ...shared, format: z.literal('relay'), setup: RelayGame }),
  z.object({ ...shared, format: z.literal('skill-lane'), setup: SkillLaneGame }),
  z.object({ ...shared, format: z.literal('target-clash'), setup: TargetClashGame }),
  z.object({ ...shared, format: z.literal('toss-targets'), setup: TossTargetsGame }),
  z.object({ ...shared, format: z.literal('tournament'), setup: TournamentGame }),
  z.object({ ...shared, format: z.literal('open-floor'), setup: OpenFloorGame }),
  z.object({ ...shared, format: z.literal('winners-ring'), setup: WinnersRingGame }),
  z.object({ ...shared, format: z.literal('perimeter'), setup: PerimeterGame }),
  z.object({ ...shared, format: z.literal('interval-pairs'), setup: IntervalPairsGame }),
  z.object({ ...shared, format: z.literal('pace'), setup: PaceGame }),
  z.object({ ...shared, format: z.literal('innings'), setup: InningsGame }),
  z.object({ ...shared, format: z.literal('possession'), setup: PossessionGame }),
  z.object({ ...shared, format: z.literal('spot-collect'), setup: SpotCollectGame }),
  z.object({ ...shared, format: z.literal('circle'), setup: CircleGame }),
]);
export type Game = z.infer<typeof Game>;
export type FormatId = Game['format'];
