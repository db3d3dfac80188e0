import { useState } from 'react';
import { clockOf } from '../../../core/formats/speak.ts';
import { insteadOf } from '../../../core/live/moments.ts';
import type { RunEvent } from '../../../core/model/run.ts';
import { runEventWords } from '../../../core/words/run.en.ts';
import { Floating } from '../../parts/Sheet.tsx';
import { AsideList } from './AsideList.tsx';
import { actionWords } from './actionWords.ts';
import { LateEntry } from './LateEntry.tsx';
import type { LiveRun } from './useRun.ts';

/** The most that is listed: the newest. */
const MOST = 60;

/** Everything that was tapped, newest first; an entry can be struck or changed to what was meant, and what was forgotten is added where it happened. */
export function WhatHappened({ run, onClose }: { run: LiveRun; onClose: () => void }) {
  const { plan, log, state, send } = run;
  const struck = new Set(log.flatMap((e) => (e.type === 'strike' ? [e.target as string] : [])));
  const shown = log
    .filter((e) => e.type !== 'strike' && e.type !== 'note')
    .slice(-MOST)
    .reverse();
  const refused = new Set(
    [...Object.values(state.plays), ...Object.values(state.visits).flat()].flatMap((plays) =>
      plays.flatMap((p) => p.refused.map((f) => JSON.stringify(f.data.event))),
    ),
  );
  return (
    <Floating open onClose={onClose} title="What happened" wide>
      {refused.size > 0 && (
        <p className="mb-2 text-caution">
          {refused.size === 1 ? 'One entry does' : `${refused.size} entries do`} not count any more, because of a correction before it.
        </p>
      )}
      <AsideList run={run} />
      <LateEntry run={run} />
      <ul className="max-h-[50vh] overflow-auto border-t" tabIndex={0} aria-label="Entries, newest first">
        {shown.map((event) => (
          <li
            key={event.id}
            className={`flex items-center gap-3 border-b py-1 max-[600px]:flex-wrap ${struck.has(event.id) ? 'text-muted line-through' : ''}`}
          >
            <span className="head w-16 shrink-0 text-muted">
              {clockOf(((event.type === 'play' && event.since) || event.at) / 1000 - run.startedAt / 1000)}
            </span>
            <span className="min-w-0 flex-1 max-[600px]:basis-[70%]">
              {runEventWords(event, plan)}
              {event.type === 'play' && event.since !== undefined && <span className="text-muted"> (added later)</span>}
            </span>
            {!struck.has(event.id) && <Instead event={event} run={run} />}
            {!struck.has(event.id) && event.type !== 'end' && (
              <button
                type="button"
                className="btn"
                aria-label={`Cross out: ${runEventWords(event, plan)}`}
                onClick={() => send({ type: 'strike', target: event.id })}
              >
                Cross out
              </button>
            )}
          </li>
        ))}
        {!shown.length && <li className="py-2 text-muted">Nothing yet.</li>}
      </ul>
      <button type="button" className="btn mt-4" onClick={onClose}>
        Close
      </button>
    </Floating>
  );
}

/** An entry that was meant for another one: what else could have been tapped then, by the board of that moment. */
function Instead({ event, run }: { event: RunEvent; run: LiveRun }) {
  const [asked, setAsked] = useState(false);
  if (event.type !== 'play') return null;
  const others = asked ? insteadOf(run, event) : [];
  return (
    <select
      className="field w-36"
      aria-label={`Change ${runEventWords(event, run.plan)}`}
      value=""
      onFocus={() => setAsked(true)}
      onPointerDown={() => setAsked(true)}
      onChange={(e) => run.send({ type: 'replace', target: event.id, event: others[Number(e.target.value)].event })}
    >
      <option value="">it was …</option>
      {others.map((action, i) => (
        <option key={JSON.stringify(action.event)} value={i}>
          {actionWords(run.plan, event.blockId, action)}
        </option>
      ))}
    </select>
  );
}
