import { added, entered, zeros } from '../../play/ledger.ts';
import type { ChasePlaySetup } from './setup.ts';

/** A student's standing. An escort is a pair: the one who leads and the captive. */
export type Standing = 'free' | 'hunter' | 'frozen' | 'jail' | 'task' | 'escort' | 'safe' | 'out' | 'across';

export interface ChaseState {
  standing: Record<string, Standing>;
  /** Hunters of now: those of the setup, and who was converted. */
  hunters: ChasePlaySetup['hunters'];
  /** The zone of each student, if the game has zones. */
  zone: Record<string, string>;
  /** Safe spot of those who are safe at one. */
  spot: Record<string, string>;
  /** The captors of each student who is still held. */
  captors: Record<string, string[]>;
  /** Pairs on their way home. */
  escorts: { by: string; who: string }[];
  called?: string;
  carrier?: string;
  /** The last catch, for one that answers it in the same second. */
  last?: { at: number; by: string[]; who: string; before: ChaseState };
  isWon: boolean;
  scores: Record<string, number>;
  turns: Record<string, number>;
  crossings: number;
  /** From 0. */
  round: number;
}

/** Students who may catch somebody by the setup alone. */
export const huntersIn = ({ hunters }: Pick<ChasePlaySetup, 'hunters'>): string[] => [
  ...new Set(hunters.flatMap((h) => (h.with === undefined ? [h.id] : [h.id, h.with]))),
];

/** Everyone in the setup. */
export const playersIn = (setup: ChasePlaySetup): string[] => [...new Set([...setup.players, ...huntersIn(setup)])];

/** Play at the start: hunters hunt, everyone else is free and stands in the zone they start in. */
export function startChase(setup: ChasePlaySetup): ChaseState {
  const players = playersIn(setup);
  const hunting = setup.everyoneHunts ? [] : huntersIn(setup);
  const first = setup.zones?.[0];
  return {
    standing: Object.fromEntries(players.map((p) => [p, hunting.includes(p) ? 'hunter' : 'free'])),
    hunters: setup.hunters,
    zone: first === undefined ? {} : Object.fromEntries(players.map((p) => [p, setup.startZone?.[p] ?? first])),
    spot: {},
    captors: {},
    escorts: [],
    isWon: false,
    scores: zeros(setup.everyoneHunts ? players : huntersIn(setup)),
    turns: zeros(players),
    crossings: 0,
    round: 0,
  };
}

/** Hunters by how they catch; those who catch together only are paired in order, an odd one joins the last pair. */
export function huntersOf(how: ChasePlaySetup['hunters'][number]['how'], ids: readonly string[]): ChasePlaySetup['hunters'] {
  if (how !== 'together') return ids.map((id) => ({ id, how }));
  if (ids.length < 2) return ids.map((id) => ({ id, how: 'touch' }));
  return ids.flatMap((id, i) => (i % 2 === 0 ? [{ id, how, with: ids[i + 1] ?? ids[i - 1] }] : []));
}

/** The next round: its hunters hunt, everyone else who is there is free; scores and turns go on. */
export function nextRound(setup: ChasePlaySetup, state: ChaseState): ChaseState | 'not-allowed' {
  const round = state.round + 1;
  const ids = setup.roundHunters?.[round];
  if (!ids) return 'not-allowed';
  const there = Object.keys(state.standing);
  const [model] = setup.hunters;
  const hunters = huntersOf(
    model.how,
    ids.filter((h) => there.includes(h)),
  );
  return {
    ...state,
    round,
    hunters,
    standing: Object.fromEntries(there.map((p) => [p, ids.includes(p) ? 'hunter' : 'free'])),
    zone: setup.zones ? Object.fromEntries(there.map((p) => [p, setup.startZone?.[p] ?? setup.zones![0]])) : {},
    spot: {},
    captors: {},
    escorts: [],
    called: undefined,
    carrier: undefined,
    last: undefined,
    isWon: false,
    scores: ids.reduce((scores, h) => entered(scores, h), state.scores),
  };
}

/** The same with those students standing differently; whatever they held on to is let go. */
export function stand(state: ChaseState, players: readonly string[], standing: Standing): ChaseState {
  const without = <T>(record: Record<string, T>) => Object.fromEntries(Object.entries(record).filter(([id]) => !players.includes(id)));
  const isHeld = standing === 'frozen' || standing === 'jail' || standing === 'task';
  return {
    ...state,
    standing: { ...state.standing, ...Object.fromEntries(players.map((p) => [p, standing])) },
    spot: without(state.spot),
    captors: isHeld ? state.captors : without(state.captors),
    carrier: standing !== 'free' && players.includes(state.carrier ?? '') ? undefined : state.carrier,
  };
}

/** Where somebody stands who is held again: the place that a catch leads to, the jail if that is no place. */
export const heldPlace = ({ caught }: ChasePlaySetup): Standing => (caught === 'frozen' || caught === 'task' ? caught : 'jail');

/** An escort taken apart: the captive is held again, and who led them too unless only the captive is. */
export function loseEscort(setup: ChasePlaySetup, state: ChaseState, { by, who }: { by: string; who: string }): ChaseState {
  const apart = { ...state, escorts: state.escorts.filter((e) => e.who !== who) };
  const jailed = stand(apart, [who], heldPlace(setup));
  if (setup.onlyCaptive) return stand(jailed, [by], 'free');
  return { ...stand(jailed, [by], heldPlace(setup)), turns: added(jailed.turns, [by]) };
}

/** A catch that counts: the hunters score, who was caught becomes what the setup says, and a caught captor's captives are free. */
export function applyCatch(setup: ChasePlaySetup, state: ChaseState, by: string[], who: string): ChaseState {
  const counted: ChaseState = { ...state, scores: added(state.scores, by), turns: added(state.turns, [who]) };
  const freed = setup.release === 'captor' ? Object.keys(counted.captors).filter((p) => p !== who && counted.captors[p].includes(who)) : [];
  const next = freed.length ? stand(counted, freed, 'free') : counted;
  switch (setup.caught) {
    case 'back':
      return next.carrier === who ? { ...next, carrier: undefined } : next;
    case 'converts':
      return {
        ...stand(next, [who], 'hunter'),
        hunters: [...next.hunters, { id: who, how: 'touch' }],
        scores: entered(next.scores, who),
      };
    case 'out':
      return stand(next, [who], 'out');
    default:
      return { ...stand(next, [who], setup.caught), captors: { ...next.captors, [who]: by } };
  }
}
