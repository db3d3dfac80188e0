import { describe, expect, it } from 'vitest';
import { SKILL_LADDERS } from '../../content/ladders.ts';
import { type Cell, FIRST_CELL, LADDER_FIGURES, type LadderPlace, type Prompt } from '../model/skillLadder.ts';
import { type Advice, progressAt, type SkillTries, startingPlace } from './progress.ts';

const ladder = SKILL_LADDERS[0];
const DAY = 86_400_000;
const SINCE = 1_000 * DAY;
const middle: Cell = { object: 1, implement: 0, motion: 1, distance: 1 };
const place = (prompt: Prompt = 'alone', at = middle): LadderPlace => ({ at, prompt, since: SINCE });
/** So many tries on a day after the decision, made with this help. */
const on = (day: number, tries: number, made: Partial<Record<Prompt, number>>, at = middle): SkillTries => ({
  ...{ student: 's', skill: 'throw', at, time: SINCE + day * DAY, date: `day ${day}`, from: 'mark', tries },
  made: { alone: 0, word: 0, model: 0, hand: 0, ...made },
});
const advice = (where: LadderPlace, tries: SkillTries[], handYes = false): Advice['to'][] =>
  progressAt(ladder, where, tries, LADDER_FIGURES, handYes).advice.map((a) => a.to);

describe('what the tries at a step suggest', () => {
  it('is a harder step from ten tries on two days with eight made, and not before', () => {
    expect(advice(place(), [on(1, 5, { alone: 4 }), on(2, 5, { alone: 4 })])).toEqual(['harder-step']);
    expect(advice(place(), [on(1, 10, { alone: 10 })])).toEqual(['stay']);
    expect(advice(place(), [on(1, 5, { alone: 5 }), on(2, 4, { alone: 4 })])).toEqual(['stay']);
    expect(advice(place(), [on(1, 5, { alone: 4 }), on(2, 5, { alone: 3 })])).toEqual(['stay']);
  });

  it('is a lighter prompt first while there is help', () => {
    const days = [on(1, 5, { model: 3, word: 1 }), on(2, 5, { alone: 4 })];
    const { advice: found } = progressAt(ladder, place('model'), days, LADDER_FIGURES);
    expect(found.map((a) => a.to)).toEqual(['lighter-prompt', 'harder-step']);
    expect(found[0]).toEqual({ to: 'lighter-prompt', prompt: 'word' });
  });

  it('does not count a try that needed more help than agreed as made', () => {
    const days = [on(1, 5, { model: 5 }), on(2, 5, { model: 5 })];
    expect(progressAt(ladder, place('word'), days, LADDER_FIGURES).made).toBe(0);
    expect(advice(place('word'), days)).toEqual(['easier-step', 'more-help']);
  });

  it('is an easier step, or more help, at four of ten and under', () => {
    expect(advice(place(), [on(1, 5, { alone: 2 }), on(2, 5, { alone: 2 })])).toEqual(['easier-step', 'more-help']);
    expect(advice(place(), [on(1, 5, { alone: 3 }), on(2, 5, { alone: 2 })])).toEqual(['stay']);
  });

  it('offers a guiding hand only after the student’s yes', () => {
    const days = [on(1, 5, {}), on(2, 5, {})];
    expect(advice(place('model'), days)).toEqual(['easier-step']);
    expect(advice(place('model'), days, true)).toEqual(['easier-step', 'more-help']);
  });

  it('ends at both ends of the ladder', () => {
    const top: Cell = { object: 3, implement: 0, motion: 3, distance: 4 };
    const good = [on(1, 5, { alone: 5 }, top), on(2, 5, { alone: 5 }, top)];
    expect(advice(place('alone', top), good)).toEqual(['stay']);
    const bad = [on(1, 5, {}, FIRST_CELL), on(2, 5, {}, FIRST_CELL)];
    expect(advice(startingPlace(SINCE), bad)).toEqual(['more-help']);
  });

  it('reads neither tries before the decision, nor those of another cell or skill', () => {
    const other = { ...on(1, 10, { alone: 10 }), skill: 'roll' as const };
    const days = [on(-1, 10, { alone: 10 }), on(1, 10, { alone: 10 }, FIRST_CELL), other, on(2, 3, { alone: 1 })];
    expect(progressAt(ladder, place(), days, LADDER_FIGURES)).toEqual({ tries: 3, days: 1, made: 1, advice: [{ to: 'stay' }] });
  });

  it('follows the school’s own figures', () => {
    const own = { tries: 4, days: 1, upPercent: 50, downPercent: 10 };
    expect(progressAt(ladder, place(), [on(1, 4, { alone: 2 })], own).advice[0].to).toBe('harder-step');
  });
});
