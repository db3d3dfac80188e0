import { useSyncExternalStore } from 'react';

/** Whether the server answers, as the last question showed, and from when what is shown is where it does not. */
export interface Reach {
  online: boolean;
  /** When what is shown was last true, as the server dated it; empty where that is not known. */
  since: string;
}
let reach: Reach = { online: true, since: '' };
const listeners = new Set<() => void>();

export function setReach(said: Reach): void {
  // A question that nothing is kept for does not make older what is shown beside it.
  const next = !said.online && said.since === '' && !reach.online ? { ...said, since: reach.since } : said;
  if (next.online === reach.online && next.since === reach.since) return;
  reach = next;
  for (const tell of listeners) tell();
}

/** True where the last question was answered by the server itself. */
export const isReached = () => reach.online;

export function useReach(): Reach {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => reach,
  );
}

/** Starts the worker that keeps Side Court open without its server, where the browser has one. */
export function keepOpen(): void {
  if (import.meta.env.PROD && 'serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
