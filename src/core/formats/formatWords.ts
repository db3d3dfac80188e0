import type { Speak } from './speak.ts';

type Data = Record<string, unknown>;

/** A format's words in one language; words/ collects them. Lengths arrive as words already (…Words). */
export interface FormatWords {
  name: string;
  /** `solved`: what decides where the teacher set nothing. */
  settings: Record<string, { label: string; solved?: string; options?: Record<string, string> }>;
  segments: Record<string, string>;
  /** What one of its places is called. */
  unit: string;
  /** What its forecast and its try-out take for granted, in one sentence. */
  assumes: string;
  board: Record<string, string>;
  /** What a tap on the board is called there, by its code. */
  actions: Record<string, string>;
  /** What lets a student back in who sits out until the next restart: "until …". */
  restart: string;
  summary(values: Data, rounds: number, workSeconds: number, moveSeconds: number, places: number): string;
  /** Planned roles that are listed round by round. */
  roles?: Record<string, string>;
  /** Roles that it asks different things of, as a student has one: "as a hunter". */
  asRole?: Record<string, string>;
  /** Students at this place of a play's view are drawn filled in a try-out, and what they are called. */
  filled?: { place: string; word: string };
  /** What a board says beside a row, by its code; `name` says a student's name. */
  notes?: Record<string, (data: Data, name: (id: unknown) => string) => string>;
  /** What happened, for the list of corrections; `play` is the event's court, from 0; `name` says a student's name. */
  events: Record<string, (data: Data, play: number, name: (id: unknown) => string) => string>;
  card: Record<string, (data: Data) => [label: string, text: string]>;
  findings: Record<string, (data: Data, speak: Speak) => { what: string; why: string }>;
  fixes: Record<string, (data: Data, speak: Speak) => string>;
}
