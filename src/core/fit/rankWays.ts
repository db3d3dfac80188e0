import { gain, MEASURES, NEAR, type Way } from './ways.ts';
import { type Measure, MORE_IS_BETTER, type WayMeasures } from './waysMeasured.ts';

/** A way with its place among the others. */
export interface RankedWay extends Way {
  /** From 1. */
  rank: number;
  /** Against the first: what is better here, what is worse, by how much. */
  better: Measure[];
  worse: { measure: Measure; by: number }[];
  /** Why it is behind a way that what the teacher puts first would put after it. */
  heldBack?: 'stops' | 'gear';
}

/** The step in which each measure is told: ways that are told alike count as equal, and the next priority decides. */
const STEP: WayMeasures = {
  activeShare: 0.01,
  turns: 0.1,
  waitSeconds: 1,
  idleSeconds: 1,
  evenness: 0.01,
  floorShare: 0.01,
  gearShort: 1,
  adults: 1,
  setUpMinutes: 1,
};

/** Sort keys for what a teacher puts first, each measure rounded as it is shown. Smaller is better. */
export const wishedKeys = (measures: WayMeasures, priorities: readonly Measure[]): number[] =>
  priorities.map((m) => Math.round(measures[m] / STEP[m]) * (MORE_IS_BETTER[m] ? -1 : 1));

/** Which of two lists of keys goes first: the first key in which they differ decides. */
export const compareKeys = (a: readonly number[], b: readonly number[]): number =>
  a.map((key, k) => key - b[k]).find((by) => Math.abs(by) > 1e-12) ?? 0;

/**
 * The ways ranked by what the teacher puts first. Fewer stops and less gear short go before that, since nobody can play what stops;
 * a way that is behind for one of these alone says so (`heldBack`). The priorities decide in their order, each as it is told; what is then equal by the mean place of all its measures between the worst and the best, ties in the given order.
 */
export function rankWays(ways: readonly Way[], priorities: readonly Measure[]): RankedWay[] {
  const ends = new Map(
    MEASURES.map((m) => {
      const values = ways.map((w) => w.measures[m]);
      return [m, { least: Math.min(...values), most: Math.max(...values) }] as const;
    }),
  );
  const placeOf = ({ measures }: Way) =>
    MEASURES.reduce((sum, m) => {
      const { least, most } = ends.get(m)!;
      if (most - least < NEAR[m]) return sum + 1;
      const share = (measures[m] - least) / (most - least);
      return sum + (MORE_IS_BETTER[m] ? share : 1 - share);
    }, 0) / MEASURES.length;
  const wished = (way: Way) => wishedKeys(way.measures, priorities);
  const keys = new Map(ways.map((way, i) => [way, [way.stops.length, way.measures.gearShort, ...wished(way), -placeOf(way), i]]));
  const order = [...ways].sort((a, b) => compareKeys(keys.get(a)!, keys.get(b)!));
  const heldBack = (way: Way, i: number): RankedWay['heldBack'] => {
    const before = order.slice(0, i).find((other) => compareKeys(wished(way), wished(other)) < 0);
    return before && (before.stops.length < way.stops.length ? 'stops' : 'gear');
  };
  const first = order[0]?.measures;
  return order.map((way, i) => {
    const why = heldBack(way, i);
    return {
      ...way,
      rank: i + 1,
      ...(why && { heldBack: why }),
      better: MEASURES.filter((m) => gain(way.measures, first, m) > 0),
      worse: MEASURES.filter((m) => gain(way.measures, first, m) < 0).map((m) => ({ measure: m, by: -gain(way.measures, first, m) })),
    };
  });
}
