import { describe, expect, it } from 'vitest';
import { classOf, demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import { type Finding, findingKey } from '../model/finding.ts';
import { newHeader } from '../model/record.ts';
import { StudentPrivate } from '../model/student.ts';
import { freshPlan, keptPlan, type PlanOf } from './blockPlans.ts';
import { ALL_CHECKS, draftFit, planLesson } from './draftFit.ts';
import { fit, weighing } from './fit.ts';
import type { FitInput } from './fitted.ts';
import { eightGames, ideaCount, weighEach } from './weighEach.fixture.ts';

/** A full hall with a student on wheels and a station put where it does not belong. */
function crowdedDesk(): FitInput {
  const students = classOf(34);
  const ratings = [
    {
      ...newHeader('student-private', 2),
      studentId: students[3].id,
      classId: students[3].classId,
      rating: 3,
      supports: [{ kind: 'power-chair' }],
    },
  ];
  const placed = { windmill: { value: { x: 4.2, y: 3 }, by: 'teacher', pinned: true } };
  const lesson = lessonWith('nine-mills', { areaWidthM: 4.4, areaDepthM: 3.4, gapM: 0.6 }, { placed });
  return demoDesk({ students, ratings: ratings.map((r) => StudentPrivate.parse(r)), wishes: [], lesson });
}

const edits = (finding: Finding) => finding.fixes?.map((f) => JSON.stringify(f.edits));

function withLesson(input: FitInput, edit: Edit): FitInput {
  const applied = applyEdit(input.lesson, edit);
  if (!applied.ok) throw new Error(applied.code);
  return { ...input, lesson: applied.lesson };
}

describe('fixes', () => {
  it('are those that fitting the whole lesson with every idea would offer', () => {
    const input = crowdedDesk();
    const { findings } = fit(input);
    const wanted = weighEach(input);
    expect(findings.length).toBeGreaterThan(8);
    expect(findings.some((f) => f.code === 'route-narrow')).toBe(true);
    expect(findings.some((f) => f.fixes?.length)).toBe(true);
    for (const finding of findings) expect(edits(finding), finding.code).toEqual(wanted[findingKey(finding)]);
  });

  it('of eight games far over the bell are the same as well, however often and in whatever order they are asked for', () => {
    const input = eightGames();
    expect(ideaCount(input)).toBeGreaterThan(60);
    const wanted = weighEach(input);
    const { fitted, weighed } = weighing(input);
    const keys = fitted.findings.map(findingKey);
    for (const key of [...keys].reverse()) expect(edits(weighed(key)), key).toEqual(wanted[key]);
    expect(fit(structuredClone(input)).findings).toEqual(keys.map(weighed));
    expect(() => weighed('no-such-finding')).toThrowError(RangeError);
  });
});

describe('a plan that is kept', () => {
  const base = eightGames();
  const [, first, second] = base.lesson.blocks;
  const dropped = base.students[3].id;
  const changes: [string, FitInput][] = [
    ['a setting', withLesson(base, { kind: 'set-setting', blockId: first.id, key: 'areaWidthM', value: 3.3 })],
    [
      'a place',
      withLesson(base, {
        kind: 'place',
        blockId: second.id,
        pieceId: 'court-1',
        at: { value: { x: 4, y: 3 }, by: 'teacher', pinned: true },
      }),
    ],
    ['a title', withLesson(base, { kind: 'set-block', blockId: first.id, patch: { title: 'Other' } })],
    ['a rule', withLesson(base, { kind: 'set-rules', blockId: first.id, rules: [{ kind: 'tie', text: 'Again' }] })],
    ['a length', withLesson(base, { kind: 'set-seconds', blockId: first.id, seconds: 700 })],
    ['who is there', { ...base, students: base.students.filter((s) => s.id !== dropped) }],
    ['the gear', { ...base, cupboard: base.cupboard.map((g) => ({ ...g, count: 1 })) }],
    ['the room', { ...base, room: { ...base.room, doors: [] } }],
    ['the school', { ...base, school: { ...base.school, stopSignal: 'Two bells' } }],
    ['the game', { ...base, games: base.games.map((g) => ({ ...g, title: `${g.title}!` })) as FitInput['games'] }],
    ['the bell', { ...base, period: { ...base.period, end: '11:20' } }],
  ];
  it.each(changes)('is not used once %s has changed', (_, input) => {
    draftFit(base);
    const kept = draftFit(input);
    const fresh = draftFit(input, ALL_CHECKS, freshPlan);
    expect(JSON.parse(JSON.stringify(kept))).toEqual(JSON.parse(JSON.stringify(fresh)));
    expect(JSON.stringify(kept)).not.toBe(JSON.stringify(draftFit(base)));
  });

  it('plans the one block that an edit is about', () => {
    const seen: string[] = [];
    const planOf: PlanOf = (input, block, game, playing) => {
      const plan = keptPlan(input, block, game, playing);
      if (!known.has(plan)) seen.push(block.id);
      return plan;
    };
    const known = new Set<unknown>();
    const remember: PlanOf = (...args) => {
      const plan = keptPlan(...args);
      known.add(plan);
      return plan;
    };
    planLesson(structuredClone(base), remember);
    planLesson(structuredClone(changes[0][1]), planOf);
    expect(seen).toEqual([first.id]);
  });
});
