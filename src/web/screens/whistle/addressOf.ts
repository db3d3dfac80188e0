import type { InPlay } from '../../../core/live/whoIsWhere.ts';

/** Which play an event is for, as a run's events say it: the block's first play is not named. */
export const addressOf = ({ play, visit }: InPlay): Partial<InPlay> => ({
  ...(play > 0 ? { play } : {}),
  ...(visit === undefined ? {} : { visit }),
});
