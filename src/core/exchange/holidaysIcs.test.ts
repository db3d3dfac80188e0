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
    ['', 'not-a-calendar'],
    ['name,day\nHarvest,2026-10-12', 'not-a-calendar'],
    ['BEGIN:VCALENDAR\r\nEND:VCALENDAR', 'no-events'],
    ['BEGIN:VEVENT\r\nEND:VEVENT', 'not-a-calendar'],
  ])('says of %j that it is %s', (text, code) => {
    expect(readHolidays(text, '2026-09-01')).toEqual({ holidays: [], errors: [{ event: 0, code, value: '' }] });
  });

  it('tells what is wrong by event and takes the others', () => {
    const { holidays, errors } = read(
      'SUMMARY:No day',
      `SUMMARY:${'x'.repeat(61)}|DTSTART;VALUE=DATE:20261005`,
      'SUMMARY:Mill day|DTSTART;VALUE=DATE:20261006',
    );
    expect(errors.map((e) => [e.event, e.code])).toEqual([
      [1, 'no-day'],
      [2, 'too-long'],
    ]);
    expect(holidays).toHaveLength(1);
    expect(read(...Array.from({ length: 301 }, () => 'DTSTART;VALUE=DATE:20261005')).errors[0].code).toBe('too-many');
  });
});
