import { speakIn } from '../../../core/formats/speak.ts';
import type { Gear } from '../../../core/model/gear.ts';
import {
  BOUNCES,
  FIRMNESS,
  FLIGHTS,
  type GearKind,
  type GearProperties,
  LATEX,
  OUTDOORS,
  SOUNDS,
  TETHERS,
} from '../../../core/model/gearKind.ts';
import { likenessWords } from '../../../core/words/gear.en.ts';
import { SaidChoice, SaidText } from '../../parts/Said.tsx';
import { useUnits } from '../../parts/units.ts';

type Key = keyof GearProperties;
/** Each property in the order of the sentence: its name, what stands after its value, what it may be. */
const FACTS: [Key, string, string, readonly string[] | 'length' | 'mass' | 'thickness' | 'text'][] = [
  ['diameterM', 'Across', 'across', 'length'],
  ['lengthM', 'Length', 'long', 'length'],
  ['massG', 'Weight', '', 'mass'],
  ['firmness', 'Firmness', '', FIRMNESS],
  ['bounce', 'Bounce', '', BOUNCES],
  ['flight', 'Flight', '', FLIGHTS],
  ['colour', 'Color', '', 'text'],
  ['sound', 'Sound', '', SOUNDS],
  ['faceWidthM', 'Face width', 'wide face', 'length'],
  ['gripMm', 'Grip', 'grip', 'thickness'],
  ['texture', 'Texture', '', 'text'],
  ['tether', 'Tether', '', TETHERS],
  ['latex', 'Latex', '', LATEX],
  ['outdoors', 'Used', '', OUTDOORS],
];
const NONE_WORDS: Partial<Record<Key, string>> = { sound: 'no sound', tether: 'not tethered', latex: 'no latex' };

interface Props {
  gear: Gear;
  kinds: readonly GearKind[];
  save(gear: Gear, change: Partial<Gear>): Promise<void>;
  attempt(work: Promise<unknown>): void;
}

/** What an item is like, as one sentence whose underlined words are changed in place. What only its kind says is faint and said to be typical. */
export function GearFacts({ gear, kinds, save, attempt }: Props) {
  const units = useUnits();
  const typical: GearProperties = kinds.find((k) => k.kind === gear.gearKind)?.typical ?? {};
  const isKnown = ([key]: (typeof FACTS)[number]) => gear[key] !== undefined || typical[key] !== undefined;
  const wordsOf = (key: Key, value: string) => likenessWords({ [key]: value }, speakIn(units.units))[0]?.words ?? NONE_WORDS[key] ?? value;
  const put = (key: Key, value: unknown) => save(gear, { [key]: value });
  const fact = ([key, label, after, what]: (typeof FACTS)[number]) => {
    const own = gear[key];
    if (typeof what !== 'string') {
      const usual = typical[key];
      return (
        <SaidChoice
          {...{ label }}
          value={String(own ?? '')}
          faint={own === undefined}
          options={[
            ['', usual === undefined ? `${label.toLowerCase()} not said` : `typically ${wordsOf(key, String(usual))}`] as const,
            ...what.map((o) => [o, wordsOf(key, o)] as const),
          ]}
          onPick={(v) => attempt(put(key, v === '' ? undefined : v))}
        />
      );
    }
    const say = (value: GearProperties[Key]) => {
      if (value === undefined || what === 'text') return String(value ?? '');
      return what === 'length' ? units.say(Number(value)) : units.measure(what, Number(value));
    };
    const read = (text: string) => {
      if (what === 'text') return text.trim();
      return what === 'length' ? units.read(text) : units.readMeasure(what, text);
    };
    return (
      <>
        <SaidText
          {...{ label }}
          value={say(own)}
          usual={typical[key] === undefined ? `${label.toLowerCase()} not said` : `typically ${say(typical[key])}`}
          onCommit={(text) => put(key, text.trim() === '' ? undefined : read(text))}
        />
        {after && (isKnown([key, label, after, what]) ? ` ${after}` : '')}
      </>
    );
  };
  const sentence = (facts: typeof FACTS) =>
    facts.map((f, i) => (
      <span key={f[0]}>
        {fact(f)}
        {i < facts.length - 1 ? ', ' : '.'}{' '}
      </span>
    ));
  const rest = FACTS.filter((f) => !isKnown(f));
  return (
    <>
      <p className="text-base leading-8">
        {gear.gearKind === 'other' ? 'Kind: ' : `Each is ${/^[aeiou]/.test(gear.gearKind) ? 'an' : 'a'} `}
        <SaidChoice
          label={`Kind of ${gear.name}`}
          value={gear.gearKind}
          options={kinds.map((k) => [k.kind, k.kind] as const)}
          onPick={(gearKind) => attempt(save(gear, { gearKind }))}
        />
        {FACTS.some(isKnown) ? ': ' : '.'}
        {sentence(FACTS.filter(isKnown))}
      </p>
      {rest.length > 0 && (
        <details className="mt-1">
          <summary className="cursor-pointer py-1 text-muted">Say more about {gear.name}</summary>
          <p className="text-base leading-8">{sentence(rest)}</p>
        </details>
      )}
    </>
  );
}
