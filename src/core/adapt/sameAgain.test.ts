import { describe, expect, it } from 'vitest';
import type { AdaptationFor } from '../model/adaptation.ts';
import { sameAgain } from './sameAgain.ts';

const dial = (to: string) => ({ dial: 'rule' as const, to, data: {}, keeps: [], cost: 7 });
const used = (student: string, block: string, to: string | null, place?: string): AdaptationFor => ({
  ...{ student, block, accepted: to === null ? null : [dial(to)], refused: [] },
  ...(place === undefined ? {} : { place }),
});
const codes = (found: ReturnType<typeof sameAgain>) => found.map((f) => [f.student, f.block, f.place, f.accepted[0].to]);

describe('the same as the last time', () => {
  const newest = { games: { b1: 'mills', b2: 'bells' }, choices: [used('ada', 'b1', 'seated', 'wheel'), used('bo', 'b1', null, 'wheel')] };
  const older = { games: { x: 'mills' }, choices: [used('ada', 'x', 'hold-on', 'wheel'), used('bo', 'x', 'cards', 'wheel')] };

  it('is what was in use at the same place of the same game, in whatever block it is now', () => {
    const now = [{ student: 'ada', block: 'today', game: 'mills', place: 'wheel' }];
    expect(codes(sameAgain([newest, older], now))).toEqual([['ada', 'today', 'wheel', 'seated']]);
  });

  it('comes from the newest lesson in which something was in use for the student', () => {
    const now = [{ student: 'bo', block: 'today', game: 'mills', place: 'wheel' }];
    expect(codes(sameAgain([newest, older], now))).toEqual([['bo', 'today', 'wheel', 'cards']]);
  });

  it('is nothing for another game, another place or another student', () => {
    const other = [
      { student: 'ada', block: 'today', game: 'bells', place: 'wheel' },
      { student: 'ada', block: 'today', game: 'mills', place: 'net' },
      { student: 'cy', block: 'today', game: 'mills', place: 'wheel' },
    ];
    expect(sameAgain([newest, older], other)).toEqual([]);
  });

  it('brings what is done without the adult along', () => {
    const guided = { ...used('ada', 'b1', 'adult-guides'), withoutAdult: [dial('seated')] };
    const [found] = sameAgain([{ games: { b1: 'mills' }, choices: [guided] }], [{ student: 'ada', block: 'now', game: 'mills' }]);
    expect(found.withoutAdult?.[0].to).toBe('seated');
    expect(found).not.toHaveProperty('place');
  });
});
