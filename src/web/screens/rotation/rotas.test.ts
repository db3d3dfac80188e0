import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../../content/desk.fixture.ts';
import { fitUnweighed } from '../../../core/fit/fit.ts';
import { visits } from '../../../core/rotation/rota.ts';
import { bellClock } from '../../parts/bellClock.ts';
import { blockOf, KIND_WORDS, KINDS, readRoles, rotaOf, USUAL } from './rotas.ts';

const name = (id: string) => `n ${id}`;
const fitted = (gameId: string, settings: Record<string, unknown> = {}) => fitUnweighed(demoDesk({ lesson: lessonWith(gameId, settings) }));

describe('rotas of a lesson', () => {
  it('as planned: every group at every station once a lap, told by number; a waiting place only where groups wait', () => {
    const block = blockOf(fitted('nine-mills'), null)!;
    const rota = rotaOf('planned', block, USUAL, name)!;
    expect(rota.places.map((p) => p.short)).toEqual(['1', '2', '3', '4', '5', '6', '7', '8', '9']);
    expect(visits(rota)).toEqual(rota.units.map(() => rota.places.map(() => 1)));
    expect(rota.slots.map((s) => s.at)).toEqual(block.game!.timeline.bouts.map((r) => r.at));
    const waiting = rotaOf('planned', blockOf(fitted('nine-mills', { groups: 11 }), null)!, USUAL, name)!;
    expect(waiting.places.at(-1)).toMatchObject({ short: 'W', rests: true });
    for (const { where } of waiting.slots) expect(where.filter((p) => p === 9)).toHaveLength(2);
  });

  it('says where a place without floor would be by its number', () => {
    const block = blockOf(fitted('nine-mills', { areaWidthM: 9, areaDepthM: 6 }), null)!;
    expect(block.game!.unplaced.length).toBeGreaterThan(0);
    const rota = rotaOf('planned', block, USUAL, name)!;
    expect(rota.places.map((p) => Number(p.short))).toEqual([...rota.places.map((p) => Number(p.short))].sort((a, b) => a - b));
  });

  it('of every kind that has a course: everybody who plays is in it once', () => {
    const block = blockOf(fitted('bridge-keepers'), null)!;
    const playing = block.game!.groups.flat().map(name).sort();
    for (const kind of KINDS) {
      expect(KIND_WORDS[kind]).toBeTruthy();
      const rota = rotaOf(kind, block, USUAL, name);
      if (kind === 'calls' || kind === 'climbing') expect(rota).toBeUndefined();
      else expect(rota!.units.flatMap((u) => u.members).sort()).toEqual(playing);
    }
  });

  it('pairs the odd one with two others', () => {
    const block = blockOf(fitted('bridge-keepers'), null)!;
    const rota = rotaOf('pairs', block, { ...USUAL, exercises: 5 }, name)!;
    expect(rota.units).toHaveLength(31);
    for (const { where } of rota.slots) expect(where.filter((p) => p === 0)).toHaveLength(15);
  });

  it('takes the block that is asked for, else the first that rotates, and none of a lesson without', () => {
    const all = fitUnweighed(demoDesk());
    expect(blockOf(all, 'nothing')?.id).toBe('mills-game');
    const plain = demoDesk();
    expect(
      blockOf(fitUnweighed({ ...plain, lesson: { ...plain.lesson, blocks: plain.lesson.blocks.filter((b) => !b.game) } }), null),
    ).toBeUndefined();
  });

  it('reads roles from a line, however it is written', () => {
    expect(readRoles('caller, 2 feeders')).toEqual([
      { id: 'caller', seats: 1 },
      { id: 'feeders', seats: 2 },
    ]);
    expect(readRoles(' ,caller,,caller , 99 keepers')).toEqual([
      { id: 'caller', seats: 2 },
      { id: 'keepers', seats: 30 },
    ]);
    expect(readRoles('')).toEqual([]);
    expect(readRoles('a,b,c,d,e,f,g,h,i,j')).toHaveLength(8);
  });

  it('says the clock with seconds only where there are some', () => {
    expect(bellClock(10 * 3600 + 5 * 60)).toBe('10:05');
    expect(bellClock(9 * 3600 + 26)).toBe('9:00');
    expect(bellClock(13 * 3600 + 59 * 60 + 45)).toBe('2:00');
  });
});
