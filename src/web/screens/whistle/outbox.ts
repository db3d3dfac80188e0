import type { RunEvent } from '../../../core/model/run.ts';

/** An event that the server refused: kept on this device with the reason, until somebody decides about it. */
export interface AsideEvent {
  event: RunEvent;
  /** Code of what is wrong, worded as for any input. */
  why: string;
}

/** The server takes 500 events and 512 kB a request; a batch stays well below both. */
export const MOST_EVENTS = 400;
export const MOST_CHARACTERS = 200_000;

/** The first events that wait and fit into one request: at most `most`, at least one. */
export function batchOf(waiting: readonly RunEvent[], most: number = MOST_EVENTS): RunEvent[] {
  let characters = 0;
  let count = 0;
  for (const event of waiting.slice(0, most)) {
    characters += JSON.stringify(event).length + 1;
    if (count && characters > MOST_CHARACTERS) break;
    count += 1;
  }
  return waiting.slice(0, count);
}

/** How the next request goes out. */
export interface Sending {
  /** The most events that it may have: fewer and fewer until the one at fault stands alone. */
  most: number;
  /** Requests in a row at which the server failed by its own fault. */
  failures: number;
  /** The event that seems to make the server fail: another one is tried before it, to know. */
  suspect?: string;
}
export const FRESH: Sending = { most: MOST_EVENTS, failures: 0 };

interface Refused {
  status: number;
  code: string;
  issues: readonly { path: readonly (string | number)[]; code: string }[];
}

/** The events of the next request; empty if nothing waits. */
export function nextBatch(waiting: readonly RunEvent[], { most, suspect }: Sending): RunEvent[] {
  const others = waiting.filter((e) => e.id !== suspect);
  return batchOf(others.length ? others : waiting, most);
}

/** After a request that the server took: the event under suspicion, if another one went through, is the one at fault. */
export function afterSuccess(batch: readonly RunEvent[], waiting: readonly RunEvent[], { suspect }: Sending): AsideEvent[] {
  const event = waiting.find((e) => e.id === suspect);
  return event && !batch.includes(event) ? [{ event, why: 'server' }] : [];
}

/** Answers that say nothing about the events themselves: not reached, asked too often, gone, taken elsewhere, a full disk. */
const ABOUT_SOMETHING_ELSE = [0, 401, 403, 404, 408, 409, 429, 503, 507];
/** A server that fails this often in a row may fail because of what it is sent. */
const MOST_FAILURES = 4;

/**
 * What to do after a request was refused: which events are set aside, and how the next one goes. Events that the answer names
 * are set aside alone; if it names none the batch is halved. A server that fails at everything costs nothing: all of it waits.
 */
export function afterRefusal(
  batch: readonly RunEvent[],
  { status, code, issues }: Refused,
  before: Sending,
): { aside: AsideEvent[]; next: Sending } {
  const { suspect: _, ...rest } = before;
  const keep = (next: Sending) => ({ aside: [], next });
  if (ABOUT_SOMETHING_ELSE.includes(status)) return keep(rest);
  if (status >= 500) {
    const failures = before.failures + 1;
    if (failures < MOST_FAILURES) return keep({ ...rest, failures });
    if (batch.length > 1) return keep({ most: Math.ceil(batch.length / 2), failures });
    return keep(before.suspect ? { most: 1, failures: 0 } : { most: 1, failures, suspect: batch[0].id });
  }
  const named = new Map<number, string>();
  for (const { path, code: why } of issues) {
    const [field, at] = path;
    if (field === 'events' && typeof at === 'number' && at < batch.length && !named.has(at)) named.set(at, why);
  }
  if (named.size) return { aside: [...named].map(([at, why]) => ({ event: batch[at], why })), next: FRESH };
  if (batch.length > 1) return keep({ ...FRESH, most: Math.ceil(batch.length / 2) });
  return { aside: [{ event: batch[0], why: issues[0]?.code ?? code }], next: FRESH };
}
