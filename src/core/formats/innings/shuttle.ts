import { added, type Ledger } from '../../play/ledger.ts';
import type { SideRoster } from '../sideRoster.ts';
import type { InningsPlaySetup } from './setup.ts';

/** `batting`: index of the side; `hitters`: those of it who have hit in this turn; `fielders`: in the order of their places. */
export interface ShuttleState extends SideRoster {
  mode: 'shuttle';
  batting: number;
  bat?: string;
  hitters: string[];
  fielders: string[];
  innings: number;
  scores: Ledger;
  turns: Ledger;
}

const members = (setup: InningsPlaySetup, state: Pick<ShuttleState, 'here'>, side: number): string[] => state.here[setup.sides[side].id];

/** Everyone of the sides that field, in their order. */
const inField = (setup: InningsPlaySetup, state: ShuttleState): string[] =>
  setup.sides.flatMap((_, side) => (side === state.batting ? [] : members(setup, state, side)));

/** The next side with anybody, and how many innings that ends. */
function nextSide(setup: InningsPlaySetup, state: ShuttleState): { batting: number; innings: number } {
  const count = setup.sides.length;
  let innings = state.innings;
  for (let k = 1; k <= count; k++) {
    const batting = (state.batting + k) % count;
    if (batting === 0) innings += 1;
    if (members(setup, state, batting).length) return { batting, innings };
  }
  return { batting: state.batting, innings };
}

/** Fielders for a new batter: where three play for themselves the old batter takes the new one's place, else the other side comes in. */
function newField(setup: InningsPlaySetup, state: ShuttleState, before: ShuttleState, bat: string | undefined): string[] {
  const there = inField(setup, state);
  if (setup.sides.length < 3) return there;
  const kept = before.fielders
    .map((id) => (id === bat ? before.bat : id))
    .filter((id): id is string => id !== undefined && there.includes(id));
  return [...kept, ...there.filter((id) => !kept.includes(id))];
}

/** The next batter: the first of the side who has not hit yet, else the next side's turn begins. */
export function nextBatter(setup: InningsPlaySetup, state: ShuttleState): ShuttleState {
  const next = members(setup, state, state.batting).find((id) => !state.hitters.includes(id));
  if (next !== undefined) return { ...state, bat: next };
  const over = { ...state, ...nextSide(setup, state), hitters: [] };
  const [bat] = members(setup, over, over.batting);
  return { ...over, bat, fielders: newField(setup, over, state, bat) };
}

/** A turn ends: its trips count, the fielders swap places, the next one hits. */
export function hitOver(setup: InningsPlaySetup, state: ShuttleState, trips: number): ShuttleState {
  const [a, b, ...rest] = state.fielders;
  const fielders = b === undefined ? state.fielders : [b, a, ...rest];
  return nextBatter(setup, {
    ...state,
    fielders,
    hitters: [...state.hitters, state.bat!],
    scores: added(state.scores, [setup.sides[state.batting].id], trips),
    turns: added(state.turns, [state.bat!]),
  });
}

/** Where everyone is: one at bat, a fielder at each of two places, the others wait. */
export function shuttlePlaces(setup: InningsPlaySetup, state: ShuttleState): { places: Record<string, string[]>; waiting: string[] } {
  const all = setup.sides.flatMap((_, side) => members(setup, state, side));
  const [first, second] = state.fielders;
  const shown = [state.bat, first, second].filter((id) => id !== undefined);
  const one = (id: string | undefined) => (id === undefined ? [] : [id]);
  return {
    places: { bat: one(state.bat), 'field-1': one(first), 'field-2': one(second) },
    waiting: all.filter((id) => !shown.includes(id)),
  };
}
