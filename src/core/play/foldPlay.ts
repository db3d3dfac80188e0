import { z } from 'zod';
import type { Finding } from '../model/finding.ts';
import type { PlayEvent, PlayRules, PlayView, Sheet, Timed } from './playRules.ts';
import { type Boxed, letBack, nextBack, RELEASES } from './sideBox.ts';

const id = z.string().min(1);
/** Events that every format accepts. */
const COMMON = {
  end: z.object({ type: z.literal('end') }),
  tick: z.object({ type: z.literal('tick') }),
  box: z.object({ type: z.literal('box'), player: id, why: z.string(), release: z.enum(RELEASES), seconds: z.number().min(0).optional() }),
  release: z.object({ type: z.literal('release'), player: id }),
  leave: z.object({ type: z.literal('leave'), player: id }),
  join: z.object({ type: z.literal('join'), player: id, index: z.number().int().min(0).optional() }),
};
type CommonEvent = z.infer<(typeof COMMON)[keyof typeof COMMON]>;

/** Reasons to refuse an event; of several the first one applies. */
export type Code = 'unknown-type' | 'bad-field' | 'unknown-id' | 'time-backwards' | 'after-end' | 'not-allowed';

/** A play in progress: plain data. */
export interface Play<State> {
  /** Second of the last event that was accepted. */
  at: number;
  ended: boolean;
  known: readonly string[];
  away: readonly string[];
  box: readonly Boxed[];
  state: State;
}

/** One play being folded. Immutable: `step` and `until` return another. */
export interface PlayFold {
  /** The setup it was opened with. */
  setup: unknown;
  /** Takes one event; a refused one changes nothing but `refused`. */
  step(event: PlayEvent): PlayFold;
  /** Lets time pass up to that second of the block. */
  until(at: number): PlayFold;
  /** The next second at which something happens by itself, Infinity if nothing does. */
  due: number;
  view(): PlayView;
  /** Students in motion now; nobody once it is over. */
  active(): readonly string[];
  /** Index of the group that a student belongs to, if groups go from place to place. */
  groupOf(player: string): number | undefined;
  /** What the format's board shows beside the view. */
  sheet(): Sheet;
  refused: readonly Finding[];
  /** Students who sit out. */
  box: readonly Boxed[];
}

/** A play at second 0. RangeError if the setup breaks its shape. */
export function openPlay<S, State, E extends { type: string }>(rules: PlayRules<S, State, E>, rawSetup: unknown): PlayFold {
  const setup = rules.parse(rawSetup);
  return foldOf(new Fold(rules, setup), startPlay(rules, setup), 0, []);
}

function foldOf<S, State, E extends { type: string }>(
  fold: Fold<S, State, E>,
  play: Play<State>,
  count: number,
  refused: readonly Finding[],
): PlayFold {
  let shown: PlayView | undefined;
  return {
    setup: fold.setup,
    refused,
    box: play.box,
    due: fold.due(play),
    step(event) {
      const next = fold.step(play, event);
      if (typeof next !== 'string') return foldOf(fold, next, count + 1, refused);
      const finding: Finding = { code: next, weight: 'stop', at: { event: String(count) }, data: { event } };
      return foldOf(fold, play, count + 1, [...refused, finding]);
    },
    until(at) {
      const later = fold.passTo(play, at);
      return later === play ? this : foldOf(fold, later, count, refused);
    },
    active: () => fold.active(play),
    groupOf: (player) => fold.rules.groupOf?.(play.state, player),
    sheet: () => fold.rules.sheet?.(fold.setup, play.state) ?? {},
    view() {
      shown ??= fold.view(play);
      return shown;
    },
  };
}

/** Play at second 0. */
export function startPlay<S, State, E extends { type: string }>(rules: PlayRules<S, State, E>, setup: S): Play<State> {
  return { at: 0, ended: false, known: rules.players(setup), away: [], box: [], state: rules.start(setup) };
}

/** True for a student who takes part now: known, not gone, not in the box. */
export const isPresent = ({ known, away, box }: Play<unknown>, player: string): boolean =>
  known.includes(player) && !away.includes(player) && !box.some((b) => b.player === player);

/** The steps of one play's fold over its rules and setup. */
export class Fold<S, State, E extends { type: string }> {
  readonly rules: PlayRules<S, State, E>;
  readonly setup: S;
  constructor(rules: PlayRules<S, State, E>, setup: S) {
    this.rules = rules;
    this.setup = setup;
  }

  isOver(play: Play<State>): boolean {
    return play.ended || this.rules.finished(this.setup, play.state);
  }

  /** The next second at which something happens by itself, Infinity if nothing does. */
  due(play: Play<State>): number {
    if (this.isOver(play)) return Number.POSITIVE_INFINITY;
    return Math.min(nextBack(play.box), this.rules.due?.(this.setup, play.state) ?? Number.POSITIVE_INFINITY);
  }

  /** Lets everything happen that is due up to and at that second: what the format brings first, then who comes back. */
  passTo(play: Play<State>, at: number): Play<State> {
    let now = play;
    for (let next = this.due(now); next <= at; ) {
      const arrivals = this.rules.due?.(this.setup, now.state);
      if (arrivals !== undefined && arrivals <= next) now = { ...now, state: this.rules.pass!(this.setup, now.state, next) };
      now = this.letIn(
        now,
        now.box.filter(({ until }) => until !== undefined && until <= next),
      );
      const after = this.due(now);
      if (after <= next) throw new Error(`time stands still at second ${next}: still due at ${after}`);
      next = after;
    }
    return now;
  }

