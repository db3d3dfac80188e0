import { describe, expect, it } from 'vitest';
import { seenFrom } from './seenFrom.ts';

const court = (x: number, y: number) => ({ x, y, width: 6, depth: 5 });
/** Four courts, two and two: 1 southwest, 2 southeast, 3 northwest, 4 northeast. */
const FOUR = [court(2, 1), court(14, 1), court(2, 8), court(14, 8)];
/** The numbers as they are read, row by row. */
const read = (boxes: Parameters<typeof seenFrom>[0], facing: Parameters<typeof seenFrom>[1]) => {
  const { cells } = seenFrom(boxes, facing);
  const rows = [...new Set(cells.map((c) => c.row))].sort((a, b) => a - b);
  return rows.map((row) =>
    cells
      .map((cell, i) => ({ ...cell, number: i + 1 }))
      .filter((cell) => cell.row === row)
      .sort((a, b) => a.column - b.column)
      .map((cell) => cell.number),
  );
};

describe('places as they are seen', () => {
  it('have the far ones above and the left ones on the left, whichever way the teacher stands', () => {
    expect(read(FOUR, 'north')).toEqual([
      [3, 4],
      [1, 2],
    ]);
    expect(read(FOUR, 'south')).toEqual([
      [2, 1],
      [4, 3],
    ]);
    expect(read(FOUR, 'east')).toEqual([
      [4, 2],
      [3, 1],
    ]);
    expect(read(FOUR, 'west')).toEqual([
      [1, 3],
      [2, 4],
    ]);
  });

  it('leave a corner empty where there is no court', () => {
    const { columns, cells } = seenFrom([court(2, 1), court(14, 1), court(14, 8)], 'north');
    expect(columns).toBe(2);
    expect(cells).toEqual([
      { row: 1, column: 0 },
      { row: 1, column: 1 },
      { row: 0, column: 1 },
    ]);
  });

  it('are in one row although one was pushed a little', () => {
    expect(read([court(2, 1), court(9, 2.4), court(16, 1)], 'north')).toEqual([[1, 2, 3]]);
  });

  it('are read from left to right, row by row, where they are not in columns', () => {
    const scattered = [court(0, 0), court(9, 0), court(4, 7), court(13, 7), court(8, 14)];
    expect(seenFrom(scattered, 'north').columns).toBe(2);
    expect(read(scattered, 'north')).toEqual([[5], [3, 4], [1, 2]]);
  });

  it('are nothing where there are none', () => {
    expect(seenFrom([], 'north')).toEqual({ columns: 0, cells: [] });
  });
});
