import type { FitInput } from '../core/fit/fitted.ts';
import { Lesson } from '../core/model/lesson.ts';
import { Period } from '../core/model/period.ts';
import { newHeader } from '../core/model/record.ts';
import { Student } from '../core/model/student.ts';
import { DEMO_CUPBOARD } from './cupboard.ts';
import { DEMO_SCHOOL, demoAttendance, GRADE_5A, LESSONS, MILL_GYM } from './demo.ts';
import { GAMES } from './games.ts';
import { GEAR_CATALOGUE } from './gearKinds.ts';

/** A desk of the demo school for tests and benchmarks: Grade 5a in the Mill Gym, 45 minutes; `change` goes on top. */
export function demoDesk(change: Partial<FitInput> = {}): FitInput {
  return {
    lesson: LESSONS.mills,
    ...GRADE_5A,
    attendance: null,
    room: MILL_GYM,
    period: period('10:05', '10:50'),
    cupboard: DEMO_CUPBOARD,
    gearKinds: GEAR_CATALOGUE,
    games: GAMES,
    school: DEMO_SCHOOL,
    ...change,
  };
}

/** A period of the demo class with bells of its own. */
export function period(start: string, end: string): Period {
  const ids = { classId: GRADE_5A.schoolClass.id, roomId: MILL_GYM.id, lessonId: LESSONS.mills.id };
  return Period.parse({ ...newHeader('period', 1), id: 'period-of-tests', date: '2026-09-07', start, end, ...ids });
}

/** `count` students of one class with ids s1, s2, … */
export function classOf(count: number): Student[] {
  return Array.from({ length: count }, (_, i) =>
    Student.parse({
      ...newHeader('student', 1),
      id: `s${i + 1}`,
      classId: GRADE_5A.schoolClass.id,
      givenName: `Given${String.fromCharCode(97 + (i % 26))}`,
      familyName: `Family${i + 1}`,
    }),
  );
}

/** A lesson with one block of a game between arriving and closing. */
export function lessonWith(gameId: string, settings: Record<string, unknown> = {}, more: Record<string, unknown> = {}): Lesson {
  const block = (id: string, phase: string, least: number, most: number) => ({ id, phase, title: id, least, most, weight: 1 });
  const game = { gameId, settings, placed: {}, ...more };
  const blocks = [
    block('arrive', 'arrive', 120, 240),
    block('explain', 'explain', 60, 180),
    { ...block('game', 'game', 0, 7200), weight: 10, game },
    block('close', 'close', 120, 300),
  ];
  return Lesson.parse({ ...newHeader('lesson', 2), id: 'lesson-of-tests', title: 'A lesson of tests', blocks, accepted: [] });
}

export { demoAttendance };
