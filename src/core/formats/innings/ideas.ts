import { fewerFields, moreFields } from '../fields.ts';
import type { BlockIdeas } from '../format.ts';
import { idea, ideasByKind, otherObjects, setting, smallerCourts } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { InningsIdea } from './codes.ts';
import { inningsGear } from './gear.ts';
import { fieldsOfGear, type InningsContext, inningsFields, isBases } from './group.ts';

/** Smaller fields with a shorter run. */
export const smallerFields = (context: InningsContext): InningsIdea[] =>
  smallerCourts(context, 'innings').map((each) => ({
    ...each,
    edits: [...each.edits, setting(context, 'runM', Math.max(2, Math.round(context.values.runM * 0.7 * 10) / 10))],
  }));

export const fewer = (context: InningsContext): InningsIdea[] =>
  fewerFields(context, 'innings', inningsFields(context), fieldsOfGear(context));
export const more = (context: InningsContext): InningsIdea[] =>
  moreFields(context, 'innings', inningsFields(context), Math.floor(context.players.length / (isBases(context) ? 8 : 2)));

/** A cap on a turn at bat. */
export const caps = (context: InningsContext, seconds: readonly number[]): InningsIdea[] =>
  isBases(context)
    ? seconds
        .filter((s) => s !== context.values.capSeconds)
        .map((s) => idea('innings-cap', { seconds: s }, setting(context, 'capSeconds', s)))
    : [];

/** What the whole lesson may ask of innings. */
export function inningsIdeas(context: InningsContext): BlockIdeas<InningsIdea> {
  const { values } = context;
  const { shorter, longer, others } = roundIdeas(context, 'innings');
  const objects = otherObjects(context, 'innings', inningsFields(context));
  return {
    shorter,
    longer,
    gear: ideasByKind(inningsGear(context), { gearKind: values.object, ideas: objects }, fewer(context)),
    choices: [[...more(context), ...fewer(context).slice(0, 2)], others([1, 2, 3]), objects, caps(context, [120, 180])],
    waitingTask: '',
  };
}
