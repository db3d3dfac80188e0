import { ArrowDown, ArrowUp, Plus, X } from 'lucide-react';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import type { SettingMeta } from '../../../core/formats/setting.ts';
import { clockOf } from '../../../core/formats/speak.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import type { Units } from '../../parts/units.ts';

interface Props {
  meta: SettingMeta;
  words: FormatWords;
  value: unknown;
  /** What fit or the band came to where the teacher set nothing. */
  solved?: unknown;
  set: boolean;
  units: Units;
  onSet(value: unknown): void;
}

/** Seconds from "90", "90 s", "1:30". */
function readSeconds(text: string): number {
  const clock = text.trim().match(/^(\d+):([0-5]\d)$/);
  if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
  const plain = text.trim().match(/^(\d+)\s*s?$/);
  if (!plain) throw new Error(`"${text}" is not a time. Write 90, or 1:30.`);
  return Number(plain[1]);
}

function within(value: number, meta: SettingMeta, say: (v: number) => string): number {
  if (meta.least !== undefined && value < meta.least) throw new Error(`At least ${say(meta.least)}.`);
  if (meta.most !== undefined && value > meta.most) throw new Error(`At most ${say(meta.most)}.`);
  return value;
}

/** A setting drawn by its kind; the format gives the words and the bounds. */
export function SettingControl({ meta, words, value, solved, set, units, onSet }: Props) {
  const word = words.settings[meta.key];
  const back = set && (
    <button type="button" className="mt-0.5 text-xs text-tape underline" onClick={() => onSet(null)}>
      Reset{word.solved ? `: ${word.solved}` : ''}
    </button>
  );
  const hint = set ? undefined : word.solved ? word.solved : meta.house ? 'Side Court default' : undefined;
  const shown = value ?? solved;
  if (meta.kind === 'map') return null;
  if (meta.kind === 'picks') return <Picks meta={meta} label={word.label} value={(value as string[]) ?? []} onSet={onSet} />;
  if (meta.kind === 'choice') {
    const options = meta.options!.map((o) => [String(o.value), o.title ?? word.options?.[String(o.value)] ?? String(o.value)] as const);
    return (
      <ChoiceField
        label={word.label}
        value={String(shown)}
        options={options}
        onPick={(v) => onSet(typeof meta.options![0].value === 'number' ? Number(v) : v)}
      />
    );
  }
  if (meta.kind === 'switch') {
    return (
      <label className="flex items-center gap-2 self-end py-1.5">
        <input type="checkbox" className="h-4 w-4 accent-tape" checked={value === true} onChange={(e) => onSet(e.target.checked)} />
        {word.label}
      </label>
    );
  }
  if (meta.kind === 'text') {
    return (
      <div className="col-span-2">
        <CommitField
          label={word.label}
          value={String(value ?? '')}
          hint={hint}
          onCommit={(text) => onSet(text.trim() === '' ? null : text.trim())}
        />
      </div>
    );
  }
  const say = (v: number) => (meta.kind === 'metres' ? units.say(v) : meta.kind === 'seconds' ? clockOf(v) : String(v));
  const read = (text: string) => {
    if (text.trim() === '') return null;
    if (meta.kind === 'metres') return within(units.read(text), meta, say);
    const number = meta.kind === 'seconds' ? readSeconds(text) : Number(text);
    if (!Number.isInteger(number)) throw new Error(`"${text}" is not a whole number.`);
    return within(number, meta, say);
  };
  return (
    <div>
      <CommitField
        label={word.label}
        value={shown === undefined || shown === null ? '' : say(Number(shown))}
        hint={hint}
        onCommit={(text) => onSet(read(text))}
      />
      {back}
    </div>
  );
}

function Picks({ meta, label, value, onSet }: { meta: SettingMeta; label: string; value: string[]; onSet(value: string[]): void }) {
  const title = (id: string) => meta.options!.find((o) => o.value === id)?.title ?? id;
  const games = meta.options!.filter((o) => o.isGame);
  const swap = (i: number, j: number) => onSet(value.map((v, k) => (k === i ? value[j] : k === j ? value[i] : v)));
  const small = 'flex h-6 w-6 items-center justify-center hover:bg-tint disabled:opacity-30';
  return (
    <fieldset className="col-span-2">
      <legend className="mb-0.5 text-xs text-muted">
        {label} ({value.length} of at most {meta.most})
      </legend>
      <ol>
        {value.map((id, i) => (
          <li key={`${id}-${i}`} className="flex items-center gap-1 border-b py-0.5">
            <span className="head w-6 text-tape">{i + 1}</span>
            <span className="min-w-0 flex-1 truncate">{title(id)}</span>
            <button type="button" className={small} disabled={i === 0} aria-label={`${title(id)} earlier`} onClick={() => swap(i, i - 1)}>
              <ArrowUp size={14} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={small}
              disabled={i === value.length - 1}
              aria-label={`${title(id)} later`}
              onClick={() => swap(i, i + 1)}
            >
              <ArrowDown size={14} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={small}
              disabled={value.length >= (meta.most ?? 12)}
              aria-label={`${title(id)} once more`}
              onClick={() => onSet([...value.slice(0, i + 1), id, ...value.slice(i + 1)])}
            >
              <Plus size={14} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={small}
              disabled={value.length <= (meta.least ?? 1)}
              aria-label={`Take out ${title(id)}`}
              onClick={() => onSet(value.filter((_, k) => k !== i))}
            >
              <X size={14} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ol>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {meta
          .options!.filter((o) => !o.isGame && !value.includes(String(o.value)) && value.length < (meta.most ?? 12))
          .map((o) => (
            <button
              key={String(o.value)}
              type="button"
              className="torn bg-tint px-2.5 py-0.5 text-tape hover:bg-[#c9d8f4]"
              onClick={() => onSet([...value, String(o.value)])}
            >
              + {o.title}
            </button>
          ))}
      </div>
      {games.length > 0 && value.length < (meta.most ?? 12) && (
        <div className="mt-1.5">
          <ChoiceField
            label="Add another game here"
            value=""
            options={[['', 'choose a game …'] as const, ...games.map((o) => [String(o.value), o.title ?? ''] as const)]}
            onPick={(game) => game && onSet([...value, game])}
          />
        </div>
      )}
    </fieldset>
  );
}
