/** The foot of a form: what it does, and the way back. */
export function FormButtons({
  action,
  disabled,
  onClose,
  className = '',
}: {
  action: string;
  disabled: boolean | undefined;
  onClose(): void;
  className?: string;
}) {
  return (
    <div className={`flex gap-3 ${className}`}>
      <button type="submit" className="btn btn-tape" disabled={disabled}>
        {action}
      </button>
      <button type="button" className="btn" onClick={onClose}>
        Cancel
      </button>
    </div>
  );
}
