import type { BlockDraft, BlockIdeas } from '../format.ts';
import { groupCount, idea, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { ClashIdea } from './codes.ts';
import { clashGear } from './gear.ts';
import type { ClashContext } from './group.ts';
import type { TargetClashValues } from './setup.ts';

export const sidesIdea = (context: ClashContext, count: number): ClashIdea => idea('clash-sides', { count }, ...groupCount(context, count));

/** Played with another of the game's objects. */
export const clashObjects = (context: ClashContext, players: number): ClashIdea[] =>
  otherObjects(context, 'clash', Math.ceil(context.setup.objectsEach * players));

/** What the whole lesson may ask of a target clash. */
export function clashIdeas(context: ClashContext, draft: BlockDraft<TargetClashValues>): BlockIdeas<ClashIdea> {
  const { values, setup } = context;
  const { targets } = values;
  const { shorter, longer, others } = roundIdeas(context, 'clash');
  const players = draft.groups.flat().length;
  const fewerTargets = [1, 2, 3, 4, 6]
    .map((less) => targets - less)
    .filter((t) => t >= 1)
    .map((t) => idea('clash-targets', { count: t }, setting(context, 'targets', t)));
  const fewerSides = Array.from({ length: draft.groups.length - 2 }, (_, i) => sidesIdea(context, draft.groups.length - 1 - i));
  const needs = clashGear(context, draft);
  return {
    shorter,
    longer,
    gear: Object.fromEntries(
      needs.map((n) => [
        n.gearKind,
        [...(n.gearKind === values.object ? clashObjects(context, players) : []), ...fewerTargets, ...fewerSides],
      ]),
    ),
    choices: [
      Array.from({ length: setup.sides.length - 1 }, (_, i) => i + 2)
        .filter((c) => c !== values.groups)
        .map((c) => sidesIdea(context, c)),
      others([1, 2, 3, 4]),
      clashObjects(context, players),
      fewerTargets,
    ],
    waitingTask: '',
  };
}
