import { atRound } from '../arrange/atRound.ts';
import type { GearNeed } from '../gear/need.ts';
import type { Finding, FindingDraft } from '../model/finding.ts';
import type { FormatIdea } from '../model/findingCodes.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import type { Rule } from '../model/rule.ts';
import { foldPlay, openPlay, type PlayFold } from '../play/foldPlay.ts';
import { type Forecast, type ForecastOptions, joined } from '../play/forecast.ts';
import type { PlayEvent, PlayView } from '../play/playRules.ts';
import type { Ask } from './asks.ts';
import type { BlockIdeas, Card, PlanInput, Playing, Segment, SimulateOptions, SwitchCall, Timeline } from './blockPlan.ts';
import type { BoardPart, ResultRow } from './board.ts';
import type { Attempts, FormatSpec } from './formatSpec.ts';
import { type Visit, visitsOf } from './hosted.ts';
import type { SettingsUpgrade } from './newestSettings.ts';
import { wholeCard } from './rules.ts';
import { rolesIn, type SettingMeta, type SettingRoles, settle } from './setting.ts';
import { signedFinding, signedIdeas } from './signed.ts';
import { type Frame, framesByPlaces, type PlayFloor, type TriedPlay } from './tryOut.ts';
import { usableValues } from './usable.ts';

export type {
  BlockDraft,
  BlockIdeas,
  Card,
  CardLine,
  PlanContext,
  PlanInput,
  Playing,
  Segment,
  SimulateOptions,
  SwitchCall,
  Timeline,
} from './blockPlan.ts';
export type { Bout, Stay } from './bouts.ts';

export type { Attempts, FormatSpec } from './formatSpec.ts';

export interface PlannedBlock {
  values: Record<string, unknown>;
  /** What the settings would be if the teacher had set none. */
  usual: Record<string, unknown>;
  /** Settings that code beside the format needs, by what they are for. */
  roles: SettingRoles;
  groups: string[][];
  pieces: Piece[];
  things: LaidPiece[];
  unplaced: { id: string; number: number; title: string }[];
  moveSeconds: number;
  walkM: number;
  span: { least: number; most: number };
  needs: GearNeed[];
  calls: SwitchCall[];
  cards: Card[];
  /** The whole card of rules, in reading order. */
  rules: Rule[];
  /** What it asks of students and what it is for, by role or by place. */
  asks: Ask[];
  ideas: BlockIdeas<FormatIdea>;
  clearances: Record<string, { metres: number; running: boolean; runM: number }>;
  settings: SettingMeta[];
  /** The block once its seconds are known. */
  finish(seconds: number): { timeline: Timeline; plays: unknown[]; visits: Visit[]; forecast: Forecast; noticed: FindingDraft[] };
}

/** A format as the rest of the house sees it: takes unknown, gives plain data. */
export interface Format {
  id: string;
  settings(setup: unknown): SettingMeta[];
  /** True if its places may be games of their own; and if it may be such a game itself. */
  isHost: boolean;
  canBePlace: boolean;
  settingsUpgrades: readonly SettingsUpgrade[];
  /** The code of what is wrong with a setting's value, or undefined. */
  settingProblem(setup: unknown, key: string, value: unknown): string | undefined;
  plan(setup: unknown, input: PlanInput): PlannedBlock;
  /** The version of play's rules that a run is frozen with. */
  playVersion: number;
  /** A play at second 0 by the rules of that version. RangeError for a version that there never was. */
  open(setup: unknown, version?: number): PlayFold;
  /** Who has which role in a play, as often as they have it. */
  rolesIn(setup: unknown): Record<string, readonly string[]>;
  /** The setup of a play for a latecomer whom no play takes in; undefined if the format has none. */
  latePlay(setups: readonly unknown[], player: string): unknown;
  replay(setup: unknown, events: readonly PlayEvent[]): { view: PlayView; refused: Finding[] };
  simulate(setup: unknown, options: SimulateOptions): PlayEvent[];
  forecast(setup: unknown, options: ForecastOptions): Forecast;
  quick(setup: unknown, options: ForecastOptions): Forecast;
  tries: 'round' | 'block';
  /** Plays of a setup differ from one another. */
  isChancy(setup: unknown): boolean;
  /** Faults that its board names, by the type of event. */
  faults: Record<string, string>;
  tryOne(setup: unknown, options: SimulateOptions): TriedPlay;
  frames(setup: unknown, events: readonly PlayEvent[], floor: PlayFloor, play: number): Record<string, Frame[]>;
  board(plays: readonly Playing<unknown>[], pieces: readonly Piece[], round?: number): BoardPart[];
  results(plays: readonly Playing<unknown>[]): { code: string; rows: ResultRow[] };
  keepsAttempts: boolean;
  stages(setup: unknown): { id: string; title: string }[];
  /** True if what a class has met of its stages is kept, apart from tries. */
  keepsStages: boolean;
  stagesMet(setup: unknown, view: PlayView): string[];
  attempts(setup: unknown, events: readonly PlayEvent[]): Attempts[];
  clockEvents(segment: Segment, rounds: number, setup: unknown): { type: string }[];
}

