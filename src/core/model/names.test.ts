import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { StudentId } from './ids.ts';
import { initialsOf, shortName, shortNames } from './names.ts';

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

  it('is different for every student of any list', () => {
    const name = fc.constantFrom('A', 'Ab', 'Abc', 'a', 'de B', 'van B', 'B');
    fc.assert(
      fc.property(fc.array(fc.tuple(name, name), { maxLength: 40 }), (names) => {
        const students = list(...names);
        expect(new Set(students.map((s) => shortName(s, students).toLowerCase())).size).toBe(students.length);
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
