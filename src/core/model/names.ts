import type { Student } from './student.ts';

type Named = Pick<Student, 'id' | 'givenName' | 'familyName'>;

/** Words before a family name that belong to it and are kept whole in a short name. */
const PREFIXES = new Set(
  'af al ap av bin bint d da das de degli dei del della den der des di do dos du el fitz la las le les lo los mac mc ni o san santa st st. ten ter van vande vanden vander ver vom von y zu zum zur'.split(
    ' ',
  ),
);

/** "van der" and "Aldermill" of "van der Aldermill": what stays whole, and what may be cut to its first letters. */
function parts(familyName: string): { prefix: string; rest: string } {
  const words = familyName.split(' ').filter((w) => w !== '');
  const first = words.findIndex((w, i) => i === words.length - 1 || !PREFIXES.has(w.toLowerCase().replace(/['’]$/, '')));
  return { prefix: words.slice(0, first).join(' '), rest: words.slice(first).join(' ') };
}

/** The first letters of a text, whole characters each. */
const letters = (text: string, count: number): string => [...text].slice(0, count).join('');
const longest = (list: readonly Named[]): number => Math.max(1, ...list.map((s) => [...parts(s.familyName).rest].length));

/** "Wren A." with so many letters, "Wren van der A."; the whole name if that is no longer. */
function cut({ givenName, familyName }: Named, count: number): string {
  const { prefix, rest } = parts(familyName);
  const short = letters(rest, count).trimEnd();
  return [givenName, prefix, short === rest ? rest : `${short}.`].filter((w) => w !== '' && w !== '.').join(' ');
}

/** What must differ between two names: a full stop and capitals are no difference. */
const keyOf = (name: string): string => name.toLowerCase().replace(/\.$/, '');

/** What each student is called by `say`, with more letters until no two are the same; two of one whole name are numbered in the order of their ids. */
function unique(list: readonly Named[], say: (student: Named, count: number) => string): ReadonlyMap<string, string> {
  const names = new Map<string, string>();
  let left = list;
  for (let count = 1; left.length > 0; count++) {
    const groups = new Map<string, Named[]>();
    for (const s of left) groups.set(keyOf(say(s, count)), [...(groups.get(keyOf(say(s, count))) ?? []), s]);
    const isLast = count > longest(left);
    left = [...groups.values()].flatMap((same) => {
      if (same.length > 1 && !isLast) return same;
      const sorted = same.toSorted((a, b) => (a.id < b.id ? -1 : 1));
      sorted.forEach((s, i) => {
        names.set(s.id, same.length > 1 ? `${say(s, count)} ${i + 1}` : say(s, count));
      });
      return [];
    });
  }
  return names;
}

/** Names of a list are worked out once, as long as the list is the same. */
function once<T>(work: (list: readonly Named[]) => T): (list: readonly Named[]) => T {
  const known = new WeakMap<readonly Named[], T>();
  return (list) => {
    const found = known.get(list) ?? work(list);
    known.set(list, found);
    return found;
  };
}

/** Short names by id: "Wren A.", with as many letters of the family name as make it unique among `list`. */
export const shortNames = once((list) => unique(list, cut));
/** Initials by id: "WA", with as many letters as make them unique among `list`: for notes that name nobody. */
const initials = once((list) =>
  unique(list, (s, count) => `${letters(s.givenName, 1)}${letters(parts(s.familyName).rest.replaceAll(' ', ''), count)}`),
);

/** The shortest name of a student that is unique among others, usually the class's or the lesson's. */
export const shortName = (student: Named, among: readonly Named[]): string => shortNames(among).get(student.id) ?? cut(student, 1);
export const initialsOf = (student: Named, among: readonly Named[]): string =>
  initials(among).get(student.id) ?? `${letters(student.givenName, 1)}${letters(parts(student.familyName).rest, 1)}`;
