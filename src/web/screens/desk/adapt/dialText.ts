import type { Dial } from '../../../../core/adapt/candidate.ts';
import type { Caution } from '../../../../core/adapt/cautions.ts';
import type { DialCode } from '../../../../core/adapt/dialKinds.ts';
import { figuresFor } from '../../../../core/adapt/figures.ts';
import { metresWords } from '../../../../core/formats/lengths.ts';
import { listed, speakIn } from '../../../../core/formats/speak.ts';
import type { Gear } from '../../../../core/model/gear.ts';
import type { HomeMade } from '../../../../core/model/homeMade.ts';
import { shortName } from '../../../../core/model/names.ts';
import type { Adult, School } from '../../../../core/model/school.ts';
import type { Student } from '../../../../core/model/student.ts';
import { cautionWords, DIAL_WORDS } from '../../../../core/words/adapt.en.ts';

/** What changes speak of, by id. */
export interface DialNames {
  gear: readonly Gear[];
  homeMade: readonly HomeMade[];
  adults: readonly Adult[];
  students: readonly Student[];
  /** Its units, its figures. */
  school: School;
}

const gearNamed = (id: string, names: DialNames): string => names.gear.find((g) => g.id === id)?.name ?? 'something from the gear closet';

/** What a change takes in the hand. */
function thingOf({ uses = [], homeMade }: Pick<Dial, 'uses' | 'homeMade'>, names: DialNames): string {
  const made = homeMade === undefined ? undefined : names.homeMade.find((t) => t.id === homeMade)?.title;
  return made ?? (uses.length ? listed(uses.map((u) => gearNamed(u.gearId, names))) : 'another one');
}

/** A change as a sentence; it never says for whom. */
export function dialText(dial: Pick<Dial, 'to' | 'data' | 'uses' | 'homeMade'>, names: DialNames): string {
  const words = DIAL_WORDS[dial.to as DialCode];
  return words ? words(thingOf(dial, names), dial.data, (m) => metresWords(m, names.school.units)) : dial.to;
}

/** Cautions, sentence after sentence. */
export const cautionsText = (cautions: readonly Caution[], { school }: DialNames): string =>
  cautions.map((c) => `${cautionWords(c, figuresFor(school), speakIn(school.units))}.`).join(' ');

/** What a change takes: how many of what there is and where, what is made of what, who helps. */
export function takesText({ uses = [], homeMade, adultId, peerId, openToAll }: Dial, names: DialNames): string {
  const parts = uses.map(({ gearId, count }) => {
    const item = names.gear.find((g) => g.id === gearId);
    return item ? `${count} of ${item.count}${item.place ? ` · ${item.place}` : ''}` : '';
  });
  const adult = names.adults.find((a) => a.id === adultId);
  const peer = names.students.find((s) => s.id === peerId);
  return [
    ...(homeMade === undefined ? [] : ['home-made']),
    ...parts,
    ...(adult ? [adult.name] : []),
    ...(peer ? [`ask ${shortName(peer, names.students)}`] : []),
    ...(openToAll ? ['open to all'] : []),
  ]
    .filter(Boolean)
    .join(' · ');
}
