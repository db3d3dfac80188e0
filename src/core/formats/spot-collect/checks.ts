import { doesNotFit } from '../doesNotFit.ts';
import { fieldUnit } from '../fields.ts';
import type { BlockDraft } from '../format.ts';
import { eachWith } from '../ideas.ts';
import type { SpotNoticed } from './codes.ts';
import { type SpotContext, spotCount, TEAMS } from './group.ts';
import { fewer, finishing, more, smallerFields } from './ideas.ts';
import { guaranteed } from './play.ts';
import type { SpotValues } from './setup.ts';

type SpotDraft = BlockDraft<SpotValues>;

/** Students of a team beyond which they stand in line at the spots. House figure. */
const CROWD = 6;

/** Fields that find no floor. */
function unplaced(context: SpotContext, draft: SpotDraft): SpotNoticed[] {
  const small = smallerFields(context);
  const both = eachWith(small, fewer(context).slice(-1));
  return doesNotFit(context, 'spot', draft, fieldUnit(context), [...small, ...fewer(context), ...both]);
}

/** Too few spots for one of the teams to get to its target for certain. */
function unfinished(context: SpotContext): SpotNoticed[] {
  const { to } = context.values;
  const spots = spotCount(context);
  if (context.setup.mode !== 'collect' || !to) return [];
  const at = { block: context.blockId };
  const data = { spots, needed: guaranteed(TEAMS, to), to, teams: TEAMS };
  if (spots >= data.needed) return [{ code: 'spot-finish', weight: 'note', at, data }];
  return [{ code: 'spot-unfinished', weight: 'caution', at, data, ideas: finishing(context) }];
}

/** Teams that are too large, or a team of nobody. */
function sizes(context: SpotContext, draft: SpotDraft): SpotNoticed[] {
  const counts = draft.groups.map((g) => g.length);
  const [least, most] = [Math.min(...counts), Math.max(...counts)];
  const at = { block: context.blockId };
  if (!context.players.length) return [];
  if (most > CROWD) return [{ code: 'spot-crowded', weight: 'caution', at, data: { largest: most, most: CROWD }, ideas: more(context) }];
  return least ? [] : [{ code: 'spot-alone', weight: 'caution', at, data: { playing: context.players.length }, ideas: fewer(context) }];
}

/** Everything about shooting spots that only their format can see. */
export const spotChecks = (context: SpotContext, draft: SpotDraft): SpotNoticed[] => [
  ...unplaced(context, draft),
  ...unfinished(context),
  ...sizes(context, draft),
];
