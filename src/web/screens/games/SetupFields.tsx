import { Plus, X } from 'lucide-react';
import { useId } from 'react';
import { emptyValue, type Field } from '../../../core/shelf/gameFields.ts';
import { FIELD_LABELS } from '../../../core/words/gameFields.en.ts';
import { freshId } from '../../api.ts';

interface Props {
  field: Field;
  value: unknown;
  /** What it is called if not by its key: an entry of a list by its number. */
  label?: string;
  gearKinds: readonly string[];
  /** Undefined takes an optional field out. */
  onChange(value: unknown): void;
}

const newItem = (field: Field) => emptyValue(field, () => freshId('s').slice(0, 12));

/** One field of a game's setup, drawn by its kind; lists and parts hold others. */
export function SetupField({ field, value, label, gearKinds, onChange }: Props) {
  const id = useId();
  const words = label ?? FIELD_LABELS[field.key] ?? field.key;
  const isAbsent = field.isOptional && value === undefined;
  if (isAbsent && field.kind !== 'gear' && field.kind !== 'choice')
    return (
      <button
        type="button"
        className="inline-flex items-center gap-1 self-start text-sm text-tape underline"
        onClick={() => onChange(newItem(field))}
      >
        <Plus size={14} aria-hidden="true" /> {words}
      </button>
    );
  if (field.kind === 'list') return <ListField {...{ field, gearKinds, onChange }} value={value} label={words} />;
  if (field.kind === 'part') return <PartField {...{ field, gearKinds, onChange }} value={value} label={words} />;
  if (field.kind === 'switch')
    return (
      <label className="flex min-h-9 items-center gap-2 self-end">
        <input type="checkbox" className="size-4 accent-tape" checked={value === true} onChange={(e) => onChange(e.target.checked)} />
        {words}
      </label>
    );
  const input =
    field.kind === 'text' ? (
      field.most > 60 ? (
        <textarea
          id={id}
          rows={2}
          maxLength={field.most}
          className="field"
          value={String(value ?? '')}
          onChange={(e) => onChange(e.target.value)}
        />
      ) : (
        <input id={id} maxLength={field.most} className="field" value={String(value ?? '')} onChange={(e) => onChange(e.target.value)} />
      )
    ) : field.kind === 'number' ? (
      <input
        id={id}
        type="number"
        className="field w-24"
        min={field.least}
        max={field.most}
        step={field.isWhole ? 1 : 0.1}
        value={String(value ?? '')}
        onChange={(e) => e.target.value !== '' && onChange(Number(e.target.value))}
      />
    ) : (
      <select
        id={id}
        className="field"
        value={String(value ?? '')}
        onChange={(e) => onChange(e.target.value === '' ? undefined : e.target.value)}
      >
        {(field.isOptional || value === '') && <option value="">{field.isOptional ? 'none' : 'choose …'}</option>}
        {(field.kind === 'choice' ? field.options : [...new Set([...(value ? [String(value)] : []), ...gearKinds])]).map((option) => (
          <option key={option} value={option}>
            {option.replaceAll('-', ' ')}
          </option>
        ))}
      </select>
    );
  return (
    <div className={`min-w-0 ${field.kind === 'text' && field.most > 60 ? 'col-span-2' : ''}`}>
      <label htmlFor={id} className="mb-0.5 block text-xs text-muted">
        {words}
      </label>
      {input}
    </div>
  );
}

function ListField({
  field,
  value,
  label,
  gearKinds,
  onChange,
}: Omit<Props, 'field'> & { field: Extract<Field, { kind: 'list' }>; label: string }) {
  const items = Array.isArray(value) ? value : [];
  const { of, least, most } = field;
  const one = label.split(',')[0];
  return (
    <fieldset className="col-span-2 border-l-2 pl-3">
      <legend className="text-sm font-bold">{label}</legend>
      <ol className="flex flex-col gap-2">
        {items.map((item, i) => (
          <li key={(item as { id?: string } | null)?.id ?? i} className="flex items-start gap-2">
            <div className="grid min-w-0 flex-1 grid-cols-2 gap-2">
              <SetupField
                field={of}
                value={item}
                label={`${one}, ${i + 1}`}
                gearKinds={gearKinds}
                onChange={(next) => onChange(items.with(i, next))}
              />
            </div>
            {items.length > least && (
              <button
                type="button"
                className="mt-4 flex size-8 items-center justify-center hover:bg-tint"
                aria-label={`Take out ${one}, ${i + 1}`}
                onClick={() => onChange(items.filter((_, k) => k !== i))}
              >
                <X size={15} aria-hidden="true" />
              </button>
            )}
          </li>
        ))}
      </ol>
      {items.length < most && (
        <button
          type="button"
          className="mt-1 inline-flex items-center gap-1 text-sm text-tape underline"
          onClick={() => onChange([...items, newItem(of)])}
        >
          <Plus size={14} aria-hidden="true" /> One more: {one.toLowerCase()}
        </button>
      )}
    </fieldset>
  );
}

function PartField({
  field,
  value,
  label,
  gearKinds,
  onChange,
}: Omit<Props, 'field'> & { field: Extract<Field, { kind: 'part' }>; label: string }) {
  const part = (value ?? {}) as Record<string, unknown>;
  const set = (key: string, next: unknown) => {
    const { [key]: _, ...rest } = part;
    onChange(next === undefined ? rest : { ...rest, [key]: next });
  };
  return (
    <fieldset className="col-span-2 grid grid-cols-2 gap-2 border-l-2 border-tape pl-3">
      <legend className="col-span-2 text-sm font-bold">
        {label}
        {field.isOptional && (
          <button type="button" className="ml-2 text-xs font-normal text-tape underline" onClick={() => onChange(undefined)}>
            Take out
          </button>
        )}
      </legend>
      {field.fields.map((f) => (
        <SetupField key={f.key} field={f} value={part[f.key]} gearKinds={gearKinds} onChange={(next) => set(f.key, next)} />
      ))}
    </fieldset>
  );
}
