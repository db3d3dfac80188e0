import { listed, type Speak } from '../formats/speak.ts';
import type { StandInChange } from '../gear/standIns.ts';
import type { Gear } from '../model/gear.ts';
import type { GearProperties } from '../model/gearKind.ts';

/** What gear is like, property by property, each in a few words, in the school's units. */
export function likenessWords(p: GearProperties, speak: Pick<Speak, 'metres' | 'measure'>): { key: keyof GearProperties; words: string }[] {
  const words: [keyof GearProperties, string | number | false | undefined][] = [
    ['diameterM', p.diameterM && `${speak.metres(p.diameterM)} across`],
    ['lengthM', p.lengthM && `${speak.metres(p.lengthM)} long`],
    ['massG', p.massG && speak.measure('mass', p.massG)],
    ['firmness', p.firmness],
    ['bounce', p.bounce && `${p.bounce === 'none' ? 'no' : p.bounce} bounce`],
    ['flight', p.flight && (p.flight === 'floats' ? 'floats' : `flies ${p.flight}`)],
    ['faceWidthM', p.faceWidthM && `face ${speak.metres(p.faceWidthM)}`],
    ['gripMm', p.gripMm && `grip ${speak.measure('thickness', p.gripMm)}`],
    ['sound', p.sound && p.sound !== 'none' && `${p.sound} sound`],
    ['colour', p.colour],
    ['texture', p.texture],
    ['tether', p.tether && p.tether !== 'none' && `tethered ${p.tether}`],
    ['latex', p.latex === 'yes' ? 'contains latex' : p.latex === 'unknown' ? 'may contain latex' : false],
    ['outdoors', p.outdoors && { in: 'indoors', out: 'outdoors', both: 'indoors and out' }[p.outdoors]],
  ];
  return words.flatMap(([key, text]) => (text ? [{ key, words: String(text) }] : []));
}

/** What must not be done with an item, sentence by sentence without a full stop. */
export function limitWords(limits: Gear['limits'], speak: Pick<Speak, 'measure'>): string[] {
  const { hits, loadKg, loudestDb, smallestMm } = limits ?? {};
  return [
    ...(hits?.length ? [`Used to hit only: ${hits.join(', ')}`] : []),
    ...(loadKg === undefined ? [] : [`Carries at most ${speak.measure('load', loadKg)}`]),
    ...(loudestDb === undefined ? [] : [`At most ${loudestDb} dB loud`]),
    ...(smallestMm === undefined ? [] : [`Its smallest loose part is ${speak.measure('thickness', smallestMm)}`]),
  ];
}

/** What the day takes of a kind, by the need of each of its periods and the stock: the worst shortage, else who needs how many. */
export function promiseWords(needs: readonly number[], have: number): string {
  const most = Math.max(0, ...needs);
  const periods = (isMeant: (need: number) => boolean) => {
    const numbers = needs.flatMap((need, i) => (isMeant(need) ? [String(i + 1)] : []));
    if (numbers.length > 1 && numbers.length === needs.length) return 'every period';
    return `${numbers.length === 1 ? 'period' : 'periods'} ${listed(numbers)}`;
  };
  if (!needs.length) return '';
  if (!most) return 'free all day';
  if (most > have) return `${most - have} short in ${periods((need) => need === most)}`;
  const inUse = needs.filter((need) => need > 0);
  const isEven = inUse.every((need) => need === most);
  return `${isEven ? '' : 'up to '}${most} in ${periods((need) => need > 0)}`;
}

/** What is different with a stand-in, in the order of `STAND_IN_CHANGES`. */
export const standInWords = (changes: readonly StandInChange[]): string => (changes.length ? listed(changes) : 'much the same');
