import { Lesson } from '../core/model/lesson.ts';
import { Attendance, Period } from '../core/model/period.ts';
import { newHeader } from '../core/model/record.ts';
import type { Room } from '../core/model/room.ts';
import { seededRng } from '../core/rng.ts';
import { GRADE_1M, GRADE_2C, GRADE_3B, GRADE_5A, GRADE_6D, GRADE_8A, LESSONS, MILL_GYM, type Roster, UPPER_YARD } from './demo.ts';
import { type DemoMark, demoMarks } from './demoLadders.ts';

/** Weeks of lessons that the demo looks back on. */
export const PAST_WEEKS = 8;

type Slot = {
  weekday: number;
  start: string;
  end: string;
  from: Roster;
  room: Room;
  plans: [first: keyof typeof LESSONS, second: keyof typeof LESSONS];
};
const slot = (weekday: number, start: string, end: string, from: Roster, room: Room, plans: Slot['plans']): Slot => ({
  weekday,
  start,
  end,
  from,
  room,
  plans,
});

/** The week's timetable, Monday 1 to Friday 5: every class twice; one unit in the first four weeks, another in the last four. */
const TIMETABLE: readonly Slot[] = [
  slot(1, '09:10', '09:55', GRADE_3B, MILL_GYM, ['bells', 'weather']),
  slot(1, '10:05', '10:50', GRADE_5A, MILL_GYM, ['weather', 'mills']),
  slot(1, '11:10', '11:55', GRADE_8A, UPPER_YARD, ['orchard', 'bridges']),
  slot(2, '09:10', '09:55', GRADE_1M, MILL_GYM, ['weather', 'bells']),
  slot(2, '13:00', '13:45', GRADE_6D, UPPER_YARD, ['bridges', 'mills']),
  slot(2, '14:05', '14:45', GRADE_2C, UPPER_YARD, ['weather', 'bells']),
  slot(3, '10:05', '10:50', GRADE_5A, MILL_GYM, ['weather', 'mills']),
  slot(3, '11:10', '11:55', GRADE_8A, UPPER_YARD, ['orchard', 'bridges']),
  slot(4, '09:10', '09:55', GRADE_3B, MILL_GYM, ['bells', 'weather']),
  slot(4, '13:00', '13:45', GRADE_6D, UPPER_YARD, ['bridges', 'mills']),
  slot(5, '09:10', '09:55', GRADE_1M, MILL_GYM, ['weather', 'bells']),
  slot(5, '14:05', '14:45', GRADE_2C, UPPER_YARD, ['weather', 'bells']),
];

const NOTES: Record<keyof typeof LESSONS, string[]> = {
  mills: [
    'Stones wandered to the wrong side twice. Put the line of tape nearer to the ring.',
    'The switch was quick once the pinnies stayed at the mill.',
    'Windmill was too easy for most: start it one step farther back.',
    'Two groups mixed up 4 and 5. Larger numerals on the cones.',
  ],
  weather: [
    'Frost was the favourite. More room for Gust next time.',
    'Explaining took too long; show one station only.',
    'Second lap as travel went well, no cones knocked over.',
    'Start the round at Rain, it empties last.',
  ],
  orchard: ['Baskets too near the wall.', 'The carry went calmer with one rope less.', 'Count the beanbags before the close, not after.'],
  bridges: [
    'Counting aloud kept the line busy.',
    'One court fewer would have been too few: keep six.',
    'Let them agree on a start rule before the first rally.',
  ],
  bells: [
    'Names chain worked, spelling did not yet.',
    'Scarves for the first minute, then beanbags.',
    'Towers stood too close on the north side.',
  ],
};

export interface PastLesson {
  period: Period;
  lesson: Lesson;
  attendance: Attendance;
  /** Seed of what happened. */
  seed: number;
  /** How late things run, 0 to 1: the school grew quicker over the weeks. */
  lateness: number;
  note: string;
  /** Marks at steps of students' ladders. */
  marks: DemoMark[];
}

/** A day of the past: its date, its weekday (Monday 1), and how many weeks before today it lies (0: within the last seven days). */
export interface PastDay {
  date: string;
  weekday: number;
  weeksAgo: number;
}

/** What was taught on these days, in the order given, by the timetable and a fixed seed. */
export function demoPast(days: readonly PastDay[]): PastLesson[] {
  const random = seededRng(2026);
  return days.flatMap(({ date, weekday, weeksAgo }) =>
    TIMETABLE.filter((s) => s.weekday === weekday).map(({ start, end, from, room, plans }) => {
      const plan = plans[weeksAgo * 2 < PAST_WEEKS ? 1 : 0];
      const id = `${date}-${from.schoolClass.id}`;
      const notes = NOTES[plan];
      const absent = from.students.filter(() => random.float() < 0.045).slice(0, 4);
      return {
        period: Period.parse({
          ...newHeader('period', 1),
          id: `past-${id}`,
          date,
          start,
          end,
          classId: from.schoolClass.id,
          roomId: room.id,
          lessonId: `past-lesson-${id}`,
        }),
        lesson: Lesson.parse({ ...LESSONS[plan], id: `past-lesson-${id}` }),
        attendance: Attendance.parse({
          ...newHeader('attendance', 1),
          periodId: `past-${id}`,
          entries: Object.fromEntries(absent.map((s) => [s.id, { status: 'absent', role: 'away' }])),
        }),
        seed: random.below(1_000_000),
        lateness: Math.min(1, (0.25 + (0.75 * weeksAgo) / PAST_WEEKS) * (0.6 + 0.8 * random.float())),
        note: random.below(3) ? notes[random.below(notes.length)] : '',
        marks: demoMarks(from.schoolClass.id, weeksAgo, Number(date.replaceAll('-', ''))),
      };
    }),
  );
}
