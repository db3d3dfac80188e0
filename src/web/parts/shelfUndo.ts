import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import type { Removal } from '../../core/model/removal.ts';
import { ApiProblem, call } from '../api.ts';
import { shortBell, shortDate } from './now.ts';
import { noteSaved } from './saveRecord.ts';
import { storedJson } from './storedJson.ts';

/** A change of facts that this window made, and the request that takes it back: a removal brought back, a record as it was before, something new removed. */
export interface ShelfStep {
  id: string;
  /** After "Undo: ". */
  name: string;
  request: { method: 'POST' | 'PUT' | 'DELETE'; path: string; body?: unknown };
}

const KEPT = 'side-court-shelf-undo';
const MOST = 20;
/** The newest last. Names stay with the window, no longer. */
let steps: readonly ShelfStep[] = (storedJson('sessionStorage', KEPT) as ShelfStep[] | null) ?? [];
const listeners = new Set<() => void>();

function change(next: readonly ShelfStep[]): void {
  steps = next.slice(-MOST);
  try {
    sessionStorage.setItem(KEPT, JSON.stringify(steps));
  } catch {
    // Nothing may be kept here: then undo holds until the page is loaded anew.
  }
  for (const listener of listeners) listener();
}
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** "Tova Larch", or "Grade 5A, Sep 9, 9:05" of a period. */
export const removalName = ({ name, date, start }: Pick<Removal, 'name' | 'date' | 'start'>): string =>
  [name, ...(date ? [shortDate(date)] : []), ...(start ? [shortBell(start)] : [])].join(', ');

/** The step that brings back what was removed. */
export const removalStep = (removal: Removal): ShelfStep => ({
  id: removal.id,
  name: `remove ${removalName(removal)}`,
  request: { method: 'POST', path: `/removals/${removal.id}/undo` },
});

/** Facts have changed: all that was read is read again, but nothing of what is gone; what was worked out of the same facts stays. */
export const refreshFacts = (client: QueryClient, gone?: string) =>
  client.invalidateQueries({ predicate: ({ queryKey: [of, ...about] }) => of !== 'fitted' && of !== 'open' && !about.includes(gone) });

/** A record was put back: it is as the step before found it, under a new revision. */
function putBack(path: string, revision: number, record: { revision?: number }): void {
  noteSaved(path, { ...record, revision });
  const renewed = (s: ShelfStep): ShelfStep =>
    s.request.path === path && s.request.method === 'PUT'
      ? { ...s, request: { ...s.request, body: { ...(s.request.body as object), revision } } }
      : s;
  change(steps.map(renewed));
}

/** Changes of facts in this window, newest last; `add` one that was made, `undo` one. */
export function useShelfUndo() {
  const client = useQueryClient();
  const list = useSyncExternalStore(subscribe, () => steps);
  const add = useCallback((step: ShelfStep) => change([...steps, step]), []);
  const undo = useCallback(
    async ({ id, request: { method, path, body } }: ShelfStep) => {
      const forget = () => change(steps.filter((s) => s.id !== id));
      try {
        const now = await call<{ revision?: number } | undefined>(method, path, body);
        if (method === 'PUT' && now?.revision) putBack(path, now.revision, now);
      } catch (error) {
        // What is gone or was changed since cannot be taken back: the step before it can.
        if (error instanceof ApiProblem && (error.status === 404 || error.code === 'stale')) forget();
        throw error;
      }
      forget();
      await refreshFacts(client);
    },
    [client],
  );
  return { list, add, undo };
}
