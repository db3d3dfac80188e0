import { fullName, namesakeKey } from '../model/names.ts';
import type { RosterRow } from './roster.ts';

export interface Known {
  id: string;
  givenName: string;
  familyName: string;
  rating: number;
  /** What tells the student from a namesake. */
  mark?: string;
  /** The notes that wait to be sorted. */
  toSort?: string;
}
interface Named {
  givenName: string;
  familyName: string;
}
/** What a new list would change in a class. */
export interface RosterDiff {
  same: string[];
  /** Same name, another rating. */
  rated: { id: string; name: string; from: number; to: number }[];
  /** One who is gone and one who is new share a given or a family name, and nobody else does: most likely the same student. */
  renamed: { id: string; from: string; to: RosterRow }[];
  added: RosterRow[];
  gone: { id: string; name: string }[];
  /** Students of the class with a note that is new, and what then waits to be sorted. Private. */
  noted: { id: string; name: string; toSort: string }[];
}

/** How a student of the class is told: by name, and by what tells namesakes apart. */
const toldBy = (s: Known) => (s.mark ? `${fullName(s)} (${s.mark})` : fullName(s));
const alike = (a: Named, b: Named) =>
  a.givenName.toLowerCase() === b.givenName.toLowerCase() || a.familyName.toLowerCase() === b.familyName.toLowerCase();

/** The notes of a student with what a row adds to them; none if it adds nothing. */
function newNote(student: Known, { note }: RosterRow): RosterDiff['noted'] {
  const before = student.toSort ?? '';
  if (!note || before.includes(note)) return [];
  return [{ id: student.id, name: toldBy(student), toSort: before ? `${before}; ${note}` : note }];
}

/**
 * The list held against the class. Students are told by their full names, however written; of several with one name as many
 * pair off as both sides have. Every student of the class and every row of the list stands in exactly one place.
 */
export function diffRoster(known: readonly Known[], rows: readonly RosterRow[]): RosterDiff {
  const left = new Map<string, Known[]>();
  for (const student of known) left.set(namesakeKey(student), [...(left.get(namesakeKey(student)) ?? []), student]);
  const diff: RosterDiff = { same: [], rated: [], renamed: [], added: [], gone: [], noted: [] };
  const fresh: RosterRow[] = [];
  for (const row of rows) {
    const student = left.get(namesakeKey(row))?.shift();
    if (student) diff.noted.push(...newNote(student, row));
    if (!student) fresh.push(row);
    else if (row.rating !== undefined && row.rating !== student.rating)
      diff.rated.push({ id: student.id, name: toldBy(student), from: student.rating, to: row.rating });
    else diff.same.push(student.id);
  }
  const gone = [...left.values()].flat();
  const taken = new Set<RosterRow>();
  for (const student of gone) {
    const likely = fresh.filter((row) => alike(student, row));
    const rivals = likely.length === 1 ? gone.filter((other) => alike(other, likely[0])) : [];
    if (likely.length === 1 && rivals.length === 1) {
      taken.add(likely[0]);
      diff.noted.push(...newNote(student, likely[0]));
      diff.renamed.push({ id: student.id, from: toldBy(student), to: likely[0] });
    } else diff.gone.push({ id: student.id, name: toldBy(student) });
  }
  diff.added = fresh.filter((row) => !taken.has(row));
  return diff;
}
