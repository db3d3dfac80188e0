import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, problemWords } from '../../api.ts';
import { DataNotices } from '../../parts/DataNotices.tsx';
import { longDate } from '../../parts/now.ts';
import { Problem } from '../../parts/Problem.tsx';
import { Floating } from '../../parts/Sheet.tsx';

interface Backup {
  name: string;
  at: string;
  reason: string;
  bytes: number;
}
const WHY: Record<string, string> = {
  daily: 'daily',
  'by-hand': 'made by you',
  'before-migration': 'before an update',
  'before-restore': 'before a restore',
};
const when = (at: string) => {
  const date = new Date(at);
  const local = new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString();
  return `${longDate(local.slice(0, 10))}, ${local.slice(11, 16)}`;
};

/** Copies of everything that are kept on this computer: made daily and before every update, made or restored by hand. */
export function BackupsSection() {
  const client = useQueryClient();
  const list = useQuery({ queryKey: ['backups'], queryFn: () => call<Backup[]>('GET', '/backups') });
  const [asking, setAsking] = useState<Backup | null>(null);
  const make = useMutation({
    mutationFn: () => call<Backup>('POST', '/backups'),
    onSuccess: () => client.invalidateQueries({ queryKey: ['backups'] }),
  });
  const restore = useMutation({
    mutationFn: (name: string) => call('POST', `/backups/${name}/restore`),
    onSuccess: async () => {
      setAsking(null);
      await client.resetQueries();
    },
  });
  return (
    <section className="mt-7 max-w-[820px]">
      <div className="flex items-end justify-between border-b-2 border-paint pb-0.5">
        <h2 className="text-lg">Backups</h2>
        <button type="button" className="btn" disabled={make.isPending} onClick={() => make.mutate()}>
          {make.isPending ? 'Making and opening it …' : 'Make a backup now'}
        </button>
      </div>
      <p className="mt-1 text-xs text-muted">
        Kept in the data folder of this computer: seven daily ones, the last few of the others. Each was opened once before it was kept. For
        a copy elsewhere, download one.
      </p>
      <DataNotices />
      {(make.error || list.error) && <Problem text={problemWords(make.error ?? list.error)} />}
      <ul aria-label="Backups">
        {list.data?.map((backup) => (
          <li key={backup.name} className="flex items-center gap-4 border-b py-1">
            <span className="w-72">{when(backup.at)}</span>
            <span className="w-40 text-muted">{WHY[backup.reason] ?? backup.reason}</span>
            <span className="w-20 text-right text-muted">{(backup.bytes / 1e6).toFixed(1)} MB</span>
            <a className="ml-auto text-tape underline" href={`/api/backups/${backup.name}`} download>
              Download<span className="sr-only"> the backup of {when(backup.at)}</span>
            </a>
            <button type="button" className="btn" aria-label={`Restore the backup of ${when(backup.at)}`} onClick={() => setAsking(backup)}>
              Restore …
            </button>
          </li>
        ))}
        {list.data?.length === 0 && <li className="py-2 text-muted">None yet. The first daily one is made a minute after the start.</li>}
      </ul>
      <Floating open={asking !== null} onClose={() => setAsking(null)} title="Restore this backup?">
        {asking && (
          <>
            <p>
              Everything becomes as it was on {when(asking.at)}. What is there now is backed up first and kept, so this can be taken back.
            </p>
            {restore.error && (
              <p role="alert" className="mt-2 text-stop">
                {problemWords(restore.error)}
              </p>
            )}
            <div className="mt-4 flex gap-3">
              <button type="button" className="btn btn-tape" disabled={restore.isPending} onClick={() => restore.mutate(asking.name)}>
                {restore.isPending ? 'Restoring …' : 'Restore it'}
              </button>
              <button type="button" className="btn" onClick={() => setAsking(null)}>
                Cancel
              </button>
            </div>
          </>
        )}
      </Floating>
    </section>
  );
}
