import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { StudentId } from './ids.ts';
import { initialsOf, namesakesIn, shortName, shortNames, wholeName } from './names.ts';

const list = (...names: [string, string][]) =>
  names.map(([givenName, familyName], i) => ({ id: StudentId.parse(`s${i}`), givenName, familyName }));
const said = (...names: [string, string][]) => [...shortNames(list(...names)).entries()].sort().map(([, name]) => name);

describe('shortName', () => {
  it('has one letter where that is enough, and more for those alone who need them', () => {
    expect(said(['Wren', 'Ashgrove'], ['Wren', 'Oakley'], ['Brea', 'Ashgrove'])).toEqual(['Wren A.', 'Wren O.', 'Brea A.']);
    expect(said(['Wren', 'Ashgrove'], ['Wren', 'Aldermill'], ['Wren', 'Oakley'])).toEqual(['Wren As.', 'Wren Al.', 'Wren O.']);
    expect(said(['Wren', 'Oak'], ['Wren', 'Oakley'])).toEqual(['Wren Oak', 'Wren Oakl.']);
    expect(said(['wren', 'ash'], ['Wren', 'Ashe'])).toEqual(['wren ash', 'Wren Ashe']);
  });

  it('keeps prefixes whole, of any length and case, and is right where there is nothing but one', () => {
    expect(said(['Mila', 'van der Mill'], ['Mila', 'de la Mill'], ['Mila', 'Mill'], ['Mila', 'Van'])).toEqual([
      'Mila van der M.',
      'Mila de la M.',
      'Mila M.',
      'Mila V.',
    ]);
    expect(said(['Zoë', 'Ōtsuka'], ['Ode', "d' Orchard"])).toEqual(['Zoë Ō.', "Ode d' O."]);
    expect(said(['Mono', ''])).toEqual(['Mono']);
  });

  it('numbers two of one name in the order of their ids, whatever the order of the list', () => {
    const two = list(['Wren', 'Oak'], ['Wren', 'Oak']);
    expect(two.map((s) => shortName(s, two))).toEqual(['Wren Oak 1', 'Wren Oak 2']);
    expect(two.map((s) => shortName(s, two.toReversed()))).toEqual(['Wren Oak 1', 'Wren Oak 2']);
    expect(shortName(list(['Wren', 'Ashgrove'])[0], [])).toBe('Wren A.');
  });

  it('tells namesakes by the word they were given, the same in every kind of name, and the others by number', () => {
    const [tall, low, third, other] = list(['Wren', 'Oak'], ['wren', 'oak'], ['Wren', 'Oak'], ['Wren', 'Oxbow']);
    const class1 = [{ ...tall, mark: 'tall' }, { ...low, mark: 'bell' }, other];
    expect(class1.map((s) => shortName(s, class1))).toEqual(['Wren Oak (tall)', 'wren oak (bell)', 'Wren Ox.']);
    expect(class1.map((s) => wholeName(s, class1))).toEqual(['Wren Oak (tall)', 'wren oak (bell)', 'Wren Oxbow']);
    expect(class1.map((s) => initialsOf(s, class1))).toEqual(['WOa (tall)', 'woa (bell)', 'WOx']);
    // One who has no word yet is told from the other by having none; two without one are numbered.
    const class2 = [{ ...tall, mark: 'tall' }, low];
    expect(class2.map((s) => shortName(s, class2))).toEqual(['Wren Oak (tall)', 'wren oak']);
    const class3 = [third, { ...tall, mark: 'tall' }, low];
    expect(class3.map((s) => wholeName(s, class3))).toEqual(['Wren Oak 2', 'Wren Oak (tall)', 'wren oak 1']);
    // One word for two tells nobody apart, and a list without the other keeps the word.
    const class4 = [
      { ...tall, mark: 'tall' },
      { ...low, mark: 'Tall' },
    ];
    expect(class4.map((s) => shortName(s, class4))).toEqual(['Wren Oak 1', 'wren oak 2']);
    expect(shortName(class1[0], [class1[0], other])).toBe('Wren Oa. (tall)');
  });

  it('finds namesakes by whole names, however they are written', () => {
    const some = list(['Wren', 'Oak'], ['Brea', 'Oak'], ['WREN', 'oak'], ['Zoe\u0308', 'Elm'], ['Zoë', 'Elm']);
    expect(namesakesIn(some).map((same) => same.map((s) => s.id))).toEqual([
      ['s0', 's2'],
      ['s3', 's4'],
    ]);
  });

  it('is different for every student of any list', () => {
    const name = fc.constantFrom('A', 'Ab', 'Abc', 'a', 'de B', 'van B', 'B');
    fc.assert(
      fc.property(fc.array(fc.tuple(name, name), { maxLength: 40 }), (names) => {
        const students = list(...names);
        expect(new Set(students.map((s) => shortName(s, students).toLowerCase())).size).toBe(students.length);
        const marked = students.map((s, i) => (i % 3 ? { ...s, mark: i % 2 ? 'tall' : `m${i}` } : s));
        expect(new Set(marked.map((s) => shortName(s, marked).toLowerCase())).size).toBe(students.length);
        expect(new Set(marked.map((s) => wholeName(s, marked).toLowerCase())).size).toBe(students.length);
        expect(new Set(students.map((s) => initialsOf(s, students).toLowerCase())).size).toBe(students.length);
      }),
      { seed: 11 },
    );
  });
});

describe('initialsOf', () => {
  it('has more letters where two have the same, prefixes aside', () => {
    const some = list(['Wren', 'Ashgrove'], ['Willa', 'Aldermill'], ['Brea', 'van Oak']);
    expect(some.map((s) => initialsOf(s, some))).toEqual(['WAs', 'WAl', 'BO']);
  });
});
