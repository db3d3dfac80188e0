import type { Student } from './student.ts';

type Named = Pick<Student, 'id' | 'givenName' | 'familyName' | 'mark'>;
/** A student who is not in the class yet, or whose id nobody asks for. */
type FullNamed = Pick<Student, 'givenName' | 'familyName'>;

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

export const fullName = ({ givenName, familyName }: FullNamed): string => `${givenName} ${familyName}`;
/** What makes two students namesakes: their whole names, however written. */
export const namesakeKey = (student: FullNamed): string => fullName(student).toLowerCase().normalize('NFC');
/** Those whose whole name another one of the list has too, in lists of one name each. */
export const namesakesIn = <S extends FullNamed>(list: readonly S[]): S[][] => groupsOf(list, namesakeKey).filter((g) => g.length > 1);

/** What must differ between two names: a full stop and capitals are no difference. */
const keyOf = (name: string): string => name.toLowerCase().replace(/\.$/, '');

/** Students who are called the same however many letters are said, in lists. */
function groupsOf<S>(list: readonly S[], key: (student: S) => string): S[][] {
  const groups = new Map<string, S[]>();
  for (const s of list) groups.set(key(s), [...(groups.get(key(s)) ?? []), s]);
  return [...groups.values()];
}

/** What tells the students of one name apart, by id: the word that the teacher gave, or a number in the order of their ids. */
function marksOf(same: readonly Named[]): ReadonlyMap<string, string> {
  const words = groupsOf(same, (s) => s.mark?.toLowerCase() ?? '');
  const isOwn = (s: Named) => !!s.mark && words.every((g) => !g.includes(s) || g.length === 1);
  const unmarked = same.filter((s) => !isOwn(s)).toSorted((a, b) => (a.id < b.id ? -1 : 1));
  return new Map([
    ...same.filter(isOwn).map((s) => [s.id as string, `(${s.mark})`] as const),
    ...(unmarked.length > 1 ? unmarked.map((s, i) => [s.id as string, String(i + 1)] as const) : []),
  ]);
}

/**
 * What each student is called by `say`, with more letters until no two are the same. Namesakes are called by what tells them apart
 * too, the same in every list that holds their class; `isWhole` if by their whole name then.
 */
function unique(list: readonly Named[], say: (student: Named, count: number) => string, isWhole = true): ReadonlyMap<string, string> {
  const names = new Map<string, string>();
  const most = longest(list) + 1;
  let left = groupsOf(list, (s) => keyOf(say(s, most)));
  for (let count = 1; left.length > 0; count++) {
    left = groupsOf(left, ([first]) => keyOf(say(first, count))).flatMap((alike) => {
      if (alike.length > 1 && count < most) return alike;
      for (const same of alike) {
        const marks = marksOf(same);
        for (const s of same)
          names.set(s.id, [say(s, isWhole && same.length > 1 ? most : count), marks.get(s.id)].filter(Boolean).join(' '));
      }
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
/** Whole names by id: "Wren Ashgrove", namesakes with what tells them apart. */
const fullNames = once((list) => unique(list, fullName));
/** Initials by id: "WA", with as many letters as make them unique among `list`: for notes that name nobody. */
const initials = once((list) =>
  unique(list, (s, count) => `${letters(s.givenName, 1)}${letters(parts(s.familyName).rest.replaceAll(' ', ''), count)}`, false),
);

/** The shortest name of a student that is unique among others, usually the class's or the lesson's. */
export const shortName = (student: Named, among: readonly Named[]): string => shortNames(among).get(student.id) ?? cut(student, 1);
export const initialsOf = (student: Named, among: readonly Named[]): string =>
  initials(among).get(student.id) ?? `${letters(student.givenName, 1)}${letters(parts(student.familyName).rest, 1)}`;
/** The whole name of a student, with what tells namesakes of the class apart. */
export const wholeName = (student: Named, among: readonly Named[]): string => fullNames(among).get(student.id) ?? fullName(student);
