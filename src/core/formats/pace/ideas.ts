import type { BlockIdeas } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { PaceIdea } from './codes.ts';
import { type PaceContext, startCount } from './group.ts';

/** A narrower and a shorter lap. */
export const smallerLap = (context: PaceContext): PaceIdea[] => [
  ...[1.2, 0.8]
    .filter((w) => w < context.values.trackM)
    .map((spacingM) => idea<'pace-narrow'>('pace-narrow', { spacingM }, setting(context, 'trackM', spacingM))),
];

/** Fewer or more laps. */
const laps = (context: PaceContext, counts: readonly number[]): PaceIdea[] =>
  counts
    .filter((count) => count >= 1 && count <= 12 && count !== context.values.laps)
    .map((count) => idea('pace-laps', { count }, setting(context, 'laps', count), setting(context, 'targetSeconds', null)));

/** More students at one start: fewer markers. */
const shared = (context: PaceContext): PaceIdea[] =>
  [2, 3, 4, 6]
    .filter((count) => Math.ceil(context.players.length / count) < startCount(context))
    .map((count) => idea('pace-shared', { count }, setting(context, 'perMarker', count)));

/** The target at a steady pace again. */
export const steady = (context: PaceContext): PaceIdea[] =>
  context.values.targetSeconds === undefined ? [] : [idea('pace-steady', {}, setting(context, 'targetSeconds', null))];

/** What the whole lesson may ask of pace. */
export function paceIdeas(context: PaceContext): BlockIdeas<PaceIdea> {
  const { shorter, longer, others } = roundIdeas(context, 'pace');
  const now = context.values.laps;
  return {
    shorter: [...laps(context, [now - 1, now - 2]), ...shorter],
    longer: [...longer, ...laps(context, [now + 1])],
    gear: { [context.setup.marker]: shared(context) },
    choices: [laps(context, [now - 1, now + 1]), others([2, 3, 4])],
    waitingTask: '',
  };
}
