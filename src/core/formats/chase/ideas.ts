import type { BlockDraft, BlockIdeas } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { ChaseIdea } from './codes.ts';
import { chaseGear } from './gear.ts';
import { type ChaseContext, hunterCount } from './hunters.ts';
import type { ChaseValues } from './setup.ts';

export const huntersIdea = (context: ChaseContext, count: number): ChaseIdea =>
  idea('chase-hunters', { count }, setting(context, 'hunters', count));

/** One to three hunters fewer. */
export const fewerHunters = (context: ChaseContext): ChaseIdea[] =>
  [1, 2, 3, 4]
    .map((less) => hunterCount(context) - less)
    .filter((k) => k >= 1)
    .map((k) => huntersIdea(context, k));

/** What the whole lesson may ask of a chase. */
export function chaseIdeas(context: ChaseContext, draft: BlockDraft<ChaseValues>): BlockIdeas<ChaseIdea> {
  const { safeSpots, waitingTask, dim } = context.values;
  const { shorter, longer, others } = roundIdeas(context, 'chase', dim);
  const spots = (count: number) => idea('chase-safe', { count }, setting(context, 'safeSpots', count));
  const kinds = new Set(chaseGear(context, draft).map((n) => n.gearKind));
  const smaller = idea('chase-close', {}, setting(context, 'spacing', 'close'));
  const fewerOf = (kind: string): ChaseIdea[] => {
    if (kind === 'hoop') return [1, 2, 3, 12].map((less) => Math.max(0, safeSpots - less)).map(spots);
    if (kind === 'cone') return [smaller];
    return fewerHunters(context);
  };
  const now = hunterCount(context);
  return {
    shorter,
    longer,
    gear: Object.fromEntries([...kinds].map((kind) => [kind, fewerOf(kind)])),
    choices: [
      [now + 2, now - 2, now + 1, now - 1, now - 4, now + 4]
        .filter((k) => k >= 1 && k <= 20 && k < context.players.length)
        .map((k) => huntersIdea(context, k)),
      [0, 2, 4].filter((c) => c !== safeSpots).map(spots),
      others([1, 2, 3, 4, 6]),
      context.values.spacing === 'wide' ? [smaller] : [idea('chase-wide', {}, setting(context, 'spacing', 'wide'))],
    ],
    waitingTask,
  };
}
