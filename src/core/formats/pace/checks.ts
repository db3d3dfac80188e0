import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft } from '../format.ts';
import type { PaceNoticed } from './codes.ts';
import { lapMetres, lapOf, type PaceContext, trialsOf } from './group.ts';
import { smallerLap, steady } from './ideas.ts';
import type { PaceValues } from './setup.ts';

type PaceDraft = BlockDraft<PaceValues>;

/** The pace that each trial needs on the lap as it lies. */
function needed(context: PaceContext): PaceNoticed[] {
  const lap = lapMetres(context);
  if (!lapOf(context)) return [];
  const speeds = trialsOf(context).map(({ laps, targetSeconds }) => Math.round(((laps * lap) / targetSeconds) * 100) / 100);
  const data = { lap, speeds, asked: context.values.lapM };
  return [{ code: 'pace-needed', weight: 'note', at: { block: context.blockId }, data }];
}

/** A target that asks for a sprint all the way, or for less than a walk. */
function unlikely(context: PaceContext): PaceNoticed[] {
  const { sprint, moveSpeed } = context.defaults;
  const lap = lapMetres(context);
  const wrong = trialsOf(context).findIndex(({ laps, targetSeconds }) => {
    const speed = (laps * lap) / targetSeconds;
    return speed > 0.85 * sprint || speed < 0.5 * moveSpeed;
  });
  if (wrong < 0) return [];
  const { laps, targetSeconds } = trialsOf(context)[wrong];
  return [
    {
      code: 'pace-unlikely',
      weight: 'caution',
      at: { block: context.blockId },
      data: { trial: wrong + 1, speed: Math.round(((laps * lap) / targetSeconds) * 10) / 10, sprint },
      ideas: steady(context),
    },
  ];
}

/** Everything about pace that only its format can see. */
export const paceChecks = (context: PaceContext, draft: PaceDraft): PaceNoticed[] => [
  ...doesNotFit(context, 'pace', draft, { width: 4, depth: 4 }, smallerLap(context)),
  ...needed(context),
  ...unlikely(context),
];
