import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { clockOf } from '../../../core/formats/speak.ts';
import type { LogEntry } from '../../../core/live/logEntry.ts';
import { formatWords } from '../../../core/words/en.ts';
import { ApiProblem, call, freshId, problemWords } from '../../api.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import { clockText, longDate } from '../../parts/now.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useShelfUndo } from '../../parts/shelfUndo.ts';
import { Attempts } from './Attempts.tsx';
import { MissingGear } from './MissingGear.tsx';

/** One run: planned against actual, results, who was away, gear not counted back, the note. */
export function Entry({ runId }: { runId: string }) {
  const query = useQuery({ queryKey: ['runs', runId, 'entry'], queryFn: () => call<LogEntry>('GET', `/runs/${runId}/entry`) });
  if (query.error)
    return (
      <>
        <Problem text={problemWords(query.error)} />
        {query.error instanceof ApiProblem && query.error.code === 'unreadable-run' && (
          <a className="btn mt-3 inline-flex" href={`/api/runs/${runId}/raw`} download={`lesson-${runId}.json`}>
            Save the stored log
          </a>
        )}
      </>
    );
  return query.data ? <EntryDetails entry={query.data} /> : <p className="text-muted">Opening the lesson …</p>;
}

function EntryDetails({ entry }: { entry: LogEntry }) {
  const client = useQueryClient();
  const most = Math.max(...entry.blocks.map((b) => Math.max(b.plannedSeconds, b.actualSeconds)), 1);
  const late = entry.actualSeconds - entry.plannedSeconds;
  const note = async (text: string) => {
    await call('POST', `/runs/${entry.runId}/events`, { events: [{ id: freshId('e'), at: Date.now(), type: 'note', text }] });
    await client.invalidateQueries({ queryKey: ['runs'] });
  };
  return (
    <article>
      <p className="text-muted">
        {longDate(entry.date)} · began {clockText(entry.startedAt)} · {entry.roomName}
      </p>
      <h2 className="text-2xl">
        {entry.className}: {entry.lessonTitle}
      </h2>
      {entry.ended && <Discard entry={entry} />}
      {!entry.ended && (
        <p className="mt-1">
          Still running.{' '}
          <Link className="text-tape underline" to={`/whistle/${entry.runId}`}>
            Back to the whistle
          </Link>
        </p>
      )}
      <p className="mt-1 text-base">
        {clockOf(entry.actualSeconds)} of {clockOf(entry.plannedSeconds)} planned{entry.ended ? ', ' : ' so far'}
        {entry.ended && (Math.abs(late) < 5 ? 'on time' : late > 0 ? `${clockOf(late)} over` : `${clockOf(-late)} under`)}
      </p>
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)_320px] gap-8 max-[1100px]:grid-cols-1">
        <section>
          <h3 className="border-b pb-1 text-base">Planned against actual</h3>
          <table className="mt-1 w-full">
            <caption className="sr-only">Minutes and rounds, planned and actual, by block</caption>
            <thead className="text-left text-xs text-muted">
              <tr>
                <th scope="col" className="py-1 font-normal">
                  Block
                </th>
                <th scope="col" className="w-16 text-right font-normal">
                  planned
                </th>
                <th scope="col" className="w-16 text-right font-normal">
                  actual
                </th>
                <th scope="col" className="w-32 text-right font-normal">
                  rounds
                </th>
                <th scope="col" className="w-[34%] pl-4 font-normal">
                  planned (tape), actual (ink)
                </th>
              </tr>
            </thead>
            <tbody>
              {entry.blocks.map((b, i) => (
                <tr key={`${b.title}-${i}`} className="border-t">
                  <td className="head py-1.5 text-base">{b.title}</td>
                  <td className="text-right">{clockOf(b.plannedSeconds)}</td>
                  <td className={`text-right font-bold ${b.actualSeconds - b.plannedSeconds > 60 ? 'text-caution' : ''}`}>
                    {clockOf(b.actualSeconds)}
                  </td>
                  <td className="text-right">
                    {b.plannedRotations
                      ? `${b.rotations - b.skipped} of ${b.plannedRotations}${b.skipped ? `, ${b.skipped} skipped` : ''}`
                      : ''}
                  </td>
                  <td className="pl-4">
                    <div className="mb-0.5 h-2.5 bg-tape" style={{ width: `${(b.plannedSeconds / most) * 100}%` }} />
                    <div className="h-2.5 bg-ink" style={{ width: `${(b.actualSeconds / most) * 100}%` }} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {entry.results.map((r) => (
            <Results key={r.block} result={r} />
          ))}
          {entry.ended && entry.keepsAttempts && <Attempts classId={entry.classId} />}
        </section>
        <section>
          <h3 className="border-b pb-1 text-base">Away</h3>
          <p className="mt-1">{entry.absent.length ? entry.absent.join(', ') : 'nobody'}</p>
          {entry.late.length > 0 && <p className="mt-1">Came late: {entry.late.join(', ')}</p>}
          {entry.left.length > 0 && <p className="mt-1">Left early: {entry.left.join(', ')}</p>}
          <h3 className="mt-5 border-b pb-1 text-base">Gear missing</h3>
          <MissingGear entry={entry} />
          <div className="mt-5">
            <CommitField label="Note: what to change next time" multiline value={entry.note} onCommit={note} />
          </div>
        </section>
      </div>
    </article>
  );
}

/** A run that was made by mistake is taken out of the trends and of what the class has had, and back. */
function Discard({ entry }: { entry: LogEntry }) {
  const client = useQueryClient();
  const { add } = useShelfUndo();
  const [problem, setProblem] = useState('');
  const path = `/runs/${entry.runId}/discard`;
  const set = async (discarded: boolean) => {
    try {
      await call('POST', path, { discarded });
      const name = `${discarded ? 'discard' : 'restore'} ${entry.lessonTitle}`;
      add({ id: freshId('d'), name, request: { method: 'POST', path, body: { discarded: !discarded } } });
      await client.invalidateQueries({ queryKey: ['runs'] });
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <p className="mt-1 flex items-center gap-3">
      {entry.discarded && <span className="font-bold text-caution">Discarded: not in the trends, nor in what the class has had.</span>}
      <button type="button" className="btn" onClick={() => void set(!entry.discarded)}>
        {entry.discarded ? 'Restore this run' : 'Discard: made by mistake'}
      </button>
      <Problem text={problem} />
    </p>
  );
}

/** What a block's groups or courts came to. */
function Results({ result }: { result: LogEntry['results'][number] }) {
  const words = formatWords(result.format).board;
  return (
    <section className="mt-5">
      <h3 className="border-b pb-1 text-base">
        {words[result.code]} in {result.block}
      </h3>
      <ul className="mt-1 grid grid-cols-2 gap-x-8">
        {result.rows.map((row) => (
          <li key={`${row.group} ${row.members.join()}`} className="flex items-center gap-2 border-b py-1.5">
            <Pennant index={row.group} width={28} />
            <span className="head text-base">{row.group + 1}</span>
            <span className="min-w-0 flex-1 leading-5 text-muted">
              {row.members.join(', ')}
              {row.turns !== undefined && ` · ${words.count}: ${row.turns}`}
            </span>
            <span className={`head text-lg ${row.value === result.best && row.value > 0 ? 'text-good' : ''}`}>{row.value}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
