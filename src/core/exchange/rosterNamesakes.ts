import { fullName, namesakesIn } from '../model/names.ts';
import type { Student } from '../model/student.ts';
import type { RosterRow } from './roster.ts';
import type { RosterDiff } from './rosterDiff.ts';

type There = Pick<Student, 'id' | 'givenName' | 'familyName' | 'mark'>;
/** One of several students of one name: a row of the list, or one who is in the class already. */
export interface Namesake {
  row?: number;
  id?: string;
  mark?: string;
}
/** Students of one name, who need a word each to be told apart. */
export interface NamesakesOf {
  name: string;
  who: Namesake[];
}

/** Who of the class stays, called as the list calls them. */
function staying(there: readonly There[], diff: RosterDiff, keepGone: boolean): There[] {
  const gone = new Set(keepGone ? [] : diff.gone.map((g) => g.id));
  const renamed = new Map(diff.renamed.map((r) => [r.id, r.to]));
  return there
    .filter((s) => !gone.has(s.id))
    .map((s) => {
      const to = renamed.get(s.id);
      return to ? { ...s, givenName: to.givenName, familyName: to.familyName } : s;
    });
}

/** The names that several have once a list is taken over, with those who have them; names that nobody new has are not asked about again. */
export function namesakesAfter(
  there: readonly There[],
  rows: readonly RosterRow[],
  diff: RosterDiff,
  update: { keepGone: boolean } | null,
): NamesakesOf[] {
  const stay = update ? staying(there, diff, update.keepGone) : there;
  const fresh = update ? diff.added : rows;
  const renamed = new Set(update ? diff.renamed.map((r) => r.id) : []);
  const all = [
    ...stay.map(({ id, givenName, familyName, mark }) => ({ givenName, familyName, is: { id, ...(mark ? { mark } : {}) } as Namesake })),
    ...fresh.map(({ row, givenName, familyName }) => ({ givenName, familyName, is: { row } as Namesake })),
  ];
  return namesakesIn(all)
    .filter((same) => same.some(({ is }) => is.row !== undefined || renamed.has(is.id!)))
    .map((same) => ({ name: fullName(same[0]), who: same.map((s) => s.is) }));
}

/** Words that two of one name were both given: they tell nobody apart. */
export const repeatedMarks = (asked: readonly NamesakesOf[], markOf: (who: Namesake) => string | undefined): Namesake[] =>
  asked.flatMap(({ who }) => {
    const words = who.map((w) => markOf(w)?.trim().toLowerCase());
    return who.filter((_, i) => words[i] && words.indexOf(words[i]) !== i);
  });
