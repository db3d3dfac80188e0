import { z } from 'zod';
import { added, entered, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkOnce } from '../checkOnce.ts';
import { smallest } from '../smallest.ts';
import { OpenFloorPlaySetup } from './setup.ts';
import type { OpenFloorState } from './state.ts';

export type OpenFloorEvent =
  | { type: 'switch' }
  | { type: 'stage' }
  | { type: 'steal'; by: string; from: string }
  | { type: 'withdraw'; from: string };

function checkNamed(field: string, ids: readonly string[], players: readonly string[]): void {
  const stranger = ids.find((id, i) => !players.includes(id) || ids.indexOf(id) !== i);
  if (stranger !== undefined) throw new RangeError(`invalid setup ${field}: ${JSON.stringify(stranger)}`);
}

function parse(raw: unknown): OpenFloorPlaySetup {
  const setup = parsePlaySetup(OpenFloorPlaySetup, raw);
  const { groups, stages, thieves, defenders, lone } = setup;
  const players = groups.flat();
  checkOnce('groups', players);
  if (!lone && (!groups.length || groups.some((g) => !g.length))) throw new RangeError('invalid setup groups: nobody in a group');
  checkOnce(
    'stages',
    stages.map((s) => s.id),
  );
  checkNamed('thieves', thieves ?? [], players);
  checkNamed('defenders', defenders ?? [], players);
  if (thieves && defenders) throw new RangeError('invalid setup defenders: a game with steals has none');
  const crowded = defenders && groups.find((g) => g.filter((id) => defenders.includes(id)).length > Math.min(1, Math.max(0, g.length - 1)));
  if (crowded) throw new RangeError(`invalid setup defenders: ${JSON.stringify(crowded)} needs one defender and somebody else`);
  return setup;
}

/** True for the game in which objects are stolen. */
const hasSteals = ({ thieves }: OpenFloorPlaySetup): boolean => thieves !== undefined;

/** Who is in motion: everyone if objects are stolen, else the first of every group and whoever defends. */
const atIt = (setup: OpenFloorPlaySetup, { groups }: OpenFloorState): string[] =>
  hasSteals(setup) ? groups.flat() : groups.flatMap((g) => g.slice(0, 1));
const defending = ({ groups, defended }: OpenFloorState): string[] =>
  groups.flatMap((g, i) => (defended[i] && g.length > 1 ? g.slice(-1) : []));

/** A bout ends: a turn for whoever was active; the next of each group takes over, and where one defends the two swap. */
const boutOver = (setup: OpenFloorPlaySetup, state: OpenFloorState, moves: boolean): OpenFloorState => ({
  ...state,
  turns: added(state.turns, atIt(setup, state)),
  groups: moves && !hasSteals(setup) ? state.groups.map((g) => [...g.slice(1), ...g.slice(0, 1)]) : state.groups,
});

function step(setup: OpenFloorPlaySetup, state: OpenFloorState, event: OpenFloorEvent): OpenFloorState | 'not-allowed' {
  const { holders, robbedBy } = state;
  switch (event.type) {
    case 'switch':
      return { ...boutOver(setup, state, true), bout: state.bout + 1 };
    case 'stage': {
      const isOver = state.stage >= setup.stages.length;
      const after = boutOver(setup, state, !isOver);
      return isOver ? { ...after, isOver } : { ...after, stage: state.stage + 1, bout: 1 };
    }
    case 'steal': {
      const { by, from } = event;
      const isFair = hasSteals(setup) && !holders.includes(by) && holders.includes(from) && robbedBy[by] !== from;
      if (!isFair) return 'not-allowed';
      const { [by]: _, ...others } = robbedBy;
      return {
        ...state,
        holders: holders.map((id) => (id === from ? by : id)),
        robbedBy: { ...others, [from]: by },
        steals: added(state.steals, [by]),
      };
    }
    case 'withdraw':
      if (!hasSteals(setup) || !holders.includes(event.from)) return 'not-allowed';
      return { ...state, holders: holders.filter((id) => id !== event.from) };
  }
}

function seated(state: OpenFloorState, player: string, group: number): OpenFloorState {
  return {
    ...state,
    groups: state.groups.map((g, i) => (i === group ? [...g, player] : g)),
    home: { ...state.home, [player]: group },
    steals: entered(state.steals, player),
    turns: entered(state.turns, player),
  };
}

/** The rules of an open floor: one object for each group, passed on at the switch; or stolen, but never straight back. */
export const openFloorRules: PlayRules<OpenFloorPlaySetup, OpenFloorState, OpenFloorEvent> = {
  version: 1,
  parse,
  players: ({ groups }) => groups.flat(),
  indices: ({ groups }) => groups.length,
  start({ groups, thieves = [], defenders = [] }) {
    const isDefender = (id: string) => defenders.includes(id);
    return {
      groups: groups.map((g) => [...g.filter((id) => !isDefender(id)), ...g.filter(isDefender)]),
      defended: groups.map((g) => g.some(isDefender)),
      home: Object.fromEntries(groups.flatMap((g, i) => g.map((id) => [id, i]))),
      holders: groups.flatMap((g) => g.filter((id) => !thieves.includes(id)).slice(0, 1)),
      ...{ robbedBy: {}, stage: 1, bout: 1, isOver: false },
      steals: zeros(groups.flat()),
      turns: zeros(groups.flat()),
    };
  },
  events: {
    switch: z.object({ type: z.literal('switch') }),
    stage: z.object({ type: z.literal('stage') }),
    steal: z.object({ type: z.literal('steal'), by: z.string(), from: z.string() }),
    withdraw: z.object({ type: z.literal('withdraw'), from: z.string() }),
  },
  named: (event) => (event.type === 'steal' ? [event.by, event.from] : event.type === 'withdraw' ? [event.from] : []),
  step,
  active: (setup, state) => [...atIt(setup, state), ...defending(state)],
  groupOf: ({ home }, player) => home[player],
  /** Of everyone: steals so far; and who took theirs, as the index in the list of all, −1 for nobody. */
  sheet(_, { groups, steals, robbedBy }) {
    const all = groups.flat();
    return Object.fromEntries(all.map((id) => [id, [steals[id] ?? 0, robbedBy[id] ? all.indexOf(robbedBy[id]) : -1]]));
  },
  vacate: (_, state, player) => ({
    ...state,
    groups: state.groups.map((g) => g.filter((id) => id !== player)),
    holders: state.holders.filter((id) => id !== player),
  }),
  join: (_, state, player, index) => seated(state, player, index ?? smallest(state.groups)),
  back: (_, state, player) => seated(state, player, state.home[player]),
  finished: (_, { isOver }) => isOver,
  view(setup, state) {
    const { groups, holders, turns, stage, bout } = state;
    const all = groups.flat();
    const active = atIt(setup, state);
    const defenders = defending(state);
    const places: Record<string, string[]> = hasSteals(setup)
      ? { with: all.filter((id) => holders.includes(id)), without: all.filter((id) => !holders.includes(id)) }
      : { active, resting: all.filter((id) => !active.includes(id)), ...(setup.defenders ? { '@defenders': defenders } : {}) };
    return { scores: zeros(all), tally: { stage, bout }, places, waiting: [], turns };
  },
  winners: () => [],
};
