import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { RemoveDialog, type RemoveProps } from './RemoveDialog.tsx';

/** A press that removes a fact; a sign alone if it has no label. */
export function RemoveButton({ label, className = 'btn', ...removes }: RemoveProps & { label?: string; className?: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className={label ? className : 'flex h-8 w-8 items-center justify-center hover:bg-tint'}
        aria-label={label ? undefined : `Remove ${removes.name}`}
        onClick={() => setOpen(true)}
      >
        {label ?? <Trash2 size={15} aria-hidden="true" />}
      </button>
      {open && <RemoveDialog {...removes} onClose={() => setOpen(false)} />}
    </>
  );
}
