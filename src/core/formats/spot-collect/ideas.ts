import { fewerFields, moreFields } from '../fields.ts';
import type { BlockIdeas } from '../format.ts';
import { idea, ideasByKind, otherObjects, setting, smallerCourts } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { SpotIdea } from './codes.ts';
import { spotGear } from './gear.ts';
import { fieldsOfGear, type SpotContext, spotCount, spotFields, TEAMS } from './group.ts';
import { guaranteed } from './play.ts';

export const smallerFields = (context: SpotContext): SpotIdea[] => smallerCourts(context, 'spot');
export const fewer = (context: SpotContext): SpotIdea[] => fewerFields(context, 'spot', spotFields(context), fieldsOfGear(context));
export const more = (context: SpotContext): SpotIdea[] =>
  moreFields(context, 'spot', spotFields(context), Math.floor(context.players.length / TEAMS));

const spotsIdea = (context: SpotContext, count: number): SpotIdea => idea('spot-spots', { count }, setting(context, 'spots', count));

/** As many spots as guarantee that one team gets there, or a lower target for those that there are. */
export function finishing(context: SpotContext): SpotIdea[] {
  const { to } = context.values;
  const enough = guaranteed(TEAMS, to);
  const reachable = Math.floor((spotCount(context) - 1) / TEAMS) + 1;
  return [
    ...(enough <= 24 ? [spotsIdea(context, enough)] : []),
    ...(reachable >= 1 && reachable < to ? [idea<'spot-to'>('spot-to', { count: reachable }, setting(context, 'to', reachable))] : []),
  ];
}

/** Fewer spots on each field. */
const fewerSpots = (context: SpotContext): SpotIdea[] =>
  [1, 2, 4]
    .map((less) => spotCount(context) - less)
    .filter((count) => count >= 2)
    .map((count) => spotsIdea(context, count));

/** What the whole lesson may ask of shooting spots. */
export function spotIdeas(context: SpotContext): BlockIdeas<SpotIdea> {
  const { setup, values } = context;
  const { shorter, longer, others } = roundIdeas(context, 'spot');
  const objects = otherObjects(context, 'spot', spotFields(context) * TEAMS * values.objectsEach);
  const gear = ideasByKind(spotGear(context), { gearKind: values.object, ideas: objects }, fewer(context));
  return {
    shorter,
    longer,
    gear: { ...gear, [setup.spot]: [...fewerSpots(context), ...(gear[setup.spot] ?? [])] },
    choices: [[...more(context), ...fewer(context).slice(0, 2)], others([2, 3, 4]), objects],
    waitingTask: '',
  };
}
