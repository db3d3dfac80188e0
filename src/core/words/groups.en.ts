import type { Aim } from '../groups/regroup.ts';

/** What dealing for an aim is called, and what it does. */
export const AIM_WORDS: Record<Aim, { name: string; what: string }> = {
  fewest: { name: 'Fewest changes', what: 'Only what sizes and wishes ask for.' },
  even: { name: 'Even groups', what: 'Mean ratings as near as can be.' },
  partners: { name: 'New partners', what: 'With whom they have been least in the log.' },
  similar: { name: 'Like with like', what: 'Similar ratings in a group.' },
  mixed: { name: 'Strong with new', what: 'Every group from new to leading.' },
  'number-off': { name: 'Number off', what: 'One, two, three … round the class list; wishes are not looked at.' },
};
