import { memoize } from '../../memoize.ts';
import { checkForecastOptions, type Forecast, type ForecastOptions, summarise } from '../../play/forecast.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { activeAtStart } from '../../simulate/activeAtStart.ts';
import { type Measured, meanOfPlays, measurePlay } from '../../simulate/measurePlay.ts';
import { type RingState, winnersRingRules as rules } from './play.ts';
import type { WinnersRingPlaySetup } from './setup.ts';

/** Plays simulated if nobody says; seconds of one play that are looked at for a plan that is still being made. */
const PLAYS = 60;
const QUICK_S = 600;
/** Points a second of a team of which nothing is known. Side Court default. */
const RATE = 1 / 24;

/** One play of `seconds`: each team that may score does so at its own rate, at random; arrivals in between. `watch` hears how long play stood as it did. */
export function simulateRing(
  setup: WinnersRingPlaySetup,
  seconds: number,
  random: Rng,
  watch: (state: RingState, length: number) => void = () => {},
): PlayEvent[] {
  const rate = (team: string) => setup.scorePerSecond?.[team] ?? RATE;
  const events: PlayEvent[] = [];
  let state: RingState = rules.start(setup);
  let at = 0;
  for (;;) {
    const may = state.bays.flatMap(({ on }, bay) => {
      if (on.length === 2) return on;
      const isExpecting = setup.headStart && state.walking.some((w) => w.to === bay);
      return isExpecting ? on.filter((team) => state.points[team] + 1 < setup.target) : [];
    });
    const total = may.reduce((sum, team) => sum + rate(team), 0);
    const next = total > 0 ? at - Math.log(1 - random.float()) / total : Number.POSITIVE_INFINITY;
    const due = rules.due!(setup, state) ?? Number.POSITIVE_INFINITY;
    const until = Math.min(next, due, seconds);
    watch(state, until - at);
    at = until;
    if (at >= seconds) return events;
    if (due <= next) {
      state = rules.pass!(setup, state, due);
      continue;
    }
    const pick = random.float() * total;
    let upTo = 0;
    const team =
      may.find((id) => {
        upTo += rate(id);
        return pick < upTo;
      }) ?? may[may.length - 1];
    const after = rules.step(setup, state, { at, type: 'score', team }, () => true);
    if (after === 'not-allowed') throw new Error(`a simulated point of ${team} at second ${at} is not allowed`);
    events.push({ at, type: 'score', team });
    state = after;
  }
}

/** Means over simulated plays by the rules' own fold. */
const measured = (setup: WinnersRingPlaySetup, seconds: number, seed: number, plays: number) => {
  const random = seededRng(seed);
  return meanOfPlays(Array.from({ length: plays }, () => measurePlay(rules, setup, simulateRing(setup, seconds, random), seconds)));
};

/** How one play goes for every team, watched while it is simulated. */
function watched(setup: WinnersRingPlaySetup, seconds: number, random: Rng): Measured[] {
  const sums = new Map(setup.teams.map((id) => [id, { id, active: 0, turns: 0, wait: 0, waits: 0 }]));
  let last: RingState | undefined;
  simulateRing(setup, seconds, random, (state, length) => {
    const isActive = new Set(rules.active(setup, state));
    for (const [id, sum] of sums) {
      if (isActive.has(id)) sum.active += length;
      sum.waits = isActive.has(id) ? 0 : sum.waits + length;
      sum.wait = Math.max(sum.wait, sum.waits);
    }
    last = state;
  });
  return [...sums.values()].map(({ id, active, wait }) => ({ id, active, wait, turns: last?.turns[id] ?? 0 }));
}

/** The first minutes of one play of the teams alone, whoever is in them: kept by content, so that other groups cost nothing. */
const ofTeams = memoize((setup: WinnersRingPlaySetup, seconds: number, seed: number) => watched(setup, seconds, seededRng(seed)));
const known: typeof measured = ({ members, playSeconds: _, ...setup }, seconds, seed) => {
  const looked = Math.min(seconds, QUICK_S);
  const scale = looked > 0 ? seconds / looked : 1;
  const teams = ofTeams(setup, looked, seed).map((team) => ({ ...team, active: team.active * scale, turns: team.turns * scale }));
  return members ? teams.flatMap((team) => (members[team.id] ?? []).map((id) => ({ ...team, id }))) : teams;
};

const forecast = (setup: WinnersRingPlaySetup, options: ForecastOptions, plays: number, means: typeof measured): Forecast => {
  checkForecastOptions(options);
  if (!setup.scorePerSecond && setup.playSeconds === undefined) return activeAtStart(rules, setup, options);
  const played = Math.min(options.seconds, setup.playSeconds ?? options.seconds);
  return { ...summarise(options.seconds, means(setup, played, options.seed, plays)), plays };
};

/** By rates: means over simulated plays. Without rates and without a length of play the share that plays at the start (rulings). */
export const ringForecast = (setup: WinnersRingPlaySetup, options: ForecastOptions): Forecast =>
  forecast(setup, options, options.plays || PLAYS, measured);
/** The same from one play, kept by content. */
export const ringQuick = (setup: WinnersRingPlaySetup, options: ForecastOptions): Forecast => forecast(setup, options, 1, known);
