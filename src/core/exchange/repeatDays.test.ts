import fc from 'fast-check';
import rrule from 'rrule';
import { describe, expect, it } from 'vitest';
import { dayOf } from '../model/day.ts';
import { type RepeatRule, repeatDays } from './repeatDays.ts';

const NAMES = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
const listed = (key: string, values: readonly (number | string)[]) => (values.length ? `;${key}=${values.join(',')}` : '');

function textOf(rule: RepeatRule): string {
  const days = rule.weekdays.map((w) => `${w.nth ?? ''}${NAMES[w.weekday]}`);
  return [
    `FREQ=${rule.frequency};INTERVAL=${rule.interval};WKST=${NAMES[rule.weekStart]}`,
    rule.count === undefined ? '' : `;COUNT=${rule.count}`,
    listed('BYMONTH', rule.months) + listed('BYMONTHDAY', rule.monthDays) + listed('BYDAY', days) + listed('BYSETPOS', rule.positions),
  ].join('');
}

/** The naive twin: a package that makes every repeat from the start on. */
function stepped(rule: RepeatRule, start: string, from: string, until: string): string[] {
  const at = (day: string) => new Date(`${day}T00:00:00Z`);
  const every = new rrule.RRule({ ...rrule.RRule.parseString(textOf(rule)), dtstart: at(start) });
  return every.between(at(from), at(until), true).map((date) => date.toISOString().slice(0, 10));
}

const few = <T>(of: fc.Arbitrary<T>, most: number) => fc.uniqueArray(of, { maxLength: most });
const rules = fc
  .record({
    frequency: fc.constantFrom<RepeatRule['frequency']>('DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'),
    interval: fc.integer({ min: 1, max: 5 }),
    count: fc.option(fc.integer({ min: 1, max: 60 }), { nil: undefined }),
    weekStart: fc.constantFrom(0, 6),
    months: few(fc.integer({ min: 1, max: 12 }), 2),
    monthDays: few(fc.constantFrom(1, 5, 17, 28), 2),
    weekdays: few(fc.integer({ min: 0, max: 6 }), 2),
    nth: fc.constantFrom(undefined, undefined, 1, 2, -1),
    position: fc.constantFrom<number[]>([], [], [1], [-1]),
  })
  .map(({ nth, position, weekdays, ...rule }): RepeatRule => {
    const isLong = rule.frequency === 'MONTHLY' || rule.frequency === 'YEARLY';
    return {
      ...rule,
      // A start that the rule does not pick counts for RFC 5545 and not for the package: counts are compared where it is picked.
      count: rule.months.length || rule.monthDays.length || weekdays.length ? undefined : rule.count,
      monthDays: rule.frequency === 'WEEKLY' ? [] : rule.monthDays,
      weekdays: weekdays.map((weekday) => ({ weekday, ...(isLong && nth !== undefined ? { nth } : {}) })),
      positions: isLong && weekdays.length ? position : [],
      ...{ yearDays: [], weekNumbers: [], picksTimes: false },
    };
  });

describe('repeatDays', () => {
  it('finds the days that a package makes one after another from the start on', () => {
    fc.assert(
      fc.property(rules, fc.integer({ min: 20_000, max: 20_400 }), (rule, first) => {
        const start = dayOf(first);
        const [from, until] = [dayOf(first + 200), dayOf(first + 1300)];
        const own = repeatDays(rule, { day: start, second: 0 }, from, until, { left: 1_000_000 });
        expect(own).toEqual(stepped(rule, start, from, until));
      }),
      { seed: 28, numRuns: 250 },
    );
  });

  const daily: RepeatRule = {
    ...{ frequency: 'DAILY', interval: 1, weekStart: 0, months: [], monthDays: [], yearDays: [], weekNumbers: [], weekdays: [] },
    ...{ positions: [], picksTimes: false },
  };
  /** It counts as the first, picked or not. */
  const START = '2026-01-01';
  it.each<[string, Partial<RepeatRule>, string[] | undefined]>([
    ['the last Friday of each November', { frequency: 'YEARLY', months: [11], weekdays: [{ weekday: 4, nth: -1 }] }, [START, '2026-11-27']],
    ['the hundredth day', { frequency: 'YEARLY', yearDays: [100, -1] }, [START, '2026-04-10', '2026-12-31']],
    ['the Monday of week 20', { frequency: 'YEARLY', weekNumbers: [20], weekdays: [{ weekday: 0 }] }, [START, '2026-05-11']],
    [
      'the last weekday of March',
      { frequency: 'MONTHLY', months: [3], weekdays: [0, 1, 2, 3, 4].map((weekday) => ({ weekday })), positions: [-1] },
      [START, '2026-03-31'],
    ],
    ['every 100 hours', { frequency: 'HOURLY', interval: 100, count: 4 }, ['2026-01-01', '2026-01-05', '2026-01-09', '2026-01-13']],
    ['a count of hours on picked days', { frequency: 'HOURLY', count: 4, weekdays: [{ weekday: 0 }] }, undefined],
    ['picked hours', { frequency: 'HOURLY', picksTimes: true }, undefined],
    ['more days than there are steps', { count: 5_000, months: [1] }, undefined],
  ])('says of %s', (_, rule, days) => {
    expect(repeatDays({ ...daily, ...rule }, { day: START, second: 0 }, START, '2026-12-31', { left: 600 })).toEqual(days);
  });
});
