import type { BlockDraft, BlockIdeas } from '../format.ts';
import { idea, levelGroups, moreThan, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { OpenFloorIdea } from './codes.ts';
import { openFloorGear } from './gear.ts';
import { MOST_SHARERS, type OpenFloorContext, sharers, thiefCount } from './group.ts';
import type { OpenFloorValues } from './setup.ts';
import { stagePlan } from './stagesOf.ts';

/** So many students for one object; groups that were made for another number become automatic again. */
const shareIdea = (context: OpenFloorContext, count: number): OpenFloorIdea =>
  idea('open-floor-share', { count }, setting(context, 'perObject', count), ...(context.storedGroups ? levelGroups(context).edits : []));

/** More who share, or more who begin without one; a defender's pair stays a pair. */
export function fewerObjects(context: OpenFloorContext): OpenFloorIdea[] {
  const { mode } = context.setup;
  if (mode === 'defend') return [];
  if (mode === 'share') return moreThan(sharers(context), MOST_SHARERS).map((count) => shareIdea(context, count));
  return [2, 4, 8, 16]
    .map((more) => thiefCount(context) + more)
    .filter((count) => count < context.players.length)
    .map((count) => idea('open-floor-without', { count }, setting(context, 'without', count)));
}

/** Fewer who share. */
export const fewerSharers = (context: OpenFloorContext): OpenFloorIdea[] =>
  context.setup.mode === 'share' ? [1, 2].filter((c) => c < sharers(context)).map((c) => shareIdea(context, c)) : [];

/** So many stages. */
const stagesIdea = (context: OpenFloorContext, count: number): OpenFloorIdea =>
  idea('open-floor-stages', { count }, setting(context, 'stageCount', count));

/** So many obstacles or gates. */
const fewerIn = (context: OpenFloorContext, key: 'obstacles' | 'gates'): OpenFloorIdea[] =>
  [context.values[key] - 1, context.values[key] - 2, Math.floor(context.values[key] / 2), 0]
    .filter((count, i, all) => count >= 0 && all.indexOf(count) === i)
    .map((count) => idea(`open-floor-${key}`, { count }, setting(context, key, count)));

/** What the whole lesson may ask of an open floor. */
export function openFloorIdeas(context: OpenFloorContext, draft: BlockDraft<OpenFloorValues>): BlockIdeas<OpenFloorIdea> {
  const { setup, values } = context;
  const shared = roundIdeas(context, 'open-floor');
  const count = stagePlan(context).stages.length;
  const needs = openFloorGear(context, draft);
  const objects = otherObjects(context, 'open-floor', needs[0]?.count ?? 1);
  const fewerStages = Array.from({ length: count - 1 }, (_, i) => stagesIdea(context, count - 1 - i));
  const close = values.spacing === 'wide' ? [idea<'open-floor-close'>('open-floor-close', {}, setting(context, 'spacing', 'close'))] : [];
  const lessOf = (kind: string): OpenFloorIdea[] => [
    ...(kind === values.object ? objects : []),
    ...(kind === setup.obstacles?.gearKind ? fewerIn(context, 'obstacles') : []),
    ...(kind === setup.gates?.gearKind ? fewerIn(context, 'gates') : []),
    ...(kind === 'cone' ? close : []),
    ...fewerObjects(context),
  ];
  return {
    shorter: [...shared.shorter.filter((i) => i.code !== 'open-floor-rounds'), ...fewerStages],
    longer: [
      ...(values.turnsEach < 4
        ? [
            idea<'open-floor-turns'>(
              'open-floor-turns',
              { count: values.turnsEach + 1 },
              setting(context, 'turnsEach', values.turnsEach + 1),
            ),
          ]
        : []),
      ...moreThan(count, setup.stages.length, 1).map((c) => stagesIdea(context, c)),
    ],
    gear: Object.fromEntries([...new Set(needs.map((n) => n.gearKind))].map((kind) => [kind, lessOf(kind)])),
    choices: [[...fewerSharers(context), ...fewerObjects(context).slice(0, 2)], fewerStages, objects, close],
    waitingTask: values.waitingTask,
  };
}
