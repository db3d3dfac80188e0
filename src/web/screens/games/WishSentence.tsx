import { ChevronDown } from 'lucide-react';
import { MEASURES } from '../../../core/fit/ways.ts';
import type { Measure } from '../../../core/fit/waysMeasured.ts';
import { listed } from '../../../core/formats/speak.ts';
import { GAME_FAMILIES, type GameFamily } from '../../../core/model/game.ts';
import type { Vigour } from '../../../core/shelf/judge.ts';
import type { ShelfWish } from '../../../core/shelf/wish.ts';
import { FORMAT_WORDS } from '../../../core/words/formats.en.ts';
import { NOISE_WORDS, VIGOUR_WORDS } from '../../../core/words/shelf.en.ts';
import { MEASURE_WORDS } from '../../../core/words/ways.en.ts';
import type { Desk } from '../../api.ts';
import { Popup } from '../../parts/Popup.tsx';

const WORD = 'head cursor-pointer border-b-2 border-tape bg-transparent text-tape hover:bg-tint';

interface ChoiceProps<T extends string | number> {
  label: string;
  value: T | null;
  options: readonly (readonly [value: T | null, words: string])[];
  onChoose(value: T | null): void;
}

/** A word of the sentence that can be another one. */
function Choice<T extends string | number>({ label, value, options, onChoose }: ChoiceProps<T>) {
  const at = options.findIndex(([v]) => v === value);
  return (
    <select
      aria-label={label}
      className={`${WORD} field-sizing-content max-w-full appearance-none`}
      value={at}
      onChange={(e) => onChoose(options[Number(e.target.value)][0])}
    >
      {options.map(([v, words], i) => (
        <option key={String(v)} value={i} className="text-sm">
          {words}
        </option>
      ))}
    </select>
  );
}

const MINUTES = [5, 8, 10, 15, 20, 30] as const;
const FORMATS = Object.entries(FORMAT_WORDS).map(([id, { name }]) => [id, name.toLowerCase()] as const);
const RANKED = MEASURES.map((m) => [m, MEASURE_WORDS[m].priority.toLowerCase()] as const);

interface Props {
  wish: ShelfWish;
  onWish(wish: ShelfWish): void;
  /** The periods of the day; the one that games are judged for. */
  day: readonly Desk[];
  desk: Desk | undefined;
  onPeriod(id: string): void;
}

/** What is looked for, as one sentence whose blue words are the choices. */
export function WishSentence({ wish, onWish, day, desk, onPeriod }: Props) {
  const set = (change: Partial<ShelfWish>) => onWish({ ...wish, ...change });
  const rank = (key: 'first' | 'second', measure: Measure | null) => {
    const other = key === 'first' ? 'second' : 'first';
    set({ [key]: measure!, ...(wish[other] === measure ? { [other]: wish[key] } : {}) });
  };
  return (
    <p className="head text-[24px] leading-[36px] max-[900px]:text-lg" role="group" aria-label="What is looked for">
      Games to <Families chosen={wish.families} onChoose={(families) => set({ families })} />
      {desk && (
        <>
          {' '}
          for{' '}
          <Choice
            label="Period"
            value={desk.period.id as string}
            options={day.map((d, i) => [d.period.id as string, `${d.schoolClass.name}, period ${i + 1}`])}
            onChoose={(id) => id && onPeriod(id)}
          />{' '}
          in {desk.room.name}
        </>
      )}
      , with{' '}
      <Choice
        label="Gear"
        value={wish.gear}
        options={[
          [null, 'any gear'],
          ['ours', 'what we have'],
        ]}
        onChoose={(gear) => set({ gear })}
      />
      ,{' '}
      <Choice
        label="Minutes"
        value={wish.minutes}
        options={[[null, 'any length'], ...MINUTES.map((m) => [m, `at most ${m} min`] as const)]}
        onChoose={(minutes) => set({ minutes })}
      />
      ,{' '}
      <Choice
        label="Noise"
        value={wish.noise}
        options={([3, 2, 1] as const).map((v) => [v, NOISE_WORDS[v]])}
        onChoose={(noise) => set({ noise: noise ?? 3 })}
      />
      . As <Choice label="Format" value={wish.format} options={[[null, 'any format'], ...FORMATS]} onChoose={(format) => set({ format })} />
      ,{' '}
      <Choice
        label="In or out"
        value={wish.place}
        options={[
          [null, 'in or out'],
          ['in', 'inside'],
          ['out', 'outside'],
        ]}
        onChoose={(place) => set({ place })}
      />
      ,{' '}
      <Choice
        label="Vigor"
        value={wish.vigour}
        options={[[null, 'gentle or hard'], ...([1, 2, 3] as const).map((v) => [v, VIGOUR_WORDS[v]] as const)]}
        onChoose={(vigour) => set({ vigour: vigour as Vigour | null })}
      />
      , on{' '}
      <Choice
        label="Space"
        value={wish.half ? 1 : 0}
        options={[
          [0, 'all the floor'],
          [1, 'half the floor'],
        ]}
        onChoose={(half) => set({ half: half === 1 })}
      />
      , for{' '}
      <Choice
        label="Open to all"
        value={wish.toAll ? 1 : 0}
        options={[
          [0, 'all with changes for some'],
          [1, 'all as they are'],
        ]}
        onChoose={(toAll) => set({ toAll: toAll === 1 })}
      />
      . Best first by <Choice label="First" value={wish.first} options={RANKED} onChoose={(m) => rank('first', m)} />, then{' '}
      <Choice label="Then" value={wish.second} options={RANKED} onChoose={(m) => rank('second', m)} />.
    </p>
  );
}

/** What games are for: any of those that are ticked. */
function Families({ chosen, onChoose }: { chosen: readonly GameFamily[]; onChoose(families: GameFamily[]): void }) {
  const words = chosen.length ? listed([...chosen]).replace(' and ', ' or ') : 'do anything';
  return (
    <Popup
      label="What games are for"
      className="grid grid-cols-2 gap-x-4 p-3"
      trigger={
        <button type="button" className={`${WORD} inline-flex items-center gap-1`} aria-label={`Purpose: ${words}`}>
          {words}
          <ChevronDown size={16} aria-hidden="true" />
        </button>
      }
    >
      {GAME_FAMILIES.map((family) => (
        <label key={family} className="flex min-h-9 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-4 accent-tape"
            checked={chosen.includes(family)}
            onChange={(e) => onChoose(GAME_FAMILIES.filter((f) => (f === family ? e.target.checked : chosen.includes(f))))}
          />
          {family}
        </label>
      ))}
      <button type="button" className="btn col-span-2 mt-2 justify-self-start" disabled={!chosen.length} onClick={() => onChoose([])}>
        Anything
      </button>
    </Popup>
  );
}
