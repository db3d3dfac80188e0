import { Popover } from 'radix-ui';

interface Props {
  /** The button that opens it. */
  trigger: React.ReactNode;
  /** What it is, read aloud. */
  label: string;
  open?: boolean;
  onOpenChange?(open: boolean): void;
  /** Width and what its inside is laid out by. */
  className: string;
  children: React.ReactNode;
}

/** A small sheet at the button that opens it, never larger than the room there is. */
export function Popup({ trigger, label, open, onOpenChange, className, children }: Props) {
  return (
    <Popover.Root open={open} onOpenChange={onOpenChange}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          collisionPadding={8}
          aria-label={label}
          className={`z-50 max-h-[var(--radix-popover-content-available-height)] max-w-[94vw] overflow-auto border-[1.5px] border-ink bg-paper shadow-lg ${className}`}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
