import { z } from 'zod';
import { added, entered, leaders, zeros } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup } from '../../play/playRules.ts';
import { checkSides, offRoster, onRoster, rosterOf, type SideRoster, sideOf, sideToJoin } from '../sideRoster.ts';
import { TossPlaySetup } from './setup.ts';

/** `owned`: the objects that are a side's, in the order in which it first used them; `lying`: the zone of each that lies in one, null outside all. */
export interface TossState extends SideRoster {
  owned: Record<string, string[]>;
  lying: Record<string, number | null>;
  round: number;
  scores: Record<string, number>;
  turns: Record<string, number>;
}

export type TossEvent = { type: 'rest'; object: string; side: string; zone: number | null } | { type: 'endRound' };

function parse(raw: unknown): TossPlaySetup {
  const setup = parsePlaySetup(TossPlaySetup, raw);
  checkSides(setup.sides, setup.lone);
  for (const [side, player] of Object.entries(setup.striker ?? {}))
    if (!setup.sides.some((s) => s.id === side && s.members.includes(player)))
      throw new RangeError(`invalid setup striker of ${side}: ${JSON.stringify(player)}`);
  return setup;
}

/** What a side's objects are worth where they lie now. */
export const pointsNow = ({ zones, sides }: Pick<TossPlaySetup, 'zones' | 'sides'>, { owned, lying }: Pick<TossState, 'owned' | 'lying'>) =>
  Object.fromEntries(
    sides.map(({ id }) => [id, owned[id].reduce((sum, object) => sum + (lying[object] == null ? 0 : zones[lying[object]]), 0)]),
  );

function step(setup: TossPlaySetup, state: TossState, event: TossEvent): TossState | 'not-allowed' {
  if (event.type === 'endRound') {
    const points = pointsNow(setup, state);
    return {
      ...state,
      lying: {},
      round: state.round + 1,
      scores: Object.fromEntries(setup.sides.map(({ id }) => [id, state.scores[id] + points[id]])),
      turns: added(state.turns, Object.values(state.here).flat()),
    };
  }
  const { object, side, zone } = event;
  const isOthers = setup.sides.some(({ id }) => id !== side && state.owned[id].includes(object));
  const own = state.owned[side];
  const isNew = !own.includes(object);
  if (isOthers || (isNew && own.length >= setup.objectsEach)) return 'not-allowed';
  return {
    ...state,
    owned: isNew ? { ...state.owned, [side]: [...own, object] } : state.owned,
    lying: { ...state.lying, [object]: zone },
  };
}

const seated = (state: TossState, player: string, to: string): TossState => ({
  ...onRoster(state, player, to),
  turns: entered(state.turns, player),
});

/** The rules of objects on targets: what counts is where they lie when the round ends. */
export const tossRules: PlayRules<TossPlaySetup, TossState, TossEvent> = {
  version: 1,
  parse,
  players: ({ sides }) => sides.flatMap((s) => s.members),
  indices: ({ sides }) => sides.length,
  start: ({ sides }) => ({
    ...rosterOf(sides),
    ...{ owned: Object.fromEntries(sides.map((s) => [s.id, []])), lying: {}, round: 0 },
    scores: zeros(sides.map((s) => s.id)),
    turns: zeros(sides.flatMap((s) => s.members)),
  }),
  events: {
    rest: z.object({
      type: z.literal('rest'),
      object: z.string().min(1),
      side: z.string(),
      zone: z.number().int().min(0).nullable(),
    }),
    endRound: z.object({ type: z.literal('endRound') }),
  },
  inRange: ({ zones }, _, event) => event.type !== 'rest' || event.zone === null || event.zone < zones.length,
  named: () => [],
  knows: ({ sides }, event) => event.type !== 'rest' || sides.some((s) => s.id === event.side),
  step,
  active: ({ atOnce }, { here }) => Object.values(here).flatMap((side) => side.slice(0, atOnce ?? side.length)),
  /** Of every object that lies somewhere the side and the zone, −1 outside all; and how many rounds have ended. */
  sheet: ({ sides }, { owned, lying, round }) => ({
    ...Object.fromEntries(
      sides.flatMap(({ id }, side) => owned[id].filter((o) => lying[o] !== undefined).map((o) => [o, [side, lying[o] ?? -1]])),
    ),
    '@round': [round],
  }),
  vacate: (_, state, player) => offRoster(state, player),
  join: ({ sides }, state, player, index) => seated(state, player, sideToJoin(sides, state, index)),
  back: ({ sides }, state, player) => seated(state, player, sideOf(state.order, player) ?? sides[0].id),
  finished: ({ to }, { scores }) => to !== undefined && Object.values(scores).some((score) => score >= to),
  view: (setup, state) => ({
    scores: state.scores,
    tally: pointsNow(setup, state),
    places: state.here,
    waiting: [],
    turns: state.turns,
  }),
  winners: (_, { scores }) => leaders(scores),
};
