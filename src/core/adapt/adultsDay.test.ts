import { describe, expect, it } from 'vitest';
import { type AdultPeriod, adultsDay, BETWEEN_ROOMS_SECONDS } from './adultsDay.ts';

const period = (id: string, from: number, until: number, adults: string[], room = 'gym'): AdultPeriod => ({
  id,
  from,
  until,
  room,
  adults,
});

describe('an adult’s day', () => {
  it('has the periods they are in, in the order of bells; adults who are in none are left out', () => {
    const days = adultsDay(
      ['juna', 'tarn'],
      [period('late', 5000, 6000, ['juna']), period('early', 1000, 2000, ['juna']), period('no', 0, 9, [])],
    );
    expect(days.map((d) => [d.adult, d.periods.map((p) => p.id)])).toEqual([['juna', ['early', 'late']]]);
  });

  it('names two periods at the same time, not two that only touch', () => {
    const [day] = adultsDay(
      ['juna'],
      [period('a', 0, 1000, ['juna']), period('b', 900, 1900, ['juna'], 'yard'), period('c', 1900, 2500, ['juna'], 'yard')],
    );
    expect(day.twice).toEqual([['a', 'b']]);
    expect(day.tight).toEqual([]);
  });

  it('names two rooms without the time to walk between them', () => {
    const next = (gap: number, room: string) =>
      adultsDay(['juna'], [period('a', 0, 1000, ['juna']), period('b', 1000 + gap, 3000, ['juna'], room)])[0].tight;
    expect(next(60, 'yard')).toEqual([{ after: 'a', before: 'b', seconds: 60 }]);
    expect(next(60, 'gym')).toEqual([]);
    expect(next(BETWEEN_ROOMS_SECONDS, 'yard')).toEqual([]);
  });
});
