import { z } from 'zod';
import type { Finding } from '../model/finding.ts';

/** Something that happened in play; fields per format. `at`: seconds from the block's start, pauses not counted. */
export type PlayEvent = { at: number; type: string; [field: string]: unknown };

/** What every format can say about where play stands. */
export interface PlayView {
  scores: Record<string, number>;
  tally: Record<string, number>;
  places: Record<string, string[]>;
  waiting: string[];
  turns: Record<string, number>;
  done: boolean;
  winners: string[];
}

const RELEASES = ['restart', 'round', 'task', 'rest'] as const;
const id = z.string().min(1);
const COMMON: Record<string, z.ZodType> = {
  end: z.object({}),
  tick: z.object({}),
  box: z.object({ player: id, why: z.string(), release: z.enum(RELEASES), seconds: z.number().min(0).optional() }),
  release: z.object({ player: id }),
  leave: z.object({ player: id }),
  join: z.object({ player: id, index: z.number().int().min(0).optional() }),
};

/** A setup in its shape; RangeError naming the field and its value where it breaks it. */
export function parsePlaySetup<T>(schema: z.ZodType<T>, raw: unknown): T {
  const parsed = schema.safeParse(raw);
  if (parsed.success) return parsed.data;
  const issue = parsed.error.issues[0];
  const value = issue.path.reduce<unknown>((at, key) => (at as Record<PropertyKey, unknown> | undefined)?.[key], raw);
  throw new RangeError(`invalid setup ${issue.path.join('.') || 'shape'}: ${JSON.stringify(value)}`);
}

/** What a format adds to the common part of play. Every function returns new state and leaves its arguments alone. */
export interface PlayRules<S, State> {
  /** The setup, checked; RangeError naming what is wrong. */
  parse(setup: unknown): S;
  players(setup: S): string[];
  /** How many indices `join` may name. */
  indices(setup: S): number;
  start(setup: S): State;
  /** Own event types with the shape of their fields. */
  events: Record<string, z.ZodType>;
  /** Players that an own event names. */
  named(event: PlayEvent): string[];
  /** The state after an own event, or the code that refuses it. */
  step(setup: S, state: State, event: PlayEvent, present: (player: string) => boolean): State | 'bad-field' | 'not-allowed';
  vacate(setup: S, state: State, player: string): State;
  seat(setup: S, state: State, player: string, index?: number): State;
  /** Which boxed students an own event lets back in. */
  releases(event: PlayEvent): readonly (typeof RELEASES)[number][];
  finished(setup: S, state: State): boolean;
  /** The view without `done`; the box is added to places. */
  view(setup: S, state: State): Omit<PlayView, 'done' | 'winners'>;
  winners(setup: S, state: State): string[];
}

interface Boxed {
  player: string;
  release: (typeof RELEASES)[number];
  until?: number;
}

/** A fold of events in progress: plain data. */
export interface Play<State> {
  at: number;
  ended: boolean;
  known: string[];
  away: string[];
  box: Boxed[];
  state: State;
}

export type Code = 'unknown-type' | 'bad-field' | 'unknown-id' | 'time-backwards' | 'after-end' | 'not-allowed';

/** Play at second 0. */
export function startPlay<S, State>(rules: PlayRules<S, State>, setup: S): Play<State> {
  return { at: 0, ended: false, known: rules.players(setup), away: [], box: [], state: rules.start(setup) };
}

function backIn<S, State>(rules: PlayRules<S, State>, setup: S, play: Play<State>, leaving: Boxed[]): Play<State> {
  let next = play;
  for (const { player } of leaving) {
    next = { ...next, box: next.box.filter((b) => b.player !== player), state: rules.seat(setup, next.state, player) };
  }
  return next;
}

const over = <S, State>(rules: PlayRules<S, State>, setup: S, play: Play<State>) => play.ended || rules.finished(setup, play.state);

