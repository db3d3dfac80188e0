/** One bout of a rotation: seconds from the block's start; `stationOf[g]` is group g's station, −1 in overflow. */
export interface RotationRound {
  at: number;
  until: number;
  stationOf: number[];
}

export interface RotationPlan {
  groups: number;
  stations: number;
  /** Work seconds of each lap; its length is the number of laps. */
  workOfLap: readonly number[];
  moveSeconds: number;
  direction: 1 | -1;
  /** order[slot] = station; identity where not given. */
  order?: readonly number[];
  /** How many bouts; slots × laps where not given. */
  rounds?: number;
}

/** Which station group g stands at in round r, or −1: slots run over the stations (in order), then overflow. */
export function stationAt(plan: Pick<RotationPlan, 'groups' | 'stations' | 'direction' | 'order'>, group: number, round: number): number {
  const slots = Math.max(plan.groups, plan.stations);
  const slot = (((group + round * plan.direction) % slots) + slots) % slots;
  if (slot >= plan.stations) return -1;
  return plan.order ? plan.order[slot] : slot;
}

/** Every bout of a rotation in order, moves between them; later laps may work longer or shorter. */
export function rotationRounds(plan: RotationPlan): RotationRound[] {
  const slots = Math.max(plan.groups, plan.stations);
  const count = plan.rounds ?? slots * plan.workOfLap.length;
  const rounds: RotationRound[] = [];
  let at = 0;
  for (let r = 0; r < count; r++) {
    const lap = Math.min(Math.floor(r / slots), plan.workOfLap.length - 1);
    const until = at + plan.workOfLap[lap];
    rounds.push({ at, until, stationOf: Array.from({ length: plan.groups }, (_, g) => stationAt(plan, g, r)) });
    at = until + plan.moveSeconds;
  }
  return rounds;
}
