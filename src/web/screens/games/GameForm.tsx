import { useState } from 'react';
import { BANDS, type Band } from '../../../core/model/band.ts';
import type { Game } from '../../../core/model/game.ts';
import { OUTDOORS } from '../../../core/model/gearKind.ts';
import type { OwnRule } from '../../../core/model/rule.ts';
import { setupFields } from '../../../core/shelf/gameFields.ts';
import type { GamePreview } from '../../../core/shelf/preview.ts';
import { formatWords } from '../../../core/words/en.ts';
import { FIELD_LABELS } from '../../../core/words/gameFields.en.ts';
import { KIND_LABELS } from '../../../core/words/rules.en.ts';
import type { Desk } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { useUnits } from '../../parts/units.ts';
import { SettingControl } from '../desk/SettingControl.tsx';
import { FamilyBoxes } from './choices.tsx';
import { SetupField } from './SetupFields.tsx';

interface Props {
  game: Game;
  preview: GamePreview | null;
  desk: Desk;
  onChange(game: Game): void;
}

/** Rules that no format can know. */
const OWN_KINDS = ['boundary', 'restart', 'tie', 'calm-down', 'safety'] as const;
const NOISES = [
  ['1', 'quiet'],
  ['2', 'in between'],
  ['3', 'loud'],
] as const;
const PLACES: Record<(typeof OUTDOORS)[number], string> = { in: 'inside', out: 'outside', both: 'inside or outside' };

/** Everything that a game says: its words, how it is played, its own rules, and what its settings are by grade. */
export function GameForm({ game, preview, desk, onChange }: Props) {
  const set = (change: object) => onChange({ ...game, ...change } as Game);
  const setup = game.setup as Record<string, unknown>;
  const gearKinds = [...new Set([...desk.cupboard.map((g) => g.gearKind), ...(desk.gearKinds ?? []).map((k) => k.kind)])];
  const text = (key: 'title' | 'aim' | 'story' | 'attentionCall' | 'stopSignal', most: number) => (
    <SetupField
      field={{ key, kind: 'text', most, isOptional: false }}
      value={game[key]}
      gearKinds={gearKinds}
      onChange={(value) => set({ [key]: value })}
    />
  );
  return (
    <div className="flex flex-col gap-5">
      <fieldset className="grid grid-cols-2 gap-2">
        <legend className="col-span-2 mb-1 w-full border-b text-base font-bold">In words</legend>
        {text('title', 60)}
        {text('attentionCall', 60)}
        {text('aim', 200)}
        {text('story', 600)}
        <ChoiceField
          label={FIELD_LABELS.noise}
          value={String(game.noise)}
          options={NOISES}
          onPick={(noise) => set({ noise: Number(noise) })}
        />
        <ChoiceField
          label={FIELD_LABELS.outdoors}
          value={game.outdoors}
          options={OUTDOORS.map((o) => [o, PLACES[o]] as const)}
          onPick={(outdoors) => set({ outdoors })}
        />
        <fieldset className="col-span-2">
          <legend className="text-xs text-muted">{FIELD_LABELS.families}</legend>
          <div className="flex flex-wrap gap-x-4">
            <FamilyBoxes chosen={game.families} onChoose={(families) => set({ families })} />
          </div>
        </fieldset>
      </fieldset>
      <fieldset className="grid grid-cols-2 gap-2">
        <legend className="col-span-2 mb-1 w-full border-b text-base font-bold">How it is played</legend>
        {setupFields(game.format).map((field) => (
          <SetupField
            key={field.key}
            field={field}
            value={setup[field.key]}
            gearKinds={gearKinds}
            onChange={(value) => {
              const { [field.key]: _, ...rest } = setup;
              set({ setup: value === undefined ? rest : { ...rest, [field.key]: value } });
            }}
          />
        ))}
      </fieldset>
      <OwnRules game={game} onChange={onChange} />
      {preview && <ByBand {...{ game, preview, onChange }} />}
    </div>
  );
}

/** The rules that are the game's alone, one field each; an empty one is not said. */
function OwnRules({ game, onChange }: Pick<Props, 'game' | 'onChange'>) {
  const ruleOf = (kind: string) => game.rules.find((r) => r.kind === kind);
  const set = (kind: string, words: string) => {
    const others = game.rules.filter((r) => r.kind !== kind);
    onChange({ ...game, rules: words ? [...others, { kind, text: words } as OwnRule] : others } as Game);
  };
  return (
    <fieldset className="grid grid-cols-2 gap-2">
      <legend className="col-span-2 mb-1 w-full border-b text-base font-bold">Rules of its own</legend>
      {OWN_KINDS.map((kind) => {
        const rule = ruleOf(kind);
        const words = rule && 'text' in rule ? rule.text : '';
        return (
          <label key={kind} className="block min-w-0">
            <span className="mb-0.5 block text-xs text-muted">
              {KIND_LABELS[kind]}
              {rule && !words ? ': in the usual words' : ''}
            </span>
            <textarea rows={2} maxLength={240} className="field" value={words} onChange={(e) => set(kind, e.target.value)} />
          </label>
        );
      })}
    </fieldset>
  );
}

/** Settings for one band at a time; those of the class's band first. */
function ByBand({ game, preview, onChange }: { game: Game; preview: GamePreview; onChange(game: Game): void }) {
  const units = useUnits();
  const [band, setBand] = useState<Band>(preview.band as Band);
  const own = game.bands[band] ?? {};
  const set = (key: string, value: unknown) => {
    const { [key]: _, ...rest } = own;
    onChange({
      ...game,
      bands: { ...game.bands, [band]: value === null || value === undefined ? rest : { ...rest, [key]: value } },
    } as Game);
  };
  return (
    <fieldset className="grid grid-cols-2 gap-2">
      <legend className="col-span-2 mb-1 w-full border-b text-base font-bold">By grade</legend>
      <ChoiceField
        label="Grades"
        value={band}
        options={BANDS.map((b) => [b, b.replace('-', '–')] as const)}
        onPick={setBand}
        className="col-span-2"
      />
      <span />
      {preview.settings
        .filter((meta) => meta.kind !== 'picks')
        .map((meta) => (
          <SettingControl
            key={`${band} ${meta.key}`}
            {...{ meta, units }}
            words={formatWords(game.format)}
            value={own[meta.key]}
            solved={band === preview.band ? preview.values[meta.key] : undefined}
            set={own[meta.key] !== undefined}
            onSet={(value) => set(meta.key, value)}
          />
        ))}
    </fieldset>
  );
}
