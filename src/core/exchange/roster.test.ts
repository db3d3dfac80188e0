import { describe, expect, it } from 'vitest';
import { readRoster } from './roster.ts';

const names = (text: string) => readRoster(text).rows.map((r) => `${r.givenName}/${r.familyName}${r.rating ? `/${r.rating}` : ''}`);
const wrong = (text: string) => readRoster(text).errors.map((e) => `${e.row} ${e.column} ${e.code}`);

describe('readRoster', () => {
  it.each([
    ['Wren,Ashgrove\nBrea,Quarrie', ['Wren/Ashgrove', 'Brea/Quarrie']],
    ['Wren\tAshgrove\t4\nBrea\tQuarrie\t2', ['Wren/Ashgrove/4', 'Brea/Quarrie/2']],
    ['Family name;Given name\r\nAshgrove;Wren\r\n', ['Wren/Ashgrove']],
    ['\uFEFFGiven name,Family name,Rating\nWren,Ashgrove,5\n', ['Wren/Ashgrove/5']],
    ['Name\n"Ashgrove, Wren"\n"Quarrie, Brea"', ['Wren/Ashgrove', 'Brea/Quarrie']],
    ['Ashgrove, Wren\nQuarrie, Brea', ['Wren/Ashgrove', 'Brea/Quarrie']],
    ['Wren Ashgrove\nBrea Oxbow Thornbury', ['Wren/Ashgrove', 'Brea/Oxbow Thornbury']],
    ['id,First name,Surname\n17,"Wren ""W.""",Ashgrove', ['Wren "W."/Ashgrove']],
    ['Ünal,Ōtsuka\nZoë,O’Mill-Žák', ['Ünal/Ōtsuka', 'Zoë/O’Mill-Žák']],
    ['Wren,Ashgrove\n\n\n   \nBrea,Quarrie\n', ['Wren/Ashgrove', 'Brea/Quarrie']],
  ])('reads %j', (text, expected) => {
    expect(names(text)).toEqual(expected);
    expect(wrong(text)).toEqual([]);
  });

  it.each([
    ['', ['1  no-rows']],
    ['   \n ', ['1  no-rows']],
    ['Given name,Family name', ['1  no-rows']],
    ['Wren,Ashgrove\nBrea,', ['2 family empty']],
    [',Ashgrove', ['1 given empty']],
    ['Name\nWren', ['2 name one-word']],
    ['Wren,Ashgrove\nwren,ASHGROVE', ['2 given repeated']],
    ['Given,Family,Rating\nWren,Ashgrove,six', ['2 rating number']],
    ['Given,Family,Rating\nWren,Ashgrove,9', ['2 rating number']],
    ['Given,Family,Rating\nWren,Ashgrove,2.5', ['2 rating number']],
    ['Wr\ud800en,Ashgrove', ['1 given characters']],
    [`${'x'.repeat(41)},Ashgrove`, ['1 given too-long']],
    ['Wren,Ash\u0007grove', ['1 family characters']],
  ])('tells row and column of %j', (text, expected) => {
    expect(wrong(text)).toEqual(expected);
  });

  it('sees an open quotation mark', () => {
    expect(wrong('Given,Family\n"Wren,Ashgrove\nBrea,Quarrie').some((e) => e.endsWith('quotes'))).toBe(true);
  });

  it('takes columns told by hand, and one name twice where that is so', () => {
    const text = 'Ashgrove;5;Wren\nQuarrie;2;Brea';
    expect(readRoster(text, { columns: ['family', 'rating', 'given'] }).rows).toMatchObject([
      { givenName: 'Wren', familyName: 'Ashgrove', rating: 5 },
      { givenName: 'Brea', familyName: 'Quarrie', rating: 2 },
    ]);
    expect(readRoster(text).sample[1]).toEqual(['Quarrie', '2', 'Brea']);
    const twice = 'Wren,Oak\nwren,oak';
    expect(readRoster(twice).errors).toHaveLength(1);
    expect(readRoster(twice, { repeatsAllowed: true })).toMatchObject({ errors: [], rows: [{}, {}] });
  });

  it('keeps notes apart from names: several columns and lines of a cell in one line, with what cannot be kept by row', () => {
    const text = 'First name,Last name,Medical,Notes\nWren,Ashgrove,"asthma,\ninhaler",sits in front\nBrea,Quarrie,,\n';
    const { rows, columns } = readRoster(text);
    expect(columns).toEqual(['given', 'family', 'note', 'note']);
    expect(rows.map((r) => r.note)).toEqual(['asthma, inhaler; sits in front', undefined]);
    expect(readRoster(text, { columns: ['given', 'family', 'other', 'note'] }).rows[0].note).toBe('sits in front');
    expect(wrong(`Given,Family,Notes\nWren,Ashgrove,${'x'.repeat(401)}`)).toEqual(['2 note too-long']);
    expect(names('Wren,Ashgrove,asthma')).toEqual(['Wren/Ashgrove']);
  });

  it('leaves out titles, empty rows, a heading that comes again and totals, and says which', () => {
    const text = [
      'Alder Hollow School,,,',
      'Grade 4N, 2026,,',
      '',
      'No.,Name,Level,Notes',
      '1,"Larch, Tova",3,"asthma, inhaler"',
      ',,,',
      'No.,Name,Level,Notes',
      '2,"van der Oak, Brea",,',
      'Total,2,,',
      '',
    ].join('\n');
    const { rows, errors, skipped, columns } = readRoster(text);
    expect(errors).toEqual([]);
    expect(columns).toEqual(['other', 'name', 'rating', 'note']);
    expect(rows).toEqual([
      { row: 5, givenName: 'Tova', familyName: 'Larch', rating: 3, note: 'asthma, inhaler' },
      { row: 8, givenName: 'Brea', familyName: 'van der Oak' },
    ]);
    expect(skipped.map((s) => `${s.row} ${s.why}`)).toEqual(['1 title', '2 title', '3 empty', '6 empty', '7 heading', '9 total']);
    expect(skipped[1].text).toBe('Grade 4N 2026');
    const kept = readRoster('Given,Family\nTotal,Oak\nsum,', { keep: [3] });
    expect(kept.rows.map((r) => r.givenName)).toEqual(['Total', 'sum']);
  });

  it('without a heading passes over a title, a count in front, and takes "Last, First" in one cell', () => {
    expect(names('Grade 4N\n1\tWren\tAshgrove\t4\n2\tBrea\tQuarrie\t2')).toEqual(['Wren/Ashgrove/4', 'Brea/Quarrie/2']);
    expect(names('1;Ashgrove, Wren\n2;van der Oak, Brea')).toEqual(['Wren/Ashgrove', 'Brea/van der Oak']);
  });

  it('leaves ratings empty that are no numbers, if the teacher says so, and drops columns told for another table', () => {
    const text = 'Given,Family,Rating\nWren,Ashgrove,n/a\nBrea,Quarrie,4';
    expect(wrong(text)).toEqual(['2 rating number']);
    expect(readRoster(text, { emptyNumbers: true })).toMatchObject({ errors: [], rows: [{ givenName: 'Wren' }, { rating: 4 }] });
    expect(readRoster(text, { emptyNumbers: true }).rows[0].rating).toBeUndefined();
    expect(readRoster(text, { columns: ['family', 'given'] }).columns).toEqual(['given', 'family', 'rating']);
  });

  it('stops at more rows than a class holds, also at ten thousand', () => {
    const rows = (n: number) => Array.from({ length: n }, (_, i) => `Given${i},Oakley`).join('\n');
    expect(wrong(rows(60))).toEqual([]);
    expect(wrong(rows(61))).toEqual(['61  too-many']);
    const huge = readRoster(`Given,Family\n${rows(10_000)}`);
    expect(huge.rows).toEqual([]);
    expect(huge.errors).toEqual([{ row: 62, column: '', code: 'too-many', value: '10000' }]);
  });
});
