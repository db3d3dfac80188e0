import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { BANDS, type Band, type BandDefaults, HOUSE_DEFAULTS } from '../../../core/model/band.ts';
import { defaultsFor, LADDER_STEPS, ladderOf, type School, stepAfter } from '../../../core/model/school.ts';
import { BAND_WORDS } from '../../../core/words/facts.en.ts';
import { LADDER_WORDS } from '../../../core/words/ladder.en.ts';
import { problemWords } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { ShelfPage } from '../../parts/DayBar.tsx';
import { LeaveDemo } from '../../parts/DemoSchool.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { readAboveZero, readSpan } from '../../parts/readNumber.ts';
import { saveRecord } from '../../parts/saveRecord.ts';
import { useSchool } from '../../parts/units.ts';
import { BackupsSection } from './BackupsSection.tsx';
import { FloorChangeRows } from './FloorChangeRows.tsx';
import { FloorLimitRows } from './FloorLimitRows.tsx';
import { GuestLooks } from './GuestLooks.tsx';
import { MatchingRows } from './MatchingRows.tsx';
import { RemovedSection } from './RemovedSection.tsx';
import { WholeSchool } from './WholeSchool.tsx';

type Plain = { [K in keyof BandDefaults]: BandDefaults[K] extends number ? K : never }[keyof BandDefaults];
const SPANS: [keyof Pick<BandDefaults, 'stay' | 'workBout' | 'groupSize'>, string][] = [
  ['stay', 'Stay at a station (s)'],
  ['workBout', 'Work at full effort (s)'],
  ['groupSize', 'Group size'],
];
const NUMBERS: [Plain, string][] = [
  ['settleSeconds', 'Settle after a move (s)'],
  ['explainMinutes', 'Explaining at most (min)'],
  ['moveSpeed', 'Move between stations (m/s)'],
  ['sprint', 'Sprint, average (m/s)'],
  ['acceleration', 'Acceleration (m/s²)'],
  ['braking', 'Braking (m/s²)'],
  ['armReach', 'Arm reach (m)'],
  ['swingStep', 'Step in a swing (m)'],
  ['floorPerStudent', 'Floor each, vigorous (m²)'],
];

/** The school's units, keys, stop signal and the house defaults by band. */
export function Settings() {
  const school = useSchool();
  const client = useQueryClient();
  const [problem, setProblem] = useState('');
  const save = async (change: Partial<School> | ((now: School) => Partial<School>)) => {
    const next = await saveRecord<School>('/school', school, change);
    client.setQueryData(['school'], next);
    await client.invalidateQueries({ queryKey: ['desk'] });
    await client.invalidateQueries({ queryKey: ['day'] });
  };
  const attempt = (work: Promise<unknown>) =>
    void work.then(
      () => setProblem(''),
      (e) => setProblem(problemWords(e)),
    );
  const setBand = (band: Band, key: keyof BandDefaults, value: unknown) =>
    save((now) => ({ bands: { ...now.bands, [band]: { ...now.bands[band], [key]: value } } }));
  const changed = Object.values(school.bands).some((b) => Object.keys(b ?? {}).length);
  return (
    <ShelfPage>
      <div className="max-w-[1180px] p-6">
        <h1 className="text-xl">Settings</h1>
        <Problem text={problem} />
        <div className="mt-3 grid grid-cols-[260px_160px_1fr] items-start gap-4">
          <CommitField label="School" value={school.name} onCommit={(name) => save({ name })} />
          <ChoiceField
            label="Lengths in"
            value={school.units}
            options={
              [
                ['m', 'meters'],
                ['ft', 'feet and inches'],
              ] as const
            }
            onPick={(units) => attempt(save({ units }))}
          />
          <CommitField
            label="Stop signal, printed on every card (heard and seen)"
            value={school.stopSignal}
            onCommit={(stopSignal) => save({ stopSignal })}
          />
        </div>
        <label className="mt-3 flex items-center gap-2">
          <input
            type="checkbox"
            className="h-4 w-4 accent-tape"
            checked={school.singleKeys}
            onChange={(e) => attempt(save({ singleKeys: e.target.checked }))}
          />
          Single-letter keys (press ? to see them)
        </label>
        <h2 className="mt-5 text-lg">What follows an offense</h2>
        <p className="text-xs text-muted">Counted for each student in one lesson. Seen on Whistle and in its log alone.</p>
        <div className="mt-1 grid grid-cols-[240px_240px_240px] gap-4">
          {['First', 'Second', 'Third and later'].map((name, i) => (
            <ChoiceField
              key={name}
              label={name}
              value={stepAfter(ladderOf(school), i)}
              options={LADDER_STEPS.map((s) => [s, LADDER_WORDS[s]] as const)}
              onPick={(step) => attempt(save({ ladder: [0, 1, 2].map((k) => (k === i ? step : stepAfter(ladderOf(school), k))) }))}
            />
          ))}
        </div>
        <div className="mt-6 flex items-end justify-between border-b border-ink pb-1">
          <h2 className="text-lg">Defaults by grade</h2>
          {changed && (
            <button type="button" className="text-tape underline" onClick={() => attempt(save({ bands: {} }))}>
              Reset to defaults
            </button>
          )}
        </div>
        <table className="w-full border-collapse">
          <caption className="py-1 text-left text-xs text-muted">
            Defaults to plan with, not measurements of your class. Changed ones are marked. Local rules decide.
          </caption>
          <thead>
            <tr className="text-left text-xs text-muted">
              <th scope="col" className="w-56 font-normal">
                What
              </th>
              {BANDS.map((band) => (
                <th key={band} scope="col" className="px-1 font-normal">
                  {BAND_WORDS[band].replace('grades ', '')}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {[...SPANS, ...NUMBERS].map(([key, label]) => (
              <tr key={key} className="border-t">
                <th scope="row" className="py-1 text-left font-normal">
                  {label}
                </th>
                {BANDS.map((band) => {
                  const value = defaultsFor(school, band)[key];
                  const own = JSON.stringify(value) !== JSON.stringify(HOUSE_DEFAULTS[band][key]);
                  return (
                    <td key={band} className="px-1 py-0.5">
                      <CommitField
                        quiet
                        label={`${label}, ${band}`}
                        className={own ? 'cell border-tape bg-tint' : 'cell'}
                        value={Array.isArray(value) ? `${value[0]}–${value[1]}` : String(value)}
                        onCommit={(text) => setBand(band, key, Array.isArray(value) ? readSpan(text, '90–180') : readAboveZero(text))}
                      />
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
        <FloorLimitRows school={school} save={save} />
        <FloorChangeRows school={school} save={save} />
        <MatchingRows school={school} save={save} />
        <LeaveDemo />
        <RemovedSection />
        <GuestLooks />
        <BackupsSection />
        <WholeSchool />
      </div>
    </ShelfPage>
  );
}
