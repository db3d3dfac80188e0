import { useQueryClient } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { lazy, Suspense, useState } from 'react';
import type { Period } from '../../core/model/period.ts';
import { call, type Desk, problemWords } from '../api.ts';
import { shortBell, shortDate } from './now.ts';
import { refreshFacts, removalName, type ShelfStep, useShelfUndo } from './shelfUndo.ts';

// Forms are loaded when one is opened: the first screen needs none.
const PeriodDialog = lazy(() => import('./PeriodDialog.tsx').then((m) => ({ default: m.PeriodDialog })));
const NameDialog = lazy(() => import('./NameDialog.tsx').then((m) => ({ default: m.NameDialog })));
const RemoveDialog = lazy(() => import('./RemoveDialog.tsx').then((m) => ({ default: m.RemoveDialog })));

type Asked = 'change' | 'copy' | 'cancel' | 'remove' | null;

/** What can be done with a period: changed, moved, copied, planned again, cancelled, removed; each undone by name. */
export function PeriodMenu({ desk, trigger, onSaid }: { desk: Desk; trigger: React.ReactNode; onSaid(said: string): void }) {
  const client = useQueryClient();
  const { add } = useShelfUndo();
  const [asked, setAsked] = useState<Asked>(null);
  const { period, schoolClass, lesson } = desk;
  const path = `/periods/${period.id}`;
  const name = removalName({ ...period, name: schoolClass.name });
  const done = async (step: ShelfStep, said = '') => {
    add(step);
    onSaid(said);
    await refreshFacts(client);
  };
  /** Writes the period; undo writes it as it was. */
  const put = async (step: string, next: Period, said?: string) => {
    const now = await call<Period>('PUT', path, next);
    await done(
      { id: `${period.id}-${now.revision}`, name: step, request: { method: 'PUT', path, body: { ...period, revision: now.revision } } },
      said,
    );
    return now;
  };
  const made = (step: string, fresh: Period, said: string) =>
    done({ id: fresh.id, name: step, request: { method: 'DELETE', path: `/periods/${fresh.id}` } }, said);
  const again = async () => {
    const { period: next, isNew } = await call<{ period: Period; isNew: boolean }>('POST', `${path}/again`);
    const said = `${lesson?.title} is planned again for ${shortDate(next.date)}, ${shortBell(next.start)}.`;
    const step = `plan ${lesson?.title} again`;
    // A period that was there already stays there: only its lesson goes again.
    if (!isNew)
      await done(
        { id: next.id, name: step, request: { method: 'PUT', path: `/periods/${next.id}`, body: { ...next, lessonId: null } } },
        said,
      );
    else await made(step, next, said);
  };
  const attempt = (work: Promise<unknown>) => void work.catch((error) => onSaid(problemWords(error)));
  const { cancelled, ...takenUp } = period;
  const items: [string, () => void][] = [
    ['Change or move …', () => setAsked('change')],
    ['Copy …', () => setAsked('copy')],
    ...(lesson ? [['Plan it again next time', () => attempt(again())] as [string, () => void]] : []),
    cancelled === undefined
      ? ['Cancel it …', () => setAsked('cancel')]
      : ['It takes place', () => attempt(put(`let ${name} take place`, takenUp as Period))],
    ['Remove …', () => setAsked('remove')],
  ];
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" className="z-50 min-w-48 border-[1.5px] border-ink bg-paper py-1 shadow-lg">
            {items.map(([label, act]) => (
              <DropdownMenu.Item key={label} onSelect={act} className="cursor-pointer px-4 py-2 outline-none data-[highlighted]:bg-tint">
                {label}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <Suspense>
        {asked === 'change' && (
          <PeriodDialog
            title={`Change ${name}`}
            action="Save the period"
            fields={period}
            save={(fields) => put(`change ${name}`, { ...period, ...fields } as Period)}
            onSaved={() => undefined}
            onClose={() => setAsked(null)}
          />
        )}
        {asked === 'copy' && (
          <PeriodDialog
            title={`Copy ${name}`}
            action="Copy the period"
            fields={period}
            fixed={['classId', 'roomId']}
            save={({ date, start, end }) => call<Period>('POST', `${path}/copy`, { date, start, end })}
            onSaved={(copy) => void made(`copy ${name}`, copy, `Copied to ${shortDate(copy.date)}, ${shortBell(copy.start)}.`)}
            onClose={() => setAsked(null)}
          />
        )}
        {asked === 'cancel' && (
          <NameDialog
            open
            title={`Cancel ${name}`}
            label="Why (may be empty)"
            action="Cancel the period"
            mayBeEmpty
            onClose={() => setAsked(null)}
            onSave={(why) => put(`cancel ${name}`, { ...period, cancelled: why })}
          />
        )}
        {asked === 'remove' && (
          <RemoveDialog
            what="period"
            id={period.id}
            name={name}
            path={path}
            onRemoved={() => refreshFacts(client, period.id)}
            onClose={() => setAsked(null)}
          />
        )}
      </Suspense>
    </>
  );
}
