import { call } from '../api.ts';

interface Revised {
  revision: number;
}
const waiting = new Map<string, Promise<unknown>>();
const newest = new Map<string, Revised>();

/** A record that was stored by other means than `saveRecord`: what is saved next goes on top of it. */
export const noteSaved = (path: string, record: Revised): void => void newest.set(path, record);

/**
 * The record as stored after `change`. Saves of one record run one after another, each on top of what the one before it
 * stored, so that two quick changes in one window do not meet as strangers; another window's change still answers 409.
 * Give a function where the change depends on what is there (a list that grows).
 */
export function saveRecord<T extends Revised>(path: string, shown: T, change: Partial<T> | ((now: T) => Partial<T>)): Promise<T> {
  const save = async () => {
    const known = newest.get(path) as T | undefined;
    const now = known && known.revision > shown.revision ? known : shown;
    const next = await call<T>('PUT', path, { ...now, ...(typeof change === 'function' ? change(now) : change) });
    newest.set(path, next);
    return next;
  };
  const saved = (waiting.get(path) ?? Promise.resolve()).then(save);
  waiting.set(
    path,
    saved.catch(() => undefined),
  );
  return saved;
}
