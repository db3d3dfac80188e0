import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  title: string;
  /** What the large button does and says; nothing if it cannot be pressed now. */
  act(): void;
  actLabel: string;
  disabled?: boolean;
  onClose(): void;
  children: ReactNode;
}

/** A question over the running lesson: one large answer, and a way back. */
export function WhistleDialog({ title, act, actLabel, disabled, onClose, children }: Props) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/60" />
        <Dialog.Content
          aria-describedby={undefined}
          className="inked fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[640px] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-auto border-[1.5px] border-paper bg-ink p-6 text-paper max-[600px]:p-4"
        >
          <Dialog.Title className="text-xl">{title}</Dialog.Title>
          {children}
          <div className="mt-5 flex gap-3">
            <button
              type="button"
              className="wide min-h-[52px] flex-1 bg-paper px-4 text-center text-ink hover:bg-tint disabled:opacity-40"
              disabled={disabled}
              onClick={act}
            >
              {actLabel}
            </button>
            <button type="button" className="head min-h-[52px] bg-ink-3 px-5 text-base hover:bg-[#3a4a60]" onClick={onClose}>
              Cancel
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
