import { useState } from 'react';
import { problemWords } from '../api.ts';
import { FormButtons } from './FormButtons.tsx';
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
        <FormButtons className="mt-3" action={action} disabled={!mayBeEmpty && !name.trim()} onClose={onClose} />
      </form>
    </Floating>
  );
}
