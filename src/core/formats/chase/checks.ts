import { HOUSE_LIMITS } from '../../model/band.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import type { ChaseNoticed } from './codes.ts';
import { type ChaseContext, hunterCount, roundFlow } from './hunters.ts';
import { fewerHunters, huntersIdea } from './ideas.ts';
import { fieldOfDraft } from './layout.ts';
import { WAITING_TASK } from './settings.ts';
import type { ChaseValues } from './setup.ts';

type ChaseDraft = BlockDraft<ChaseValues>;

/** Square metres a student below which nobody runs at all. House figure. */
const LEAST_M2 = 3;

/** No field, or one on which nobody can run. */
function floor(context: ChaseContext, draft: ChaseDraft): ChaseNoticed[] {
  const field = fieldOfDraft(draft);
  const each = field ? (field.width * field.depth) / Math.max(1, context.players.length) : 0;
  if (each >= LEAST_M2) return [];
  const { edgeM, spacing } = context.values;
  return [
    {
      code: 'chase-no-floor',
      weight: 'stop',
      at: { block: context.blockId, piece: 'field' },
      data: {
        found: Math.round(each * 10) / 10,
        wanted: LEAST_M2,
        playing: context.players.length,
      },
      ideas: [
        ...(edgeM > 0.5 ? [idea('chase-edge', { gapM: 0.5 }, setting(context, 'edgeM', 0.5), setting(context, 'spacing', 'wide'))] : []),
        ...(spacing === 'close' ? [idea('chase-wide', {}, setting(context, 'spacing', 'wide'))] : []),
      ],
    },
  ];
}

/** How a round goes: too little running, too long out, over too soon, or never over by itself. */
function flow(context: ChaseContext, draft: ChaseDraft, timeline: Timeline): ChaseNoticed[] {
  const { values, setup, players } = context;
  if (players.length < 2 || !draft.pieces.length) return [];
  const hunters = hunterCount(context);
  const { active, wait, endedAt } = roundFlow(context, hunters, timeline.workSeconds);
  const at = { block: context.blockId, piece: 'field' };
  const share = active / (endedAt ?? timeline.workSeconds);
  const data = {
    hunters,
    share,
    seconds: Math.round(wait),
    wishPercent: values.wishPercent,
    endsAt: Math.round(endedAt ?? 0),
    round: timeline.workSeconds,
    task: values.waitingTask,
  };
  const found: ChaseNoticed[] = [];
  const isLong = wait > HOUSE_LIMITS.sittingOutSeconds;
  if (isLong && values.waitingTask) found.push({ code: 'chase-out-works', weight: 'note', at, data });
  else if (isLong)
    found.push({
      code: 'chase-out-long',
      weight: 'caution',
      at,
      data,
      ideas: [...fewerHunters(context), idea('chase-task', { task: WAITING_TASK }, setting(context, 'waitingTask', WAITING_TASK))],
    });
  if (!isLong && share < values.wishPercent / 100 - 0.005)
    found.push({
      code: 'chase-too-many',
      weight: 'caution',
      at,
      data,
      ideas: [
        ...fewerHunters(context),
        idea(
          'chase-wish',
          { percent: Math.max(20, Math.floor(share * 20) * 5) },
          setting(context, 'wishPercent', Math.max(20, Math.floor(share * 20) * 5)),
        ),
      ],
    });
  if (endedAt !== undefined && endedAt < timeline.workSeconds * 0.6)
    found.push({
      code: 'chase-over-soon',
      weight: 'caution',
      at,
      data,
      ideas: [
        ...fewerHunters(context),
        ...[0.9, 1.1]
          .map((f) => Math.max(20, Math.round(endedAt * f)))
          .map((s) => idea('chase-round-of', { seconds: s }, setting(context, 'workSeconds', s))),
      ],
    });
  else if (endedAt === undefined && setup.caught !== 'back' && !setup.crossing)
    found.push({ code: 'chase-needs-clock', weight: 'note', at, data });
  return found;
}

/** In dim light the floor is walked in full light first. */
function dim(context: ChaseContext): ChaseNoticed[] {
  const { values, blockId } = context;
  if (!values.dim || values.walkSeconds >= 60) return [];
  return [
    {
      code: 'chase-dim',
      weight: 'stop',
      at: { block: blockId },
      data: { seconds: values.walkSeconds },
      ideas: [
        idea('chase-walk', { seconds: 60 }, setting(context, 'walkSeconds', 60)),
        idea('chase-light', {}, setting(context, 'dim', false)),
      ],
    },
  ];
}

/** A set number of hunters that leaves nobody to chase. */
function hunters(context: ChaseContext): ChaseNoticed[] {
  const { values, players, blockId } = context;
  const most = Math.max(1, Math.floor(players.length / 2));
  if (values.hunters === undefined || values.hunters <= most) return [];
  return [
    {
      code: 'chase-all-hunt',
      weight: 'caution',
      at: { block: blockId },
      data: { hunters: values.hunters, playing: players.length },
      ideas: [huntersIdea(context, most), idea('chase-solve', {}, setting(context, 'hunters', null))],
    },
  ];
}

/** Everything about a chase that only its format can see. */
export const chaseChecks = (context: ChaseContext, draft: ChaseDraft, timeline: Timeline): ChaseNoticed[] => [
  ...floor(context, draft),
  ...flow(context, draft, timeline),
  ...hunters(context),
  ...dim(context),
];
