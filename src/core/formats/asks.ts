import { type Demand, type Demands, type GameDemand, PURPOSE_ACTIONS, type PurposeAction, raised } from '../model/demand.ts';
import type { GearKind, GearUse } from '../model/gearKind.ts';

/** What a game asks of those in a role, or of everyone at one of its places, and what it is for there. */
export interface Ask {
  role?: string;
  /** Id of the place. */
  place?: string;
  demands: Demands;
  purpose: PurposeAction[];
  /** Kinds of gear that are played with there, the object or implement in use first. */
  gearKinds: string[];
}

interface UseFacts {
  demands?: Demands;
  purpose?: readonly PurposeAction[];
}

/** What handling a thing asks for, by what it is used for. Side Court defaults. */
const USES: Record<GearUse, UseFacts> = {
  throw: { demands: { swing: 1, grip: 1, 'see-contrast': 1 }, purpose: ['send'] },
  catch: { demands: { 'two-hands': 2, 'see-contrast': 1 }, purpose: ['receive'] },
  roll: { demands: { swing: 1, 'down-up': 1, 'see-contrast': 1 }, purpose: ['send'] },
  slide: { demands: { swing: 1, 'down-up': 2 }, purpose: ['send', 'aim'] },
  kick: { demands: { balance: 1, travel: 1, 'see-contrast': 1 }, purpose: ['send'] },
  'be hit': { demands: { swing: 1, 'see-contrast': 1 }, purpose: ['strike'] },
  'hit with': { demands: { grip: 2, swing: 2 }, purpose: ['strike'] },
  juggle: { demands: { 'two-hands': 3, 'track-slow': 2, grip: 1 }, purpose: ['send', 'receive'] },
  wave: { demands: { grip: 1, reach: 1 }, purpose: ['keep-time'] },
  carry: { demands: { grip: 1, lift: 1 }, purpose: ['carry-or-dribble'] },
  'aim at': { demands: { 'see-contrast': 1 }, purpose: ['aim'] },
  'aim into': { demands: { 'see-contrast': 1 }, purpose: ['aim'] },
  'mark a spot': {},
  'mark a line': {},
  'go through': { demands: { travel: 2, turn: 2 }, purpose: ['travel'] },
  'step in': { demands: { travel: 1, balance: 1 }, purpose: ['travel'] },
  'jump over': { demands: { jump: 2, jolt: 1 }, purpose: ['jump-or-land'] },
  divide: {},
  'lie on': { demands: { 'down-up': 2, roll: 1 } },
  'balance on': { demands: { balance: 2 }, purpose: ['balance'] },
  climb: { demands: { climb: 2, grip: 2 }, purpose: ['balance'] },
  crawl: { demands: { kneel: 2, 'down-up': 2 }, purpose: ['travel'] },
  ride: { demands: { balance: 1, 'two-hands': 1 }, purpose: ['travel'] },
  pull: { demands: { grip: 2, 'pressed-or-pulled': 1 }, purpose: ['work-together'] },
  wear: {},
  hear: { demands: { 'hear-signal': 1 } },
  read: { demands: { 'read-card': 2 } },
  time: {},
  store: {},
};

/** How hard it is to follow an object, by how it flies. */
const FLIGHTS: Record<string, Demands> = {
  floats: { 'track-slow': 1 },
  slow: { 'track-slow': 1, 'track-fast': 1 },
  straight: { 'track-slow': 1, 'track-fast': 2 },
  fast: { 'track-slow': 1, 'track-fast': 3 },
};

/** What handling some kinds asks for, each for its usual use; heavier implements ask for a stronger hand. */
export function askOfKinds(names: readonly string[], kinds: readonly GearKind[]): Pick<Ask, 'demands' | 'purpose' | 'gearKinds'> {
  let demands: Demands = {};
  const purpose = new Set<PurposeAction>();
  for (const name of new Set(names)) {
    const kind = kinds.find((k) => k.kind === name);
    if (!kind) continue;
    const { uses, typical } = kind;
    const facts = USES[uses[0]];
    demands = raised(demands, facts.demands ?? {});
    for (const action of facts.purpose ?? []) purpose.add(action);
    const comesBack = uses[0] === 'catch' || uses[0] === 'be hit' || uses[0] === 'juggle';
    if (comesBack && typical.flight) demands = raised(demands, FLIGHTS[typical.flight]);
    if (uses[0] === 'hit with' && (typical.massG ?? 0) > 220) demands = raised(demands, { grip: 3, swing: 3 });
    if ((typical.massG ?? 0) > 600 && uses[0] !== 'slide') demands = raised(demands, { lift: 2 });
  }
  return { demands, purpose: inOrder(purpose), gearKinds: [...new Set(names)] };
}

/** Actions in the order of the list. */
export const inOrder = (actions: Iterable<PurposeAction>): PurposeAction[] => {
  const set = new Set(actions);
  return PURPOSE_ACTIONS.filter((action) => set.has(action));
};

/** An ask with more demands and actions on top of what its gear asks. */
export const askWith = (
  base: Pick<Ask, 'demands' | 'purpose' | 'gearKinds'>,
  demands: Demands,
  purpose: readonly PurposeAction[] = [],
  of: Pick<Ask, 'role' | 'place'> = {},
): Ask => ({ ...of, gearKinds: base.gearKinds, demands: raised(base.demands, demands), purpose: inOrder([...base.purpose, ...purpose]) });

/** What every game of a class asks for: to be among others and to hear what to do. */
export const IN_CLASS: Demands = { 'understand-words': 1, 'stop-on-signal': 1, 'remember-steps': 1, 'be-among-many': 1, 'bear-noise': 1 };

/** What several asks come to as demands by role, or by place if they are of one, with more for each on top. */
export const demandsOf = (asks: readonly Ask[], more: Demands = {}): GameDemand[] =>
  asks.flatMap(({ role, place, demands }) => {
    const of = role ?? place;
    return (Object.entries(raised(demands, more)) as [Demand, number][]).map(([demand, level]) => ({
      ...(of === undefined ? {} : { role: of }),
      ...{ demand, level },
    }));
  });

/** What several asks are for, each action once. */
export const purposeOf = (asks: readonly Ask[]): PurposeAction[] => [...new Set(asks.flatMap((a) => a.purpose))];

/** The most that a game asks of anyone: of its asks and of its own demands. */
export const mostAsked = (asks: readonly Ask[], own: readonly GameDemand[]): Demands =>
  [...demandsOf(asks), ...own].reduce<Demands>((most, { demand, level }) => raised(most, { [demand]: level }), {});
