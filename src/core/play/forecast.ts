/** How a block is expected to go for its students. An estimate of time on task, never measured exertion. */
export interface Forecast {
  /** 0 where a closed form was used; low, mean and high come from it too. */
  plays: number;
  /** Active share of each, of options.seconds; moving between places and waiting are not active. */
  perPlayer: Record<string, number>;
  activeShare: { mean: number; low: number; high: number };
  turns: { mean: number; least: number; most: number };
  longestWait: { mean: number; p90: number };
  duration?: { mean: number; p10: number; p90: number };
}
export interface ForecastOptions {
  seconds: number;
  plays?: number;
  seed: number;
}

/** Throws RangeError where options break their shape. */
export function checkForecastOptions({ seconds, plays, seed }: ForecastOptions): void {
  if (!Number.isFinite(seconds) || seconds <= 0) throw new RangeError(`invalid seconds: ${seconds}`);
  if (plays !== undefined && (!Number.isInteger(plays) || plays < 0)) throw new RangeError(`invalid plays: ${plays}`);
  if (!Number.isFinite(seed)) throw new RangeError(`invalid seed: ${seed}`);
}

const meanOf = (values: readonly number[]) => (values.length ? values.reduce((a, b) => a + b, 0) / values.length : 0);

/** A forecast from each player's active seconds, turns and longest wait. */
export function summarise(seconds: number, players: readonly { id: string; active: number; turns: number; wait: number }[]): Forecast {
  const shares = players.map((p) => p.active / seconds);
  const turns = players.map((p) => p.turns);
  const waits = players.map((p) => p.wait).sort((a, b) => a - b);
  const least = (list: number[]) => (list.length ? Math.min(...list) : 0);
  const most = (list: number[]) => (list.length ? Math.max(...list) : 0);
  return {
    plays: 0,
    perPlayer: Object.fromEntries(players.map((p, i) => [p.id, shares[i]])),
    activeShare: { mean: meanOf(shares), low: least(shares), high: most(shares) },
    turns: { mean: meanOf(turns), least: least(turns), most: most(turns) },
    longestWait: { mean: meanOf(waits), p90: waits.length ? waits[Math.min(waits.length - 1, Math.ceil(waits.length * 0.9) - 1)] : 0 },
  };
}

/** The forecast of several plays that go on at once, each for its own players: of all their players together. */
export function joined(forecasts: readonly Forecast[]): Forecast {
  if (forecasts.length === 1) return forecasts[0];
  const sizes = forecasts.map((f) => Object.keys(f.perPlayer).length);
  const all = Math.max(
    1,
    sizes.reduce((a, b) => a + b, 0),
  );
  const mean = (pick: (f: Forecast) => number) => forecasts.reduce((sum, f, i) => sum + pick(f) * sizes[i], 0) / all;
  const least = (pick: (f: Forecast) => number) => (forecasts.length ? Math.min(...forecasts.map(pick)) : 0);
  const most = (pick: (f: Forecast) => number) => Math.max(0, ...forecasts.map(pick));
  return {
    plays: most((f) => f.plays),
    perPlayer: Object.assign({}, ...forecasts.map((f) => f.perPlayer)),
    activeShare: { mean: mean((f) => f.activeShare.mean), low: least((f) => f.activeShare.low), high: most((f) => f.activeShare.high) },
    turns: { mean: mean((f) => f.turns.mean), least: least((f) => f.turns.least), most: most((f) => f.turns.most) },
    longestWait: { mean: mean((f) => f.longestWait.mean), p90: most((f) => f.longestWait.p90) },
  };
}
