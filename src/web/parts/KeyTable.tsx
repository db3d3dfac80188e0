import { Floating } from './Sheet.tsx';
import { SHELVES } from './shelves.ts';

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

/** The keys and what they do; loaded when somebody asks for them. */
export default function KeyTable({ onClose }: { onClose: () => void }) {
  return (
    <Floating open onClose={onClose} title="Keys" wide>
      <dl className="grid grid-cols-[220px_1fr] gap-x-4 gap-y-2">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="head">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <button type="button" className="btn mt-4" onClick={onClose}>
        Close
      </button>
    </Floating>
  );
}
