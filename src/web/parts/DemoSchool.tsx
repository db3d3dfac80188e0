import { useState } from 'react';
import { call, problemWords } from '../api.ts';
import { Problem } from './Problem.tsx';
import { Floating } from './Sheet.tsx';
import { useSchool } from './units.ts';

/** Where the service worker keeps the server's answers. */
const KNOWN_ANSWERS = 'side-court-known';

/** Another school now: nothing that this browser kept of the one before may come back, then the page begins anew. */
async function beginAnew(): Promise<void> {
  for (const storage of [localStorage, sessionStorage])
    for (const key of Object.keys(storage)) if (key.startsWith('side-court-')) storage.removeItem(key);
  await caches.delete(KNOWN_ANSWERS);
  location.assign('/');
}

/** The press that opens the invented school from an empty one. */
export function EnterDemo() {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const enter = () => {
    setBusy(true);
    call('POST', '/demo').then(beginAnew, (error) => {
      setBusy(false);
      setProblem(problemWords(error));
    });
  };
  return (
    <>
      <button type="button" className="btn" disabled={busy} onClick={enter}>
        {busy ? 'Opening the demo school …' : 'Look around in the demo school'}
      </button>
      <p className="mt-1 text-xs text-muted">
        Alder Hollow is invented: a full day, six classes, eight weeks of lessons. Settings takes you back.
      </p>
      <Problem text={problem} />
    </>
  );
}

/** In the demo school alone: the way back to one's own. */
export function LeaveDemo() {
  const { demo, name } = useSchool();
  const [asks, setAsks] = useState(false);
  const [problem, setProblem] = useState('');
  if (!demo) return null;
  return (
    <section className="mt-7 max-w-[820px] border-l-[3px] border-tape pl-3" aria-label="Demo school">
      <h2 className="text-base">This is the demo school</h2>
      <p className="text-muted">{name} is invented. Go back and your own school is there, with nothing in it yet.</p>
      <button type="button" className="btn mt-2" onClick={() => setAsks(true)}>
        Leave the demo school
      </button>
      <Floating open={asks} onClose={() => setAsks(false)} title="Leave the demo school?">
        <p>What you tried in it goes. A backup is made first, and you can open the demo anew at any time.</p>
        <Problem text={problem} />
        <div className="mt-3 flex gap-3">
          <button
            type="button"
            className="btn btn-tape"
            onClick={() => void call('DELETE', '/demo').then(beginAnew, (error) => setProblem(problemWords(error)))}
          >
            Open my own school
          </button>
          <button type="button" className="btn" onClick={() => setAsks(false)}>
            Cancel
          </button>
        </div>
      </Floating>
    </section>
  );
}
