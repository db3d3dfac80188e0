/** Which play an event is for, as a run's events say it: the block's first play is not named. */
export const addressOf = ({ play, visit }: { play: number; visit?: number }): { play?: number; visit?: number } => ({
  ...(play > 0 ? { play } : {}),
  ...(visit === undefined ? {} : { visit }),
});
