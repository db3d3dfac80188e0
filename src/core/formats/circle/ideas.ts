import type { BlockIdeas } from '../format.ts';
import { fewerThan, groupCount, idea, ideasByKind, moreThan, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { CircleIdea } from './codes.ts';
import { circleGear } from './gear.ts';
import { type CircleContext, isBarrier, ringCount, ringsOfGear } from './group.ts';

/** Another number of circles; at a barrier there are two groups for each. */
const ringsIdea = (context: CircleContext, count: number): CircleIdea => idea('circle-rings', { count }, ...groupCount(context, count));

export const moreRings = (context: CircleContext): CircleIdea[] =>
  moreThan(ringCount(context), Math.min(16, Math.floor(context.players.length / 2)), 2).map((count) => ringsIdea(context, count));
export const fewerRings = (context: CircleContext): CircleIdea[] =>
  fewerThan(ringCount(context), ringsOfGear(context)).map((count) => ringsIdea(context, count));

/** Closer together, in the circle and between circles. */
export function closer(context: CircleContext): CircleIdea[] {
  const { gapM, besideM } = context.values;
  const close = gapM > 0.4 ? [setting(context, 'gapM', 0.4)] : [];
  return [
    ...(close.length ? [idea<'circle-close'>('circle-close', { gapM: 0.4 }, ...close)] : []),
    ...(isBarrier(context)
      ? []
      : [0.6, 0.5]
          .filter((m) => m < besideM)
          .map((spacingM) => idea<'circle-beside'>('circle-beside', { spacingM }, setting(context, 'besideM', spacingM), ...close))),
  ];
}

/** What makes a chain last for beginners. */
const dials = (context: CircleContext): CircleIdea[] =>
  context.setup.mode === 'keep-up'
    ? (['resume', 'twice', 'catching', 'centre'] as const)
        .filter((key) => !context.values[key])
        .map((key) => idea(`circle-${key}` as const, {}, setting(context, key, true)))
    : [];

/** What the whole lesson may ask of circles. */
export function circleIdeas(context: CircleContext): BlockIdeas<CircleIdea> {
  const { setup, values } = context;
  const { shorter, longer, others } = roundIdeas(context, 'circle');
  const objects = setup.objectsEach ? otherObjects(context, 'circle', ringCount(context) * setup.objectsEach) : [];
  return {
    shorter,
    longer,
    gear: ideasByKind(circleGear(context), { gearKind: values.object, ideas: objects }, fewerRings(context)),
    choices: [[...moreRings(context), ...fewerRings(context).slice(0, 2)], others([1, 2, 3]), objects, dials(context)],
    waitingTask: '',
  };
}
