import { X } from 'lucide-react';
import { useId, useState } from 'react';
import { BANDS, type Band } from '../../core/model/band.ts';
import type { StudentPrivate } from '../../core/model/student.ts';
import { COMMON_SUPPORTS, SUPPORT_FAMILIES, type Support, type SupportFamily, type SupportKind } from '../../core/model/support.ts';
import { BAND_WORDS } from '../../core/words/facts.en.ts';
import { DEGREE_WORDS, SUPPORT_FAMILY_WORDS, SUPPORT_WORDS } from '../../core/words/supports.en.ts';
import { problemWords } from '../api.ts';
import { ChoiceField, CommitField } from './CommitField.tsx';
import { NoteToSort } from './NoteToSort.tsx';
import { Problem } from './Problem.tsx';
import { readCount } from './readCount.ts';
import { SupportsMore } from './SupportsMore.tsx';

/** What of a student's private record is edited here. */
export type SupportsKnown = Pick<StudentPrivate, 'supports' | 'wish' | 'toSort' | 'refined' | 'limits' | 'wishes' | 'band'>;
/** An empty band is the class's. */
export type SupportsChange = Partial<Omit<SupportsKnown, 'band'>> & { band?: Band | '' };

interface Props {
  name: string;
  known: SupportsKnown;
  save(change: SupportsChange): Promise<unknown>;
}

/** Supports that have a side, a width, seconds of work and rest. */
const SIDED: readonly SupportKind[] = ['one-handed', 'artificial-limb', 'brace', 'stands-with-support', 'sees-one-side', 'no-load-on-hand'];
const WIDE: readonly SupportKind[] = ['wheelchair', 'power-chair', 'walker', 'crutches'];
const hasDegree = (kind: SupportKind) =>
  !WIDE.includes(kind) &&
  !(SUPPORT_FAMILIES.limits as readonly string[]).includes(kind) &&
  !['blind', 'deaf', 'mouths-things', 'plays-seated', 'breaks', 'no-shoes', 'light-activity', 'signs', 'cane', 'one-handed'].includes(kind);
/** Supports that often hold for a while: limits, a day's light activity, a cast on one hand. */
const FOR_A_WHILE: readonly SupportKind[] = [
  ...SUPPORT_FAMILIES.limits,
  ...SUPPORT_FAMILIES.today,
  'one-handed',
  'no-load-on-hand',
  'crutches',
  'brace',
];
const isDated = (kind: SupportKind) => FOR_A_WHILE.includes(kind);
const FAMILIES = Object.entries(SUPPORT_FAMILIES) as [SupportFamily, readonly SupportKind[]][];

/** What a student needs, by function: typed or picked, each with its degree. Private, and it says so. */
export function SupportsEditor({ name, known, save }: Props) {
  const { supports, wish = '' } = known;
  const [sought, setSought] = useState('');
  const [problem, setProblem] = useState('');
  const id = useId();
  const change = (next: SupportsChange) =>
    save(next).then(
      () => setProblem(''),
      (error) => setProblem(problemWords(error)),
    );
  const put = (next: readonly Support[]) => change({ supports: [...next] });
  const has = new Set(supports.map((s) => s.kind));
  const add = (kind: SupportKind) => {
    setSought('');
    if (!has.has(kind)) void put([...supports, { kind }]);
  };
  const text = sought.trim().toLowerCase();
  const found = text
    ? FAMILIES.flatMap(([, kinds]) => kinds).filter((k) => !has.has(k) && SUPPORT_WORDS[k].toLowerCase().includes(text))
    : [];
  return (
    <div className="flex flex-col gap-2">
      <p className="font-bold">{name}</p>
      <p className="text-xs text-muted">Only you see this: never on the wall, a card, or an export.</p>
      {known.toSort && <NoteToSort note={known.toSort} {...{ has, add }} onSorted={() => void change({ toSort: '' })} />}
      {supports.length > 0 && (
        <ul aria-label="Supports" className="flex flex-col">
          {supports.map((support) => (
            <SupportRow
              key={support.kind}
              support={support}
              onChange={(next) => put(supports.map((s) => (s.kind === next.kind ? next : s)))}
              onRemove={() => void put(supports.filter((s) => s !== support))}
            />
          ))}
        </ul>
      )}
      <div>
        <label htmlFor={id} className="mb-0.5 block text-xs text-muted">
          Add a support: type a few letters, then Enter
        </label>
        <input
          id={id}
          className="field"
          value={sought}
          onChange={(e) => setSought(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return;
            e.preventDefault();
            if (found[0]) add(found[0]);
          }}
        />
      </div>
      <div className="flex flex-wrap gap-1.5">
        {(text ? found.slice(0, 8) : COMMON_SUPPORTS.filter((k) => !has.has(k))).map((kind) => (
          <button key={kind} type="button" className="border px-2 py-0.5 hover:bg-tint" onClick={() => add(kind)}>
            {SUPPORT_WORDS[kind]}
          </button>
        ))}
        {text && found.length === 0 && <p className="text-muted">No support has “{sought}” in its name.</p>}
      </div>
      <details>
        <summary className="cursor-pointer text-muted hover:text-ink">All supports</summary>
        {FAMILIES.map(([family, kinds]) => (
          <fieldset key={family} className="mt-2">
            <legend className="text-xs text-muted">{SUPPORT_FAMILY_WORDS[family]}</legend>
            <div className="flex flex-wrap gap-x-3">
              {kinds.map((kind) => (
                <label key={kind} className="flex items-center gap-1.5 py-0.5">
                  <input
                    type="checkbox"
                    className="h-4 w-4 accent-tape"
                    checked={has.has(kind)}
                    onChange={(e) => void put(e.target.checked ? [...supports, { kind }] : supports.filter((s) => s.kind !== kind))}
                  />
                  {SUPPORT_WORDS[kind]}
                </label>
              ))}
            </div>
          </fieldset>
        ))}
      </details>
      <SupportsMore name={name} known={known} put={change} />
      <ChoiceField
        label="Plays as"
        value={known.band ?? ''}
        options={[['', 'the grades of the class'] as const, ...BANDS.map((b) => [b, BAND_WORDS[b]] as const)]}
        onPick={(band) => void change({ band })}
      />
      <CommitField label="The student’s own wish" value={wish} onCommit={(line) => save({ wish: line.trim() })} />
      <Problem text={problem} />
    </div>
  );
}

