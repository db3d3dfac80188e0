import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { formatOf } from '../core/formats/registry.ts';
import { BANDS } from '../core/model/band.ts';
import { Game } from '../core/model/game.ts';
import { Gear } from '../core/model/gear.ts';
import { Lesson } from '../core/model/lesson.ts';
import { Period } from '../core/model/period.ts';
import { Room } from '../core/model/room.ts';
import { DEMO_CUPBOARD } from './cupboard.ts';
import { demoPeriods, GRADE_3B, GRADE_5A, LESSONS, MILL_GYM } from './demo.ts';
import { GAMES } from './games.ts';

describe('the content', () => {
  it('parses, every record of it', () => {
    for (const game of GAMES) expect(Game.parse(game)).toEqual(game);
    for (const gear of DEMO_CUPBOARD) expect(Gear.parse(gear)).toEqual(gear);
    for (const lesson of Object.values(LESSONS)) expect(Lesson.parse(lesson)).toEqual(lesson);
    for (const period of demoPeriods('2026-09-07')) expect(Period.parse(period)).toEqual(period);
    expect(Room.parse(MILL_GYM)).toEqual(MILL_GYM);
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

  it('has classes of 27 and 31 with names of their own', () => {
    for (const [roster, count] of [
      [GRADE_3B, 27],
      [GRADE_5A, 31],
    ] as const) {
      expect(roster.students).toHaveLength(count);
      expect(new Set(roster.students.map((s) => `${s.givenName} ${s.familyName}`)).size).toBe(count);
      expect(roster.ratings.map((r) => r.studentId).sort()).toEqual(roster.students.map((s) => s.id).sort());
    }
  });

  it('stays in its own scenario', () => {
    const all = readdirSync(import.meta.dirname)
      .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'))
      .map((f) => readFileSync(path.join(import.meta.dirname, f), 'utf8'))
      .join('\n');
    expect(all.length).toBeGreaterThan(10_000);
    expect(all).not.toMatch(/hockey|badminton|basketball|baseball|tennis|parachute|four.?square|pirate|shark|monster|dragon|octopus/i);
  });
});
