import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { onLadder } from '../core/adapt/ladder.ts';
import { formatOf } from '../core/formats/registry.ts';
import { boundsOf } from '../core/geometry/point.ts';
import { BANDS } from '../core/model/band.ts';
import { Game } from '../core/model/game.ts';
import { Gear } from '../core/model/gear.ts';
import { GEAR_FAMILIES } from '../core/model/gearKind.ts';
import { Lesson } from '../core/model/lesson.ts';
import { paintedPaths } from '../core/model/painted.ts';
import { Period } from '../core/model/period.ts';
import { Room } from '../core/model/room.ts';
import { DEMO_CUPBOARD } from './cupboard.ts';
import { demoPeriods, LESSONS, ROOMS, ROSTERS } from './demo.ts';
import { demoPast } from './demoPast.ts';
import { GAMES } from './games.ts';
import { GEAR_CATALOGUE } from './gearKinds.ts';
import { HOME_MADE } from './homeMade.ts';
import { SKILL_LADDERS } from './ladders.ts';
import { PAINTED_KINDS, paintedSet } from './paintedSets.ts';
import { STAGES } from './stages.ts';

describe('the content', () => {
  it('parses, every record of it', () => {
    for (const game of GAMES) expect(Game.parse(game)).toEqual(game);
    for (const gear of DEMO_CUPBOARD) expect(Gear.parse(gear)).toEqual(gear);
    for (const lesson of Object.values(LESSONS)) expect(Lesson.parse(lesson)).toEqual(lesson);
    for (const period of demoPeriods('2026-09-07')) expect(Period.parse(period)).toEqual(period);
    for (const room of ROOMS) expect(Room.parse(room)).toEqual(room);
  });

  it('knows over ninety kinds of gear in every family, each that a game or the closet names among them', () => {
    expect(GEAR_CATALOGUE.length).toBeGreaterThanOrEqual(90);
    expect(new Set(GEAR_CATALOGUE.map((k) => k.kind)).size).toBe(GEAR_CATALOGUE.length);
    expect([...new Set(GEAR_CATALOGUE.map((k) => k.family))].sort()).toEqual([...GEAR_FAMILIES].sort());
    const known = new Set(GEAR_CATALOGUE.map((k) => k.kind));
    const named = [...JSON.stringify(GAMES).matchAll(/"gearKind":"([^"]+)"/g)].map((m) => m[1]);
    expect([...named, ...DEMO_CUPBOARD.map((g) => g.gearKind)].filter((kind) => !known.has(kind))).toEqual([]);
  });

  it('makes only kinds that there are from kinds that there are, and no loose part under 45 mm', () => {
    const known = new Set(GEAR_CATALOGUE.map((k) => k.kind));
    const kinds = HOME_MADE.flatMap((t) => [t.gearKind, ...t.materials.flatMap((m) => m.gearKind ?? [])]);
    expect(kinds.filter((kind) => !known.has(kind))).toEqual([]);
    expect(HOME_MADE.length).toBeGreaterThanOrEqual(9);
    for (const { id, limits } of HOME_MADE) expect(limits.smallestMm ?? 45, id).toBeGreaterThanOrEqual(45);
  });

  it('lists every stage that a game has, once', () => {
    const steps = GAMES.flatMap((g) =>
      formatOf(g.format)
        .stages(g.setup)
        .map((s) => s.id),
    );
    expect([...STAGES].sort()).toEqual([...steps].sort());
    expect(new Set(STAGES).size).toBe(STAGES.length);
  });

  it('says of every step of its lanes where on the ladder of their skill it is', () => {
    const lanes = GAMES.flatMap((g) => (g.format === 'skill-lane' ? [g.setup] : []));
    for (const { skill, ladder } of lanes) {
      const grid = SKILL_LADDERS.find((l) => l.skill === skill)!;
      for (const { id, cell } of ladder) expect(cell && onLadder(grid, cell), id).toEqual(cell);
    }
    expect(lanes.map((lane) => lane.skill)).toEqual(['roll', 'throw']);
  });

  it('has settings for all bands that the formats accept', () => {
    expect(GAMES.length).toBeGreaterThanOrEqual(3);
    for (const game of GAMES) {
      expect(Object.keys(game.bands).sort(), game.title).toEqual([...BANDS].sort());
      for (const values of Object.values(game.bands))
        for (const [key, value] of Object.entries(values ?? {}))
          expect(formatOf(game.format).settingProblem(game.setup, key, value), `${game.title} ${key}`).toBeUndefined();
    }
  });

  it('has six classes of 16 to 34 with names of their own', () => {
    expect(ROSTERS.map((r) => r.students.length)).toEqual([16, 22, 27, 31, 34, 24]);
    for (const roster of ROSTERS) {
      expect(new Set(roster.students.map((s) => `${s.givenName} ${s.familyName}`)).size).toBe(roster.students.length);
      expect(roster.ratings.map((r) => r.studentId).sort()).toEqual(roster.students.map((s) => s.id).sort());
    }
  });

  it('looks back on the same weeks again and again, each class twice a week', () => {
    const days = [5, 4, 3, 2, 1].map((weekday) => ({ date: `2026-09-0${weekday}`, weekday, weeksAgo: 0 }));
    const past = demoPast(days);
    expect(demoPast(days)).toEqual(past);
    for (const { schoolClass } of ROSTERS) expect(past.filter((p) => p.period.classId === schoolClass.id)).toHaveLength(2);
    expect(new Set(past.map((p) => p.period.id)).size).toBe(12);
  });

  it('paints every set of its catalogue true to the size it is called by', () => {
    for (const kind of PAINTED_KINDS) {
      const drawn = boundsOf(paintedPaths(paintedSet(kind.key, { id: 'p', colour: 'grey', xM: 2, yM: 3 })).flat());
      const close = (a: number, b: number) => expect(Math.abs(a - b), kind.name).toBeLessThan(1e-9);
      close(drawn.x, 2);
      close(drawn.y, 3);
      close(drawn.width, kind.widthM);
      close(drawn.depth, kind.depthM);
    }
    expect(() => paintedSet('nothing', { id: 'p', colour: 'grey', xM: 0, yM: 0 })).toThrowError('unknown painted set: nothing');
  });

  it('stays in its own scenario', () => {
    const all = readdirSync(import.meta.dirname)
      // What gear is called, and looked for by, are generic words of every kind: names of gear, no titles, stories or examples.
      .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts') && f !== 'gearWords.ts')
      .map((f) => readFileSync(path.join(import.meta.dirname, f), 'utf8'))
      .join('\n');
    expect(all.length).toBeGreaterThan(10_000);
    expect(all).not.toMatch(/hockey|badminton|basketball|baseball|tennis|parachute|four.?square|pirate|shark|monster|dragon|octopus/i);
  });
});