/** One support with its numbers, in words that are changed in place. */
function SupportRow({ support, onChange, onRemove }: { support: Support; onChange(next: Support): Promise<unknown>; onRemove(): void }) {
  const { kind, degree = 2, side, seconds, restSeconds, widthM, until } = support;
  const title = SUPPORT_WORDS[kind];
  return (
    <li className="flex flex-wrap items-center gap-x-2 gap-y-1 border-b py-1">
      <span className="min-w-32 flex-1 font-bold">{title}</span>
      {hasDegree(kind) && (
        <ChoiceField
          quiet
          className="cell"
          label={`${title}: how much`}
          value={String(degree)}
          options={Object.entries(DEGREE_WORDS)}
          onPick={(d) => void onChange({ ...support, degree: Number(d) as 1 | 2 | 3 })}
        />
      )}
      {SIDED.includes(kind) && (
        <ChoiceField
          quiet
          className="cell"
          label={`${title}: which side`}
          value={side ?? ''}
          options={[['', 'side?'] as const, ['left', 'left'] as const, ['right', 'right'] as const]}
          onPick={(s) => void onChange({ ...support, side: s === '' ? undefined : s })}
        />
      )}
      {WIDE.includes(kind) && (
        <CountInPlace
          label={`${title}: width in cm`}
          unit="cm wide"
          value={widthM && Math.round(widthM * 100)}
          onCommit={(n) => onChange({ ...support, widthM: n && n / 100 })}
        />
      )}
      {kind === 'stamina' && (
        <>
          <CountInPlace
            label={`${title}: seconds of work`}
            unit="s work"
            value={seconds}
            onCommit={(n) => onChange({ ...support, seconds: n })}
          />
          <CountInPlace
            label={`${title}: seconds of rest`}
            unit="s rest"
            value={restSeconds}
            onCommit={(n) => onChange({ ...support, restSeconds: n })}
          />
        </>
      )}
      {isDated(kind) && (
        <label className="flex items-center gap-1 text-xs text-muted">
          ask again on
          <input
            type="date"
            className="border px-1 text-sm text-ink"
            aria-label={`${title}: ask again on`}
            value={until ?? ''}
            onChange={(e) => void onChange({ ...support, until: e.target.value || undefined })}
          />
        </label>
      )}
      <button
        type="button"
        className="flex h-8 w-8 items-center justify-center hover:bg-tint"
        aria-label={`Remove ${title}`}
        onClick={onRemove}
      >
        <X size={15} aria-hidden="true" />
      </button>
    </li>
  );
}

/** A whole number in a sentence; nothing typed is nothing known. */
function CountInPlace({
  label,
  unit,
  value,
  onCommit,
}: {
  label: string;
  unit: string;
  value: number | undefined;
  onCommit(n: number | undefined): Promise<unknown>;
}) {
  return (
    <span className="flex w-28 items-center gap-1">
      <CommitField
        quiet
        inputMode="numeric"
        className="cell"
        label={label}
        placeholder="?"
        value={value === undefined ? '' : String(value)}
        onCommit={(text) => onCommit(text.trim() === '' ? undefined : readCount(text))}
      />
      <span className="text-xs whitespace-nowrap text-muted">{unit}</span>
    </span>
  );
}
