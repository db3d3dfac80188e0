import { describe, expect, it } from 'vitest';
import { classOf, demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import { findingKey, type Noticed } from '../model/finding.ts';
import { head } from '../model/record.ts';
import { StudentPrivate } from '../model/student.ts';
import { fitBare } from './bare.ts';
import { fit } from './fit.ts';
import type { FitInput } from './fitted.ts';

/** A full hall with a student on wheels and a station put where it does not belong. */
function crowdedDesk(): FitInput {
  const students = classOf(34);
  const ratings = [
    { ...head('student-private', 1), studentId: students[3].id, classId: students[3].classId, rating: 3, wheels: 'power chair' },
  ];
  const placed = { windmill: { value: { x: 4.2, y: 3 }, by: 'teacher', pinned: true } };
  const lesson = lessonWith('nine-mills', { areaWidthM: 4.4, areaDepthM: 3.4, gapM: 0.6 }, { placed });
  return demoDesk({ students, ratings: ratings.map((r) => StudentPrivate.parse(r)), wishes: [], lesson });
}

/** The naive twin: the whole lesson fitted with every idea and every check, one after the other. */
function fixesOf(input: FitInput, noticed: Noticed): string[] {
  const stopsOf = (list: readonly Noticed[]) => list.filter((n) => n.weight === 'stop').map(findingKey);
  const before = stopsOf(fitBare(input).noticed);
  const ideas = (typeof noticed.ideas === 'function' ? noticed.ideas() : noticed.ideas) ?? [];
  const works = ideas.filter((idea) => {
    const applied = applyEdit(input.lesson, { kind: 'many', edits: idea.edits as Edit[] });
    if (!applied.ok) return false;
    const after = fitBare({ ...input, lesson: applied.lesson }).noticed;
    return !after.some((n) => findingKey(n) === findingKey(noticed)) && stopsOf(after).every((stop) => before.includes(stop));
  });
  return works.slice(0, 3).map((idea) => JSON.stringify(idea.edits));
}

describe('fixes', () => {
  it('are those that fitting the whole lesson with every idea would offer', () => {
    const input = crowdedDesk();
    const { findings } = fit(input);
    const { noticed } = fitBare(input);
    expect(findings.length).toBeGreaterThan(8);
    expect(findings.some((f) => f.code === 'way-narrow')).toBe(true);
    expect(findings.some((f) => f.fixes?.length)).toBe(true);
    for (const finding of findings) {
      const wanted = fixesOf(input, noticed.find((n) => findingKey(n) === findingKey(finding))!);
      expect(
        finding.fixes?.map((f) => JSON.stringify(f.edits)),
        finding.code,
      ).toEqual(wanted);
    }
  });
});
