import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../content/desk.fixture.ts';
import { fit, fitUnweighed } from '../core/fit/fit.ts';
import { Period } from '../core/model/period.ts';
import { SchoolClass } from '../core/model/schoolClass.ts';
import { findingWords } from '../core/words/en.ts';
import { overlap, withClaims } from './dayClaims.ts';
import type { DeskInput } from './deskInput.ts';

const base = demoDesk();
const at = (id: string, start: string, end: string, change: Partial<DeskInput> = {}): DeskInput => ({
  ...base,
  attendance: null,
  period: Period.parse({ ...base.period, id, start, end }),
  schoolClass: SchoolClass.parse({ ...base.schoolClass, name: `Class ${id}` }),
  ...change,
});

describe('gear of two lessons at the same time', () => {
  const mine = at('a', '10:00', '10:45');
  const theirs = at('b', '10:30', '11:15', { lesson: lessonWith('mill-sacks') });
  const later = at('c', '10:45', '11:30');

  it('is promised once: what the other lesson has at its fullest is not there', () => {
    const [desk] = withClaims([mine], [theirs, later]);
    const { gear } = fitUnweighed({ ...theirs, lesson: theirs.lesson! });
    expect(desk.day!.claims).toEqual([{ to: 'Class b', gear: Object.fromEntries(gear.map((line) => [line.gearKind, line.need])) }]);
  });

  it('is a shortage that says who has it', () => {
    const cones = base.cupboard.find((g) => g.gearKind === 'beanbag')!;
    const day = { claims: [{ to: 'Class b', gear: { beanbag: cones.count - 1 } }] };
    const found = fit({ ...base, day }).findings.find((f) => f.code === 'gear-short' && f.at.gear === 'beanbag')!;
    const { why } = findingWords(found, { metres: String, student: String });
    expect(why).toContain(`1 left while Class b has ${cones.count - 1}`);
    expect(fit(base).findings.some((f) => f.code === 'gear-short' && f.at.gear === 'beanbag')).toBe(false);
  });

  it('is no matter for periods that follow one another, for other days, for one that has no lesson', () => {
    expect(overlap(mine.period, later.period)).toBe(false);
    expect(overlap(mine.period, theirs.period)).toBe(true);
    expect(overlap(mine.period, mine.period)).toBe(false);
    expect(withClaims([mine, later])).toEqual([mine, later]);
    expect(withClaims([mine], [{ ...theirs, lesson: null }])[0].day!.claims).toEqual([{ to: 'Class b', gear: {} }]);
  });
});
