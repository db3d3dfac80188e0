import { describe, expect, it } from 'vitest';
import { BANDS, bandOf, GRADES } from './band.ts';
import { doorZone } from './door.ts';
import { usualThing } from './fixedThing.ts';
import { clockSeconds, Period } from './period.ts';
import { newHeader, UPGRADES, upgrade } from './record.ts';
import { plainRoom, Room, rectangleOutline, roomArea } from './room.ts';

describe('upgrade', () => {
  const ladder = {
    thing: {
      1: (old: Record<string, unknown>) => ({ ...old, widthM: old.width }),
      2: (old: Record<string, unknown>) => ({ ...old, deep: 1 }),
    },
  };
  it('climbs every step to the newest version and leaves the stored record alone', () => {
    const stored = Object.freeze({ kind: 'thing', version: 1, width: 4 });
    expect(upgrade(stored, 3, ladder)).toEqual({ kind: 'thing', version: 3, width: 4, widthM: 4, deep: 1 });
    expect(upgrade({ kind: 'thing', version: 3 }, 3, ladder)).toEqual({ kind: 'thing', version: 3 });
  });
  it('says which step is missing', () => {
    expect(() => upgrade({ kind: 'other', version: 1 }, 2, ladder)).toThrowError('no upgrade for other version 1');
  });
  it('has a step up for every version that was ever stored', () => {
    for (const [kind, steps] of Object.entries(UPGRADES)) {
      const versions = Object.keys(steps).map(Number);
      expect(versions, kind).toEqual(versions.map((_, i) => i + 1));
    }
  });
});

describe('facts', () => {
  it('every grade has its band, in order', () => {
    const order = GRADES.map((g) => BANDS.indexOf(bandOf(g)));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(bandOf('5')).toBe('4-5');
    expect(bandOf('Pre-K')).toBe('pre-k');
    expect(new Set(order).size).toBe(BANDS.length);
  });

  const room = (change: object) =>
    Room.safeParse({
      ...newHeader('room', 3),
      id: 'r',
      name: 'R',
      ...plainRoom(rectangleOutline(26, 15)),
      ...change,
    });
  const door = { id: 'd', name: 'door', wall: 1, atM: 3, widthM: 2, clearM: 1.5, swing: 'inwards' as const, exit: true };
  it('doors lie on their wall, things in the room', () => {
    expect(room({ doors: [door] }).success).toBe(true);
    expect(room({ doors: [{ ...door, atM: 14 }] }).error?.issues[0].path).toEqual(['doors', 0, 'atM']);
    expect(room({ doors: [{ ...door, wall: 4 }] }).error?.issues[0].path).toEqual(['doors', 0, 'wall']);
    expect(
      room({ fixed: [usualThing({ id: 'f', name: 'f', thing: 'post', xM: 25.9, yM: 3, widthM: 0.4, depthM: 0.4, undersideM: 0 })] }).error
        ?.issues[0].path,
    ).toEqual(['fixed', 0, 'xM']);
  });
  it('the floor before a door is kept clear inside the room, on every wall', () => {
    for (const wall of [0, 1, 2, 3]) {
      const zone = doorZone({ outline: rectangleOutline(26, 15) }, { ...door, wall });
      for (const p of zone) {
        expect(p.x).toBeGreaterThanOrEqual(-1e-9);
        expect(p.x).toBeLessThanOrEqual(26 + 1e-9);
        expect(p.y).toBeGreaterThanOrEqual(-1e-9);
        expect(p.y).toBeLessThanOrEqual(15 + 1e-9);
      }
    }
    expect(doorZone({ outline: rectangleOutline(26, 15) }, door)[2]).toEqual({ x: 24.5, y: 5 });
  });
  it('what hangs high keeps no floor from anybody, what hangs low does', () => {
    const thing = usualThing({ id: 'f', name: 'f', thing: 'beam', xM: 3, yM: 3, widthM: 2, depthM: 1, undersideM: 3.05 });
    const taken = (undersideM: number) => roomArea(room({ fixed: [{ ...thing, undersideM }] }).data!, 0).keepOut!.length;
    expect([taken(0), taken(2), taken(2.2), taken(3.05)]).toEqual([1, 1, 0, 0]);
    expect(room({ fixed: [{ ...thing, undersideM: -1 }] }).error?.issues[0].path).toEqual(['fixed', 0, 'undersideM']);
    expect(room({ fixed: [{ ...thing, thing: 'boulder' }] }).error?.issues[0].path).toEqual(['fixed', 0, 'thing']);
    expect(room({ floorKind: 'ice' }).error?.issues[0].path).toEqual(['floorKind']);
  });
  it('a period is five minutes to three hours', () => {
    const period = (start: string, end: string) =>
      Period.safeParse({ ...newHeader('period', 1), id: 'p', date: '2026-09-07', start, end, classId: 'c', roomId: 'r', lessonId: null })
        .success;
    expect(clockSeconds('10:05')).toBe(36_300);
    expect([
      period('10:05', '10:50'),
      period('10:50', '10:05'),
      period('10:05', '10:07'),
      period('08:00', '12:00'),
      period('8:00', '9:00'),
    ]).toEqual([true, false, false, false, false]);
  });
});
