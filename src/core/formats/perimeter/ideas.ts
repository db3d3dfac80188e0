import { stockOf } from '../../gear/cover.ts';
import type { BlockDraft, BlockIdeas } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { PerimeterIdea } from './codes.ts';
import { perimeterGear } from './gear.ts';
import { holding, hoopCounts, isRings, type PerimeterContext } from './group.ts';
import type { PerimeterValues } from './setup.ts';

/** A narrower loop. */
export const narrower = (context: PerimeterContext): PerimeterIdea[] =>
  [1.2, 1, 0.8]
    .filter((widthM) => widthM < context.values.trackM)
    .map((spacingM) => idea('perimeter-narrow', { spacingM }, setting(context, 'trackM', spacingM)));

const hoopsIdea = (context: PerimeterContext, count: number): PerimeterIdea =>
  idea('perimeter-hoops', { count }, setting(context, 'hoops', count));

/** As many hoops as there are, shared by more. */
function sharedHoops(context: PerimeterContext): PerimeterIdea[] {
  if (isRings(context)) return [];
  const { first } = hoopCounts(context);
  const stock = stockOf(context.cupboard, context.setup.hoop);
  return [stock, Math.ceil(first / 2), holding(context)]
    .filter((c, i, all) => c >= 1 && c < first && all.indexOf(c) === i)
    .map((c) => hoopsIdea(context, c));
}

/** Enough hoops to the end for everybody. */
export const enoughHoops = (context: PerimeterContext): PerimeterIdea[] => {
  const needed = holding(context);
  return [
    idea(
      'perimeter-least',
      { count: needed },
      setting(context, 'leastHoops', needed),
      ...(hoopCounts(context).first < needed ? [setting(context, 'hoops', needed)] : []),
    ),
  ];
};

/** What the whole lesson may ask of a perimeter. */
export function perimeterIdeas(context: PerimeterContext, draft: BlockDraft<PerimeterValues>): BlockIdeas<PerimeterIdea> {
  const { shorter, longer, others } = roundIdeas(context, 'perimeter');
  const kinds = [...new Set(perimeterGear(context, draft).map((n) => n.gearKind))];
  const go = (seconds: number): PerimeterIdea => idea('perimeter-go', { seconds }, setting(context, 'goSeconds', seconds));
  return {
    shorter,
    longer,
    gear: Object.fromEntries(kinds.map((kind) => [kind, kind === context.setup.hoop ? sharedHoops(context) : []])),
    choices: [others([1, 2, 3, 4]), [15, 30].filter((s) => s !== context.values.goSeconds).map(go), sharedHoops(context)],
    waitingTask: context.setup.joint,
  };
}
