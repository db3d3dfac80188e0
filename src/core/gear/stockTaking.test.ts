import { describe, expect, it } from 'vitest';
import { Gear } from '../model/gear.ts';
import { newHeader } from '../model/record.ts';
import { kitLines, promisedTwice, wishList, withBack, withGone } from './stockTaking.ts';

const item = (more: object = {}) =>
  Gear.parse({ ...newHeader('gear', 2), id: 'balls', name: 'Light balls', gearKind: 'light ball', count: 8, place: 'net bag', ...more });

describe('pieces that are gone', () => {
  it('leave the count with the day, never more than there are, and come back', () => {
    const lost = withGone(item(), { what: 'lost', count: 3, date: '2026-11-27' });
    expect([lost.count, lost.gone]).toEqual([5, [{ what: 'lost', count: 3, date: '2026-11-27' }]]);
    const broken = withGone(lost, { what: 'broken', count: 99, date: '2026-11-28' });
    expect([broken.count, broken.gone?.[1].count]).toEqual([0, 5]);
    expect(withGone(broken, { what: 'lost', count: 1, date: '2026-11-28' })).toBe(broken);
    const back = withBack(withBack(broken, 1), 0);
    expect(back).toEqual(item());
    expect(withBack(back, 7)).toBe(back);
    expect(Gear.parse(broken)).toEqual(broken);
  });
});

describe('kits and wishes', () => {
  it('say what is short, line by line, and what all wishes cost', () => {
    const kit = {
      id: 'k',
      name: 'Lanes',
      items: [
        { gearId: 'balls', count: 10 },
        { gearId: 'nothing', count: 2 },
      ],
    };
    expect(kitLines(kit, [item()]).map((l) => [l.name, l.short])).toEqual([
      ['Light balls', 2],
      ['gone', 2],
    ]);
    const list = wishList([
      item(),
      item({ id: 'more', wanted: { count: 4, costCents: 250 } }),
      item({ id: 'one', wanted: { count: 1, costCents: 999 } }),
    ]);
    expect(list.lines.map((l) => l.id)).toEqual(['more', 'one']);
    expect(list.costCents).toBe(1999);
  });
});

describe('gear that two periods promise', () => {
  const period = (id: string, start: string, end: string, count: number) => ({ id, start, end, needs: { ball: count } });
  it('is told if they overlap and want more than there is, whichever rooms they are in', () => {
    const twice = [period('a', '09:00', '09:45', 5), period('b', '09:30', '10:15', 4), period('c', '10:15', '11:00', 8)];
    expect(promisedTwice(twice, () => 8)).toEqual([{ kind: 'ball', periods: ['a', 'b'], need: 9, have: 8 }]);
    expect(promisedTwice(twice, () => 9)).toEqual([]);
    expect(promisedTwice([period('a', '09:00', '09:45', 9)], () => 8)).toEqual([]);
  });
});
