import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import { type InningsContext, isBases } from './group.ts';

/** To hit what comes, to run and turn, to field and throw to a base. */
export const inningsAsks = (context: InningsContext): Ask[] => {
  const { setup, values, gearKinds } = context;
  return [
    askWith(
      askOfKinds([values.object, ...(setup.implement ? [setup.implement] : [])], gearKinds),
      { ...IN_CLASS, stand: 1, travel: 3, turn: 2, breath: 2, judge: 2, wait: isBases(context) ? 2 : 1, 'remember-steps': 2, lose: 1 },
      ['strike', 'send', 'receive', 'decide'],
    ),
  ];
};
