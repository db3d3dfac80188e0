import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import type { TournamentContext } from './group.ts';

/** Team against team with somebody to win and somebody to lose; a resting team watches and decides. */
export function tournamentAsks({ setup, values, gearKinds }: TournamentContext): Ask[] {
  const used = [values.object, ...(setup.implement ? [setup.implement] : [])];
  const base = askOfKinds(used, gearKinds);
  const shared = { ...IN_CLASS, stand: 1, reach: 1, judge: 2, lose: 2 } as const;
  const asks = [askWith(base, { ...shared, travel: 2, breath: 1, wait: 1 }, ['send', 'decide', 'work-together'])];
  if (values.referees)
    asks.push(
      askWith({ demands: {}, purpose: [], gearKinds: [] }, { ...IN_CLASS, judge: 2, 'understand-words': 2 }, ['decide'], {
        role: 'referee',
      }),
    );
  return asks;
}
