import type { FitInput } from '../core/fit/fitted.ts';
import type { LogEntry } from '../core/live/logEntry.ts';
import type { Edit } from '../core/model/edit.ts';
import type { Lesson } from '../core/model/lesson.ts';
import type { Attendance } from '../core/model/period.ts';
import type { Run, RunEvent } from '../core/model/run.ts';
import type { SchoolClass } from '../core/model/schoolClass.ts';
import type { Student, StudentPrivate, Wish } from '../core/model/student.ts';
import { issueWords } from '../core/words/fields.en.ts';
import { setReach } from './offline/reach.ts';

export interface InputIssue {
  path: (string | number)[];
  code: string;
}
/** An answer that is not a success: the server's code and the fields it is about. Status 0: the server could not be reached. */
export class ApiProblem extends Error {
  readonly status: number;
  readonly code: string;
  readonly issues: InputIssue[];
  readonly more: Record<string, unknown>;
  constructor(status: number, body: { code?: string; issues?: InputIssue[] } & Record<string, unknown>) {
    super(body.code ?? String(status));
    this.status = status;
    this.code = body.code ?? 'server';
    this.issues = body.issues ?? [];
    this.more = body;
  }
}

/** Asks the server and gives its JSON; throws ApiProblem. */
export async function call<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      // A file goes as it is: the server reads it where it may take its time.
      body: body === undefined || body instanceof Blob ? body : JSON.stringify(body),
    });
  } catch {
    setReach({ online: false, since: '' });
    throw new ApiProblem(0, { code: 'unreachable' });
  }
  const kept = response.headers.get('x-side-court-kept');
  setReach({ online: kept === null, since: kept ?? '' });
  const text = response.status === 204 ? '' : await response.text();
  let parsed: unknown;
  try {
    parsed = text ? JSON.parse(text) : undefined;
  } catch {
    throw new ApiProblem(response.status, { code: 'not-json' });
  }
  if (!response.ok) throw new ApiProblem(response.status, (parsed ?? {}) as Record<string, unknown>);
  return parsed as T;
}

/** Files that were read so far as was sensible. */
const UNREADABLE: Record<string, string> = {
  'too-slow': 'Reading this file takes too long. Nothing was changed. Save it again in parts, then try each.',
  'too-large': 'This file takes more memory than there is. Nothing was changed. Save it again in parts, then try each.',
  'not-readable': 'This file can’t be read. Nothing was changed. Save it again where it comes from, then try once more.',
};

/** One sentence for what went wrong and what to do next. */
export function problemWords(error: unknown): string {
  if (!(error instanceof ApiProblem)) return error instanceof Error ? error.message : String(error);
  if (error.status === 0) return 'The server does not answer. Check that Side Court is running, then try again.';
  if (error.code === 'stale') return 'Somebody changed this in another window. Load it again, then repeat your change.';
  if (error.code === 'disk-full') return 'The disk is full. Nothing was changed. Free some space, then try again.';
  if (error.code === 'unreadable-run') return 'This lesson’s log can’t be read. Save it as it is stored; nothing of it is lost.';
  if (error.code === 'damaged-backup') return 'This backup does not open. Nothing was changed; choose another.';
  if (error.code === 'still-working') return 'This takes longer than a minute and still goes on. Today will say what came of it.';
  if (error.code === 'too-slow') return 'This took too long and was given up. Try again in a moment.';
  if (error.code === 'restoring') return 'A backup is being restored. Wait a moment, then load again.';
  if (error.code === 'parent-gone') return 'Its class or room was removed too. Bring that back first, in Settings.';
  if (error.code === 'game-in-use') return 'A lesson still plays this game. Take it out of the lesson first, then remove it.';
  if (error.code === 'not-own') return 'This game comes with Side Court and stays as it is. Make a copy and change that.';
  if (error.code === 'in-use') return 'Periods still use this. Reload, then remove it again.';
  if (error.code === 'unreadable-file') return UNREADABLE[error.issues[0]?.code ?? ''] ?? UNREADABLE['not-readable'];
  if (error.issues.length) return error.issues.map(issueWords).join('; ');
  if (error.status === 404) return 'This is gone. Go back and choose another.';
  return `The server could not do this (${error.code}). Nothing was changed; try again.`;
}

export type Desk = Omit<FitInput, 'lesson'> & { lesson: Lesson | null; attendance: Attendance | null };
export interface ClassData {
  schoolClass: SchoolClass;
  students: Student[];
  ratings: StudentPrivate[];
  wishes: Wish[];
}
export interface StoredEdit {
  revision: number;
  id: string;
  name: string;
  edit: Edit;
  inverse: Edit;
  undoes: number | null;
  redoes: number | null;
}
export interface RunData {
  run: Run;
  events: RunEvent[];
  now: number;
}
/** What the list of runs tells of each. */
export type RunSummary = Omit<LogEntry, 'results' | 'absent' | 'gearMissing' | 'gearUncounted' | 'note'> & { periodId: string };

/** A run that nothing can be made of: its line in the list. */
export interface UnreadableRun {
  unreadable: true;
  runId: string;
  date: string;
  startedAt: number;
  className: string;
  lessonTitle: string;
}
/** The list of runs, those that can be read apart from those that cannot. */
export async function readRuns(): Promise<{ runs: RunSummary[]; unreadable: UnreadableRun[] }> {
  const all = await call<(RunSummary | UnreadableRun)[]>('GET', '/runs');
  return {
    runs: all.flatMap((r) => ('unreadable' in r ? [] : [r])),
    unreadable: all.flatMap((r) => ('unreadable' in r ? [r] : [])),
  };
}

/** A new id for an edit or event of this window. */
export const freshId = (letter: string) => `${letter}${crypto.randomUUID().replaceAll('-', '').slice(0, 20)}`;
