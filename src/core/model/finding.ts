import type { Edit } from './edit.ts';

export type Weight = 'stop' | 'caution' | 'note';

/** Something a check noticed. `code` is worded in words/; `at` says what it is about; `data` holds the numbers behind it. */
export interface Finding {
  code: string;
  weight: Weight;
  at: Record<string, string>;
  data: Record<string, unknown>;
  fixes?: readonly Fix[];
}

/** What a lesson comes to, in the numbers a teacher weighs a fix by. */
export interface LessonNumbers {
  /** Share of game time in which the mean student is active, 0–1. */
  timeOnTask: number;
  /** Turns (bouts) of the mean student. */
  turns: number;
  longestWaitSeconds: number;
  gearShort: number;
  overSeconds: number;
  unplaced: number;
}

/** A list of edits that removes a finding, with the change in numbers computed by fitting the lesson with it. */
export interface Fix {
  code: string;
  data: Record<string, unknown>;
  edits: readonly Edit[];
  before: LessonNumbers;
  after: LessonNumbers;
}

/** A fix before its change is computed. */
export interface FixIdea<Code extends string = string> {
  code: Code;
  data: Record<string, unknown>;
  edits: readonly Edit[];
}

/** A finding with ideas; the story of fit turns those that work into fixes. Ideas that must be searched for are told by a function: a fit without fixes never asks it. */
export interface FindingDraft<Code extends string = string, Idea extends FixIdea = FixIdea> extends Omit<Finding, 'fixes' | 'code'> {
  code: Code;
  ideas?: readonly Idea[] | (() => readonly Idea[]);
}

/** The stable name of a finding: what was accepted with a reason stays accepted until it is about something else. */
export function findingKey(finding: Pick<Finding, 'code' | 'at'>): string {
  const at = Object.keys(finding.at)
    .sort()
    .map((key) => `${key}=${finding.at[key]}`);
  return [finding.code, ...at].join('|');
}
