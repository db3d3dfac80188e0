import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft } from '../format.ts';
import type { PerimeterNoticed } from './codes.ts';
import { holding, hoopCounts, isRings, type PerimeterContext, trackOf } from './group.ts';
import { enoughHoops, narrower } from './ideas.ts';
import type { PerimeterValues } from './setup.ts';

type PerimeterDraft = BlockDraft<PerimeterValues>;

/** Too few hoops in the end: some stand on top of one another. */
function crowded(context: PerimeterContext): PerimeterNoticed[] {
  const { least } = hoopCounts(context);
  const needed = holding(context);
  if (isRings(context) || least >= needed) return [];
  return [
    {
      code: 'perimeter-crowded',
      weight: 'caution',
      at: { block: context.blockId },
      data: { least, needed, playing: context.players.length, perHoop: context.values.perHoop },
      ideas: enoughHoops(context),
    },
  ];
}

/** Hoops that found no floor inside the loop. */
function missing(context: PerimeterContext, draft: PerimeterDraft): PerimeterNoticed[] {
  const laid = draft.things.filter((t) => t.laid === 'hoop').length;
  const { first } = hoopCounts(context);
  if (isRings(context) || !draft.pieces.length || laid >= first) return [];
  return [
    {
      code: 'perimeter-hoops-do-not-fit',
      weight: 'caution',
      at: { block: context.blockId },
      data: { placed: laid, wanted: first },
      ideas: narrower(context),
    },
  ];
}

/** Somebody without a partner in the other ring has a role of their own. */
function odd(context: PerimeterContext): PerimeterNoticed[] {
  if (!isRings(context) || context.players.length % 2 === 0) return [];
  return [
    {
      code: 'perimeter-odd',
      weight: 'note',
      at: { block: context.blockId },
      data: { task: context.setup.free ?? '', rounds: context.values.bouts },
    },
  ];
}

/** The loop as it lies: how long once around is, and how many are on it. */
function length(context: PerimeterContext): PerimeterNoticed[] {
  const track = trackOf(context);
  if (!track) return [];
  const data = { lap: Math.round(track.lengthM * 10) / 10, playing: context.players.length };
  return [{ code: 'perimeter-lap', weight: 'note', at: { block: context.blockId }, data }];
}

/** Everything about a perimeter that only its format can see. */
export const perimeterChecks = (context: PerimeterContext, draft: PerimeterDraft): PerimeterNoticed[] => [
  ...doesNotFit(
    context,
    'perimeter',
    draft,
    { width: 4 + 2 * context.values.trackM, depth: 4 + 2 * context.values.trackM },
    narrower(context),
  ),
  ...crowded(context),
  ...missing(context, draft),
  ...odd(context),
  ...length(context),
];
