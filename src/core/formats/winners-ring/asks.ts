import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import { type RingContext, sizeOf } from './group.ts';

/** Short games against one team after another; a lost one is played on from where it was lost. */
export function ringAsks(context: RingContext): Ask[] {
  const { setup, values, gearKinds } = context;
  const used = [values.object, ...(setup.implement ? [setup.implement] : [])];
  return [
    askWith(askOfKinds(used, gearKinds), { ...IN_CLASS, stand: 1, travel: 1, reach: 1, judge: 1, wait: 2, lose: 2 }, [
      'send',
      'decide',
      ...(sizeOf(context) > 1 ? (['work-together'] as const) : []),
    ]),
  ];
}
