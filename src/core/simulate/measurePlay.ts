import { Fold, type Play, startPlay } from '../play/foldPlay.ts';
import type { PlayEvent, PlayRules } from '../play/playRules.ts';

/** How one play went for one student; seconds. `wait`: the longest stretch without being active. */
export interface Measured {
  id: string;
  active: number;
  turns: number;
  wait: number;
}

/**
 * Measures a play of so many seconds: who was active how long by the rules' own `active`, what happens by itself included.
 * Throws if the rules refuse an event: a simulation that breaks them is a bug.
 */
export function measurePlay<S, State, E extends { type: string }>(
  rules: PlayRules<S, State, E>,
  setup: S,
  events: readonly PlayEvent[],
  seconds: number,
): Measured[] {
  const fold = new Fold(rules, setup);
  const players = rules.players(setup);
  const sums = new Map(players.map((id) => [id, { active: 0, waits: 0, wait: 0 }]));
  let play: Play<State> = startPlay(rules, setup);
  let from = 0;
  const upTo = (at: number) => {
    const until = Math.min(at, seconds);
    const length = until - from;
    if (length <= 0) return;
    const isActive = new Set(fold.isOver(play) ? [] : rules.active(setup, play.state));
    for (const [id, sum] of sums) {
      sum.waits = isActive.has(id) ? 0 : sum.waits + length;
      sum.wait = Math.max(sum.wait, sum.waits);
      if (isActive.has(id)) sum.active += length;
    }
    from = until;
  };
  for (const event of events) {
    for (let due = fold.due(play); due <= event.at; due = fold.due(play)) {
      upTo(due);
      play = fold.passTo(play, due);
    }
    upTo(event.at);
    const next = fold.step(play, event);
    if (typeof next === 'string') throw new Error(`${next}: a simulated ${event.type} at second ${event.at}`);
    play = next;
  }
  upTo(seconds);
  const { turns } = fold.view(play);
  return players.map((id) => ({ id, active: sums.get(id)!.active, turns: turns[id] ?? 0, wait: sums.get(id)!.wait }));
}

/** Means over several plays of the same students. */
export function meanOfPlays(plays: readonly Measured[][]): Measured[] {
  return plays[0].map(({ id }, i) => {
    const mean = (pick: (m: Measured) => number) => plays.reduce((sum, play) => sum + pick(play[i]), 0) / plays.length;
    return { id, active: mean((m) => m.active), turns: mean((m) => m.turns), wait: mean((m) => m.wait) };
  });
}
