import type { CareKind, GuestBlock, GuestLimit } from '../fit/guestView.ts';
import { listed } from '../formats/speak.ts';

const LIMITS: Record<GuestLimit, string> = {
  'no-latex': 'Nothing with latex here',
  'nothing-small': 'Nothing under 45 mm, no loose bells, no burst balloons within reach',
  quiet: 'Keep whistle and music low',
  'full-light': 'Keep all lights on, nothing that flashes',
  'no-hands-on': 'Nobody is touched, tags are with an object',
  'stop-early': 'Give the stop signal early and wait until everyone stands',
  'signals-seen': 'Raise an arm with every signal, and face the class when you speak',
  'say-where': 'Say names and places aloud, and nothing lies in the paths',
  'paths-clear': 'Keep paths and areas wide enough for wheels, gear off the floor',
  'watch-the-door': 'One adult is near the door',
  'rest-any-time': 'Anyone may rest or drink at any time without asking',
  'never-alone': 'Nobody climbs or rides alone, an adult is within reach',
  'no-pulling': 'Nobody is pulled or held by the clothes',
  'no-rolls': 'No rolls, and heads stay above the hips',
  'low-and-soft': 'Soft objects only, thrown below the shoulders',
  'no-jumps': 'Step over instead of jumping',
  'one-step': 'Say one thing, let them do it, then say the next',
};

/** What is done in a block without a game. The teacher's own notes stay the teacher's. */
export const PHASE_GUIDE: Partial<Record<GuestBlock['phase'], string>> = {
  arrive: 'Check shoes and who is here. Everyone sits at their pennant’s spot, or on a line, hands empty.',
  attendance: 'Check who is here. Whoever has no shoes or does light activity keeps score.',
  explain: 'Everyone sits where they see you. Show one round, say the rules and the stop signal, ask one student to say them back.',
  walk: 'Walk every group once through all areas, without gear.',
  water: 'Drink in groups, gear stays where it is.',
  reset: 'Every group puts its area back as it was.',
  close: 'Everyone sits. Ask the questions below the game, praise what you saw, count the gear back.',
  leave: 'Line up at the door, walk out.',
};

/** A limit of a block as what to do. */
export const limitWords = ({ limit, gear }: GuestBlock['limits'][number]): string =>
  gear?.length ? `${LIMITS[limit]}: leave out ${listed(gear)}` : LIMITS[limit];

/** What to do about a student; local plans and rules decide. */
export const CARE_WORDS: Record<CareKind, string> = {
  'care-plan': 'has a care plan on file. Ask the office for it before the lesson, and follow it',
  'may-lose-awareness': 'may lose awareness. Stay within reach, send for the nurse as the school’s plan says',
  'worn-device': 'wears a line or device. Nobody touches it',
  latex: 'must not touch latex',
  breath: 'may get short of breath. Let them rest and use what they carry, as the school’s plan says',
  heat: 'bears heat poorly. Shade and water',
  'may-leave': 'may leave fast. Stay near the door, do not chase: call the office',
  'mouths-things': 'puts things in the mouth. Nothing small within reach',
};
