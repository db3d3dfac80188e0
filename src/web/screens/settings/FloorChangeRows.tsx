import { type FloorChangeFigures, HOUSE_FLOOR_CHANGE } from '../../../core/model/floorChangeFigures.ts';
import { floorChangeFigures, type School } from '../../../core/model/school.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import { readAboveZero } from '../../parts/readNumber.ts';

const FIGURES: [keyof FloorChangeFigures, string][] = [
  ['adults', 'Adults who tape and carry'],
  ['crew', 'Students who carry (gear crew)'],
  ['secondsPerTapeM', 'A meter of tape, s'],
  ['secondsPerPiece', 'A piece of gear, s'],
  ['regroupSeconds', 'Finding new groups, s'],
  ['mostSeconds', 'The class waits at most, s'],
];

const readCrew = (text: string) => (text.trim() === '0' ? 0 : readAboveZero(text));

/** What changing the floor between two games takes, by the hands that there are. */
export function FloorChangeRows({
  school,
  save,
}: {
  school: School;
  save: (change: (now: School) => Partial<School>) => Promise<unknown>;
}) {
  const figures = floorChangeFigures(school);
  const put = (key: keyof FloorChangeFigures, value: number) => save((now) => ({ floorChange: { ...now.floorChange, [key]: value } }));
  return (
    <section className="mt-6">
      <div className="flex items-end justify-between border-b border-ink pb-1">
        <h2 className="text-lg">Changing the floor during a lesson</h2>
        {Object.keys(school.floorChange ?? {}).length > 0 && (
          <button type="button" className="text-tape underline" onClick={() => void save(() => ({ floorChange: {} }))}>
            Reset these to defaults
          </button>
        )}
      </div>
      <p className="py-1 text-xs text-muted">
        Side Court defaults. The minutes are on the strip, at the start of the game that needs another floor.
      </p>
      <div className="grid grid-cols-4 gap-x-4 gap-y-2 max-[900px]:grid-cols-2">
        {FIGURES.map(([key, label]) => (
          <CommitField
            key={key}
            label={label}
            className={figures[key] === HOUSE_FLOOR_CHANGE[key] ? '' : 'border-tape bg-tint'}
            value={String(figures[key])}
            onCommit={(text) => put(key, key === 'crew' ? readCrew(text) : readAboveZero(text))}
          />
        ))}
      </div>
    </section>
  );
}
