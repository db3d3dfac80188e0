import { MEASURES } from '../../../core/fit/ways.ts';
import type { Measure } from '../../../core/fit/waysMeasured.ts';
import type { Vigour } from '../../../core/shelf/judge.ts';
import type { ShelfWish } from '../../../core/shelf/wish.ts';
import { FORMAT_WORDS } from '../../../core/words/formats.en.ts';
import { NOISE_WORDS, VIGOUR_WORDS } from '../../../core/words/shelf.en.ts';
import { MEASURE_WORDS } from '../../../core/words/ways.en.ts';
import type { Desk } from '../../api.ts';
import { Choice, Families, PeriodChoice } from './choices.tsx';

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
          for <PeriodChoice {...{ desk, day }} onChoose={onPeriod} /> in {desk.room.name}
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
