import { describe, expect, it } from 'vitest';
import { SKILL_LADDERS } from '../../content/ladders.ts';
import { AXES, type Cell, FIRST_CELL, SKILLS, SkillLadder } from '../model/skillLadder.ts';
import { heightOf, keysFor, lastAxis, nextAxis, onLadder, orderFor, stepOn, storedCell, topOf } from './ladder.ts';

const throwing = SKILL_LADDERS[0];

describe('the ladders that come with Side Court', () => {
  it('are one for each family of skills, each of its published shape', () => {
    expect(SKILL_LADDERS.map((l) => l.skill)).toEqual(SKILLS);
    for (const ladder of SKILL_LADDERS) expect(SkillLadder.parse(ladder), ladder.skill).toEqual(ladder);
  });

  it('are climbed from the start to the top one axis at a time, every cell once', () => {
    for (const ladder of SKILL_LADDERS) {
      let at: Cell = FIRST_CELL;
      for (let height = 0; height < topOf(ladder); height += 1) {
        expect(heightOf(at), ladder.skill).toBe(height);
        const next = stepOn(ladder, at, nextAxis(ladder, at)!, 1)!;
        expect(AXES.filter((axis) => next[axis] !== at[axis]).length, ladder.skill).toBe(1);
        expect(stepOn(ladder, next, lastAxis(ladder, next)!, -1), ladder.skill).toEqual(at);
        at = next;
      }
      expect(nextAxis(ladder, at), ladder.skill).toBeUndefined();
    }
  });
});

describe('a ladder', () => {
  it('has no step that is a position of the student’s own', () => {
    for (const words of ['Seated', 'throw standing', 'from a wheelchair', 'without the walker', 'kneeling'])
      expect(SkillLadder.safeParse({ ...throwing, implement: [words] }).error?.issues[0].message, words).toBe('own-position');
    expect(SkillLadder.safeParse({ ...throwing, implement: ['ball still on a stand'] }).success).toBe(true);
  });

  it('refuses values that repeat, distances that do not rise, and an order that leaves one out', () => {
    const codes = (changed: Partial<SkillLadder>) => SkillLadder.safeParse({ ...throwing, ...changed }).error?.issues.map((i) => i.message);
    expect(codes({ implement: ['hand', 'Hand'] })).toContain('repeated');
    expect(codes({ distance: [1, 3, 2] })).toContain('not-rising');
    expect(codes({ order: throwing.order.slice(1) })).toEqual(['order']);
    expect(codes({ motion: [] })).toContain('empty');
  });

  it('goes on sensibly from a cell that its order never passes', () => {
    const off: Cell = { ...FIRST_CELL, object: 2 };
    const next = nextAxis(throwing, off)!;
    expect(next).not.toBe('object');
    expect(lastAxis(throwing, off)).toBe('object');
    expect(stepOn(throwing, { ...FIRST_CELL, object: throwing.object.length - 1 }, 'object', 1)).toBeUndefined();
    expect(stepOn(throwing, FIRST_CELL, 'motion', -1)).toBeUndefined();
  });

  it('keeps what still fits of an order when its values change, and holds a place that it no longer has to its end', () => {
    const shorter = { ...throwing, distance: [1, 2], motion: [...throwing.motion, 'with a spin'] };
    const order = orderFor(shorter, throwing.order);
    expect(SkillLadder.safeParse({ ...shorter, order }).success).toBe(true);
    expect(order.indexOf('distance')).toBe(throwing.order.indexOf('distance'));
    expect(onLadder(shorter, { ...FIRST_CELL, distance: 4 }).distance).toBe(1);
  });

  it('keeps what was tried at its value when another comes before it, is reworded, or goes', () => {
    const tried: Cell = { object: 1, implement: 0, motion: 2, distance: 3 };
    const change = (values: Partial<SkillLadder>) => {
      const next = { ...throwing, ...values };
      return SkillLadder.parse({ ...next, order: orderFor(next), ...keysFor(throwing, next) });
    };
    const longer = change({ object: ['scarf', ...throwing.object], distance: [0.5, ...throwing.distance] });
    const now = onLadder(longer, tried);
    expect(longer.object[now.object]).toBe(throwing.object[1]);
    expect(longer.distance[now.distance]).toBe(throwing.distance[3]);
    expect(storedCell(longer, now)).toEqual(tried);
    expect(onLadder(longer, storedCell(longer, FIRST_CELL))).toEqual(FIRST_CELL);
    const reworded = change({ motion: throwing.motion.with(2, 'overhand with a long step') });
    expect(onLadder(reworded, tried).motion).toBe(2);
    const without = change({ object: throwing.object.filter((_, i) => i !== 1) });
    expect(onLadder(without, { ...tried, object: 2 }).object).toBe(1);
    const again = { ...longer, object: [...longer.object, 'ribbon'] };
    expect(keysFor(longer, again).keys.object?.at(-1)).toBe(Math.max(...longer.keys!.object!) + 1);
    // The last value goes, another comes later: it is a new one, and old tries are not its own.
    const cut = change({ object: throwing.object.slice(0, -1) });
    const regrown = { ...cut, object: [...cut.object, 'ribbon'] };
    expect(keysFor(cut, regrown).keys.object).toEqual([0, 1, 2, throwing.object.length]);
  });
});
