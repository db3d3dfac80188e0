import { MoreHorizontal } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { FittedLesson } from '../../../core/fit/fitted.ts';
import { openFindings } from '../../../core/fit/openFindings.ts';
import { isReady, type Readiness, readinessOf } from '../../../core/fit/readiness.ts';
import { counted } from '../../../core/formats/speak.ts';
import { changeOver } from '../../../core/gear/changeOver.ts';
import { clockSeconds, isPlaying } from '../../../core/model/period.ts';
import { ROLE_WORDS, readinessWords } from '../../../core/words/facts.en.ts';
import type { Desk } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { useSize } from '../../floor/scale.ts';
import { BlowWhistle } from '../../parts/BlowWhistle.tsx';
import { shortBell } from '../../parts/now.ts';
import { PeriodMenu } from '../../parts/PeriodMenu.tsx';
import { speakWith, useUnits } from '../../parts/units.ts';
import { useRan } from '../../parts/useRan.ts';

const FindingWords = lazy(() => import('../../parts/FindingWords.tsx'));

interface NextProps {
  desk: Desk;
  fitted: FittedLesson | undefined;
  before: FittedLesson | undefined;
  beforeName: string | undefined;
  /** Seconds after midnight; null on another day. */
  now: number | null;
  number: number;
}

function when(now: number, start: number, end: number): string {
  if (now < start) {
    const minutes = Math.round((start - now) / 60);
    return minutes < 100 ? `starts in ${minutes} min` : `starts in ${Math.floor(minutes / 60)} h ${minutes % 60} min`;
  }
  return now < end ? `${Math.round((end - now) / 60)} min left` : 'over';
}

/** "Ready", or what keeps it from being so. */
const readyTitle = (readiness: Readiness): string =>
  readiness.ran ? 'Done: see the logbook' : isReady(readiness) ? 'Ready' : `Not ready: ${readinessWords(readiness)}`;

