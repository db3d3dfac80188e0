import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { EVERY_LESSON, stopsWithoutFix } from './everyRoom.fixture.ts';

const all = process.env.CONTRACT === 'all';
const random = seededRng(11);
/** A seeded tenth; all of them by `npm run contract`. */
const tried = EVERY_LESSON.filter(() => all || random.below(10) === 0);

describe('every game, band, class size and room', () => {
  it(`has a fix for every stop, or says what the limit is (${tried.length} lessons)`, () => {
    const wrong = tried.flatMap(stopsWithoutFix);
    expect(wrong.slice(0, 20), `${wrong.length} in all`).toEqual([]);
  }, 1_200_000);
});
