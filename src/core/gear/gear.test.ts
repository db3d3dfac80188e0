import { describe, expect, it } from 'vitest';
import { DEMO_CUPBOARD } from '../../content/cupboard.ts';
import { GEAR_KINDS, Gear } from '../model/gear.ts';
import { newHeader } from '../model/record.ts';
import { changeOver } from './changeOver.ts';
import { coverNeeds } from './cover.ts';
import type { GearNeed } from './need.ts';
import { STAND_INS } from './standIns.ts';

const need = (pieceId: string, gearKind: string, count: number): GearNeed => ({ pieceId, title: pieceId, gearKind, count, use: 'stays' });
const gear = (id: string, gearKind: string, count: number) =>
  Gear.parse({ ...newHeader('gear', 1), id, name: id, gearKind, count, latex: false, place: 'shelf' });

describe('coverNeeds', () => {
  it('adds up what is needed at once and holds it against every line of that kind', () => {
    const [line] = coverNeeds(
      'b',
      [need('one', 'hoop', 4), need('two', 'hoop', 5)],
      [gear('red', 'hoop', 3), gear('blue', 'hoop', 4), gear('x', 'cone', 9)],
    );
    expect(line).toMatchObject({ blockId: 'b', gearKind: 'hoop', need: 9, have: 7, short: 2 });
    expect(line.from.map((f) => f.id)).toEqual(['red', 'blue']);
    expect(line.at.map((a) => a.count)).toEqual([4, 5]);
  });
  it('is short of everything where there is nothing, and of nothing where nothing is needed', () => {
    expect(coverNeeds('b', [need('one', 'bell', 2)], [])).toMatchObject([{ have: 0, short: 2, from: [] }]);
    expect(coverNeeds('b', [], DEMO_CUPBOARD)).toEqual([]);
  });
});

describe('changeOver', () => {
  const line = (gearKind: string, count: number) => coverNeeds('b', [need('p', gearKind, count)], [])[0];
  it('tells what comes, goes and stays; together they are what was and what will be', () => {
    const before = [line('hoop', 4), line('cone', 10), line('mat', 2)];
    const after = [line('hoop', 6), line('cone', 7), line('bell', 1)];
    const { comes, goes, stays } = changeOver(before, after);
    expect(comes).toEqual([
      { gearKind: 'hoop', count: 2 },
      { gearKind: 'bell', count: 1 },
    ]);
    expect(goes).toEqual([
      { gearKind: 'cone', count: 3 },
      { gearKind: 'mat', count: 2 },
    ]);
    const sum = (list: { count: number }[]) => list.reduce((a, b) => a + b.count, 0);
    expect(sum(stays) + sum(goes)).toBe(16);
    expect(sum(stays) + sum(comes)).toBe(14);
  });
  it('counts the most that two blocks of one lesson need, not their sum', () => {
    expect(changeOver([], [line('hoop', 4), line('hoop', 6)]).comes).toEqual([{ gearKind: 'hoop', count: 6 }]);
  });
  it('changes nothing for the same lesson again', () => {
    const same = [line('hoop', 4)];
    expect(changeOver(same, same)).toEqual({ comes: [], goes: [], stays: [{ gearKind: 'hoop', count: 4 }] });
  });
});

describe('stand-ins', () => {
  it('are kinds that there are, and none stands in for itself', () => {
    const kinds = new Set<string>(GEAR_KINDS);
    for (const [kind, others] of Object.entries(STAND_INS)) {
      expect(kinds.has(kind), kind).toBe(true);
      for (const other of others) expect(kinds.has(other) && other !== kind, `${kind}: ${other}`).toBe(true);
    }
  });
});
