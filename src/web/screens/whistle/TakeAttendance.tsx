import { useState } from 'react';
import type { StudentId } from '../../../core/model/ids.ts';
import { isPlaying, type Presence, STATUSES, USUAL_ROLE } from '../../../core/model/period.ts';
import { ROLE_WORDS, STATUS_WORDS } from '../../../core/words/en.ts';
import type { LiveRun } from './useRun.ts';

const PRESENT: Presence = { status: 'present', role: 'plays' };
const AWAY: Presence = { status: 'absent', role: 'away' };

/** Who is here: everyone who is not tapped is. A tap on a name asks what they are today and says what they do then. */
export function TakeAttendance({ run: { plan, state, send } }: { run: LiveRun }) {
  const [asked, setAsked] = useState<string | null>(null);
  const of = (id: string): Presence => state.presence[id] ?? plan.presence?.[id] ?? (plan.absent.includes(id) ? AWAY : PRESENT);
  const ids = Object.keys(plan.names).sort((a, b) => plan.names[a].localeCompare(plan.names[b]));
  const home = plan.blocks.find((b) => b.game && b.game.groups.length > 1)?.game?.groups ?? [];
  const spot = (id: string) => home.findIndex((group) => group.includes(id)) + 1;
  const playing = ids.filter((id) => isPlaying(of(id))).length;
  const others = ids.length - playing;
  const mark = (status: Presence['status']) => {
    send({ type: 'presence', student: asked as StudentId, status, role: USUAL_ROLE[status] });
    setAsked(null);
  };
  return (
    <section className="flex min-h-0 flex-1 flex-col bg-ink-2 max-[900px]:flex-none" aria-label="Attendance">
      <p className="px-4 pt-3 pb-1 text-lg">
        <span className="head">{playing === 1 ? '1 plays' : `${playing} play`}</span>
        {others > 0 && `, ${others} ${others === 1 ? 'does' : 'do'} not`}
        <span className="text-[#c3ccd6]">. Tap a name that is late, light, without shoes or away.</span>
      </p>
      <ul
        className="grid min-h-0 flex-1 auto-rows-min grid-cols-5 gap-1.5 overflow-auto p-3 max-[1100px]:grid-cols-4 max-[600px]:grid-cols-3 max-[900px]:overflow-visible"
        aria-label="Class"
        tabIndex={0}
      >
        {ids.map((id) => {
          const { status, role } = of(id);
          return (
            <li key={id}>
              <button
                type="button"
                aria-pressed={asked === id}
                className={`flex min-h-12 w-full items-center gap-2 px-2 py-1 text-left leading-4 ${asked === id ? 'bg-paper text-ink' : status === 'present' ? 'bg-ink-3 hover:bg-[#3a4a60]' : 'border-2 border-dashed border-[#c3ccd6] bg-ink'}`}
                onClick={() => setAsked(asked === id ? null : id)}
              >
                <span className="min-w-0 flex-1 break-words">
                  {plan.names[id]}
                  {status !== 'present' && (
                    <span className="block text-xs">
                      {STATUS_WORDS[status]}
                      {role !== 'plays' && role !== 'away' ? `: ${ROLE_WORDS[role]}` : ''}
                    </span>
                  )}
                </span>
                {spot(id) > 0 && (
                  <span className="head text-sm opacity-80" title={`Home spot: pennant ${spot(id)}`}>
                    <span className="sr-only">, home spot </span>
                    {spot(id)}
                  </span>
                )}
              </button>
            </li>
          );
        })}
      </ul>
      {asked && (
        <fieldset className="sticky bottom-0 z-10 flex shrink-0 flex-wrap gap-1.5 bg-tape px-3 py-2">
          <legend className="sr-only">{plan.names[asked]} today</legend>
          <p className="head w-full text-base">{plan.names[asked]} is</p>
          {STATUSES.map((status) => (
            <button
              key={status}
              type="button"
              aria-pressed={of(asked).status === status}
              className={`min-h-11 px-3 text-left leading-4 ${of(asked).status === status ? 'bg-paper text-ink' : 'bg-[#12306f] hover:bg-ink'}`}
              onClick={() => mark(status)}
            >
              <span className="head block text-base">{STATUS_WORDS[status]}</span>
              <span className="text-xs">{ROLE_WORDS[USUAL_ROLE[status]]}</span>
            </button>
          ))}
          <button type="button" className="min-h-11 px-3 underline" onClick={() => setAsked(null)}>
            Cancel
          </button>
        </fieldset>
      )}
    </section>
  );
}
