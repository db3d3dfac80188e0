import { useState } from 'react';
import type { Gear } from '../../../core/model/gear.ts';
import { problemWords } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { Floating } from '../../parts/Sheet.tsx';
import { useUnits } from '../../parts/units.ts';

const CHOICES: [keyof Gear, string, readonly string[]][] = [
  ['firmness', 'Firmness', ['soft', 'medium', 'hard']],
  ['bounce', 'Bounce', ['none', 'low', 'high']],
  ['sound', 'Sound', ['none', 'rattle', 'bell', 'beep']],
  ['tether', 'Tether', ['none', 'from above', 'in the hand']],
];

/** Everything one line of the cupboard may say about the gear; an empty field says nothing. */
export function GearDetails({
  gear,
  onClose,
  save,
}: {
  gear: Gear | undefined;
  onClose: () => void;
  save: (gear: Gear, change: Partial<Gear>) => Promise<void>;
}) {
  const units = useUnits();
  const [problem, setProblem] = useState('');
  if (!gear) return null;
  const length = (key: 'diameterM' | 'lengthM' | 'faceWidthM', label: string) => (
    <CommitField
      label={label}
      value={gear[key] === undefined ? '' : units.say(gear[key])}
      onCommit={(t) => save(gear, { [key]: t.trim() === '' ? undefined : units.read(t) })}
    />
  );
  const number = (key: 'massG' | 'gripMm', label: string) => (
    <CommitField
      label={label}
      inputMode="numeric"
      value={gear[key] === undefined ? '' : String(gear[key])}
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
  return (
    <Floating open onClose={onClose} title={gear.name}>
      <div className="grid grid-cols-2 gap-3">
        {length('diameterM', 'Diameter')}
        {length('lengthM', 'Length')}
        {number('massG', 'Mass (g)')}
        {length('faceWidthM', 'Face width')}
        {number('gripMm', 'Grip (mm)')}
        {CHOICES.map(([key, label, options]) => (
          <ChoiceField
            key={key}
            label={label}
            value={String(gear[key] ?? '')}
            options={[['', 'not said'] as const, ...options.map((o) => [o, o] as const)]}
            onPick={(v) => attempt(save(gear, { [key]: v === '' ? undefined : v }))}
          />
        ))}
        <CommitField label="Colour" value={gear.colour ?? ''} onCommit={(colour) => save(gear, { colour })} />
        <CommitField label="Texture" value={gear.texture ?? ''} onCommit={(texture) => save(gear, { texture })} />
        <label className="flex items-center gap-2 self-end py-1.5">
          <input
            type="checkbox"
            className="h-4 w-4 accent-tape"
            checked={gear.latex}
            onChange={(e) => attempt(save(gear, { latex: e.target.checked }))}
          />
          Contains latex
        </label>
      </div>
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
