import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { PodsContext } from './group.ts';

/** Exercises to music, then a grab from close by or a balance; the leader of a pod shows what comes next. */
export function podAsks({ setup, values, gearKinds }: PodsContext): Ask[] {
  const isHeld = setup.mode === 'hold';
  const shared = { ...IN_CLASS, stand: 1, 'hear-signal': 2, 'stop-on-signal': 2, lose: 1 } as const;
  const asks = [
    askWith(
      askOfKinds([values.object], gearKinds),
      isHeld ? { ...shared, balance: 2 } : { ...shared, reach: 1, grip: 1, 'down-up': 2 },
      isHeld ? ['keep-time', 'balance'] : ['keep-time', 'decide'],
    ),
  ];
  if (values.leading === 'follow')
    asks.push(
      askWith({ demands: {}, purpose: [], gearKinds: [] }, { ...IN_CLASS, 'remember-steps': 2 }, ['keep-time', 'work-together'], {
        role: 'leader',
      }),
    );
  return asks;
}
