import { HOUSE_LIMITS } from '../../model/band.ts';
import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { levelGroups, smallerCourts } from '../ideas.ts';
import type { RingNoticed } from './codes.ts';
import { bayUnit, type RingContext } from './group.ts';
import { fewerBays, moreBays, shorterWaits } from './ideas.ts';
import type { WinnersRingValues } from './setup.ts';
import { ringQuick } from './simulate.ts';
import { ringPlays } from './timeline.ts';

type RingDraft = BlockDraft<WinnersRingValues>;

/** Bays that find no floor. */
const unplaced = (context: RingContext, draft: RingDraft): RingNoticed[] =>
  doesNotFit(context, 'ring', draft, bayUnit(context), [...smallerCourts(context, 'ring'), ...fewerBays(context, draft.groups.length / 2)]);

/** Bays without two teams. */
function lonely(context: RingContext, draft: RingDraft): RingNoticed[] {
  const none = draft.groups.filter((g) => !g.length).length;
  if (!none || !context.players.length) return [];
  const bays = draft.groups.length / 2;
  return [
    {
      code: 'ring-lonely',
      weight: 'stop',
      at: { block: context.blockId },
      data: { none, bays, playing: context.players.length },
      ideas: [...fewerBays(context, bays), levelGroups(context)],
    },
  ];
}

/** The waiting that games of different length bring, beside what a clock for all would cost: it ends every game at once. */
function waiting(context: RingContext, draft: RingDraft, timeline: Timeline): RingNoticed[] {
  const bays = draft.groups.length / 2;
  if (bays < 2 || context.players.length < 4) return [];
  const [play] = ringPlays(context, draft, timeline);
  const seconds = play.playSeconds ?? 0;
  if (seconds < 30) return [];
  const { activeShare, longestWait } = ringQuick(play, { seconds, seed: context.seed });
  const game = (2 * context.values.target - 1) * context.values.pointSeconds * 0.8;
  const onClock = game / (game + context.values.moveSeconds);
  const isLong = longestWait.p90 > HOUSE_LIMITS.sittingOutSeconds;
  return [
    {
      code: 'ring-waits',
      weight: isLong ? 'caution' : 'note',
      at: { block: context.blockId },
      data: { seconds: Math.round(longestWait.p90 / 5) * 5, share: activeShare.mean, onClock, task: context.values.waitingTask },
      ideas: isLong ? [...shorterWaits(context), ...moreBays(context, bays)] : [],
    },
  ];
}

/** Everything about a ring of bays that only its format can see. */
export const ringChecks = (context: RingContext, draft: RingDraft, timeline: Timeline): RingNoticed[] => [
  ...unplaced(context, draft),
  ...lonely(context, draft),
  ...waiting(context, draft, timeline),
];
