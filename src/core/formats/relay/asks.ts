import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { RelayContext } from './group.ts';

/** There and back at speed, a turn, a hand-over, and a wait in line. */
export const relayAsks = ({ setup, values, gearKinds }: RelayContext): Ask[] => {
  const isAimed = setup.target !== undefined;
  const used = [values.object, ...(setup.target ? [setup.target.gearKind] : [])];
  return [
    askWith(
      askOfKinds(used, gearKinds),
      {
        ...IN_CLASS,
        stand: 1,
        travel: setup.mode === 'passing' ? 2 : 3,
        turn: 2,
        breath: 2,
        wait: 2,
        lose: setup.mode === 'race' ? 2 : 1,
        judge: 1,
      },
      ['carry-or-dribble', 'travel', 'work-together', ...(isAimed ? (['send', 'aim'] as const) : [])],
    ),
  ];
};
