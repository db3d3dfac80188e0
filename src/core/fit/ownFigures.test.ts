import { describe, expect, it } from 'vitest';
import { COSTS, figuresFor, HOUSE_FIGURES } from '../adapt/figures.ts';
import { NEW_SCHOOL } from '../model/newSchool.ts';
import { School } from '../model/school.ts';
import { block, CLASS, game, gear, solved, student } from './fitForAll.fixture.ts';

const P = ['a', ...CLASS];
const strike = block(game({ grip: 2, swing: 2 }, ['strike']), P);
const weak = [
  student('a', [
    { kind: 'weak-grip', degree: 2 },
    { kind: 'weak-swing', degree: 2 },
  ]),
];

describe('the school’s own figures', () => {
  it('decide which implement is light enough', () => {
    const ask = {
      students: weak,
      blocks: [strike],
      gear: [gear('paddle', 'foam paddle', 4, { massG: 150 }), gear('ball', 'foam ball', 9)],
    };
    const taken = (figures = HOUSE_FIGURES) => solved({ ...ask, figures }).plans[0].dials.flatMap((d) => d.uses ?? []);
    expect(taken().map((u) => u.gearId)).not.toContain('paddle');
    expect(taken(figuresFor({ adaptFigures: { implementG: [160, 220] } })).map((u) => u.gearId)).toContain('paddle');
  });

  it('decide which frame a chair fits into, leg rests included', () => {
    const chair = [student('a', [{ kind: 'wheelchair', widthM: 0.7 }, 'slow-tracking'])];
    const blocks = [block(game({ 'track-fast': 3, 'track-slow': 2 }, ['strike']), P)];
    const hung = (lengthM: number, frameM = 0.2) =>
      solved({
        ...{ students: chair, blocks, figures: figuresFor({ adaptFigures: { frameM } }) },
        gear: [gear('frame', 'frame', 1, { lengthM }), gear('ball', 'foam ball', 9)],
      }).plans.some((plan) => [plan.dials, ...plan.alternatives.map((a) => a.dials)].flat().some((d) => d.to === 'hung-object'));
    expect(hung(1.6)).toBe(true);
    expect(hung(0.85)).toBe(false);
    expect(hung(0.85, 0.1)).toBe(true);
  });
});

describe('the school’s own order of cost', () => {
  it('puts first what it makes cheap, and never lifts a limit', () => {
    const blocks = [block(game({ 'hear-signal': 2 }, ['travel']), P)];
    const ask = { students: [student('a', [{ kind: 'hard-of-hearing', degree: 2 }])], blocks };
    const usual = solved(ask).plans[0].dials.map((d) => d.dial);
    const other = solved({ ...ask, figures: figuresFor({ adaptCosts: { signal: 30, open: 30, classmate: 0.5 } }) }).plans[0].dials;
    expect(usual).toEqual(['signal']);
    expect(other.map((d) => d.dial)).toEqual(['people']);
    const limited = {
      students: [{ ...student('a', []), limits: ['jump' as const] }],
      blocks: [block(game({ jump: 1 }, ['jump-or-land']), P)],
    };
    const free = solved({ ...limited, figures: figuresFor({ adaptCosts: Object.fromEntries(Object.keys(COSTS).map((t) => [t, 0.1])) }) });
    expect(free.plans[0].keepsPurpose && free.plans[0].dials.length === 0).toBe(false);
  });

  it('is refused out of bounds, and leaving the game has no price to set', () => {
    const codes = (change: object) => School.safeParse({ ...NEW_SCHOOL, ...change }).error?.issues.map((i) => i.message);
    expect(codes({ adaptCosts: { adult: 9.5 } })).toBeUndefined();
    expect(codes({ adaptCosts: { adult: -1 } })).toEqual(['too-small']);
    expect(codes({ adaptCosts: { leave: 1 } })).toHaveLength(1);
    expect(codes({ adaptFigures: { gripMm: [70, 28] } })).toEqual(['not-rising']);
    expect(codes({ ladderFigures: { tries: 10, days: 2, upPercent: 40, downPercent: 80 } })).toEqual(['too-large']);
  });
});

describe('a student', () => {
  it('is asked for what their own band is asked for, if they play as another than the class', () => {
    const demands = [
      { demand: 'remember-steps', level: 1, band: '2-3' },
      { demand: 'remember-steps', level: 3, band: '4-5' },
    ];
    const blocks = [block({ demands, purpose: ['travel'] } as never, P)];
    const cards = { ...student('a', [{ kind: 'cards', degree: 1 }]) };
    expect(solved({ students: [cards], blocks }).plans[0].dials.length).toBeGreaterThan(0);
    expect(solved({ students: [{ ...cards, band: '2-3' }], blocks }).plans[0].dials).toEqual([]);
  });
});

describe('a closet', () => {
  it('of a thousand items is read whole: the one that helps is found among them, wherever it lies', () => {
    const many = Array.from({ length: 999 }, (_, i) => gear(`cone-${i}`, i % 2 ? 'cone' : 'plastic bat', 3));
    const blocks = [block(game({ 'see-contrast': 2, 'track-slow': 2 }, ['send', 'receive']), P)];
    const students = [student('a', ['blind']), ...CLASS.slice(0, 7).map((id) => student(id, [{ kind: 'weak-grip', degree: 1 }]))];
    for (const at of [0, 500, 999]) {
      const { plans, gaps } = solved({ students, blocks, gear: many.toSpliced(at, 0, gear('bell', 'bell ball')) });
      const taken = plans.find((p) => p.student === 'a')!.dials.flatMap((d) => d.uses ?? []);
      expect(
        taken.map((u) => u.gearId),
        String(at),
      ).toEqual(['bell']);
      expect(gaps).toEqual([]);
    }
  });
});
