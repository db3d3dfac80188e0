/** Seconds that the whole harness may take: SIDE_COURT_TORTURE, ten minutes if it is not set. */
export const SECONDS = Number(process.env.SIDE_COURT_TORTURE ?? 600);
/** Everything random follows this seed: SIDE_COURT_SEED, or always the same. */
export const SEED = Number(process.env.SIDE_COURT_SEED ?? 10);

/** A share of the time, as a moment after which no new attempt begins. */
export const until = (share: number): number => Date.now() + SECONDS * share * 1000;

/** A fixed stream of numbers from 0 up to 1, so that a failing attempt can be repeated. */
export function stream(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}
