import { Printer } from 'lucide-react';

/** Puts the page on paper as it is. */
export function PrintButton() {
  return (
    <button type="button" className="btn flex items-center gap-1.5" onClick={() => window.print()}>
      <Printer size={15} aria-hidden="true" /> Print or save as PDF
    </button>
  );
}
