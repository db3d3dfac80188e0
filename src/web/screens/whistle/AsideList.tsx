import { useState } from 'react';
import type { RunEvent } from '../../../core/model/run.ts';
import { isStorable } from '../../../core/model/text.ts';
import { inputWords } from '../../../core/words/en.ts';
import { runEventWords } from '../../../core/words/run.en.ts';
import type { AsideEvent } from './outbox.ts';
import type { LiveRun } from './useRun.ts';

/** The same text without what no store can hold. */
const tidied = (text: string) => [...text].filter(isStorable).join('').slice(0, 2000);

const reasonOf = (why: string) => (why === 'server' ? 'Side Court failed on it' : `It ${inputWords(why)}`);

/** Entries that the server refused, each with its reason: sent again, changed, removed, or left here for later. Everything else has been saved without them. */
export function AsideList({ run }: { run: LiveRun }) {
  if (!run.aside.length) return null;
  return (
    <section aria-label="Not saved" className="mb-4 border-[1.5px] border-stop p-3">
      <h3 className="text-base text-stop">{run.aside.length === 1 ? '1 entry isn’t saved' : `${run.aside.length} entries aren’t saved`}</h3>
      <p className="text-muted">Everything else is. {run.aside.length === 1 ? 'It stays' : 'They stay'} on this device until you decide.</p>
      <ul>
        {run.aside.map((each) => (
          <AsideEntry key={each.event.id} aside={each} run={run} />
        ))}
      </ul>
    </section>
  );
}

function AsideEntry({ aside: { event, why }, run }: { aside: AsideEvent; run: LiveRun }) {
  const [text, setText] = useState(event.type === 'note' ? tidied(event.text) : '');
  const words = runEventWords(event, run.plan);
  const changed: RunEvent | undefined = event.type === 'note' ? { ...event, text } : undefined;
  return (
    <li className="mt-2 border-t pt-2">
      <p>
        {words}. <span className="text-muted">{reasonOf(why)}.</span>
      </p>
      {event.type === 'note' && (
        <textarea
          aria-label="The note, to change"
          className="field mt-1 h-20 w-full"
          value={text}
          maxLength={2000}
          onChange={(e) => setText(e.target.value)}
        />
      )}
      <div className="mt-2 flex gap-3">
        <button type="button" className="btn btn-tape" onClick={() => run.retry(event.id, changed)}>
          {changed ? 'Save the note' : 'Try again'}
        </button>
        <button type="button" className="btn" aria-label={`Remove it: ${words}`} onClick={() => run.drop(event.id)}>
          Remove it
        </button>
      </div>
    </li>
  );
}