/** A format with its types closed over. */
export function defineFormat<Id extends string, G, V extends object, P, State, E extends { type: string }>(
  spec: FormatSpec<Id, G, V, P, State, E>,
): Format {
  const parsed = (playing: Playing<unknown>): Playing<P> => ({ ...playing, setup: spec.play.parse(playing.setup) });
  const isTried = (setup: P) => spec.tryOne !== undefined && (spec.isTried?.(setup) ?? true);
  return {
    id: spec.id,
    settings: (setup) => spec.settings(spec.parseSetup(setup)),
    isHost: spec.hosted !== undefined,
    canBePlace: spec.hosted === undefined && spec.canBePlace !== false,
    settingsUpgrades: spec.settingsUpgrades ?? [],
    settingProblem(setup, key, value) {
      const metas = spec.settings(spec.parseSetup(setup));
      if (!metas.some((m) => m.key === key)) return 'unknown-key';
      if (value === null || value === undefined) return undefined;
      const parsed = spec.parseValues(settle(metas, '4-5', {}, { [key]: value }));
      return parsed.ok ? undefined : parsed.code;
    },
    plan: (setup, input) => planWith(spec, setup, input),
    playVersion: spec.play.version,
    open(setup, version = spec.play.version) {
      const rules = [spec.play, ...(spec.olderPlay ?? [])].find((r) => r.version === version);
      if (!rules) throw new RangeError(`invalid version of ${spec.id}: ${version}, the newest is ${spec.play.version}`);
      return openPlay(rules, setup);
    },
    rolesIn: (setup) => spec.rolesIn?.(spec.play.parse(setup)) ?? {},
    latePlay: (setups, player) => spec.latePlay?.(setups.map(spec.play.parse), player),
    replay: (setup, events) => foldPlay(spec.play, setup, events),
    simulate: (setup, options) => spec.simulate(spec.play.parse(setup), options),
    forecast: (setup, options) => spec.forecast(spec.play.parse(setup), options),
    quick: (setup, options) => (spec.quick ?? spec.forecast)(spec.play.parse(setup), options),
    tries: spec.tries ?? 'round',
    isChancy: (setup) => isTried(spec.play.parse(setup)),
    faults: { ...spec.faults } as Record<string, string>,
    tryOne(raw, options) {
      const setup = spec.play.parse(raw);
      if (spec.tryOne && isTried(setup)) return spec.tryOne(setup, options);
      const { perPlayer, longestWait, turns } = (spec.quick ?? spec.forecast)(setup, options);
      const measured = Object.entries(perPlayer).map(([id, share]) => ({
        id,
        active: share * options.seconds,
        turns: turns.mean,
        wait: longestWait.p90,
      }));
      return { events: spec.simulate(setup, options), measured };
    },
    frames(raw, events, floor, play) {
      const setup = spec.play.parse(raw);
      return (
        spec.frames?.(setup, events, floor) ??
        framesByPlaces(openPlay(spec.play, setup), events, floor, (place, student) => spec.spotOf?.(place, play, floor, student))
      );
    },
    board: (plays, pieces, round) => spec.board(plays.map(parsed), pieces, round),
    results: (plays) => spec.results(plays.map(parsed)),
    keepsAttempts: spec.attempts !== undefined,
    stages: (setup) => spec.stages?.(spec.parseSetup(setup)) ?? [],
    keepsStages: spec.stagesMet !== undefined,
    stagesMet: (setup, view) => spec.stagesMet?.(spec.play.parse(setup), view) ?? [],
    attempts: (setup, events) => spec.attempts?.(spec.play.parse(setup), events) ?? [],
    clockEvents: (segment, rounds, setup) => spec.clockEvents?.(segment, rounds, spec.play.parse(setup)) ?? [],
  };
}

