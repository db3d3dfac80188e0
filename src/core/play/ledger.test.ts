import { describe, expect, it } from 'vitest';
import { added, entered, leaders, zeros } from './ledger.ts';

describe('a ledger', () => {
  it('adds for every id of a list, twice for one that is named twice, and leaves the one given alone', () => {
    const start = zeros(['a', 'b']);
    expect(added(start, ['a', 'c', 'a'])).toEqual({ a: 2, b: 0, c: 1 });
    expect(added(start, ['b'], -3)).toEqual({ a: 0, b: -3 });
    expect(start).toEqual({ a: 0, b: 0 });
  });

  it('counts ids that are names of objects too', () => {
    const ids = ['__proto__', 'constructor', 'toString'];
    const counted = added(added(zeros(ids), ids), ids);
    expect(Object.entries(counted).sort()).toEqual(ids.map((id) => [id, 2]).sort());
    expect(Object.keys(entered({}, '__proto__'))).toEqual(['__proto__']);
  });

  it('has all with the best score as leaders, nobody at 0, and keeps what was there on entering', () => {
    expect(leaders({ a: 2, b: 3, c: 3 })).toEqual(['b', 'c']);
    expect(leaders({ a: 0, b: -1 })).toEqual([]);
    expect(leaders({ a: 2, 'group-1': 5, 'group-2': 1 }, ['group-2'])).toEqual(['group-2']);
    expect(entered({ a: 4 }, 'a')).toEqual({ a: 4 });
  });
});
