import { X } from 'lucide-react';
import { useState } from 'react';
import type { Dial } from '../../../../core/adapt/candidate.ts';
import { DIAL_NAME_WORDS } from '../../../../core/words/adapt.en.ts';
import { type DialNames, dialText, takesText } from './dialText.ts';

/** One change as a piece of tape: what it turns, what to do, what it takes; peeled off with a word. */
export function DialRow({ dial, names, onRefuse }: { dial: Dial; names: DialNames; onRefuse?(why: string): void }) {
  const [asking, setAsking] = useState(false);
  const [why, setWhy] = useState('');
  const takes = takesText(dial, names);
  return (
    <li className="torn bg-tint px-3 py-1.5">
      <div className="flex items-baseline gap-3">
        <span className="head w-20 shrink-0 text-sm text-muted">{DIAL_NAME_WORDS[dial.dial].toLowerCase()}</span>
        <span className="flex-1 font-bold">{dialText(dial, names)}</span>
        {takes && <span className="max-w-[40%] text-right text-xs text-muted">{takes}</span>}
        {onRefuse && (
          <button
            type="button"
            className="self-center p-1 hover:bg-paper"
            aria-label={`Refuse: ${dialText(dial, names)}`}
            onClick={() => setAsking(!asking)}
          >
            <X size={14} aria-hidden="true" />
          </button>
        )}
      </div>
      {asking && onRefuse && (
        <form
          className="mt-1 flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            onRefuse(why.trim());
          }}
        >
          <label className="flex-1 text-xs text-muted">
            Why not? (optional, private)
            <input className="field text-sm text-ink" value={why} maxLength={160} onChange={(e) => setWhy(e.target.value)} />
          </label>
          <button type="submit" className="btn">
            Refuse this change
          </button>
        </form>
      )}
    </li>
  );
}
