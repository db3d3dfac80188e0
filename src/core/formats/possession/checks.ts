import { doesNotFit } from '../doesNotFit.ts';
import { fieldUnit } from '../fields.ts';
import type { BlockDraft } from '../format.ts';
import { eachWith } from '../ideas.ts';
import type { PossessionNoticed } from './codes.ts';
import { isSpots, type PossessionContext } from './group.ts';
import { fewer, more, smallerFields } from './ideas.ts';
import type { PossessionValues } from './setup.ts';

type PossessionDraft = BlockDraft<PossessionValues>;

/** Students of a side beyond which many never touch the ball. House figure. */
const CROWD = 6;

/** Fields that find no floor. */
function unplaced(context: PossessionContext, draft: PossessionDraft): PossessionNoticed[] {
  const small = smallerFields(context);
  const both = eachWith(small, fewer(context).slice(-1));
  return doesNotFit(context, 'possession', draft, fieldUnit(context), [...small, ...fewer(context), ...both]);
}

/** Large sides around one ball; a side too small to pass without giving it straight back. */
function sizes(context: PossessionContext, draft: PossessionDraft): PossessionNoticed[] {
  const counts = draft.groups.map((g) => g.length);
  const [least, most] = [Math.min(...counts), Math.max(...counts)];
  const at = { block: context.blockId };
  const { mode } = context.setup;
  if (!context.players.length) return [];
  if ((mode === 'passes' || mode === 'goals') && most > CROWD)
    return [{ code: 'possession-crowded', weight: 'caution', at, data: { largest: most, most: CROWD }, ideas: more(context) }];
  if (mode === 'passes' && least < 3) return [{ code: 'possession-short', weight: 'caution', at, data: { least }, ideas: fewer(context) }];
  if (least < (isSpots(context) ? 2 : 1))
    return [{ code: 'possession-alone', weight: 'caution', at, data: { least }, ideas: fewer(context) }];
  return [];
}

/** Everything about possession that only its format can see. */
export const possessionChecks = (context: PossessionContext, draft: PossessionDraft): PossessionNoticed[] => [
  ...unplaced(context, draft),
  ...sizes(context, draft),
];
