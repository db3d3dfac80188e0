import { PLAY_SHARE, USUAL_SPRINT } from '../../simulate/bodies.ts';
import type { ChasePlaySetup } from './setup.ts';

/** How a chase goes on average, students counted as a fluid. */
export interface Flow {
  /** Seconds that a runner is in play, of the time looked at. */
  active: number;
  catches: number;
  /** Seconds that a runner is held at a time. */
  wait: number;
  /** Second at which nobody is left to catch, if it comes to that. */
  endedAt?: number;
}

/** What the flow depends on: how they hunt, what a catch does, how one returns, how fast they run. */
export type FlowRules = Pick<
  ChasePlaySetup,
  'caught' | 'release' | 'rescuers' | 'everyoneHunts' | 'taskSeconds' | 'callSeconds' | 'speeds' | 'sprint'
> & { hunters: readonly Pick<ChasePlaySetup['hunters'][number], 'how'>[] };

/** Seconds that a hunter needs between two catches at the least: to stop, choose, and run. House figure, held to the simulation. */
const BETWEEN_S = 5;
/** How much oftener hunters who run at somebody meet them than movers who meet by chance. */
const PURSUIT = 1.15;
/** The share of a hunter's speed with which those who are free look for somebody to free. */
const HELP_SHARE = 0.33;
/** Square metres around a hunter on which nobody frees anybody. */
const GUARDED_M2 = 36;
const STEP_S = 0.25;

/**
 * A chase as flows, in steps of a quarter of a second: each hunter catches somebody every `5 s + 1/(c F)`, with F runners free and c the
 * meetings a second of two movers on that floor, 2 · reach · speed / area (kinetic theory, J. C. Maxwell 1860); who is held returns by
 * what the setup says. Held to the simulated agents by a test.
 */
export function chaseFlow(setup: FlowRules, runners: number, hunters: number, areaM2: number, seconds: number): Flow {
  const speeds = Object.values(setup.speeds ?? {});
  const speed = (speeds.length ? speeds.reduce((a, b) => a + b, 0) / speeds.length : (setup.sprint ?? USUAL_SPRINT)) * PLAY_SHARE;
  const { caught, release } = setup;
  const how = setup.hunters[0]?.how ?? 'touch';
  const meets = (PURSUIT * 2 * (how === 'throw' ? 1.4 : 0.9) * speed) / areaM2;
  const rescuers = setup.rescuers ? setup.rescuers.length / Math.max(1, runners) : 1;
  // The more hunt on a floor, the less often the way to somebody who is held is free.
  const open = Math.max(0.15, 1 - (GUARDED_M2 * hunters) / areaM2);
  const helps = ((HELP_SHARE * speed) / PLAY_SHARE / areaM2) * (release === 'escort' ? 0.25 : 1) * rescuers * open;
  const rate =
    caught === 'task' || release === 'task' ? 1 / (setup.taskSeconds ?? 15) : release === 'call' ? 2 / (setup.callSeconds ?? 30) : 0;
  const canReturn =
    caught !== 'out' && caught !== 'converts' && (rate > 0 || release === 'touch' || release === 'escort' || release === 'captor');
  let free = runners;
  let held = 0;
  let chasing = how === 'together' ? hunters / 2 : hunters;
  let [active, catches] = [0, 0];
  const flow = (lasted: number): Flow => ({
    active,
    catches,
    wait: runners ? Math.max(0, lasted - active) / Math.max(1, catches / runners) : 0,
  });
  for (let at = 0; at < seconds; at += STEP_S) {
    const hunting = setup.everyoneHunts ? free * 0.5 : chasing;
    const caughtNow = free > 0.01 ? Math.min(free, (hunting * STEP_S) / (BETWEEN_S + 1 / (meets * free))) : 0;
    catches += caughtNow;
    active += (free / Math.max(1, runners)) * STEP_S;
    if (caught === 'back') continue;
    const back =
      release === 'touch' || release === 'escort'
        ? Math.min(held, helps * free * held * STEP_S)
        : release === 'captor'
          ? Math.min(held, (caughtNow / Math.max(1, free)) * held)
          : rate * held * STEP_S;
    free += back - caughtNow;
    held += caughtNow - back;
    if (caught === 'converts') {
      chasing += caughtNow;
      active += (held / Math.max(1, runners)) * STEP_S;
    }
    if (!canReturn && free < 0.5) return { ...flow(at), endedAt: at };
  }
  return flow(seconds);
}
