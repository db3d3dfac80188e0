import { useState } from 'react';
import { counted as countedWords, many } from '../../../core/formats/speak.ts';
import { allThere, type CountTime, countedNow, countTime, gearToCount } from '../../../core/live/gearCounts.ts';
import type { RunPlan } from '../../../core/live/runPlan.ts';
import type { RunState } from '../../../core/live/runState.ts';
import type { LiveRun } from './useRun.ts';

function countTitle(time: CountTime): string {
  if (time.code === 'switch') return `Switch ${time.number}: is everything there?`;
  return { out: 'Count gear out', play: 'Count gear', back: 'Count gear back' }[time.code];
}

/** Gear counted kind by kind: one tap says all are there, − takes one off. What was counted at an earlier switch is asked again. */
export function CountBack({ plan, state, send }: { plan: RunPlan; state: RunState; send: LiveRun['send'] }) {
  const now = countTime(state).code === 'switch' ? countedNow(state) : undefined;
  return (
    <ul className="grid grid-cols-3 gap-x-4 max-[900px]:grid-cols-1">
      {gearToCount(plan).map(({ gearKind, need }) => {
        const counted = state.counts[gearKind];
        const isThere = counted === need && (!now || now.has(gearKind));
        const set = (n: number) => send({ type: 'count', gearKind, counted: n });
        return (
          <li key={gearKind} className="flex items-center gap-1.5 border-t border-white/15 py-0.5">
            <span className={`head min-w-0 flex-1 text-sm leading-4 ${counted !== undefined && counted < need ? 'text-[#ffb3a8]' : ''}`}>
              {counted === undefined || counted === need ? countedWords(need, gearKind) : `${counted} of ${countedWords(need, gearKind)}`}
            </span>
            <button
              type="button"
              aria-label={`One ${gearKind} less`}
              className="h-7 w-8 bg-ink-3 text-center hover:bg-[#3a4a60] pointer-coarse:h-11 pointer-coarse:w-11"
              onClick={() => set(Math.max(0, (counted ?? need) - 1))}
            >
              −
            </button>
            <button
              type="button"
              aria-label={`All ${many(gearKind)} back`}
              aria-pressed={isThere}
              className={`h-7 w-8 text-center pointer-coarse:h-11 pointer-coarse:w-11 ${isThere ? 'bg-paper font-bold text-ink' : 'bg-ink-3 hover:bg-[#3a4a60]'}`}
              onClick={() => set(need)}
            >
              ✓
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** Under the groups: gear counted back, and a note that goes into the logbook. */
export function SidePanels({ plan, state, send }: { plan: RunPlan; state: RunState; send: LiveRun['send'] }) {
  const [text, setText] = useState(state.notes.at(-1) ?? '');
  const time = countTime(state);
  const counted = countedNow(state);
  const open = gearToCount(plan).filter((g) => !counted.has(g.gearKind));
  return (
    <div className="grid h-[206px] shrink-0 grid-cols-[1fr_200px] gap-3 max-[900px]:h-auto max-[900px]:grid-cols-1 [@media(min-height:721px)_and_(max-height:820px)]:h-[150px] [@media(max-height:720px)]:h-[124px]">
      <section
        className={`min-h-0 overflow-auto px-4 py-1.5 ${time.code === 'switch' ? 'bg-tape' : 'bg-ink-2'}`}
        tabIndex={0}
        aria-label="Count back"
      >
        <div className="flex items-center justify-between gap-3">
          <h2 className={time.code === 'switch' ? 'text-base' : 'text-sm text-[#c3ccd6]'}>{countTitle(time)}</h2>
          {open.length > 1 && (
            <button
              type="button"
              className="head min-h-8 bg-paper px-3 text-sm text-ink hover:bg-tint pointer-coarse:min-h-11"
              onClick={() => send({ type: 'count-all', counts: allThere(open) })}
            >
              Everything is there
            </button>
          )}
        </div>
        <CountBack plan={plan} state={state} send={send} />
      </section>
      <section className="flex min-h-0 flex-col bg-ink-2 px-4 py-2">
        <label className="head text-sm text-[#c3ccd6]" htmlFor="run-note">
          Note for the logbook
        </label>
        <textarea
          id="run-note"
          className="mt-1 min-h-16 flex-1 resize-none border border-white/40 bg-ink p-2 text-paper"
          value={text}
          maxLength={2000}
          onChange={(e) => setText(e.target.value)}
          onBlur={() => text !== (state.notes.at(-1) ?? '') && send({ type: 'note', text })}
        />
      </section>
    </div>
  );
}
