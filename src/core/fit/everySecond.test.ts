import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { classOf, demoDesk, lessonWith, period } from '../../content/desk.fixture.ts';
import { formatOf } from '../formats/registry.ts';
import { fitUnweighed } from './fit.ts';
import type { FittedLesson } from './fitted.ts';

/** Who is where at one second of the lesson: place or what is going on, by student. */
function placesAt(fitted: FittedLesson, at: number): Map<string, string[]> {
  const found = new Map<string, string[]>();
  const put = (id: string, where: string) => found.set(id, [...(found.get(id) ?? []), where]);
  const block = fitted.blocks.find((b) => at >= b.at && at < b.at + b.seconds);
  const game = block?.game;
  const within = at - (block?.at ?? 0);
  const bout = game?.timeline.bouts.find((b) => within >= b.at && within < b.until);
  if (!game || !bout) {
    for (const id of fitted.people.playing) put(id, block?.id ?? 'after');
    return found;
  }
  for (const { members, piece } of bout.stays) for (const id of members) put(id, piece < 0 ? 'waiting' : `place-${piece}`);
  return found;
}

describe('a fitted lesson', () => {
  it('has every student at exactly one place at every second, groups even, no place with two groups', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 40 }),
        fc.constantFrom('nine-mills', 'weather-round', 'bridge-keepers', 'bell-tower'),
        fc.constantFrom<Record<string, unknown>>({}, { laps: 2 }, { direction: -1 }, { groups: 7 }, { groups: 12 }),
        (count, gameId, settings) => {
          const base = demoDesk();
          const game = base.games.find((g) => g.id === gameId)!;
          const { settingProblem } = formatOf(game.format);
          const takes = ([key, value]: [string, unknown]) => settingProblem(game.setup, key, value) === undefined;
          const own = Object.fromEntries(Object.entries(settings).filter(takes));
          const lesson = lessonWith(gameId, own);
          const fitted = fitUnweighed(
            demoDesk({ lesson, students: classOf(count), ratings: [], wishes: [], period: period('10:00', '11:00') }),
          );
          const rotating = fitted.blocks.find((b) => b.game)!.game!;
          const sizes = rotating.groups.map((g) => g.length);
          expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
          for (const bout of rotating.timeline.bouts) {
            const used = bout.stays.map((s) => s.piece).filter((p) => p >= 0);
            expect(new Set(used).size).toBe(used.length);
          }
          for (let at = 0; at < fitted.periodSeconds; at++) {
            const places = placesAt(fitted, at);
            if (places.size !== count || [...places.values()].some((p) => p.length !== 1))
              throw new Error(`second ${at}: ${JSON.stringify([...places].filter(([, p]) => p.length !== 1).slice(0, 3))}`);
          }
          // Over capacity is never silent: it is told as a stop.
          const capacity = fitted.findings.filter((f) => f.code === 'station-capacity' || f.code === 'class-over-capacity');
          for (const f of capacity) expect(f.weight).toBe('stop');
        },
      ),
      { numRuns: 30, seed: 8 },
    );
  });
});
