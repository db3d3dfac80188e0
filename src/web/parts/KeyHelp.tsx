import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Floating } from './Sheet.tsx';
import { SHELVES } from './ShelvesMenu.tsx';
import { useSchool } from './units.ts';

/** True while a person types into something: single keys must not act then. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return !!target && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

const KEYS: [string, string][] = [
  ['?', 'These keys'],
  ['[ and ]', 'Step a round back or on (Desk)'],
  ['1–6', 'Who, Rules, Gear, Fit for all, Ways, Checks (Desk)'],
  ['F', 'The floor alone (Desk)'],
  ['Arrow keys', 'Move what is chosen 10 cm, with Shift 50 cm; move a cut 15 s'],
  ['Shift + Enter, Shift + click', 'Choose one more (floor)'],
  ['R, Delete', 'Turn a piece, remove what is chosen (floor)'],
  ['Enter or Space', 'Choose what has the focus (floor); Escape lets go of it'],
  ['Arrow keys', 'Step through the marks (Set up the floor) or the seconds, Page Up and Down a minute (Try it out)'],
  ['Ctrl + K', 'Find anything'],
  ['Ctrl + Z, Ctrl + Shift + Z', 'Undo (Desk and every shelf), redo (Desk)'],
  ['Space', 'Hold everything, resume (Whistle); pick up a student, put down (Who)'],
  ['Enter, Escape', 'Keep what was typed, put back what was there'],
  ['G then a letter', SHELVES.map((s) => `${s.key.toUpperCase()} ${s.label}`).join(', ')],
];

/** `?` shows the keys; G and a letter open a shelf. Single letters can be switched off in Settings. */
export function KeyHelp() {
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  const { singleKeys } = useSchool();
  const going = useRef(0);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || !singleKeys) return;
      if (event.key === '?') return setOpen(true);
      if (event.timeStamp - going.current < 1500 && going.current) {
        const shelf = SHELVES.find((s) => s.key === event.key.toLowerCase());
        going.current = 0;
        if (shelf) navigate(shelf.to);
      } else if (event.key === 'g') going.current = event.timeStamp;
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate, singleKeys]);
  return (
    <Floating open={open} onClose={() => setOpen(false)} title="Keys" wide>
      <dl className="grid grid-cols-[220px_1fr] gap-x-4 gap-y-2">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="head">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <button type="button" className="btn mt-4" onClick={() => setOpen(false)}>
        Close
      </button>
    </Floating>
  );
}
