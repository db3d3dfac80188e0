import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { PlanContext } from '../format.ts';
import type { AdvanceCourtGame, AdvanceCourtValues } from './setup.ts';

/** Everyone rallies and waits: the object comes at them, a miss moves them on. */
export function courtAsks({ setup, values, gearKinds }: PlanContext<AdvanceCourtGame, AdvanceCourtValues>): Ask[] {
  const used = [values.object, ...(setup.implement && values.contact === 'strike' ? [setup.implement] : [])];
  const flight = gearKinds.find((k) => k.kind === values.object)?.typical.flight;
  const track =
    flight === 'floats'
      ? { 'track-slow': 1 }
      : { 'track-slow': 1, 'track-fast': Math.max(1, (flight === 'slow' ? 1 : 2) - values.bounces) };
  const contact = values.contact === 'strike' ? { swing: 1 } : { 'two-hands': 2, grip: 1 };
  const chain = values.chain === 'none' ? {} : { speak: 1, 'remember-steps': 2 };
  return [
    askWith(
      askOfKinds(used, gearKinds),
      { ...IN_CLASS, ...track, ...contact, ...chain, stand: 1, travel: 1, reach: 1, judge: 1, wait: 1, lose: 1 },
      ['send', values.contact === 'strike' ? 'strike' : 'receive', 'decide'],
    ),
  ];
}
