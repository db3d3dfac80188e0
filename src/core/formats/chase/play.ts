import { z } from 'zod';
import { added, entered } from '../../play/ledger.ts';
import { type PlayRules, parsePlaySetup, type Timed } from '../../play/playRules.ts';
import { ChasePlaySetup } from './setup.ts';
import { applyCatch, type ChaseState, huntersIn, loseEscort, nextRound, playersIn, type Standing, stand, startChase } from './state.ts';

type Two<T> = T extends string ? { type: T; by: string; who: string } : never;
type One<T> = T extends string ? { type: T; who: string } : never;
/** `by` is whoever does it, `who` whom it happens to. An escort is `home` or `lost` with both its students. */
export type ChaseEvent =
  | { type: 'caught'; by: string | string[]; who: string }
  | Two<'freed' | 'escort' | 'home' | 'lost'>
  | One<'taskDone' | 'across' | 'unsafe' | 'take' | 'objective'>
  | { type: 'round' }
  | { type: 'safe'; who: string; spot?: string }
  | { type: 'call'; typeCalled?: string; from?: string; to?: string };

function parse(raw: unknown): ChasePlaySetup {
  const setup = parsePlaySetup(ChasePlaySetup, raw);
  const { players, zones, startZone = {}, rescuers = [], hunters } = setup;
  if (new Set(players).size !== players.length) throw new RangeError(`invalid setup players: repeated in ${JSON.stringify(players)}`);
  const alone = hunters.find((h) => h.how === 'together' && h.with === undefined);
  if (alone) throw new RangeError(`invalid setup hunters: ${JSON.stringify(alone.id)} catches together with nobody`);
  const nowhere = Object.values(startZone).find((zone) => !zones?.includes(zone));
  if (nowhere !== undefined) throw new RangeError(`invalid setup startZone: ${JSON.stringify(nowhere)}`);
  const unknown = rescuers.find((p) => !players.includes(p));
  if (unknown !== undefined) throw new RangeError(`invalid setup rescuers: ${JSON.stringify(unknown)}`);
  return setup;
}

const HELD: readonly Standing[] = ['frozen', 'jail', 'task'];

/** True if these hunters may catch that student: hunters all, a pair that only catches together both, and a type that each catches. */
function mayCatch(setup: ChasePlaySetup, state: ChaseState, by: string[], who: string): boolean {
  if (by.includes(who) || new Set(by).size !== by.length) return false;
  if (setup.everyoneHunts) return by.length === 1 && state.standing[by[0]] === 'free';
  if (by.some((id) => state.standing[id] !== 'hunter')) return false;
  const isPair = (a: string, b: string) =>
    state.hunters.some((h) => h.id === a && h.with === b) || state.hunters.some((h) => h.id === b && h.with === a);
  if (by.length > 1 && !(by.length === 2 && isPair(by[0], by[1]))) return false;
  return by.every((id) => {
    const own = state.hunters.filter((h) => h.id === id || h.with === id);
    return own.some((h) => (h.how !== 'together' || by.length === 2) && (!h.catches || h.catches.includes(setup.types?.[who] ?? '')));
  });
}

function caught(setup: ChasePlaySetup, state: ChaseState, by: string[], who: string, at: number): ChaseState | 'not-allowed' {
  const { last } = state;
  const isAnswer = last?.at === at && by.length === 1 && last.by.length === 1 && last.who === by[0] && last.by[0] === who;
  if (isAnswer && setup.simultaneous) {
    if (setup.simultaneous !== 'both') return { ...last.before, last: undefined };
    // Both are caught: neither catch frees the other one.
    const { [by[0]]: captors, ...others } = state.captors;
    const both = applyCatch(setup, { ...state, captors: others }, by, who);
    return { ...both, captors: { ...both.captors, [by[0]]: captors }, last: undefined };
  }
  if (!mayCatch(setup, state, by, who)) return 'not-allowed';
  const escort = state.escorts.find((e) => e.by === who || e.who === who);
  if (escort) {
    const lost = loseEscort(setup, state, escort);
    return { ...lost, scores: added(lost.scores, by) };
  }
  if (state.standing[who] !== 'free') return 'not-allowed';
  const { last: _, ...before } = state;
  return { ...applyCatch(setup, state, by, who), last: { at, by, who, before } };
}

