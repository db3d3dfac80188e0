import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import { isHalves, isSpots, type PossessionContext } from './group.ts';

/** To move into the open, pass or carry, and decide. */
export function possessionAsks(context: PossessionContext): Ask[] {
  const { values, gearKinds } = context;
  const carries = isHalves(context);
  const base = carries ? { ...askOfKinds([values.object], gearKinds), purpose: [] } : askOfKinds([values.object], gearKinds);
  return [
    askWith(
      base,
      {
        ...IN_CLASS,
        stand: 1,
        travel: 3,
        turn: 2,
        breath: 2,
        judge: 2,
        lose: isSpots(context) ? 1 : 2,
        ...(carries ? { 'bear-touch': 1 } : {}),
        'see-side': 1,
      },
      carries ? ['carry-or-dribble', 'dodge-or-flee', 'decide'] : ['send', 'receive', 'decide', 'work-together'],
    ),
    ...(carries
      ? [askWith({ demands: {}, purpose: [], gearKinds: [] }, { ...IN_CLASS, travel: 2, turn: 2, judge: 2 }, ['decide'], { role: 'guard' })]
      : []),
  ];
}
