import { stockOf } from '../../gear/cover.ts';
import { fewerFields, moreFields } from '../fields.ts';
import type { BlockIdeas } from '../format.ts';
import { idea, ideasByKind, otherObjects, setting, smallerCourts } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { PossessionIdea } from './codes.ts';
import { possessionGear } from './gear.ts';
import { fieldsOfGear, isHalves, objectsEach, type PossessionContext, possessionFields } from './group.ts';

export const smallerFields = (context: PossessionContext): PossessionIdea[] => smallerCourts(context, 'possession');
export const fewer = (context: PossessionContext): PossessionIdea[] =>
  fewerFields(context, 'possession', possessionFields(context), fieldsOfGear(context));
export const more = (context: PossessionContext): PossessionIdea[] =>
  moreFields(context, 'possession', possessionFields(context), Math.floor(context.players.length / 4));

/** More guards, so that fewer carry: as many as the objects allow. */
function moreGuards(context: PossessionContext): PossessionIdea[] {
  const { values, cupboard } = context;
  if (!isHalves(context)) return [];
  const enough = Math.ceil((Math.min(values.perField, context.players.length) - stockOf(cupboard, values.object)) / 2);
  return [...new Set([values.guards + 1, values.guards + 2, enough])]
    .filter((count) => count > values.guards && count <= 8)
    .map((count) => idea('possession-guards', { count }, setting(context, 'guards', count)));
}

/** Fewer or more passes for a point. */
const passes = (context: PossessionContext): PossessionIdea[] =>
  context.setup.mode === 'passes'
    ? [context.values.passes - 1, context.values.passes + 1]
        .filter((count) => count >= 2 && count <= 12)
        .map((count) => idea('possession-passes', { count }, setting(context, 'passes', count)))
    : [];

/** What the whole lesson may ask of possession. */
export function possessionIdeas(context: PossessionContext): BlockIdeas<PossessionIdea> {
  const { values } = context;
  const { shorter, longer, others } = roundIdeas(context, 'possession');
  const objects = otherObjects(context, 'possession', possessionFields(context) * objectsEach(context));
  return {
    shorter,
    longer,
    gear: ideasByKind(possessionGear(context), { gearKind: values.object, ideas: [...objects, ...moreGuards(context)] }, fewer(context)),
    choices: [[...more(context), ...fewer(context).slice(0, 2)], others([2, 3, 4]), objects, passes(context), moreGuards(context)],
    waitingTask: '',
  };
}
