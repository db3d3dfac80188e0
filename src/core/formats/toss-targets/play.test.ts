import { describe, expect, it } from 'vitest';
import { seededRng } from '../../rng.ts';
import { everyone, inOrder, trying } from '../play.fixture.ts';

const sides = [
  { id: 'mills', members: ['a', 'b'] },
  { id: 'bells', members: ['w', 'x', 'y'] },
];
const { view, codes } = trying('toss-targets', { sides, objectsEach: 2, zones: [5, 3, 1] });
const rest = (object: string, zone: number | null, side = 'mills'): [string, object] => ['rest', { object, side, zone }];

describe('objects on targets', () => {
  it('count where they lie now, not where they landed first', () => {
    expect(view(inOrder(rest('m1', 0), rest('m2', 2), rest('b1', 1, 'bells'))).tally).toEqual({ mills: 6, bells: 3 });
    // A later throw knocks m1 outside and m2 into the middle.
    expect(view(inOrder(rest('m1', 0), rest('m2', 2), rest('m1', null), rest('m2', 0))).tally).toEqual({ mills: 5, bells: 0 });
  });

  it('score when the round ends, then the floor is clear and everybody has had a turn', () => {
    const ended = view(inOrder(rest('m1', 0), rest('m2', 1), rest('b1', 2, 'bells'), ['endRound']));
    expect(ended.scores).toEqual({ mills: 8, bells: 1 });
    expect(ended.tally).toEqual({ mills: 0, bells: 0 });
    expect(Object.values(ended.turns)).toEqual([1, 1, 1, 1, 1]);
    expect(view(inOrder(rest('m1', 0), ['endRound'], rest('m1', 1), ['endRound'])).scores.mills).toBe(8);
  });

  it('sum up, whatever happened in between, to the last resting places: 300 random throws', () => {
    const random = seededRng(7);
    const zones = [5, 3, 1];
    const last = new Map<string, number | null>();
    const events = Array.from({ length: 300 }, (): [string, object] => {
      const side = random.below(2) ? 'mills' : 'bells';
      const object = `${side}-${random.below(2)}`;
      const zone = random.below(4) === 3 ? null : random.below(3);
      last.set(object, zone);
      return rest(object, zone, side);
    });
    const sum = (side: string) => [...last].reduce((all, [o, zone]) => all + (o.startsWith(side) && zone !== null ? zones[zone] : 0), 0);
    expect(view(inOrder(...events)).tally).toEqual({ mills: sum('mills'), bells: sum('bells') });
  });

  it('are a side’s own: the first that it uses, no more and none of another side’s, in every round', () => {
    expect(codes(inOrder(rest('m1', 0), rest('m2', 0), rest('m3', 0)))).toEqual(['2 not-allowed']);
    expect(codes(inOrder(rest('m1', 0), rest('m1', 0, 'bells')))).toEqual(['1 not-allowed']);
    expect(codes(inOrder(rest('m1', 0), rest('m2', 0), ['endRound'], rest('m3', 0)))).toEqual(['3 not-allowed']);
  });

  it('end play at the target, once a round has ended: the highest wins, equal ones both', () => {
    const near = inOrder(rest('m1', 0), rest('m2', 1), rest('b1', 0, 'bells'), rest('b2', 1, 'bells'));
    expect(view(near, { to: 5 }).done).toBe(false);
    expect(view([...near, { at: 9, type: 'endRound' }], { to: 5 })).toMatchObject({ done: true, winners: ['mills', 'bells'] });
    expect(view(inOrder(rest('m1', 0), rest('b1', 1, 'bells'), ['endRound']), { to: 3 }).winners).toEqual(['mills']);
  });

  it('keep everybody with their side: latecomers with the smallest, one out of the box at its end', () => {
    expect(view(inOrder(['join', { player: 'z' }])).places.mills).toEqual(['a', 'b', 'z']);
    const boxed = view(inOrder(['box', { player: 'w', why: '', release: 'restart' }], ['endRound']));
    expect(boxed.places.bells).toEqual(['x', 'y', 'w']);
    expect(boxed.turns.w).toBe(0);
    expect(everyone(boxed)).toEqual(['a', 'b', 'w', 'x', 'y']);
  });

  it.each([
    [{ type: 'rest', object: 'm1', side: 'mills', zone: 3 }, 'bad-field'],
    [{ type: 'rest', object: 'm1', side: 'mills' }, 'bad-field'],
    [{ type: 'rest', object: 'm1', side: 'orchards', zone: 0 }, 'unknown-id'],
    [{ type: 'score' }, 'unknown-type'],
  ])('refuses %j', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ sides: [sides[0], sides[0]] }, 'repeated id'],
    [{ sides: [sides[0], { id: 'bells', members: ['a'] }] }, '"a" is there twice'],
    [{ striker: { mills: 'w' } }, 'striker of mills: "w"'],
    [{ zones: [] }, 'zones'],
    [{ objectsEach: 0 }, 'objectsEach: 0'],
  ])('has no setup with %j', (change, message) => expect(() => view([], change)).toThrowError(message));
});
