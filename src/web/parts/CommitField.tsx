import { useId } from 'react';
import { useCommit } from './useCommit.ts';

interface Props {
  label: string;
  value: string;
  /** Stores the text; a rejection or a thrown error is shown under the field and the text stays. */
  onCommit: (text: string) => Promise<unknown> | unknown;
  /** The label is read aloud only. */
  quiet?: boolean;
  hint?: string;
  multiline?: boolean;
  placeholder?: string;
  inputMode?: 'text' | 'numeric' | 'decimal';
  className?: string;
}

/** A field that saves when it is left or on Enter; Escape takes the text back. What was typed is never lost to an error. */
export function CommitField({ label, value, onCommit, quiet, hint, multiline, placeholder, inputMode, className }: Props) {
  const { text, setText, error, commit, onKeyDown } = useCommit(value, onCommit);
  const id = useId();
  const shared = {
    id,
    value: text,
    placeholder,
    'aria-invalid': error !== '',
    'aria-describedby': error || hint ? `${id}-more` : undefined,
    onChange: (e: React.ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => setText(e.target.value),
    onBlur: () => void commit(),
    className: `field ${className ?? ''}`,
  };
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={quiet ? 'sr-only' : 'mb-0.5 block text-xs text-muted'}>
        {label}
      </label>
      {multiline ? <textarea {...shared} rows={3} /> : <input {...shared} inputMode={inputMode} onKeyDown={onKeyDown} />}
      {(error || hint) && (
        <p id={`${id}-more`} role={error ? 'alert' : undefined} className={`mt-0.5 text-xs ${error ? 'text-stop' : 'text-muted'}`}>
          {error || hint}
        </p>
      )}
    </div>
  );
}

/** A labelled choice. */
export function ChoiceField<T extends string>({
  label,
  value,
  options,
  onPick,
  quiet,
  className,
}: {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onPick: (value: T) => void;
  quiet?: boolean;
  className?: string;
}) {
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={quiet ? 'sr-only' : 'mb-0.5 block text-xs text-muted'}>
        {label}
      </label>
      <select id={id} className={`field ${className ?? ''}`} value={value} onChange={(e) => onPick(e.target.value as T)}>
        {options.map(([v, text]) => (
          <option key={v} value={v}>
            {text}
          </option>
        ))}
      </select>
    </div>
  );
}
