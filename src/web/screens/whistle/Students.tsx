import { useState } from 'react';
import { clockOf } from '../../../core/formats/speak.ts';
import { blockNow, type InPlay, type SitsOut, whoIsWhere } from '../../../core/live/whoIsWhere.ts';
import type { BlockId, StudentId } from '../../../core/model/ids.ts';
import { formatWords } from '../../../core/words/en.ts';
import { Floating } from '../../parts/Sheet.tsx';
import { addressOf } from './addressOf.ts';
import type { LiveRun } from './useRun.ts';

/** What a tap on a name does to a student in play. */
type Action = { code: string; label: string } & ({ release: string; seconds?: number } | { leaves: true });

const actionsOf = (restart: string): Action[] => [
  { code: 'one', label: 'sits out 1 min', release: 'rest', seconds: 60 },
  { code: 'two', label: '2 min', release: 'rest', seconds: 120 },
  { code: 'restart', label: `until ${restart}`, release: 'restart' },
  { code: 'task', label: 'until you say', release: 'task' },
  { code: 'leaves', label: 'leaves the lesson', leaves: true },
];

/** How long a student still sits out, in words. */
const untilWords = ({ secondsLeft, release }: SitsOut, restart: string): string =>
  secondsLeft !== undefined ? clockOf(secondsLeft) : release === 'restart' ? `until ${restart}` : 'until you say';

const restartOf = (run: LiveRun): string => {
  const format = blockNow(run.plan, run.state)?.game?.format;
  return format ? formatWords(format).restart : '';
};

/** Everyone in the lesson: a tap lets a student sit out or leave, come back, or join late. */
export function Students({ run, onClose }: { run: LiveRun; onClose(): void }) {
  const { plan, state, send } = run;
  const block = blockNow(plan, state);
  const restart = restartOf(run);
  const actions = block?.game ? actionsOf(restart) : actionsOf(restart).filter((a) => 'leaves' in a);
  const [code, setCode] = useState('one');
  const action = actions.find((a) => a.code === code) ?? actions[0];
  const { playing, sittingOut, out } = whoIsWhere(plan, state);
  const name = (id: string) => plan.names[id] ?? id;
  const inPlay = (address: InPlay, event: { type: string; [field: string]: unknown }) =>
    block && send({ type: 'play', blockId: block.id as BlockId, ...addressOf(address), event });
  const tap = (student: string, address: InPlay) => {
    if ('leaves' in action) send({ type: 'presence', student: student as StudentId, status: 'excused', role: 'away' });
    else {
      const seconds = action.seconds ? { seconds: action.seconds } : {};
      inPlay(address, { type: 'box', player: student, why: '', release: action.release, ...seconds });
    }
  };
  return (
    <Floating open onClose={onClose} title="Students" wide>
      {sittingOut.length > 0 && (
        <ul className="mb-4" aria-label="Sitting out">
          {sittingOut.map((s) => (
            <li key={s.student} className="flex items-center gap-3 border-b py-1">
              <span className="head min-w-0 flex-1 text-lg">{name(s.student)}</span>
              <span className="text-muted">sits out {untilWords(s, restart)}</span>
              <button type="button" className="btn" onClick={() => inPlay(s, { type: 'release', player: s.student })}>
                Back in
              </button>
            </li>
          ))}
        </ul>
      )}
      <fieldset className="mb-2 flex flex-wrap gap-2">
        <legend className="mb-1 text-muted">Tap a name. That student</legend>
        {actions.map((a) => (
          <label
            key={a.code}
            className={`flex min-h-11 cursor-pointer items-center border-[1.5px] border-ink px-3 has-focus-visible:outline-2 has-focus-visible:outline-offset-2 ${a.code === action.code ? 'bg-tape text-paper' : ''}`}
          >
            <input type="radio" name="tap-does" className="sr-only" checked={a.code === action.code} onChange={() => setCode(a.code)} />
            {a.label}
          </label>
        ))}
      </fieldset>
      <Names
        label="Playing"
        students={playing.map((p) => p.student)}
        name={name}
        onTap={(id) => tap(id, playing.find((p) => p.student === id)!)}
      />
      {out.length > 0 && (
        <>
          <h2 className="mt-4 mb-1 text-base">Not playing. Tap a name to let them join</h2>
          <Names
            label="Not playing"
            students={out}
            name={name}
            onTap={(id) => send({ type: 'presence', student: id as StudentId, status: 'late', role: 'plays' })}
          />
        </>
      )}
      <p className="mt-4 flex flex-wrap items-center gap-3">
        <button type="button" className="btn" onClick={onClose}>
          Close
        </button>
        <span className="text-muted">“Undo” takes the last tap back.</span>
      </p>
    </Floating>
  );
}

function Names(props: { label: string; students: string[]; name(id: string): string; onTap(id: string): void }) {
  return (
    <ul className="grid grid-cols-5 gap-1.5 max-[900px]:grid-cols-4 max-[600px]:grid-cols-3" aria-label={props.label}>
      {props.students
        .toSorted((a, b) => props.name(a).localeCompare(props.name(b)))
        .map((id) => (
          <li key={id}>
            <button
              type="button"
              className="flex min-h-11 w-full items-center border px-2 text-left leading-4 hover:bg-thin"
              onClick={() => props.onTap(id)}
            >
              <span className="min-w-0 break-words">{props.name(id)}</span>
            </button>
          </li>
        ))}
    </ul>
  );
}

/** A line that says who sits out and how long still; a tap opens the list of students. */
export function SittingOutBand({ run, onOpen }: { run: LiveRun; onOpen(): void }) {
  const { sittingOut } = whoIsWhere(run.plan, run.state);
  if (!sittingOut.length) return null;
  const restart = restartOf(run);
  return (
    <button type="button" className="min-h-11 shrink-0 bg-ink-3 px-6 text-left text-base hover:underline max-[900px]:px-3" onClick={onOpen}>
      <span className="head">Sitting out: </span>
      {sittingOut.map((s) => `${run.plan.names[s.student] ?? s.student} ${untilWords(s, restart)}`).join(', ')}
    </button>
  );
}
