import { describe, expect, it } from 'vitest';
import { readHolidays } from './holidaysIcs.ts';

const calendar = (...events: string[]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//made up//EN',
    ...events.flatMap((e) => ['BEGIN:VEVENT', ...e.split('|'), 'END:VEVENT']),
    'END:VCALENDAR',
  ].join('\r\n');
const read = (...events: string[]) => readHolidays(calendar(...events), '2026-09-01');

describe('readHolidays', () => {
  it.each([
    ['one day', 'SUMMARY:Mill day|DTSTART;VALUE=DATE:20261005', [['2026-10-05', '2026-10-05', 'Mill day']]],
    [
      'an end that is the day after',
      'SUMMARY:Harvest|DTSTART;VALUE=DATE:20261012|DTEND;VALUE=DATE:20261017',
      [['2026-10-12', '2026-10-16', 'Harvest']],
    ],
    ['times over midnight', 'SUMMARY:Bells|DTSTART:20261012T180000Z|DTEND:20261013T020000Z', [['2026-10-12', '2026-10-13', 'Bells']]],
    ['a length', 'SUMMARY:Frost|DTSTART;VALUE=DATE:20270201|DURATION:P3D', [['2027-02-01', '2027-02-03', 'Frost']]],
    ['no name', 'DTSTART;VALUE=DATE:20261005', [['2026-10-05', '2026-10-05', '']]],
    [
      'folded and escaped names',
      'SUMMARY:Orchard\\, bridge|DTSTART;VALUE=DATE:20261005',
      [['2026-10-05', '2026-10-05', 'Orchard, bridge']],
    ],
  ])('takes %s', (_, event, days) => {
    const { holidays, errors } = read(event);
    expect(errors).toEqual([]);
    expect(holidays.map((h) => [h.from, h.until, h.name])).toEqual(days);
  });

  it('takes repeats for three years, leaves out what is past, and what is there twice', () => {
    const yearly = 'SUMMARY:Bridge day|DTSTART;VALUE=DATE:20200505|RRULE:FREQ=YEARLY';
    expect(read(yearly, yearly).holidays.map((h) => h.from)).toEqual(['2027-05-05', '2028-05-05', '2029-05-05']);
    expect(read('SUMMARY:Long ago|DTSTART;VALUE=DATE:20200505').holidays).toEqual([]);
  });

  it.each([
    ['', 'not-a-calendar', 1],
    ['\n\nname,day\nHarvest,2026-10-12', 'not-a-calendar', 3],
    ['BEGIN:VCALENDAR\r\nEND:VCALENDAR', 'no-events', 1],
    ['BEGIN:VEVENT\r\nEND:VEVENT', 'not-a-calendar', 1],
    ['BEGIN:VCALENDAR\nBEGIN:VEVENT\nEND:VCALENDAR', 'not-a-calendar', 3],
    ['BEGIN:VCALENDAR\nBEGIN:VEVENT\nEND:VEVENT', 'not-a-calendar', 1],
    [`BEGIN:VCALENDAR\n${'BEGIN:VEVENT\n'.repeat(20)}`, 'too-deep', 9],
  ])('says of %j that it is %s, and where', (text, code, line) => {
    const { holidays, errors } = readHolidays(text, '2026-09-01');
    expect(holidays).toEqual([]);
    expect(errors).toMatchObject([{ event: 0, code, line }]);
  });

  it.each([
    ['days that never come', 'DTSTART;VALUE=DATE:20261001|RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30', 1],
    ['seconds that never come', 'DTSTART:20261001T080000Z|RRULE:FREQ=SECONDLY;BYMONTH=2;BYMONTHDAY=30', 1],
    ['years that never come', 'DTSTART;VALUE=DATE:20261001|RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=31;INTERVAL=99999', 1],
    ['every hour until a count', 'DTSTART:20261001T220000Z|RRULE:FREQ=HOURLY;COUNT=3', 2],
    ['a leap day', 'DTSTART;VALUE=DATE:20240229|RRULE:FREQ=YEARLY', 1],
  ])('reads %s', (_, event, days) => {
    const { holidays, errors } = read(`SUMMARY:Mill day|${event}`);
    expect(errors).toEqual([]);
    expect(holidays).toHaveLength(days);
  });

  it('looks at no more days than it may, and says whose repeat it was', () => {
    const old = (n: number) => `SUMMARY:Old ${n}|DTSTART;VALUE=DATE:19100101|RRULE:FREQ=DAILY;COUNT=41000`;
    const { holidays, errors } = read(...Array.from({ length: 300 }, (_, n) => old(n)));
    expect(holidays).toEqual([]);
    expect(errors[0]).toEqual({ event: 37, line: 3 + 36 * 5 + 4, code: 'repeats', value: '' });
    expect(errors).toHaveLength(264);
    const daily = read(...Array.from({ length: 300 }, (_, n) => `SUMMARY:Day ${n}|DTSTART;VALUE=DATE:19100101|RRULE:FREQ=DAILY`));
    expect(daily.errors).toMatchObject([{ event: 0, code: 'too-many', line: 7 }]);
  });

  it('leaves out days that a repeat leaves out, and takes those that it adds', () => {
    const weekly = 'SUMMARY:Bridge day|DTSTART;VALUE=DATE:20261005|RRULE:FREQ=WEEKLY;COUNT=4';
    const { holidays } = read(`${weekly}|EXDATE;VALUE=DATE:20261012|RDATE;VALUE=DATE:20261014`);
    expect(holidays.map((h) => h.from)).toEqual(['2026-10-05', '2026-10-14', '2026-10-19', '2026-10-26']);
  });

  it('tells what is wrong by event and takes the others', () => {
    const { holidays, errors } = read(
      'SUMMARY:No day',
      `SUMMARY:${'x'.repeat(61)}|DTSTART;VALUE=DATE:20261005`,
      'SUMMARY:Mill day|DTSTART;VALUE=DATE:20261006',
    );
    expect(errors.map((e) => [e.event, e.line, e.code])).toEqual([
      [1, 4, 'no-day'],
      [2, 8, 'too-long'],
    ]);
    expect(holidays).toHaveLength(1);
    const broken = read('SUMMARY:When?|DTSTART;VALUE=DATE:soon', 'DTSTART;VALUE=DATE:20261005|RRULE:FREQ=DAILY;BYMONTH=13');
    expect(broken.errors.map((e) => [e.event, e.line, e.code])).toEqual([
      [1, 6, 'no-day'],
      [2, 10, 'repeats'],
    ]);
    expect(read(...Array.from({ length: 301 }, () => 'DTSTART;VALUE=DATE:20261005')).errors[0].code).toBe('too-many');
  });
});
