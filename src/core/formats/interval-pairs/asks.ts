import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import { exercisesOf, type IntervalContext } from './group.ts';

/** To run on and on, and what each exercise asks. */
export const intervalAsks = (context: IntervalContext): Ask[] => [
  askWith(
    { demands: {}, purpose: [], gearKinds: [] },
    { ...IN_CLASS, stand: 1, travel: 2, breath: 3, turn: 1, wait: 1, heat: 1 },
    ['travel'],
    {
      place: 'track',
    },
  ),
  ...exercisesOf(context).map(({ id, gear }) =>
    askWith(
      askOfKinds(gear ? [gear.gearKind] : [], context.gearKinds),
      { ...IN_CLASS, stand: 1, balance: 1, breath: 2, 'read-card': 1 },
      ['balance', 'work-together'],
      { place: id },
    ),
  ),
];