/** A game planned: groups, floor, gear and bounds, before its length is known. */
function planWith<Id extends string, G, V extends object, P, State, E extends { type: string }>(
  spec: FormatSpec<Id, G, V, P, State, E>,
  rawSetup: unknown,
  input: PlanInput,
): PlannedBlock {
  const setup = spec.parseSetup(rawSetup);
  const metas = spec.settings(setup, input.hosts);
  const { values, noticed: aside } = usableValues(spec.id, metas, input, spec.parseValues);
  const context = { ...input, setup, values };
  const still = { metres: input.wallClearanceM, running: false, runM: 0 };
  const { groups, noticed } = spec.group(context);
  const { things, ...laidOut } = spec.layout(context, groups);
  const placed = {
    values,
    groups,
    ...laidOut,
    things: atRound(input.room.outline, things, input.roundM).map((t) => ({ ...t, ...input.placed[t.id] })),
  };
  const draft = { ...placed, ...(spec.pace?.(context, placed) ?? { moveSeconds: 0, walkM: 0 }) };
  return {
    ...draft,
    values: draft.values as Record<string, unknown>,
    settings: metas,
    usual: settle(metas, input.band, input.gameValues, {}),
    roles: rolesIn(metas, draft.values as Record<string, unknown>),
    span: spec.span(context, draft),
    needs: spec.gear(context, draft),
    calls: spec.calls?.(context, draft) ?? [],
    asks: spec.asks(context, draft),
    cards: spec.card(context, draft),
    rules: wholeCard(
      spec.rules(context, draft),
      input.rules,
      metas.map((m) => m.key),
    ),
    ideas: signedIdeas(spec.id, spec.ideas(context, draft)),
    clearances: Object.fromEntries(draft.pieces.map((p) => [p.id, spec.clearance?.(context, p.id) ?? still])),
    finish(seconds) {
      const timeline = spec.timeline(context, draft, seconds);
      const stays = spec.hosted ? visitsOf(timeline.bouts, (piece, students) => spec.hosted!(context, draft, piece, students)) : [];
      const plays = spec.plays(context, draft, timeline, activeByPlace(stays));
      const forecast = joined(
        plays.map((play, i) => (spec.quick ?? spec.forecast)(play, { seconds: Math.max(1, seconds), seed: input.seed + i })),
      );
      const own = spec.checks(context, draft, timeline).map((f) => signedFinding(spec.id, f));
      return { timeline, plays, visits: stays.map((s) => s.visit), forecast, noticed: [...aside, ...noticed, ...own] };
    },
  };
}

/** The average share of a stay that students are active, by place. */
function activeByPlace(stays: ReturnType<typeof visitsOf>): Record<number, number> {
  const sums: Record<number, { of: number; sum: number }> = {};
  for (const { visit, activeShare } of stays) {
    const { of, sum } = sums[visit.piece] ?? { of: 0, sum: 0 };
    sums[visit.piece] = { of: of + 1, sum: sum + activeShare };
  }
  return Object.fromEntries(Object.entries(sums).map(([piece, { of, sum }]) => [piece, sum / of]));
}
