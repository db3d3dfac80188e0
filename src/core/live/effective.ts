import type { RunEvent } from '../model/run.ts';

/** Drops struck events and the strikes themselves; the rest stays in the order in which it was stored. */
export function held(events: readonly RunEvent[]): RunEvent[] {
  const struck = new Set(events.flatMap((e) => (e.type === 'strike' ? [e.target as string] : [])));
  return events.filter((e) => e.type !== 'strike' && !struck.has(e.id));
}

/**
 * The events that still hold, corrections resolved: struck ones and strikes left out, replaced ones as they were replaced last,
 * late additions where they really happened.
 */
export function effective(events: readonly RunEvent[]): RunEvent[] {
  const still = held(events);
  const replaced = new Map(still.flatMap((e) => (e.type === 'replace' ? [[e.target as string, e.event] as const] : [])));
  const resolved: RunEvent[] = [];
  for (const event of still) {
    if (event.type === 'replace') continue;
    const play = event.type === 'play' && replaced.has(event.id) ? { ...event, event: replaced.get(event.id)! } : event;
    if (play.type === 'play' && play.since !== undefined) {
      const since = play.since;
      const before = resolved.findIndex((e) => e.at > since);
      resolved.splice(before < 0 ? resolved.length : before, 0, { ...play, at: since });
    } else resolved.push(play);
  }
  return resolved;
}

/** True for an event that only adds to what is folded: the others change what came before them. */
export const isPlain = (event: RunEvent): boolean =>
  event.type !== 'strike' && event.type !== 'replace' && !(event.type === 'play' && event.since !== undefined);

const UNDOABLE = ['pause', 'resume', 'skip', 'adjust', 'play', 'presence', 'offence', 'mark', 'replan', 'count', 'count-all', 'replace'];

/** Events that still hold and can be struck, oldest first. */
export const undoable = (events: readonly RunEvent[]): RunEvent[] => held(events).filter((e) => UNDOABLE.includes(e.type));