function call(setup: ChasePlaySetup, state: ChaseState, event: Extract<ChaseEvent, { type: 'call' }>): ChaseState {
  const ids = Object.keys(state.standing);
  const again = ids.filter((p) => state.standing[p] === 'across' || (setup.release === 'call' && HELD.includes(state.standing[p])));
  return { ...stand(state, again, 'free'), called: event.to ?? state.called };
}

function across(setup: ChasePlaySetup, state: ChaseState, who: string): ChaseState | 'not-allowed' {
  if (state.standing[who] !== 'free') return 'not-allowed';
  const crossed = { ...state, crossings: state.crossings + 1 };
  if (!setup.zones) return stand(crossed, [who], 'across');
  if (state.called === undefined || state.zone[who] === state.called) return 'not-allowed';
  return { ...crossed, zone: { ...state.zone, [who]: state.called } };
}

function safe(setup: ChasePlaySetup, state: ChaseState, who: string, spot?: string): ChaseState | 'not-allowed' {
  if (state.standing[who] !== 'free') return 'not-allowed';
  const holds = setup.safeSpots?.find((s) => s.id === spot)?.capacity ?? Number.POSITIVE_INFINITY;
  if (spot !== undefined && Object.values(state.spot).filter((id) => id === spot).length >= holds) return 'not-allowed';
  const next = stand(state, [who], 'safe');
  return spot === undefined ? next : { ...next, spot: { ...next.spot, [who]: spot } };
}

function step(setup: ChasePlaySetup, state: ChaseState, event: Timed<ChaseEvent>): ChaseState | 'not-allowed' {
  if (event.type === 'round') return nextRound(setup, state);
  if (event.type === 'call') return call(setup, state, event);
  if (event.type === 'caught') return caught(setup, state, [event.by].flat(), event.who, event.at);
  const { who } = event;
  const is = (player: string, standing: Standing) => state.standing[player] === standing;
  const isHeld = HELD.includes(state.standing[who]);
  switch (event.type) {
    case 'freed': {
      const helps = is(event.by, 'free') && (!setup.rescuers || setup.rescuers.includes(event.by));
      return setup.release === 'touch' && helps && isHeld ? stand(state, [who], 'free') : 'not-allowed';
    }
    case 'escort': {
      const helps = is(event.by, 'free') && (!setup.rescuers || setup.rescuers.includes(event.by));
      if (setup.release !== 'escort' || !helps || !isHeld) return 'not-allowed';
      return { ...stand(state, [event.by, who], 'escort'), escorts: [...state.escorts, { by: event.by, who }] };
    }
    case 'home':
    case 'lost': {
      const pair = state.escorts.find((e) => e.by === event.by && e.who === who);
      if (!pair) return 'not-allowed';
      if (event.type === 'lost') return loseEscort(setup, state, pair);
      return stand({ ...state, escorts: state.escorts.filter((e) => e !== pair) }, [event.by, who], 'free');
    }
    case 'taskDone':
      return is(who, 'task') || (setup.release === 'task' && isHeld) ? stand(state, [who], 'free') : 'not-allowed';
    case 'across':
      return across(setup, state, who);
    case 'safe':
      return safe(setup, state, who, event.spot);
    case 'unsafe':
      return is(who, 'safe') ? stand(state, [who], 'free') : 'not-allowed';
    case 'take':
      return setup.objective && is(who, 'free') && state.carrier === undefined ? { ...state, carrier: who } : 'not-allowed';
    case 'objective':
      return setup.objective && state.carrier === who ? { ...state, isWon: true } : 'not-allowed';
  }
}

/** The standing of a student who joins or comes back from the box. */
const returning = (setup: ChasePlaySetup, state: ChaseState, player: string): Standing =>
  !setup.everyoneHunts && huntersIn(state).includes(player) ? 'hunter' : 'free';

/** The escort of somebody who goes is over: the captive is held again, who led is free. */
function withoutEscort(setup: ChasePlaySetup, state: ChaseState, player: string): ChaseState {
  const pair = state.escorts.find((e) => e.by === player || e.who === player);
  return pair ? loseEscort({ ...setup, onlyCaptive: true }, state, pair) : state;
}

