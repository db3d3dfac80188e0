import { useState } from 'react';
import type { Gear } from '../../../core/model/gear.ts';
import {
  BOUNCES,
  FIRMNESS,
  FLIGHTS,
  type GearFamily,
  type GearKind,
  type GearProperties,
  LATEX,
  OUTDOORS,
  SOUNDS,
  TETHERS,
} from '../../../core/model/gearKind.ts';
import { problemWords } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { Floating } from '../../parts/Sheet.tsx';
import { useUnits } from '../../parts/units.ts';
import { GearState } from './GearState.tsx';

const CHOICES: [keyof GearProperties, string, readonly string[]][] = [
  ['firmness', 'Firmness', FIRMNESS],
  ['bounce', 'Bounce', BOUNCES],
  ['flight', 'Flight', FLIGHTS],
  ['sound', 'Sound', SOUNDS],
  ['tether', 'Tether', TETHERS],
  ['latex', 'Latex', LATEX],
  ['outdoors', 'Used', OUTDOORS],
];
/** What is hit. */
const HIT: readonly GearFamily[] = ['balloon', 'ball', 'thrown object', 'cloth or rope'];
const LIMITS: ['loadKg' | 'loudestDb' | 'smallestMm', string][] = [
  ['loadKg', 'Carries at most (kg)'],
  ['loudestDb', 'At most as loud as (dB)'],
  ['smallestMm', 'Smallest loose part (mm)'],
];

/** Everything that a line of the gear closet may say about the gear; an empty field is as typical of its kind, which it shows. */
export function GearDetails({
  gear,
  kinds,
  onClose,
  save,
}: {
  gear: Gear | undefined;
  kinds: readonly GearKind[];
  onClose: () => void;
  save: (gear: Gear, change: Partial<Gear>) => Promise<void>;
}) {
  const units = useUnits();
  const [problem, setProblem] = useState('');
  if (!gear) return null;
  const typical: GearProperties = kinds.find((k) => k.kind === gear.gearKind)?.typical ?? {};
  const usual = (key: keyof GearProperties, words: string | undefined) =>
    gear[key] === undefined && words ? { hint: `typical: ${words}` } : {};
  const length = (key: 'diameterM' | 'lengthM' | 'faceWidthM', label: string) => (
    <CommitField
      label={label}
      value={gear[key] === undefined ? '' : units.say(gear[key])}
      {...usual(key, typical[key] === undefined ? undefined : units.say(typical[key]))}
      onCommit={(t) => save(gear, { [key]: t.trim() === '' ? undefined : units.read(t) })}
    />
  );
  const number = (key: 'massG' | 'gripMm', label: string) => (
    <CommitField
      label={label}
      inputMode="numeric"
      value={gear[key] === undefined ? '' : String(gear[key])}
      {...usual(key, typical[key] === undefined ? undefined : String(typical[key]))}
      onCommit={(t) => {
        if (t.trim() !== '' && !(Number(t) > 0)) throw new Error(`"${t}" is not a number.`);
        return save(gear, { [key]: t.trim() === '' ? undefined : Number(t) });
      }}
    />
  );
  const attempt = (work: Promise<unknown>) =>
    void work.then(
      () => setProblem(''),
      (e) => setProblem(problemWords(e)),
    );
  const limits = gear.limits ?? {};
  const limit = (change: Partial<NonNullable<Gear['limits']>>) => save(gear, { limits: { ...limits, ...change } });
  const hits = limits.hits ?? [];
  return (
    <Floating open onClose={onClose} title={gear.name} wide>
      <div className="grid grid-cols-3 gap-3 max-[900px]:grid-cols-2">
        <ChoiceField
          label="Kind"
          value={gear.gearKind}
          options={kinds.map((k) => [k.kind, k.kind] as const)}
          onPick={(gearKind) => attempt(save(gear, { gearKind }))}
        />
        <CommitField label="Kept in" value={gear.place} onCommit={(place) => save(gear, { place })} />
        {length('diameterM', 'Across')}
        {length('lengthM', 'Length')}
        {number('massG', 'Weight (g)')}
        {length('faceWidthM', 'Face width')}
        {number('gripMm', 'Grip (mm)')}
        {CHOICES.map(([key, label, options]) => (
          <ChoiceField
            key={key}
            label={label}
            value={String(gear[key] ?? '')}
            options={[
              ['', typical[key] === undefined ? 'not said' : `typical: ${typical[key]}`] as const,
              ...options.map((o) => [o, o] as const),
            ]}
            onPick={(v) => attempt(save(gear, { [key]: v === '' ? undefined : v }))}
          />
        ))}
        <CommitField
          label="Color"
          value={gear.colour ?? ''}
          {...usual('colour', typical.colour)}
          onCommit={(colour) => save(gear, { colour: colour || undefined })}
        />
        <CommitField
          label="Texture"
          value={gear.texture ?? ''}
          {...usual('texture', typical.texture)}
          onCommit={(texture) => save(gear, { texture: texture || undefined })}
        />
      </div>
      <GearState gear={gear} save={save} />
      <fieldset className="mt-4">
        <legend className="head mb-1 text-base">Limits</legend>
        <div className="grid grid-cols-3 gap-3 max-[900px]:grid-cols-2">
          {LIMITS.map(([key, label]) => (
            <CommitField
              key={key}
              label={label}
              inputMode="decimal"
              value={limits[key] === undefined ? '' : String(limits[key])}
              onCommit={(t) => {
                if (t.trim() !== '' && !(Number(t) >= 0)) throw new Error(`"${t}" is not a number.`);
                return limit({ [key]: t.trim() === '' ? undefined : Number(t) });
              }}
            />
          ))}
        </div>
        <p className="mt-2 mb-1 text-xs text-muted">Used to hit only (anything, if none is chosen)</p>
        <div className="flex flex-wrap gap-2">
          {HIT.map((family) => (
            <label key={family} className="flex items-center gap-1.5">
              <input
                type="checkbox"
                className="h-4 w-4 accent-tape"
                checked={hits.includes(family)}
                onChange={(e) => {
                  const next = e.target.checked ? [...hits, family] : hits.filter((f) => f !== family);
                  attempt(limit({ hits: next.length ? next : undefined }));
                }}
              />
              {family}
            </label>
          ))}
        </div>
      </fieldset>
      {problem && (
        <p role="alert" className="mt-2 text-stop">
          {problem}
        </p>
      )}
      <button type="button" className="btn mt-4" onClick={onClose}>
        Close
      </button>
    </Floating>
  );
}
