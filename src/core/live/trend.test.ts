import { describe, expect, it } from 'vitest';
import { trendOf } from './trend.ts';

const run = (date: string, actualSeconds = 2700, ended = true) => ({
  date,
  ended,
  plannedSeconds: 2600,
  actualSeconds,
  onTaskSeconds: 1500,
});

describe('the trend', () => {
  it('is one point a day with lessons while there are few, oldest first; runs that go on are left out', () => {
    const points = trendOf([run('2026-09-09', 2760), run('2026-09-07'), run('2026-09-07', 2400), run('2026-09-10', 60, false)]);
    expect(points).toEqual([
      { from: '2026-09-07', lessons: 2, plannedMinutes: 43.3, actualMinutes: 42.5, onTaskMinutes: 25 },
      { from: '2026-09-09', lessons: 1, plannedMinutes: 43.3, actualMinutes: 46, onTaskMinutes: 25 },
    ]);
    expect(trendOf([{ ...run('2026-09-10'), discarded: true }])).toEqual([]);
    expect(trendOf([])).toEqual([]);
    expect(trendOf([run('2026-09-10', 60, false)])).toEqual([]);
  });

  it('is one point a week, Monday to Sunday, once there are many; every lesson counted once', () => {
    const days = Array.from({ length: 40 }, (_, i) => {
      const day = i < 31 ? `2026-08-${String(i + 1).padStart(2, '0')}` : `2026-09-${String(i - 30).padStart(2, '0')}`;
      return run(day);
    });
    const points = trendOf(days);
    expect(points.map((p) => p.from)).toEqual([
      '2026-08-01',
      '2026-08-03',
      '2026-08-10',
      '2026-08-17',
      '2026-08-24',
      '2026-08-31',
      '2026-09-07',
    ]);
    expect(points.map((p) => p.lessons)).toEqual([2, 7, 7, 7, 7, 7, 3]);
  });

  it('goes on over a new year', () => {
    const points = trendOf([run('2026-12-31'), run('2027-01-01'), run('2027-01-04')], 2);
    expect(points.map((p) => [p.from, p.lessons])).toEqual([
      ['2026-12-31', 2],
      ['2027-01-04', 1],
    ]);
  });
});
