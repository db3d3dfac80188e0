import type { OpenFloorPlaySetup } from './setup.ts';
import { SHORT } from './timeline.ts';

/** Every bout from the first to the last: when it begins, when it ends, and the event that ends it. */
export function boutsOf({ stages, boutSeconds, switchSeconds, stageSeconds = switchSeconds }: OpenFloorPlaySetup) {
  let at = 0;
  return stages.flatMap(({ bouts, shorter }, s) =>
    Array.from({ length: bouts }, (_, b) => {
      if (s + b > 0) at += b ? switchSeconds : stageSeconds;
      const from = at;
      at += shorter ? boutSeconds * SHORT : boutSeconds;
      return { from, until: at, ends: b === bouts - 1 ? ('stage' as const) : ('switch' as const) };
    }),
  );
}
