import type { School } from '../../../core/model/school.ts';

/** What a part of the settings is given: the school, and how to store a change on top of the newest. */
export interface OfSchool {
  school: School;
  save(change: (now: School) => Partial<School>): Promise<unknown>;
}

/** A part of the settings: sentences under a heading, what they are not, and the way back to the defaults once something is changed. */
export function SettingsPart({
  title,
  note,
  reset,
  children,
}: {
  title: string;
  note?: string;
  reset?: { label: string; isChanged: boolean; onReset(): void };
  children: React.ReactNode;
}) {
  return (
    <section className="mt-7 max-w-[820px]" aria-label={title}>
      <div className="flex items-end justify-between gap-4 border-b-2 border-paint pb-0.5">
        <h2 className="text-lg">{title}</h2>
        {reset?.isChanged && (
          <button type="button" className="text-tape underline" onClick={reset.onReset}>
            {reset.label}
          </button>
        )}
      </div>
      {children}
      {note && <p className="mt-1 text-xs text-muted">{note}</p>}
    </section>
  );
}
