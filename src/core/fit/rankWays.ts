import { gain, MEASURES, NEAR, type Way } from './ways.ts';
import { type Measure, MORE_IS_BETTER, type WayMeasures } from './waysMeasured.ts';

/** A way with its place among the others. */
export interface RankedWay extends Way {
  /** From 1. */
  rank: number;
  /** Against the first: what is better here, what is worse, by how much. */
  better: Measure[];
  worse: { measure: Measure; by: number }[];
}

/** Steps of each measure that a teacher would notice: ways within the same step count as equal, and the next priority decides. */
const STEP: WayMeasures = {
  activeShare: 0.03,
  turns: 1,
  waitSeconds: 15,
  idleSeconds: 15,
  evenness: 0.05,
  floorShare: 0.05,
  gearShort: 1,
  adults: 1,
  setUpMinutes: 2,
};

/**
 * The ways ranked by what the teacher puts first: fewer stops, then less gear short, then the priorities in their order, each in
 * steps that are noticed; what is then equal by the mean place of all its measures between the worst and the best, ties in the given order.
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
  const steps = (way: Way, m: Measure) => Math.round(way.measures[m] / STEP[m]) * (MORE_IS_BETTER[m] ? -1 : 1);
  const order = ways
    .map((way, i) => ({
      way,
      i,
      keys: [way.stops.length, way.measures.gearShort, ...priorities.map((m) => steps(way, m)), -placeOf(way), i],
    }))
    .sort((a, b) => a.keys.map((key, k) => key - b.keys[k]).find((by) => Math.abs(by) > 1e-12) ?? 0);
  const first = order[0]?.way.measures;
  return order.map(({ way }, i) => ({
    ...way,
    rank: i + 1,
    better: MEASURES.filter((m) => gain(way.measures, first, m) > 0),
    worse: MEASURES.filter((m) => gain(way.measures, first, m) < 0).map((m) => ({ measure: m, by: -gain(way.measures, first, m) })),
  }));
}
