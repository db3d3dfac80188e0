import type { z } from 'zod';

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

/** Numbers by row (a group, a student) and column; what the columns are, the format's board knows. */
export type Sheet = Readonly<Record<string, readonly number[]>>;

/** Where everyone present is, each once: who waits, then every place; overlays, which repeat somebody, are left out. */
export const wherePlaced = ({ places, waiting }: Pick<PlayView, 'places' | 'waiting'>): (readonly [place: string, ids: string[]])[] => [
  ['waiting', waiting],
  ...Object.entries(places).filter(([key]) => !key.startsWith('@')),
];

/** Lists everyone present, wherever they are. */
export const everyoneIn = (view: Pick<PlayView, 'places' | 'waiting'>): string[] => wherePlaced(view).flatMap(([, ids]) => ids);

/** An own event of a format as its rules get it. */
export type Timed<E> = E & { at: number };

/** The own events of a format: for each type the shape of its fields. */
export type EventShapes<E extends { type: string }> = { [K in E['type']]: z.ZodType<Extract<E, { type: K }>> };

/**
 * What a format adds to the common part of play. Every function returns new state and leaves its arguments alone. Before `step`
 * is asked, the fold has checked the shape, the ids, the time and that everyone named is there, in the order of `Code`.
 */
export interface PlayRules<S, State, E extends { type: string }> {
  /** Grows whenever an accepted log would give another view; the format keeps the rules of older versions. */
  version: number;
  /** Checks a setup and returns it; RangeError naming what is wrong. */
  parse(setup: unknown): S;
  players(setup: S): readonly string[];
  /** How many indices `join` may name. */
  indices(setup: S): number;
  start(setup: S): State;
  /** Own event types with the shape of their fields. */
  events: EventShapes<E>;
  /** False for a number or an index that this setup, or where play stands, does not have; not asked if left out. */
  inRange?(setup: S, state: State, event: E): boolean;
  /** Players that an own event names: they must be known and present. */
  named(event: E): readonly string[];
  /** False if an own event names a side, an element, a spot or a zone that the setup does not have; not asked if left out. */
  knows?(setup: S, event: E): boolean;
  /** Returns the state after an own event, or says that the rules do not allow it. */
  step(setup: S, state: State, event: Timed<E>, present: (player: string) => boolean): State | 'not-allowed';
  /** The next second at which something happens by itself, if anything does. */
  due?(setup: S, state: State): number | undefined;
  /** Lets happen what is due up to and at that second. */
  pass?(setup: S, state: State, at: number): State;
  /** Students in motion now. */
  active(setup: S, state: State): readonly string[];
  /** Index of the group that a student belongs to, if groups go from place to place; not asked if left out. */
  groupOf?(state: State, player: string): number | undefined;
  /** Numbers that a board shows beside the view, by row and column, if there are any. */
  sheet?(setup: S, state: State): Sheet;
  /** Takes a student out of play: into the box, or home. */
  vacate(setup: S, state: State, player: string): State;
  /** Puts a latecomer in: at that index, else into the smallest group or the queue. */
  join(setup: S, state: State, player: string, index?: number): State | 'not-allowed';
  /** Puts a student back who was in the box: at the end of their own group, line or queue. */
  back(setup: S, state: State, player: string): State;
  /** True for an own event that lets those in the box back in before it counts and not after. */
  backFirst?(event: E): boolean;
  finished(setup: S, state: State): boolean;
  /** Shows the state; the fold adds the box, whose students are given, to its places. */
  view(setup: S, state: State, boxed: readonly string[]): Omit<PlayView, 'done' | 'winners'>;
  /** True once the winners are known, though play goes on: results may still be corrected. When play is done if left out. */
  decided?(setup: S, state: State): boolean;
  winners(setup: S, state: State): string[];
}

/** Parses a setup. RangeError naming the field and its value if it breaks its shape. */
export function parsePlaySetup<T>(schema: z.ZodType<T>, raw: unknown): T {
  const parsed = schema.safeParse(raw);
  if (parsed.success) return parsed.data;
  const issue = parsed.error.issues[0];
  const value = issue.path.reduce<unknown>((at, key) => (at as Record<PropertyKey, unknown> | undefined)?.[key], raw);
  throw new RangeError(`invalid setup ${issue.path.join('.') || 'shape'}: ${JSON.stringify(value)}`);
}
