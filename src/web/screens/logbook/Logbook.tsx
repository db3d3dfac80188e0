import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { NavLink, useParams } from 'react-router';
import { counted } from '../../../core/formats/speak.ts';
import { problemWords, readRuns } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { DayBar } from '../../parts/DayBar.tsx';
import { longDate } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { Entry } from './Entry.tsx';
import { Trend } from './Trend.tsx';

const minutes = (seconds: number) => Math.round(seconds / 60);
const rowClass = (chosen: boolean) => `block border-b px-5 py-2 ${chosen ? 'border-l-4 border-l-ink bg-bench pl-4' : 'hover:bg-bench'}`;

/** What happened: how the weeks went, and every run with planned against actual minutes, rotations, points, who was away, and the note. */
export function Logbook() {
  const { runId } = useParams();
  const [classId, setClassId] = useState('');
  const query = useQuery({ queryKey: ['runs'], queryFn: readRuns, refetchOnMount: 'always' });
  const all = query.data?.runs ?? [];
  const broken = query.data?.unreadable ?? [];
  const classes = [...new Map(all.map((r) => [r.classId, r.className]))].sort((a, b) => a[1].localeCompare(b[1]));
  const shown = all.filter((r) => !classId || r.classId === classId);
  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar />
      <div className="flex min-h-0 flex-1 max-[700px]:flex-col">
        <nav
          aria-label="Runs"
          className="flex w-72 shrink-0 flex-col border-r border-ink max-[700px]:max-h-[40vh] max-[700px]:w-full max-[700px]:border-r-0 max-[700px]:border-b"
        >
          <h1 className="px-5 pt-4 pb-2 text-xl">Logbook</h1>
          <div className="px-5 pb-3">
            <ChoiceField
              quiet
              label="Class"
              value={classId}
              options={[['', 'all classes'] as const, ...classes.map(([id, name]) => [id, name] as const)]}
              onPick={setClassId}
            />
          </div>
          <NavLink to="/logbook" end className={`${rowClass(!runId)} border-t`}>
            <span className="head block text-base">How the weeks went</span>
            <span className="block text-xs text-muted">
              {query.data ? `${counted(shown.filter((r) => r.ended && !r.discarded).length, 'lesson')} ended` : 'Opening the logbook …'}
            </span>
          </NavLink>
          <ul className="min-h-0 flex-1 overflow-auto">
            {shown.map((r) => (
              <li key={r.runId}>
                <NavLink to={`/logbook/${r.runId}`} className={rowClass(r.runId === runId)}>
                  <span className="head block truncate text-base">
                    {r.className} · {r.lessonTitle}
                  </span>
                  <span className="block text-xs text-muted">
                    {longDate(r.date)} ·{' '}
                    {r.discarded
                      ? 'discarded'
                      : r.ended
                        ? `${minutes(r.actualSeconds)} of ${minutes(r.plannedSeconds)} min`
                        : 'still running'}
                  </span>
                </NavLink>
              </li>
            ))}
            {broken.map((r) => (
              <li key={r.runId} className="border-b px-5 py-2">
                <span className="head block truncate text-base">
                  {[r.className, r.lessonTitle].filter(Boolean).join(' · ') || 'A past lesson'}
                </span>
                <span className="block text-xs text-muted">{r.date && `${longDate(r.date)} · `}its log can’t be read</span>
                <a
                  className="text-xs text-tape underline"
                  href={`/api/runs/${r.runId}/raw`}
                  download={`lesson-${r.runId}.json`}
                  aria-label={`Save the stored log of ${r.lessonTitle || 'this lesson'}${r.date ? `, ${longDate(r.date)}` : ''}`}
                >
                  Save the stored log
                </a>
              </li>
            ))}
          </ul>
        </nav>
        <main className="min-h-0 min-w-0 flex-1 overflow-auto p-6">
          {query.error ? (
            <Problem text={problemWords(query.error)} />
          ) : runId ? (
            <Entry key={runId} runId={runId} />
          ) : shown.length ? (
            <Trend runs={shown} of={classes.find(([id]) => id === classId)?.[1] ?? 'all classes'} />
          ) : (
            <p className="text-muted">
              {query.data
                ? 'Nothing has been run yet. Blow the whistle on a planned lesson; what happens is written down here.'
                : 'Opening the logbook …'}
            </p>
          )}
        </main>
      </div>
    </div>
  );
}
