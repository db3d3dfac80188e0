import { HOUSE_LIMITS } from '../../model/band.ts';
import { crowdedField } from '../classField.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import type { OpenFloorNoticed } from './codes.ts';
import { fieldFor, isOwn, type OpenFloorContext, sharers, units } from './group.ts';
import { fewerSharers } from './ideas.ts';
import type { OpenFloorValues } from './setup.ts';
import { stagePlan } from './stagesOf.ts';

type OpenFloorDraft = BlockDraft<OpenFloorValues>;

/** Square metres a student below which nobody can keep an object apart from the others. House figure. */
const LEAST_M2 = 3;

/** What the class has met before, and what that changes. */
function met(context: OpenFloorContext): OpenFloorNoticed[] {
  const { stages, skipped, early, withdrawn } = stagePlan(context);
  const titles = (list: readonly { title: string }[]) => list.map((s) => s.title);
  const data = {
    short: titles(stages.filter((s) => s.isShort)),
    skipped: titles(skipped),
    early: titles(early),
    withdrawn: titles(withdrawn),
    percent: context.values.metPercent,
  };
  if (![data.short, data.skipped, data.early, data.withdrawn].some((list) => list.length)) return [];
  return [{ code: 'open-floor-met', weight: 'note', at: { block: context.blockId }, data }];
}

/** A caution if those at a home marker wait longer than the house limit, task or no task. */
function waits(context: OpenFloorContext, draft: OpenFloorDraft, timeline: Timeline): OpenFloorNoticed[] {
  const { setup, values } = context;
  const largest = Math.max(0, ...units(context, draft.groups).map((g) => g.length));
  const others = largest - (setup.mode === 'defend' ? 2 : 1);
  const seconds = others * (timeline.workSeconds + values.breakSeconds) + values.breakSeconds;
  if (others < 1 || seconds <= HOUSE_LIMITS.sittingOutSeconds) return [];
  const shorter = [30, 20].filter((s) => s < timeline.workSeconds);
  return [
    {
      code: 'open-floor-waits',
      weight: values.waitingTask ? 'note' : 'caution',
      at: { block: context.blockId },
      data: { seconds, sharers: largest, task: values.waitingTask, most: HOUSE_LIMITS.sittingOutSeconds },
      ...(values.waitingTask
        ? {}
        : {
            ideas: [
              ...fewerSharers(context),
              ...shorter.map((s) => idea('open-floor-bout', { seconds: s }, setting(context, 'workSeconds', s))),
            ],
          }),
    },
  ];
}

/** One group has one more: in each stage somebody of a smaller one has a turn more. */
function turns(context: OpenFloorContext, draft: OpenFloorDraft): OpenFloorNoticed[] {
  const sizes = draft.groups.map((g) => g.length).filter(Boolean);
  const [least, most] = [Math.min(...sizes), Math.max(...sizes)];
  if (isOwn(context) || !sizes.length || least === most) return [];
  const bouts = stagePlan(context).stages.length * context.values.turnsEach * most;
  const data = { least, most, bouts, few: Math.floor(bouts / most), many: Math.ceil(bouts / least), sharers: sharers(context) };
  return [{ code: 'open-floor-odd', weight: 'note', at: { block: context.blockId }, data }];
}

/** One alone has nobody to take an object from, or to keep it from. */
function alone({ setup, players, blockId }: OpenFloorContext): OpenFloorNoticed[] {
  if (players.length !== 1 || setup.mode === 'share') return [];
  return [{ code: 'open-floor-alone', weight: 'caution', at: { block: blockId }, data: { playing: 1, mode: setup.mode } }];
}

/** Everything about an open floor that only its format can see. */
export const openFloorChecks = (context: OpenFloorContext, draft: OpenFloorDraft, timeline: Timeline): OpenFloorNoticed[] => [
  ...crowdedField(context, 'open-floor', fieldFor(context), LEAST_M2),
  ...alone(context),
  ...waits(context, draft, timeline),
  ...turns(context, draft),
  ...met(context),
];
