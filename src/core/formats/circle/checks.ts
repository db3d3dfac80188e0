import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft } from '../format.ts';
import { eachWith, setting } from '../ideas.ts';
import type { CircleNoticed } from './codes.ts';
import { type CircleContext, circleUnit, holds, ringCount } from './group.ts';
import { closer, fewerRings, moreRings } from './ideas.ts';
import { numberOf } from './play.ts';
import type { CircleValues } from './setup.ts';

type CircleDraft = BlockDraft<CircleValues>;

/** Floor for each who is below the cloth at the same time, m². House figure. */
const BELOW_M2 = 1.2;

/** Circles that find no floor. */
function unplaced(context: CircleContext, draft: CircleDraft): CircleNoticed[] {
  const both = eachWith(moreRings(context), closer(context));
  return doesNotFit(context, 'circle', draft, circleUnit(context, ringCount(context)), [
    ...closer(context),
    ...fewerRings(context),
    ...moreRings(context),
    ...both,
  ]);
}

/** How many a cloth holds, and whether that is enough. */
function cloth(context: CircleContext, draft: CircleDraft): CircleNoticed[] {
  const { setup, values } = context;
  if (!setup.cloth) return [];
  const largest = Math.max(0, ...draft.groups.map((g) => g.length));
  const most = holds(context);
  const at = { block: context.blockId };
  const data = {
    most,
    largest,
    cloths: draft.groups.length,
    across: setup.cloth.acrossM,
    besideM: values.besideM,
    needed: Math.ceil(context.players.length / most),
  };
  if (largest <= most) return [{ code: 'circle-holds', weight: 'note', at, data }];
  return [{ code: 'circle-crowded', weight: 'caution', at, data, ideas: [...moreRings(context), ...closer(context)] }];
}

/** Numbers that do not divide the class. */
function numbers(context: CircleContext, draft: CircleDraft): CircleNoticed[] {
  const { numbers: count } = context.values;
  const [group = []] = draft.groups;
  if (context.setup.mode !== 'sequence' || !group.length || group.length % count === 0) return [];
  const last = numberOf(group.length - 1, count);
  return [
    {
      code: 'circle-numbers',
      weight: 'note',
      at: { block: context.blockId },
      data: { count, last, each: Math.floor(group.length / count), students: group.length },
    },
  ];
}

/** More takers below the cloth than there is room for. */
function below(context: CircleContext): CircleNoticed[] {
  const { setup, values } = context;
  if (setup.mode !== 'crews' || !setup.cloth) return [];
  const room = Math.max(2, Math.floor((Math.PI * (setup.cloth.acrossM / 2) ** 2) / BELOW_M2));
  if (values.limit <= room) return [];
  return [
    {
      code: 'circle-below',
      weight: 'caution',
      at: { block: context.blockId },
      data: { limit: values.limit, room },
      ideas: [{ code: 'circle-limit', data: { count: Math.min(12, room) }, edits: [setting(context, 'limit', Math.min(12, room))] }],
    },
  ];
}

/** A circle in which nobody is left to pass to. */
function sizes(context: CircleContext, draft: CircleDraft): CircleNoticed[] {
  const least = Math.min(...draft.groups.map((g) => g.length));
  const needed = context.setup.mode === 'keep-up' ? 3 : context.setup.mode === 'barrier' ? 1 : 2;
  if (!context.players.length || least >= needed) return [];
  return [{ code: 'circle-short', weight: 'caution', at: { block: context.blockId }, data: { least, needed }, ideas: fewerRings(context) }];
}

/** Everything about circles that only their format can see. */
export const circleChecks = (context: CircleContext, draft: CircleDraft): CircleNoticed[] => [
  ...unplaced(context, draft),
  ...cloth(context, draft),
  ...numbers(context, draft),
  ...below(context),
  ...sizes(context, draft),
];
