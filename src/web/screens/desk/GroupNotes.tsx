import type { FittedLesson } from '../../../core/fit/fitted.ts';
import type { MetBefore } from '../../../core/live/met.ts';
import type { Desk } from '../../api.ts';

interface Props {
  desk: Desk;
  groups: readonly (readonly string[])[];
  fitted: FittedLesson;
  block: string | undefined;
  past: MetBefore | undefined;
  nameOf(id: string): string;
}

/** Under the groups: who changed group around absences, which wishes hold and which do not, and how far back the log goes. */
export function GroupNotes({ desk, groups, fitted, block, past, nameOf }: Props) {
  const at = new Map(groups.flatMap((g, i) => g.map((id) => [id, i] as const)));
  // A game of the whole class has nobody to keep apart.
  const wishes = (groups.length < 2 ? [] : desk.wishes)
    .filter((w) => w.students.every((id) => at.has(id)))
    .map((w) => {
      const [a, b] = w.students;
      const same = at.get(a) === at.get(b);
      return { id: w.id, words: `${nameOf(a)} and ${nameOf(b)} ${w.wish}`, holds: same === (w.wish === 'together') };
    })
    .sort((a, b) => Number(a.holds) - Number(b.holds));
  const evened = fitted.findings.find((f) => f.code === 'groups-evened' && f.at.block === block);
  const trios = groups.some((g) => g.length === 2) ? groups.filter((g) => g.length === 3).flat() : [];
  return (
    <section aria-label="About these groups" className="mt-4 flex flex-col gap-2">
      {evened && (
        <p className="border-l-4 border-tape bg-tint px-2 py-1">
          Changed group around who is away: {(evened.data.moved as string[]).map(nameOf).join(', ')}.
        </p>
      )}
      {trios.length > 0 && (
        <p>
          In a trio among pairs: {trios.map((id) => `${nameOf(id)}${past?.thirds[id] ? `, ${past.thirds[id]}× before` : ''}`).join('; ')}.
          Dealing again gives that turn to those who have had it least.
        </p>
      )}
      {wishes.length > 0 && (
        <div>
          <h2 className="mb-0.5 text-base">Pairings</h2>
          <ul className="grid grid-cols-2 gap-x-3">
            {wishes.map((w) => (
              <li key={w.id} className={w.holds ? '' : 'font-bold text-stop'}>
                <span aria-hidden="true">{w.holds ? '✓' : '✗'}</span> {w.words}
                <span className="sr-only">{w.holds ? ', holds' : ', does not hold'}</span>
              </li>
            ))}
          </ul>
        </div>
      )}
      <p className="text-xs text-muted">
        {past?.lessons
          ? `“met”: pairs of the group that were together in one of ${past.lessons} logged lessons; point at a student to see with whom, how often. `
          : past && 'No lesson of this class is logged yet: nobody counts as having met. '}
        Drag a student to another group, or press space and the arrow keys. Ratings, pairings, and history stay here and in Classes; nothing
        of them goes on a wall, a card or an export.
      </p>
    </section>
  );
}