  private letIn(play: Play<State>, leaving: readonly Boxed[]): Play<State> {
    let next = play;
    for (const { player } of leaving)
      next = { ...next, box: next.box.filter((b) => b.player !== player), state: this.rules.back(this.setup, next.state, player) };
    return next;
  }

  /** Play after one event, or the code of the refusal (the first that applies, in the order of `Code`). */
  step(play: Play<State>, event: PlayEvent): Play<State> | Code {
    const type = typeof event === 'object' && event !== null ? event.type : undefined;
    const own = typeof type === 'string' && Object.hasOwn(this.rules.events, type);
    if (!own && !(typeof type === 'string' && Object.hasOwn(COMMON, type))) return 'unknown-type';
    if (typeof event.at !== 'number' || !Number.isFinite(event.at) || event.at < 0) return 'bad-field';
    // Time passes before the event counts: arrivals and timed releases come first.
    const now = this.passTo(play, event.at);
    return own ? this.stepOwn(play, now, event) : this.stepCommon(play, now, event);
  }

  private stepOwn(play: Play<State>, now: Play<State>, raw: PlayEvent): Play<State> | Code {
    const { rules, setup } = this;
    const shape: z.ZodType<E> = rules.events[raw.type as E['type']];
    const parsed = shape.safeParse(raw);
    if (!parsed.success || rules.inRange?.(setup, now.state, parsed.data) === false) return 'bad-field';
    const event: Timed<E> = { ...parsed.data, at: raw.at };
    const named = rules.named(event);
    if (named.some((player) => !play.known.includes(player)) || rules.knows?.(setup, event) === false) return 'unknown-id';
    if (event.at < play.at) return 'time-backwards';
    if (this.isOver(now)) return 'after-end';
    const free = letBack(now.box, event.type);
    const before = rules.backFirst?.(event) ? this.letIn(now, free) : now;
    const present = (player: string) => isPresent(before, player);
    if (!named.every(present)) return 'not-allowed';
    const state = rules.step(setup, before.state, event, present);
    if (state === 'not-allowed') return 'not-allowed';
    const next = { ...before, at: event.at, state };
    return before !== now || this.isOver(next) ? next : this.letIn(next, free);
  }

  private stepCommon(play: Play<State>, now: Play<State>, raw: PlayEvent): Play<State> | Code {
    const { rules, setup } = this;
    const parsed = COMMON[raw.type as CommonEvent['type']].safeParse(raw);
    if (!parsed.success) return 'bad-field';
    const event: CommonEvent = parsed.data;
    if (event.type === 'join' && event.index !== undefined && event.index >= rules.indices(setup)) return 'bad-field';
    const isNew = event.type === 'join' || event.type === 'end' || event.type === 'tick';
    if (!isNew && !play.known.includes(event.player)) return 'unknown-id';
    if (raw.at < play.at) return 'time-backwards';
    if (this.isOver(now)) return 'after-end';
    return this.stepKnown({ ...now, at: raw.at }, event);
  }

  private stepKnown(play: Play<State>, event: CommonEvent): Play<State> | Code {
    const { rules, setup } = this;
    if (event.type === 'end') return { ...play, ended: true };
    if (event.type === 'tick') return play;
    const { player } = event;
    const boxed = play.box.some((b) => b.player === player);
    if (event.type === 'box') {
      if (!isPresent(play, player)) return 'not-allowed';
      const until = event.seconds === undefined ? undefined : play.at + event.seconds;
      return {
        ...play,
        box: [...play.box, { player, release: event.release, until }],
        state: rules.vacate(setup, play.state, player),
      };
    }
    if (event.type === 'release') return boxed ? this.letIn(play, [{ player, release: 'task' }]) : 'not-allowed';
    if (event.type === 'leave') {
      if (!boxed && !isPresent(play, player)) return 'not-allowed';
      const state = boxed ? play.state : rules.vacate(setup, play.state, player);
      return { ...play, box: play.box.filter((b) => b.player !== player), away: [...play.away, player], state };
    }
    if (play.known.includes(player) && !play.away.includes(player)) return 'not-allowed';
    const state = rules.join(setup, play.state, player, event.index);
    if (state === 'not-allowed') return 'not-allowed';
    const known = play.known.includes(player) ? play.known : [...play.known, player];
    return { ...play, known, away: play.away.filter((p) => p !== player), state };
  }

  active(play: Play<State>): readonly string[] {
    return this.isOver(play) ? [] : this.rules.active(this.setup, play.state);
  }

  view(play: Play<State>): PlayView {
    const { rules, setup } = this;
    const boxed = play.box.map((b) => b.player);
    const view = rules.view(setup, play.state, boxed);
    const done = this.isOver(play);
    const places = boxed.length ? { ...view.places, box: boxed } : view.places;
    const decided = done || (rules.decided?.(setup, play.state) ?? false);
    return { ...view, places, done, winners: decided ? rules.winners(setup, play.state) : [] };
  }
}

/** Takes events one after the other; one that the rules do not allow changes nothing and is refused with a finding at.event. */
export function foldEvents(play: PlayFold, events: readonly PlayEvent[]): { view: PlayView; refused: Finding[] } {
  if (!Array.isArray(events)) throw new RangeError(`invalid events: ${String(events)}`);
  const fold = events.reduce((before: PlayFold, event) => before.step(event), play);
  return { view: fold.view(), refused: [...fold.refused] };
}

/** Folds events over a setup. RangeError if the setup breaks its shape. */
export const foldPlay = <S, State, E extends { type: string }>(
  rules: PlayRules<S, State, E>,
  rawSetup: unknown,
  events: readonly PlayEvent[],
): { view: PlayView; refused: Finding[] } => foldEvents(openPlay(rules, rawSetup), events);
