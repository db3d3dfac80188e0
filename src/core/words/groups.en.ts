import type { Aim } from '../groups/regroup.ts';

/** What dealing for an aim is called, and what it does. */
export const AIM_WORDS: Record<Aim, { name: string; what: string }> = {
  fewest: { name: 'Fewest changes', what: 'Only what sizes and pairings ask for.' },
  even: { name: 'Even groups', what: 'Average ratings as near as can be.' },
  partners: { name: 'New partners', what: 'With whom they have been least in the log.' },
  similar: { name: 'Similar levels', what: 'Similar ratings in a group.' },
  mixed: { name: 'Mixed levels', what: 'Every group from new to leading.' },
  'number-off': { name: 'Count off', what: 'One, two, three … down the roster. Pairings are not looked at.' },
};
