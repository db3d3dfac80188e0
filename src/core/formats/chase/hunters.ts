import { fieldIn } from '../../arrange/fieldIn.ts';
import type { Rect } from '../../geometry/point.ts';
import { memoize } from '../../memoize.ts';
import { HOUSE_LIMITS } from '../../model/band.ts';
import { roomArea } from '../../model/room.ts';
import type { PlanContext } from '../format.ts';
import { chaseFlow, type Flow } from './fluid.ts';
import type { ChaseGame, ChasePlaySetup, ChaseValues } from './setup.ts';

export type ChaseContext = PlanContext<ChaseGame, ChaseValues>;

const largest = memoize(fieldIn);

/** The field: all the free floor, or as much of it as the band's students need; undefined if there is none. */
export function fieldFor({ room, taken, values, defaults, players }: ChaseContext): Rect | undefined {
  const most = values.spacing === 'close' ? Math.max(60, defaults.floorPerStudent * players.length) : Number.POSITIVE_INFINITY;
  return largest(roomArea(room, values.edgeM, taken), most);
}

/** What play needs of a chase, whoever hunts. */
export function rulesOf({
  setup,
  values,
}: Pick<ChaseContext, 'setup' | 'values'>): Pick<
  ChasePlaySetup,
  'caught' | 'release' | 'taskSeconds' | 'callSeconds' | 'objective' | 'zones' | 'callsTypes'
> {
  return {
    caught: setup.caught,
    release: setup.release,
    taskSeconds: values.taskSeconds,
    ...(setup.crossing || setup.release === 'call' ? { callSeconds: values.callSeconds } : {}),
    ...(setup.objective ? { objective: true } : {}),
    ...(setup.crossing ? { zones: ['west', 'east'] } : {}),
    ...(setup.crossing && setup.types ? { callsTypes: true } : {}),
  };
}

/** How a round goes with so many hunters. */
export function roundFlow(context: ChaseContext, hunters: number, seconds: number): Flow {
  const { players, defaults, setup } = context;
  const field = fieldFor(context);
  const runners = Math.max(0, players.length - hunters);
  const rules = { ...rulesOf(context), hunters: [{ how: setup.how }], sprint: defaults.sprint };
  return chaseFlow(rules, runners, hunters, field ? field.width * field.depth : 60, seconds);
}

/** Seconds for which a number of hunters is tried. */
const TRIED_S = 120;

/** How many hunters: what the teacher set, else the most with whom students are active as wished and nobody sits longer than the limit. */
export function hunterCount(context: ChaseContext): number {
  const { values, players, setup } = context;
  const most = Math.max(1, Math.min(20, Math.floor(players.length / 2)));
  if (values.hunters !== undefined) return Math.max(1, Math.min(values.hunters, Math.max(1, players.length - 1)));
  const least = setup.how === 'together' ? 2 : 1;
  let best = Math.min(least, most);
  for (let k = least; k <= most; k += least) {
    const { active, wait, endedAt } = roundFlow(context, k, TRIED_S);
    const isActive = active / (endedAt ?? TRIED_S) >= values.wishPercent / 100;
    if (!isActive || wait > HOUSE_LIMITS.sittingOutSeconds) break;
    best = k;
    // More than one in four is no chase any more but a crowd.
    if (k >= players.length / 4) break;
  }
  return best;
}
