import type { PlayEvent, PlayRules } from '../play/playRules.ts';

/** A play that a simulation writes as it goes: where it stands, and the events that its rules have allowed. */
export interface PlayLog<State, E extends { type: string }> {
  readonly state: State;
  readonly events: PlayEvent[];
  isOver(): boolean;
  /** Plays an event. False, and nothing changes, if play is over or its rules do not allow it. */
  take(at: number, event: E): boolean;
}

/** An empty log of a play in which everyone is present. */
export function playLog<S, State, E extends { type: string }>(rules: PlayRules<S, State, E>, setup: S): PlayLog<State, E> {
  let state = rules.start(setup);
  const events: PlayEvent[] = [];
  const isOver = () => rules.finished(setup, state);
  return {
    get state() {
      return state;
    },
    events,
    isOver,
    take(at, event) {
      const next = isOver() ? 'not-allowed' : rules.step(setup, state, { ...event, at }, () => true);
      if (next === 'not-allowed') return false;
      state = next;
      events.push({ at, ...event });
      return true;
    },
  };
}