/** Play after one event, or the code of the refusal (the first that applies, in the order of `Code`). */
export function stepPlay<S, State>(rules: PlayRules<S, State>, setup: S, play: Play<State>, event: PlayEvent): Play<State> | Code {
  const type = typeof event === 'object' && event !== null ? event.type : undefined;
  const own = typeof type === 'string' && Object.hasOwn(rules.events, type);
  const common = typeof type === 'string' && Object.hasOwn(COMMON, type);
  if (!own && !common) return 'unknown-type';
  const shape = own ? rules.events[event.type] : COMMON[event.type];
  if (typeof event.at !== 'number' || !Number.isFinite(event.at) || event.at < 0 || !shape.safeParse(event).success) return 'bad-field';
  if (event.type === 'join' && event.index !== undefined && (event.index as number) >= rules.indices(setup)) return 'bad-field';
  const named = own ? rules.named(event) : event.type === 'join' || event.player === undefined ? [] : [event.player as string];
  // Time passes before the event counts: timed releases come first.
  const due = play.box.filter((b) => b.until !== undefined && b.until <= event.at);
  const now = due.length && !over(rules, setup, play) ? backIn(rules, setup, play, due) : play;
  const present = (player: string) => now.known.includes(player) && !now.away.includes(player) && !now.box.some((b) => b.player === player);
  const stepped = own ? rules.step(setup, now.state, event, present) : undefined;
  if (stepped === 'bad-field') return 'bad-field';
  if (named.some((player) => !play.known.includes(player))) return 'unknown-id';
  if (event.at < play.at) return 'time-backwards';
  if (over(rules, setup, play)) return 'after-end';
  if (stepped === 'not-allowed') return 'not-allowed';
  const moved = { ...now, at: event.at };
  if (own) {
    const next = { ...moved, state: stepped as State };
    if (rules.finished(setup, next.state)) return next;
    const kinds = rules.releases(event);
    return backIn(
      rules,
      setup,
      next,
      next.box.filter((b) => kinds.includes(b.release)),
    );
  }
  return stepCommon(rules, setup, moved, event, present);
}

function stepCommon<S, State>(
  rules: PlayRules<S, State>,
  setup: S,
  play: Play<State>,
  event: PlayEvent,
  present: (p: string) => boolean,
): Play<State> | Code {
  const player = event.player as string;
  const boxed = play.box.some((b) => b.player === player);
  if (event.type === 'end') return { ...play, ended: true };
  if (event.type === 'tick') return play;
  if (event.type === 'box') {
    if (!present(player)) return 'not-allowed';
    const until = event.seconds === undefined ? undefined : event.at + (event.seconds as number);
    const entry: Boxed = { player, release: event.release as Boxed['release'], until };
    return { ...play, box: [...play.box, entry], state: rules.vacate(setup, play.state, player) };
  }
  if (event.type === 'release') return boxed ? backIn(rules, setup, play, [{ player, release: 'task' }]) : 'not-allowed';
  if (event.type === 'leave') {
    if (!present(player) && !boxed) return 'not-allowed';
    const state = boxed ? play.state : rules.vacate(setup, play.state, player);
    return { ...play, box: play.box.filter((b) => b.player !== player), away: [...play.away, player], state };
  }
  if (play.known.includes(player) && !play.away.includes(player)) return 'not-allowed';
  return {
    ...play,
    known: play.known.includes(player) ? play.known : [...play.known, player],
    away: play.away.filter((p) => p !== player),
    state: rules.seat(setup, play.state, player, event.index as number | undefined),
  };
}

/** What a fold shows. */
export function viewPlay<S, State>(rules: PlayRules<S, State>, setup: S, play: Play<State>): PlayView {
  const view = rules.view(setup, play.state);
  const done = over(rules, setup, play);
  const places = { ...view.places, ...(play.box.length ? { box: play.box.map((b) => b.player) } : {}) };
  return { ...view, places, done, winners: done ? rules.winners(setup, play.state) : [] };
}

/** Folds events over a setup; what the rules do not allow changes nothing and is refused with a finding at.event. */
export function foldPlay<S, State>(
  rules: PlayRules<S, State>,
  rawSetup: unknown,
  events: readonly PlayEvent[],
): { view: PlayView; refused: Finding[] } {
  const setup = rules.parse(rawSetup);
  if (!Array.isArray(events)) throw new RangeError(`invalid events: ${String(events)}`);
  const refused: Finding[] = [];
  let play = startPlay(rules, setup);
  events.forEach((event, i) => {
    const next = stepPlay(rules, setup, play, event);
    if (typeof next === 'string') refused.push({ code: next, weight: 'stop', at: { event: String(i) }, data: { event } });
    else play = next;
  });
  return { view: viewPlay(rules, setup, play), refused };
}
