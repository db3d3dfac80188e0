import { stockOf } from '../../gear/cover.ts';
import type { PlanContext } from '../format.ts';
import { type LoopPlace, loopOnFloor } from '../loopFloor.ts';
import type { PaceGame, PaceValues } from './setup.ts';

export type PaceContext = PlanContext<PaceGame, PaceValues>;

/** Metres of the lap for each who starts on it. House figure. */
const EACH_M = 1;
/** A pace that can be held for a few laps, as a share of the band's sprint. House figure. */
const STEADY = 0.45;

/** The lap: as long as is asked for, or as the floor has it. */
export function lapOf(context: PaceContext): LoopPlace | undefined {
  const { values, players } = context;
  const wish = { id: 'lap', title: 'Lap', number: 1, widthM: values.trackM };
  const least = Math.max(10, EACH_M * players.length);
  return (
    loopOnFloor(context, { ...wish, leastM: Math.max(least, values.lapM), spacing: 'close' }) ??
    loopOnFloor(context, { ...wish, leastM: least, spacing: 'wide' })
  );
}

/** Metres of the lap; what was asked for if none lies there yet. */
export const lapMetres = (context: PaceContext): number => Math.round((lapOf(context)?.lengthM ?? context.values.lapM) * 10) / 10;

/** Starts along the lap: one each, or as many as there are markers for. */
export function startCount({ setup, values, players, cupboard }: PaceContext): number {
  const stock = Math.max(1, stockOf(cupboard, setup.marker));
  const each = values.perMarker ?? Math.max(1, Math.ceil(players.length / stock));
  return Math.max(1, Math.ceil(players.length / each));
}

/** Laps and target of every trial: the first as set, or at a steady pace; later ones with a lap more, a tenth slower or faster, or the same. */
export function trialsOf(context: PaceContext): { laps: number; targetSeconds: number }[] {
  const { values, defaults } = context;
  const steady = (values.laps * lapMetres(context)) / (STEADY * defaults.sprint);
  const first = values.targetSeconds ?? Math.max(10, Math.round(steady / 5) * 5);
  return Array.from({ length: values.bouts }, (_, trial) => {
    if (values.change === 'lap-more')
      return { laps: values.laps + trial, targetSeconds: Math.round((first * (values.laps + trial)) / values.laps) };
    const factor = values.change === 'slower' ? 1.1 ** trial : values.change === 'faster' ? 0.9 ** trial : 1;
    return { laps: values.laps, targetSeconds: Math.max(5, Math.round(first * factor)) };
  });
}

/** Seconds after each lap at an even pace. */
export const splitsOf = ({ laps, targetSeconds }: { laps: number; targetSeconds: number }): number[] =>
  Array.from({ length: laps }, (_, lap) => Math.round((targetSeconds * (lap + 1)) / laps));
