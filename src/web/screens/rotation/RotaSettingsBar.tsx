import type { Kind, RotaSettings } from './rotas.ts';

type Numbers = { [K in keyof RotaSettings]: RotaSettings[K] extends number ? K : never }[keyof RotaSettings];
const NUMBERS: Record<Numbers, { label: string; least: number; most: number; step: number; kinds: Kind[] }> = {
  courts: { label: 'Courts', least: 1, most: 12, step: 1, kinds: ['matches'] },
  rounds: { label: 'Rounds', least: 1, most: 40, step: 1, kinds: ['roles', 'calls'] },
  exercises: { label: 'Exercises', least: 1, most: 16, step: 1, kinds: ['pairs'] },
  atOnce: { label: 'Numbers at once', least: 1, most: 3, step: 1, kinds: ['calls'] },
  seconds: { label: 'Seconds', least: 10, most: 1800, step: 10, kinds: ['matches', 'roles', 'pairs'] },
  change: { label: 'Change, seconds', least: 0, most: 300, step: 5, kinds: ['matches', 'roles', 'pairs'] },
};

interface Props {
  kind: Kind;
  settings: RotaSettings;
  onChange(change: Partial<RotaSettings>): void;
}

/** What a rotation that is not planned is made of. */
export function RotaSettingsBar({ kind, settings, onChange }: Props) {
  return (
    <>
      {(Object.keys(NUMBERS) as Numbers[])
        .filter((key) => NUMBERS[key].kinds.includes(kind))
        .map((key) => {
          const { label, least, most, step } = NUMBERS[key];
          return (
            <label key={key} className="w-28 text-xs text-muted">
              {label}
              <input
                type="number"
                className="field mt-0.5 w-full text-sm text-ink"
                min={least}
                max={most}
                step={step}
                value={settings[key]}
                onChange={(e) => {
                  const value = Math.round(Number(e.target.value));
                  if (Number.isFinite(value)) onChange({ [key]: Math.min(most, Math.max(least, value)) });
                }}
              />
            </label>
          );
        })}
      {kind === 'roles' && (
        <label className="w-60 text-xs text-muted">
          Roles, with commas between
          <input
            className="field mt-0.5 w-full text-sm text-ink"
            value={settings.roles}
            maxLength={120}
            onChange={(e) => onChange({ roles: e.target.value })}
          />
        </label>
      )}
      {kind === 'matches' && (
        <label className="flex items-center gap-2 pb-1.5">
          <input
            type="checkbox"
            className="h-5 w-5 accent-tape"
            checked={settings.referees}
            onChange={(e) => onChange({ referees: e.target.checked })}
          />
          resting teams referee
        </label>
      )}
    </>
  );
}
