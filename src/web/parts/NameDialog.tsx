import { useState } from 'react';
import { problemWords } from '../api.ts';
import { Floating } from './Sheet.tsx';

/** Asks for one name (and what else the children hold) and stores it; an error stays in the dialog. */
export function NameDialog({
  open,
  title,
  label,
  action,
  onClose,
  onSave,
  mayBeEmpty = false,
  children,
}: {
  open: boolean;
  title: string;
  label: string;
  action: string;
  onClose: () => void;
  onSave: (name: string) => Promise<unknown>;
  mayBeEmpty?: boolean;
  children?: React.ReactNode;
}) {
  const [name, setName] = useState('');
  const [error, setError] = useState('');
  return (
    <Floating open={open} onClose={onClose} title={title}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          onSave(name).then(
            () => {
              setName('');
              setError('');
              onClose();
            },
            (problem) => setError(problemWords(problem)),
          );
        }}
      >
        <label className="mb-0.5 block text-xs text-muted" htmlFor="new-name">
          {label}
        </label>
        <input id="new-name" className="field" value={name} aria-invalid={error !== ''} onChange={(e) => setName(e.target.value)} />
        {children}
        {error && (
          <p role="alert" className="mt-1 text-stop">
            {error}
          </p>
        )}
        <div className="mt-3 flex gap-3">
          <button type="submit" className="btn btn-tape" disabled={!mayBeEmpty && !name.trim()}>
            {action}
          </button>
          <button type="button" className="btn" onClick={onClose}>
            Cancel
          </button>
        </div>
      </form>
    </Floating>
  );
}
