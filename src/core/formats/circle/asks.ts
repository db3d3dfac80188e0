import type { PurposeAction } from '../../model/demand.ts';
import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { CircleContext } from './group.ts';

const PURPOSE: Record<CircleContext['setup']['mode'], PurposeAction[]> = {
  sequence: ['work-together', 'keep-time'],
  'keep-up': ['strike', 'work-together'],
  barrier: ['strike', 'work-together'],
  crews: ['work-together', 'decide'],
  leader: ['keep-time', 'work-together'],
};

/** To be one of a ring: hold, hit, show, follow. */
export function circleAsks(context: CircleContext): Ask[] {
  const { setup, values, gearKinds } = context;
  const used = [...(setup.cloth ? [setup.cloth.gearKind] : []), ...(setup.objectsEach ? [values.object] : [])];
  const isSeated = setup.mode === 'barrier' && values.posture === 'seated';
  const kneels = setup.moves.some((m) => m.posture !== 'standing');
  return [
    askWith(
      askOfKinds(used, gearKinds),
      {
        ...{ ...IN_CLASS, ...(isSeated ? {} : { stand: 1 }), 'bear-touch': 1, 'remember-steps': setup.mode === 'sequence' ? 2 : 1 },
        ...(kneels ? { kneel: 1, 'down-up': 2 } : {}),
        ...(setup.mode === 'crews' ? { 'dim-light': 2, 'down-up': 2, 'pressed-or-pulled': 2, 'be-among-many': 2 } : {}),
        ...(setup.mode === 'keep-up' || setup.mode === 'barrier' ? { reach: 1, travel: 1, judge: 1 } : {}),
      },
      PURPOSE[setup.mode],
    ),
  ];
}
