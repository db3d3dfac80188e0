import { useState } from 'react';
import type { Quantity } from '../../../core/formats/measures.ts';
import { BANDS, type Band, type BandDefaults, HOUSE_DEFAULTS } from '../../../core/model/band.ts';
import { defaultsFor } from '../../../core/model/school.ts';
import { BAND_WORDS } from '../../../core/words/facts.en.ts';
import { readAboveZero, readSpan } from '../../parts/readNumber.ts';
import { SaidLength, SaidMeasure, SaidText } from '../../parts/Said.tsx';
import { Sentence } from '../../parts/Sentence.tsx';
import { type OfSchool, SettingsPart } from './SettingsPart.tsx';

type Shown = Exclude<keyof BandDefaults, 'targets'>;
const LABELS: Record<Shown, string> = {
  stay: 'Stay at a station (s)',
  workBout: 'Work at full effort (s)',
  groupSize: 'Group size',
  settleSeconds: 'Settle after a move (s)',
  explainMinutes: 'Explaining at most (min)',
  moveSpeed: 'Move between stations',
  sprint: 'Sprint, average',
  acceleration: 'Acceleration',
  braking: 'Braking',
  armReach: 'Arm reach',
  swingStep: 'Step in a swing',
  floorPerStudent: 'Floor each, vigorous',
};
/** What is not seconds, minutes or a count. */
const MEASURED: Partial<Record<Shown, Quantity | 'length'>> = {
  ...{ moveSpeed: 'speed', sprint: 'speed', acceleration: 'acceleration', braking: 'acceleration' },
  ...{ armReach: 'length', swingStep: 'length', floorPerStudent: 'area' },
};
const SENTENCES = [
  'They stay {stay} s at a station, in groups of {groupSize}, and work {workBout} s at full effort.',
  'You explain for {explainMinutes} min at most. After a move they settle in {settleSeconds} s.',
  'They walk {moveSpeed} between stations and sprint at {sprint}; they gain {acceleration} and brake at {braking}.',
  'They reach {armReach}, step {swingStep} in a swing, and need {floorPerStudent} of floor each when it is vigorous.',
];

/** The house's figures of one band at a time, in sentences; what the school changed is tape. */
export function GradeRows({ school, save }: OfSchool) {
  const [band, setBand] = useState<Band>('4-5');
  const isOwn = (of: Band) => Object.keys(school.bands[of] ?? {}).length > 0;
  const field = (name: string) => {
    const key = name as Shown;
    const value = defaultsFor(school, band)[key];
    const put = (next: BandDefaults[Shown]) => save((now) => ({ bands: { ...now.bands, [band]: { ...now.bands[band], [key]: next } } }));
    const shared = {
      label: `${LABELS[key]}, ${band}`,
      own: JSON.stringify(value) !== JSON.stringify(HOUSE_DEFAULTS[band][key]),
    };
    const { [key]: measured } = MEASURED;
    // A field of another band is another field.
    const id = `${band} ${key}`;
    if (measured === 'length') return <SaidLength key={id} {...shared} value={Number(value)} onPut={put} />;
    if (measured)
      return <SaidMeasure key={id} {...shared} quantity={measured} value={value} onPut={(v) => put(v as BandDefaults[Shown])} />;
    return (
      <SaidText
        key={id}
        {...shared}
        value={Array.isArray(value) ? `${value[0]}–${value[1]}` : String(value)}
        onCommit={(text) => put(Array.isArray(value) ? readSpan(text, '90–180') : readAboveZero(text))}
      />
    );
  };
  return (
    <SettingsPart
      title="Figures by grade"
      note="Side Court defaults to plan with, not measurements of your class. Local rules decide."
      reset={{
        label: 'Reset to defaults',
        isChanged: Object.values(school.bands).some((b) => Object.keys(b ?? {}).length > 0),
        onReset: () => void save(() => ({ bands: {} })),
      }}
    >
      <div role="tablist" aria-label="Grades" className="mt-2 flex flex-wrap gap-1">
        {BANDS.map((of) => (
          <button
            key={of}
            type="button"
            role="tab"
            id={`band-${of}`}
            aria-selected={of === band}
            aria-controls="band-figures"
            className={`head min-h-9 px-3 text-base ${of === band ? 'bg-ink text-paper' : 'hover:bg-bench'}`}
            onClick={() => setBand(of)}
          >
            {BAND_WORDS[of].replace('grades ', '')}
            {isOwn(of) && <span className={of === band ? 'text-thin' : 'text-tape'}> · own</span>}
          </button>
        ))}
      </div>
      <div role="tabpanel" id="band-figures" aria-labelledby={`band-${band}`} className="mt-1">
        {SENTENCES.map((text) => (
          <Sentence key={text} {...{ text, field }} />
        ))}
      </div>
    </SettingsPart>
  );
}
