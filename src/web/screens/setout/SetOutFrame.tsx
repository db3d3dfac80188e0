import type { Desk } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';

/** The set-out sheet's page: the floor, and beside it a column that goes on paper below it. */
export function SetOutFrame({
  desk,
  bar,
  head,
  floor,
  label,
  children,
}: {
  desk: Desk;
  bar?: React.ReactNode;
  head: React.ReactNode;
  floor: React.ReactNode;
  /** What the column is, read aloud. */
  label: string;
  children: React.ReactNode;
}) {
  return (
    <>
      <div className="print:hidden">
        <DayBar date={desk.period.date} current={desk.period.id}>
          {bar}
        </DayBar>
      </div>
      <div className="flex min-h-0 flex-1 print:block">
        <main className="flex min-w-0 flex-1 flex-col" aria-label="Floor set-up">
          <div className="px-6 pt-4">{head}</div>
          <div className="min-h-0 flex-1 print:h-[420px]">{floor}</div>
        </main>
        <aside aria-label={label} className="flex w-[440px] shrink-0 flex-col border-l border-ink print:w-auto print:border-0">
          {children}
        </aside>
      </div>
    </>
  );
}
