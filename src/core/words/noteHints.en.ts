import type { SupportKind } from '../model/support.ts';

/** Words of a note that point to a support. What is written about health points to its function or to a care plan, never to a name for it. */
const HINTS: readonly (readonly [RegExp, SupportKind])[] = [
  [/\b(power|electric) ?chair\b/, 'power-chair'],
  [/(?<!\b(?:power|electric) )\b(?:wheel ?chair|manual chair)s?\b/, 'wheelchair'],
  [/\bwalker\b/, 'walker'],
  [/\bcrutch(es)?\b/, 'crutches'],
  [/\bcane\b/, 'cane'],
  [/\b(prosthe\w+|artificial (arm|hand|leg|foot|limb))\b/, 'artificial-limb'],
  [/\b(brace|orthosis|orthoses|splint)s?\b/, 'brace'],
  [/\b(stands? with|standing) (support|help)\b/, 'stands-with-support'],
  [/\b(balance|unsteady|falls? (easily|often|a lot))\b/, 'balance'],
  [/\b(one[- ]hand(ed)?|one arm|uses (only )?(the |his |her |their )?(left|right) hand)\b/, 'one-handed'],
  [/\b(weak|poor|low) grip\b|\bgrip (strength|is weak)\b|\bcannot grip\b/, 'weak-grip'],
  [/\blow vision\b|\bsees poorly\b|\bpartial(ly)? sight(ed)?\b|\bvision (loss|impair\w*)\b|\bvisual(ly)? impair\w*\b/, 'low-vision'],
  [/\bblind\b(?! (spot|side))(?<!colou?r[- ]blind)/, 'blind'],
  [/\bcolou?r[- ]?blind\w*\b|\bcolou?r vision\b/, 'tells-colours-poorly'],
  [/\bhearing (aids?|loss|impair\w*)\b|\bhard of hearing\b|\bcochlear\b/, 'hard-of-hearing'],
  [/\bdeaf\b/, 'deaf'],
  [/\b(sign language|signs|interpreter)\b/, 'signs'],
  [/\b(talker|speech device|speaks? (by|with) (a )?(device|tablet)|communication device)\b/, 'speaks-by-device'],
  [/\b(one step|one thing|short instructions|simple instructions)\b/, 'one-step'],
  [/\b(picture|visual) (cards?|schedule|supports?)\b/, 'cards'],
  [/\b(runs? (off|away)|may leave|bolts|elope\w*)\b/, 'may-leave'],
  [/\b(puts? (things|objects) in (the |his |her |their )?mouth|mouths (things|objects))\b/, 'mouths-things'],
  [/\b(tires?|tired|fatigue|stamina|weak heart|heart)\b/, 'stamina'],
  [/\b(asthma\w*|inhaler|wheez\w+|breath\w*)\b/, 'breath'],
  [/\b(heat|overheats?)\b/, 'heat'],
  [/\b(noise|loud|ear ?defenders|sound sensitiv\w*)\b/, 'noise'],
  [/\b(touch|tactile)\b/, 'touch'],
  [/\bcrowds?\b|\bcrowded\b/, 'crowd'],
  [/\b(sore loser|losing|loses badly)\b/, 'losing'],
  [/\b(transitions?|change of plan|routine)\b/, 'change'],
  [/\b(bathroom|toilet|restroom|drink|snack) breaks?\b|\bbreaks? (when|as) needed\b/, 'breaks'],
  [/\b(flash\w*|strobe|photosensitiv\w*|dim light)\b/, 'no-dim-light'],
  [/\blatex\b/, 'latex'],
  [/\b(seizures?|epilep\w*|faint(s|ing)?|blacks? out)\b/, 'may-lose-awareness'],
  [/\b(insulin pump|pump|feeding tube|g-?tube|shunt|catheter|port)\b/, 'worn-device'],
  [/\b(care plan|health plan|action plan|epi ?pen|auto-?injector|insulin|diabet\w*|allerg\w+|seizures?|epilep\w*|inhaler)\b/, 'care-plan'],
  [/\b(light activity|no pe|no gym|excused)\b/, 'light-activity'],
  [/\bno jump\w*\b/, 'no-jump'],
  [/\b(no contact|nothing to the head|no heading)\b/, 'no-head-contact'],
];

/** Supports that a note's words point to, in the order of the list: a proposal, since a note may say the opposite. */
export function supportsHinted(note: string): SupportKind[] {
  const text = note.toLowerCase();
  return [...new Set(HINTS.filter(([words]) => words.test(text)).map(([, kind]) => kind))];
}