/** Nobody is free, nobody returns by themselves, and no call or task brings anybody back. */
function allCaught(setup: ChasePlaySetup, { standing }: ChaseState): boolean {
  const all = Object.values(standing);
  const isOpen = (s: Standing) => s === 'free' || s === 'safe' || s === 'escort' || s === 'across';
  if (all.some(isOpen) || !all.some((s) => s === 'hunter')) return false;
  const canReturn = setup.release === 'call' || setup.release === 'task' || setup.caught === 'task';
  return !(canReturn && all.some((s) => HELD.includes(s)));
}

const id = z.string().min(1);
const two = <T extends string>(type: T) => z.object({ type: z.literal(type), by: id, who: id });
const one = <T extends string>(type: T) => z.object({ type: z.literal(type), who: id });

/** The rules of every chase: who hunts, what a catch does and how one returns are settings. */
export const chaseRules: PlayRules<ChasePlaySetup, ChaseState, ChaseEvent> = {
  version: 1,
  parse,
  players: playersIn,
  indices: () => Number.POSITIVE_INFINITY,
  start: startChase,
  events: {
    caught: z.object({ type: z.literal('caught'), by: z.union([id, z.array(id).min(1)]), who: id }),
    freed: two('freed'),
    escort: two('escort'),
    home: two('home'),
    lost: two('lost'),
    taskDone: one('taskDone'),
    across: one('across'),
    unsafe: one('unsafe'),
    take: one('take'),
    objective: one('objective'),
    safe: z.object({ type: z.literal('safe'), who: id, spot: id.optional() }),
    round: z.object({ type: z.literal('round') }),
    call: z.object({ type: z.literal('call'), typeCalled: id.optional(), from: id.optional(), to: id.optional() }),
  },
  named: (event) =>
    event.type === 'call' || event.type === 'round' ? [] : 'by' in event ? [...[event.by].flat(), event.who] : [event.who],
  knows(setup, event) {
    if (event.type === 'safe') return event.spot === undefined || (setup.safeSpots ?? []).some((s) => s.id === event.spot);
    if (event.type !== 'call') return true;
    const isType = event.typeCalled === undefined || Object.values(setup.types ?? {}).includes(event.typeCalled);
    return isType && [event.from, event.to].every((zone) => zone === undefined || (setup.zones ?? []).includes(zone));
  },
  step,
  active: (_, { standing }) => Object.keys(standing).filter((p) => ['free', 'hunter', 'escort'].includes(standing[p])),
  vacate(setup, state, player) {
    const gone = stand(withoutEscort(setup, state, player), [player], 'out');
    const { [player]: _, ...standing } = gone.standing;
    return { ...gone, standing };
  },
  join(setup, state, player) {
    const zone = setup.zones ? { ...state.zone, [player]: state.zone[player] ?? setup.zones[0] } : state.zone;
    const scores = setup.everyoneHunts ? entered(state.scores, player) : state.scores;
    return {
      ...state,
      zone,
      scores,
      turns: entered(state.turns, player),
      standing: { ...state.standing, [player]: returning(setup, state, player) },
    };
  },
  back: (setup, state, player) => ({ ...state, standing: { ...state.standing, [player]: returning(setup, state, player) } }),
  // With another round to come nothing ends but this round.
  finished: (setup, state) =>
    !(setup.roundHunters && state.round < setup.roundHunters.length - 1) && (state.isWon || allCaught(setup, state)),
  view(setup, state) {
    const ids = Object.keys(state.standing);
    const standing = (...which: Standing[]) => ids.filter((p) => which.includes(state.standing[p]));
    const names: Standing[] = ['hunter', 'frozen', 'jail', 'task', 'escort', 'safe', 'out', 'across'];
    const free = setup.zones
      ? Object.fromEntries(setup.zones.map((zone) => [`zone:${zone}`, standing('free').filter((p) => state.zone[p] === zone)]))
      : { free: standing('free') };
    return {
      scores: state.scores,
      tally: { crossings: state.crossings, ...(setup.roundHunters && { round: state.round + 1 }) },
      places: {
        ...free,
        ...Object.fromEntries(names.map((name) => [name, standing(name)])),
        ...(state.carrier === undefined ? {} : { '@carrier': [state.carrier] }),
      },
      waiting: [],
      turns: state.turns,
    };
  },
  winners(_, { standing }) {
    const free = Object.keys(standing).filter((p) => ['free', 'safe', 'across'].includes(standing[p]));
    return free.length ? free : Object.keys(standing).filter((p) => standing[p] === 'hunter');
  },
};
