import { useId } from 'react';
import type { Quantity } from '../../core/formats/measures.ts';
import { useUnits } from './units.ts';
import { useCommit } from './useCommit.ts';

interface Shared {
  /** What the value is, read aloud; the sentence around it says it to the eye. */
  label: string;
  /** The teacher's own choice in place of the usual one: a piece of tape. */
  own?: boolean;
}

/** From so many letters on a value may be wider than its column. */
const LONG = 30;

/** A value inside a sentence, underlined, changed in place. Empty, it shows what is usual. */
export function SaidText({
  label,
  own,
  value,
  usual = 'not said',
  inputMode,
  onCommit,
}: Shared & {
  value: string;
  usual?: string;
  inputMode?: 'text' | 'numeric' | 'decimal';
  onCommit: (text: string) => Promise<unknown> | unknown;
}) {
  const { text, setText, error, commit, onKeyDown } = useCommit(value, onCommit);
  const id = useId();
  // What is long is not cut: it goes on in a next line.
  const Field = value.length > LONG ? 'textarea' : 'input';
  return (
    <span className="inline-flex max-w-full flex-col">
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <Field
        id={id}
        className={`said ${own ? 'said-own' : ''}`}
        value={text}
        placeholder={usual}
        inputMode={inputMode}
        aria-invalid={error !== ''}
        aria-describedby={error ? `${id}-error` : undefined}
        onChange={(e: React.ChangeEvent<HTMLInputElement & HTMLTextAreaElement>) => setText(e.target.value.replace(/\n/g, ' '))}
        onBlur={() => void commit()}
        onKeyDown={(e: React.KeyboardEvent) => {
          if (e.key === 'Enter') e.preventDefault();
          onKeyDown(e);
        }}
        {...(Field === 'textarea' ? { rows: 1 } : {})}
      />
      {error && (
        <span id={`${id}-error`} role="alert" className="max-w-72 text-xs text-stop">
          {error}
        </span>
      )}
    </span>
  );
}

/** A choice inside a sentence, underlined. */
export function SaidChoice<T extends string>({
  label,
  own,
  value,
  options,
  faint,
  onPick,
}: Shared & {
  value: T;
  options: readonly (readonly [T, string])[];
  /** The value is only the usual one. */
  faint?: boolean;
  onPick: (value: T) => void;
}) {
  const id = useId();
  return (
    <span className="inline-flex max-w-full">
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <select
        id={id}
        className={`said ${own ? 'said-own' : ''} ${faint ? 'said-faint' : ''}`}
        value={value}
        onChange={(e) => onPick(e.target.value as T)}
      >
        {options.map(([v, text]) => (
          <option key={v} value={v}>
            {text}
          </option>
        ))}
      </select>
    </span>
  );
}

/** A length inside a sentence, in the school's unit. */
export function SaidLength({ value, onPut, ...shared }: Shared & { value: number; onPut(metres: number): Promise<unknown> }) {
  const units = useUnits();
  return <SaidText {...shared} value={units.say(value)} onCommit={(text) => onPut(units.read(text))} />;
}

/** An area, a speed, a weight …, or its least and most, inside a sentence, in the school's unit. */
export function SaidMeasure({
  quantity,
  value,
  onPut,
  ...shared
}: Shared & {
  quantity: Quantity;
  value: number | readonly [number, number];
  onPut(value: number | [number, number]): Promise<unknown>;
}) {
  const units = useUnits();
  const read = (text: string) => (typeof value === 'number' ? units.readMeasure(quantity, text) : units.readSpan(quantity, text));
  return <SaidText {...shared} value={units.measure(quantity, value)} onCommit={(text) => onPut(read(text))} />;
}

/** What is so or not, inside a sentence. */
export function SaidYes({
  label,
  value,
  words,
  onPick,
}: {
  label: string;
  value: boolean;
  /** How it reads if it is so, and if not. */
  words: readonly [string, string];
  onPick(value: boolean): void;
}) {
  return (
    <SaidChoice
      {...{ label }}
      value={value ? 'yes' : 'no'}
      options={[['yes', words[0]] as const, ['no', words[1]] as const]}
      onPick={(v) => onPick(v === 'yes')}
    />
  );
}
