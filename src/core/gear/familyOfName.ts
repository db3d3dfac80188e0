import type { GearFamily } from '../model/gearKind.ts';

/** Words that tell a family, for gear of a kind that nobody knows here. The first family with a word in the name holds. */
const WORDS: readonly (readonly [GearFamily, RegExp])[] = [
  ['balloon', /balloon/],
  ['wearable', /\b(pinnies?|vests?|bands?|belts?|ear covers?|gloves?)\b/],
  ['sound', /\b(whistle|drum|speaker|tambourine|music|hand bell)\b/],
  ['scooter or wheeled', /\b(scooter|wheel)/],
  ['target', /\b(target|pins?|skittles?)\b/],
  ['goal', /\b(goals?|basket|bucket|hoop on)\b/],
  ['mat or support', /\b(mats?|bench|chair|beam|wedge|ramp|frame|tees?|stand)\b/],
  ['striking implement', /\b(paddles?|rackets?|racquets?|bats?|sticks?|mallets?|scoops?|noodles?)\b/],
  ['barrier', /\b(net|nets|hurdles?|fence)\b/],
  ['marker', /\b(cones?|spots?|markers?|hoops?|tape|chalk|gates?|arrows?)\b/],
  ['cloth or rope', /\b(scar(f|ves)|ropes?|ribbons?|cloth)\b/],
  ['thrown object', /\b(discs?|bean ?bags?|rings?|stones?|darts?|rockets?|cubes?)\b/],
  ['card', /\bcards?\b/],
  ['ball', /balls?\b/],
];

/** The family that a name speaks of; 'other' if none. */
export function familyOfName(name: string): GearFamily {
  const text = name.toLowerCase();
  return WORDS.find(([, word]) => word.test(text))?.[0] ?? 'other';
}
