import { added, type Ledger } from '../../play/ledger.ts';
import type { SideRoster } from '../sideRoster.ts';
import type { InningsPlaySetup } from './setup.ts';

export const BASES = ['first', 'second', 'third'] as const;
export const ADVANCE = { grounder: 1, 'short-fly': 2, 'long-fly': 3 } as const;
export type HitKind = keyof typeof ADVANCE;

/** `on`: who stands at first, second, third; `last`: the last batter of each side; `scored`: those who have come home in this turn; `since`: when it began. */
export interface BasesState extends SideRoster {
  mode: 'bases';
  batting: 0 | 1;
  bat?: string;
  on: (string | undefined)[];
  last: Record<string, string>;
  scored: string[];
  since: number;
  innings: number;
  /** Seconds of every turn that is over. */
  turnSeconds: number[];
  scores: Ledger;
  turns: Ledger;
}

const batters = (setup: InningsPlaySetup, { here, batting }: Pick<BasesState, 'here' | 'batting'>): string[] =>
  here[setup.sides[batting].id];

/** Those who can bat next, in order: from the one after the last batter around; who stands on a base is left out. */
export function battersToCome(setup: InningsPlaySetup, state: BasesState): string[] {
  const side = setup.sides[state.batting].id;
  const order = state.order[side];
  const at = order.indexOf(state.last[side] ?? '');
  const around = [...order.slice(at + 1), ...order.slice(0, at + 1)];
  return around.filter((id) => state.here[side].includes(id) && !state.on.includes(id));
}

/** Everyone of the side here has come home at least once. */
const allHome = (setup: InningsPlaySetup, state: BasesState): boolean => batters(setup, state).every((id) => state.scored.includes(id));

/** The other side's turn: bases are emptied, its order goes on after its last batter. */
export function changed(setup: InningsPlaySetup, state: BasesState, at: number): BasesState {
  const batting = state.batting === 0 ? 1 : 0;
  const innings = state.innings + (batting === 0 ? 1 : 0);
  const turnSeconds = [...state.turnSeconds, at - state.since];
  const next: BasesState = { ...state, batting, innings, turnSeconds, on: [undefined, undefined, undefined], scored: [], since: at };
  return { ...next, bat: battersToCome(setup, next)[0] };
}

/** The turn as it stands: over if everybody has scored, or if nobody is left who could bat. */
export function settled(setup: InningsPlaySetup, state: BasesState, at: number, isCapped = false): BasesState {
  const isOver = isCapped || (state.scored.length > 0 && allHome(setup, state));
  if (isOver) return changed(setup, state, at);
  const [bat] = battersToCome(setup, state);
  if (bat !== undefined) return { ...state, bat };
  // All of them on base, or nobody left: the other side bats if it has anybody.
  const other = changed(setup, state, at);
  return other.bat === undefined ? { ...state, bat: undefined } : other;
}

/** A fielded hit: the batter and all runners advance alike; past third is home. */
export function fieldedHit(setup: InningsPlaySetup, state: BasesState, kind: HitKind, at: number): BasesState {
  const side = setup.sides[state.batting].id;
  const steps = ADVANCE[kind];
  const batter = state.bat!;
  const on: (string | undefined)[] = [undefined, undefined, undefined];
  const home: string[] = [];
  [batter, ...state.on].forEach((id, base) => {
    if (id === undefined) return;
    if (base + steps > BASES.length) home.push(id);
    else on[base + steps - 1] = id;
  });
  const isCapped = setup.capSeconds !== undefined && at - state.since >= setup.capSeconds;
  const after: BasesState = {
    ...{ ...state, on },
    last: { ...state.last, [side]: batter },
    scored: [...new Set([...state.scored, ...home])],
    scores: added(state.scores, [side], home.length),
    turns: added(state.turns, [batter]),
  };
  return settled(setup, after, at, isCapped);
}

/** Where everyone is: one at bat, runners on bases, the other side in the field, batters to come wait. */
export function basesPlaces(setup: InningsPlaySetup, state: BasesState): { places: Record<string, string[]>; waiting: string[] } {
  const one = (id: string | undefined) => (id === undefined ? [] : [id]);
  const field = state.here[setup.sides[state.batting === 0 ? 1 : 0].id];
  return {
    places: { bat: one(state.bat), ...Object.fromEntries(BASES.map((base, i) => [base, one(state.on[i])])), field },
    waiting: battersToCome(setup, state).filter((id) => id !== state.bat),
  };
}
