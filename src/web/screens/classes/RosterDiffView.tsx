import type { RosterDiff } from '../../../core/exchange/rosterDiff.ts';

/** What an update would change in the class, before it is applied: who comes, who is called otherwise, who goes. */
export function RosterDiffView({ diff, keepGone, onKeepGone }: { diff: RosterDiff; keepGone: boolean; onKeepGone(keep: boolean): void }) {
  const parts: [string, string, string[]][] = [
    ['come', 'text-good', diff.added.map((r) => `${r.givenName} ${r.familyName}`)],
    ['have a new name', 'text-caution', diff.renamed.map((r) => `${r.from} → ${r.to.givenName} ${r.to.familyName}`)],
    ['have a new rating', 'text-caution', diff.rated.map((r) => `${r.name} ${r.from} → ${r.to}`)],
    ['get a note to sort, private', 'text-caution', diff.noted.map((n) => n.name)],
    [keepGone ? 'are not on the list and stay' : 'go, with their ratings and pairings', 'text-stop', diff.gone.map((g) => g.name)],
  ];
  const changed = parts.some(([, , names]) => names.length);
  return (
    <section aria-label="What changes" className="mt-3 border-t pt-2">
      <p>
        <strong>{diff.same.length}</strong> stay as they are{changed ? '.' : ': nothing changes.'}
      </p>
      <ul>
        {parts.map(
          ([what, tone, names]) =>
            names.length > 0 && (
              <li key={what}>
                <strong className={tone}>
                  {names.length} {what}:
                </strong>{' '}
                {names.join(', ')}
              </li>
            ),
        )}
      </ul>
      {diff.gone.length > 0 && (
        <label className="mt-1 flex items-center gap-2">
          <input type="checkbox" className="h-4 w-4 accent-tape" checked={keepGone} onChange={(e) => onKeepGone(e.target.checked)} />
          keep those who are not on the list
        </label>
      )}
    </section>
  );
}