/** The next period large: class, room, lesson, floor, what must change since the one before, what is not ready. */
export function NextPeriod({ desk, fitted, before, beforeName, now, number }: NextProps) {
  const units = useUnits();
  const [box, size] = useSize();
  const { period, schoolClass, room, lesson } = desk;
  const [said, setSaid] = useState('');
  const ran = useRan([period.date]).has(period.id);
  const readiness = lesson && fitted ? { ...readinessOf({ lesson }, fitted), ran } : null;
  const speak = speakWith(units, desk.students);
  const open = lesson && fitted && !ran ? openFindings({ lesson }, fitted) : [];
  const game = fitted?.blocks.find((b) => b.game)?.game;
  const change = fitted && changeOver(before?.gear ?? [], fitted.gear);
  const entries = desk.attendance?.entries ?? {};
  const roles = Object.entries(fitted?.people.roles ?? {}).filter(([, ids]) => ids.length);
  const list = (items: { gearKind: string; count: number }[]) => items.map((c) => counted(c.count, c.gearKind)).join(', ') || 'nothing';
  return (
    <section
      className="flex min-h-0 flex-col overflow-auto p-6 pb-4 max-[900px]:overflow-visible max-[600px]:px-4"
      aria-label="Next period"
    >
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-muted">
            Period {number} · {shortBell(period.start)}–{shortBell(period.end)}
            {now !== null && period.cancelled === undefined && ` · ${when(now, clockSeconds(period.start), clockSeconds(period.end))}`}
            {period.cancelled !== undefined && ` · canceled${period.cancelled ? `: ${period.cancelled}` : ''}`}
          </p>
          <h2 className="text-2xl">
            {schoolClass.name}: {lesson?.title ?? 'no lesson yet'}
          </h2>
          <p className="text-base">
            {room.name} · {desk.students.filter((s) => isPlaying(entries[s.id])).length} of {desk.students.length} play
            {roles.length > 0 &&
              ` · ${roles.map(([role, ids]) => `${ids.length} ${ROLE_WORDS[role as keyof typeof ROLE_WORDS]}`).join(', ')}`}
          </p>
        </div>
        <div className="flex flex-wrap gap-3">
          <Link className="btn flex items-center" to={`/desk/${period.id}`}>
            {lesson ? 'Open the desk' : 'Plan a lesson'}
          </Link>
          {lesson && period.cancelled === undefined && <BlowWhistle {...{ desk, lesson, fitted }} />}
          {lesson && period.cancelled === undefined && (
            <Link className="btn flex items-center" to={`/guest/${period.id}`}>
              Run this as a guest
            </Link>
          )}
          <PeriodMenu
            desk={desk}
            onSaid={setSaid}
            trigger={
              <button type="button" className="btn" aria-label={`${schoolClass.name}: more`}>
                <MoreHorizontal size={18} aria-hidden="true" />
              </button>
            }
          />
        </div>
      </div>
      <p role="status" className="text-muted">
        {said}
      </p>
      <div ref={box} className="mt-4 min-h-[220px] flex-1 max-[900px]:h-[300px] max-[900px]:flex-none max-[600px]:h-[220px]">
        {size.width > 0 && (
          <MiniFloor room={room} pieces={game?.pieces ?? []} things={game?.things} width={size.width} height={Math.max(200, size.height)} />
        )}
      </div>
      <div className="mt-4 grid grid-cols-2 gap-8 max-[900px]:grid-cols-1">
        <section>
          <h3 className="flex items-baseline justify-between border-b pb-1 text-base">
            <span>Gear change after {beforeName ?? 'the morning'}</span>
            {fitted?.blocks.some((b) => (b.game?.pieces.length ?? 0) + b.laid.length > 0) && (
              <Link className="text-sm font-normal text-tape underline" to={`/desk/${period.id}/set-out?view=change`}>
                What to re-tape
              </Link>
            )}
          </h3>
          {change ? (
            <dl className="mt-1 grid grid-cols-[80px_1fr] gap-y-1">
              <dt className="text-muted">Bring out</dt>
              <dd>{list(change.comes)}</dd>
              {change.goes.length > 0 && <dt className="text-muted">Put away</dt>}
              {change.goes.length > 0 && <dd>{list(change.goes)}</dd>}
              {change.stays.length > 0 && <dt className="text-muted">Leave out</dt>}
              {change.stays.length > 0 && <dd>{list(change.stays)}</dd>}
            </dl>
          ) : (
            <p className="mt-1 text-muted">{lesson ? 'Working it out …' : 'Plan a lesson to see what comes out of the gear closet.'}</p>
          )}
        </section>
        <section>
          <h3 className="border-b pb-1 text-base">
            {readiness ? readyTitle(readiness) : lesson ? 'Checking the plan …' : 'Not planned yet'}
          </h3>
          {readiness && !readiness.hasGame && <p className="mt-1">Add a game on the desk: the floor and the groups follow from it.</p>}
          <ol className="mt-1">
            {open.slice(0, 4).map((finding, i) => (
              <li key={`${finding.code}-${i}`} className="flex items-baseline gap-2">
                <span
                  className={`flex h-5 w-5 shrink-0 items-center justify-center rounded-full text-xs font-bold text-white ${finding.weight === 'stop' ? 'bg-stop' : 'bg-caution'}`}
                >
                  {i + 1}
                </span>
                <Suspense fallback={null}>
                  <FindingWords finding={finding} speak={speak} />
                </Suspense>
              </li>
            ))}
          </ol>
          {open.length > 4 && <p className="text-muted">and {open.length - 4} more on the desk</p>}
          {readiness && isReady(readiness) && fitted && (
            <p className="mt-1">
              {fitted.blocks.length} blocks fit the bell, {Math.round(fitted.numbers.timeOnTask * 100)}% of game time on task (estimate),{' '}
              {Math.round(fitted.numbers.turns)} turns each.
            </p>
          )}
        </section>
      </div>
    </section>
  );
}
