import { usualThing } from '../core/model/fixedThing.ts';
import { type LaidPiece, newLaid } from '../core/model/laidPiece.ts';
import { Lesson } from '../core/model/lesson.ts';
import { NEW_SCHOOL } from '../core/model/newSchool.ts';
import { Attendance, Period } from '../core/model/period.ts';
import { newHeader } from '../core/model/record.ts';
import { plainRoom, Room, rectangleOutline } from '../core/model/room.ts';
import type { School } from '../core/model/school.ts';
import { SchoolClass } from '../core/model/schoolClass.ts';
import { Student, StudentPrivate, Wish } from '../core/model/student.ts';
import { seededRng } from '../core/rng.ts';
import { DEMO_BELLS, DEMO_TIMETABLE } from './demoBells.ts';
import { DEMO_SUPPORTS } from './demoSupports.ts';
import { paintedSet } from './paintedSets.ts';

export const DEMO_SCHOOL: School = {
  ...NEW_SCHOOL,
  name: 'Alder Hollow School',
  adults: [
    { id: 'juna-ask', name: 'Juna Ask', can: ['guide', 'prompt', 'spot', 'push'] },
    { id: 'tarn-holloway', name: 'Tarn Holloway', can: ['sign', 'prompt'] },
  ],
  timetable: DEMO_TIMETABLE,
};

const DOOR = { swing: 'inwards', exit: true };

/** The Mill Gym: 26 × 15 m, stage at the west wall, two doors, a folded bleacher and a post. */
export const MILL_GYM: Room = Room.parse({
  ...newHeader('room', 3),
  id: 'mill-gym',
  name: 'Mill Gym',
  ...plainRoom(rectangleOutline(26, 15)),
  walls: ['padded', 'bare', 'bare', 'bare'],
  curtains: [
    {
      id: 'curtain',
      name: 'curtain',
      a: { x: 14, y: 0 },
      b: { x: 14, y: 15 },
      parts: ['Mill Gym, the half by the stage', 'Mill Gym, the far half'],
    },
  ],
  doors: [
    { id: 'south', name: 'south door', wall: 0, atM: 1, widthM: 1.6, clearM: 1.6, ...DOOR },
    { id: 'north', name: 'north door', wall: 2, atM: 3.2, widthM: 1.6, clearM: 1.6, ...DOOR },
  ],
  fixed: [
    usualThing({ id: 'stage', name: 'stage lip', thing: 'stage', xM: 0, yM: 4.2, widthM: 1.1, depthM: 6.6, undersideM: 0 }),
    {
      ...usualThing({
        id: 'bleacher',
        name: 'folded bleacher',
        thing: 'bleacher',
        xM: 9.4,
        yM: 0,
        widthM: 7.2,
        depthM: 0.8,
        undersideM: 0,
      }),
      opens: { to: 'north', byM: 2.6, open: false },
    },
    usualThing({ id: 'post', name: 'post', thing: 'post', xM: 19.4, yM: 7.3, widthM: 0.4, depthM: 0.4, undersideM: 0 }),
    usualThing({ id: 'ring', name: 'wall ring', thing: 'wall ring', xM: 24.8, yM: 6.6, widthM: 1.2, depthM: 1.8, undersideM: 3.05 }),
  ],
  painted: [
    paintedSet('net-court', { id: 'long-net', colour: 'grey', xM: 4, yM: 3 }),
    paintedSet('small-net-court', { id: 'cross-net-west', colour: 'green', xM: 10.6, yM: 0.9, turnedDeg: 90 }),
    paintedSet('small-net-court', { id: 'cross-net-east', colour: 'green', xM: 18.6, yM: 0.9, turnedDeg: 90 }),
    paintedSet('circle-3.6', { id: 'centre', colour: 'blue', xM: 11.2, yM: 5.7 }),
  ],
});

/** The Upper Yard: 40 × 24 m of asphalt with a tree planter and two gates. */
export const UPPER_YARD: Room = Room.parse({
  ...newHeader('room', 3),
  id: 'upper-yard',
  name: 'Upper Yard',
  ...plainRoom(rectangleOutline(40, 24)),
  floorKind: 'asphalt',
  outside: true,
  walls: ['bare', 'open side', 'open side', 'bare'],
  doors: [
    { id: 'gate', name: 'school gate', wall: 0, atM: 18, widthM: 2.4, clearM: 2, ...DOOR },
    { id: 'lane', name: 'lane gate', wall: 3, atM: 20, widthM: 2, clearM: 2, ...DOOR },
  ],
  fixed: [usualThing({ id: 'planter', name: 'tree planter', thing: 'planter', xM: 31, yM: 15.4, widthM: 2.4, depthM: 2.4, undersideM: 0 })],
  painted: [
    paintedSet('goal-court-36', { id: 'yard-court', colour: 'white', xM: 2, yM: 3 }),
    paintedSet('circle-9', { id: 'yard-circle', colour: 'yellow', xM: 15.5, yM: 7.5 }),
  ],
});
/** The Old Dining Hall: an L, its kitchen corner walled off, one pillar, tables folded along the west wall. */
export const OLD_DINING_HALL: Room = Room.parse({
  ...newHeader('room', 3),
  id: 'old-dining-hall',
  name: 'Old Dining Hall',
  ...plainRoom([
    { x: 0, y: 0 },
    { x: 18, y: 0 },
    { x: 18, y: 7.5 },
    { x: 10.5, y: 7.5 },
    { x: 10.5, y: 13 },
    { x: 0, y: 13 },
  ]),
  floorKind: 'sheet',
  walls: ['bare', 'glass', 'bare', 'bare', 'bare', 'bare'],
  doors: [
    { id: 'hall', name: 'hall door', wall: 0, atM: 13, widthM: 1.8, clearM: 1.6, ...DOOR },
    { id: 'court', name: 'courtyard door', wall: 4, atM: 2, widthM: 1.2, clearM: 1.2, ...DOOR },
  ],
  fixed: [
    usualThing({ id: 'pillar', name: 'pillar', thing: 'post', xM: 8.6, yM: 6.2, widthM: 0.5, depthM: 0.5, undersideM: 0 }),
    usualThing({ id: 'tables', name: 'folded tables', thing: 'other', xM: 0, yM: 3, widthM: 0.7, depthM: 6, undersideM: 0 }),
  ],
  painted: [paintedSet('circle-3.6', { id: 'ring', colour: 'red', xM: 3.4, yM: 4.6 })],
});
export const ROOMS: readonly Room[] = [MILL_GYM, UPPER_YARD, OLD_DINING_HALL];

const GIVEN = [
  'Ada',
  'Bram',
  'Cleo',
  'Dario',
  'Edda',
  'Fenn',
  'Greta',
  'Hugo',
  'Imre',
  'Juno',
  'Kaja',
  'Lior',
  'Mabel',
  'Nils',
  'Oona',
  'Pavel',
  'Quinn',
  'Runa',
  'Silas',
  'Tova',
  'Uma',
  'Viggo',
  'Wren',
  'Xenia',
  'Yaro',
  'Zelda',
  'Anselm',
  'Brea',
  'Corin',
  'Delphine',
  'Emrys',
  'Fia',
  'Gideon',
  'Halla',
  'Ismene',
  'Jory',
];
const FAMILY = [
  'Ashgrove',
  'Birkwell',
  'Coppard',
  'Dunmarsh',
  'Elmsworth',
  'Fallowby',
  'Gorsedale',
  'Hazelrigg',
  'Inglenook',
  'Juniperfield',
  'Kettlebrook',
  'Larchmont',
  'Marlpit',
  'Nettlecombe',
  'Oxbow-Thornbury',
  'Pennywell',
  'Quarrie',
  'Rushmere',
  'Sedgewick-Vale',
  'Thistledown',
  'Underhill',
  'Vetchley',
  'Willowmead',
];

export interface Roster {
  schoolClass: SchoolClass;
  students: Student[];
  ratings: StudentPrivate[];
  wishes: Wish[];
}

function roster(
  id: string,
  name: string,
  grade: SchoolClass['grade'],
  count: number,
  seed: number,
  apart: [number, number][],
  /** What counts for groups, by place in the list. */
  traits: Record<number, Pick<StudentPrivate, 'tags' | 'helper'>> = {},
): Roster {
  const random = seededRng(seed);
  const schoolClass = SchoolClass.parse({ ...newHeader('class', 1), id, name, grade });
  const order = GIVEN.map((given, i) => ({ given, key: random.float(), i })).sort((a, b) => a.key - b.key);
  const students = order.slice(0, count).map(({ given }, i) =>
    Student.parse({
      ...newHeader('student', 1),
      id: `${id}-${i + 1}`,
      classId: id,
      givenName: given,
      familyName: FAMILY[(i * 7 + seed) % FAMILY.length],
    }),
  );
  const ratings = students.map((s, i) =>
    StudentPrivate.parse({
      ...newHeader('student-private', 2),
      studentId: s.id,
      classId: id,
      rating: 1 + Math.min(4, Math.floor((random.float() + random.float()) * 2.5)),
      ...(DEMO_SUPPORTS[id]?.[i] ?? { supports: [] }),
      ...traits[i],
    }),
  );
  const wishes = apart.map(([a, b], i) =>
    Wish.parse({
      ...newHeader('wish', 1),
      id: `${id}-wish-${i + 1}`,
      classId: id,
      wish: 'apart',
      students: [students[a].id, students[b].id],
    }),
  );
  return { schoolClass, students, ratings, wishes };
}

const FIRST_TIMER = { tags: ['first-timer'] };
export const GRADE_5A = roster(
  'grade-5a',
  'Grade 5a',
  '5',
  31,
  11,
  [
    [0, 1],
    [4, 9],
  ],
  {
    3: { helper: 'Juna Ask' },
    12: { helper: 'Juna Ask' },
    6: FIRST_TIMER,
    8: FIRST_TIMER,
    15: FIRST_TIMER,
    17: FIRST_TIMER,
    22: FIRST_TIMER,
    28: FIRST_TIMER,
  },
);
export const GRADE_3B = roster('grade-3b', 'Grade 3b', '3', 27, 29, [[2, 3]]);
export const GRADE_1M = roster('grade-1m', 'Grade 1m', '1', 16, 47, [[1, 6]]);
export const GRADE_2C = roster('grade-2c', 'Grade 2c', '2', 22, 61, [[0, 7]]);
export const GRADE_6D = roster('grade-6d', 'Grade 6d', '6', 34, 73, [
  [3, 8],
  [10, 21],
]);
export const GRADE_8A = roster('grade-8a', 'Grade 8a', '8', 24, 89, [[5, 14]]);
/** The six classes, the youngest first. */
export const ROSTERS: readonly Roster[] = [GRADE_1M, GRADE_2C, GRADE_3B, GRADE_5A, GRADE_6D, GRADE_8A];

type BlockShape = Lesson['blocks'][number];
const plain = (
  id: string,
  phase: BlockShape['phase'],
  title: string,
  least: number,
  most: number,
  weight: number,
  more: Partial<BlockShape> = {},
) => ({ id, phase, title, least, most, weight, ...more });
const game = (id: string, title: string, gameId: string, settings: Record<string, unknown> = {}, more: Record<string, unknown> = {}) => ({
  id,
  phase: 'game',
  title,
  least: 0,
  most: 7200,
  weight: 10,
  game: { gameId, settings, placed: {}, ...more },
});
const lesson = (id: string, title: string, blocks: unknown[]): Lesson =>
  Lesson.parse({ ...newHeader('lesson', 2), id, title, blocks, accepted: [] });

/** Six throwing lanes side by side in the Upper Yard, all away from the school gate, a line behind each, discs and the teacher beside them. */
const WARM_UP_LANES: LaidPiece[] = [
  ...[0, 1, 2, 3, 4, 5].flatMap((i) => {
    const x = 4.5 + i * 3.2;
    return [
      { ...newLaid('lane', `lane-${i + 1}`, { x, y: 12.5 }), lengthM: 9 },
      { ...newLaid('waiting-line', `line-${i + 1}`, { x, y: 6.4 }), students: 4 },
      newLaid('cone', `cone-${i + 1}`, { x, y: 17.4 }),
    ];
  }),
  newLaid('gear-drop', 'discs', { x: 24, y: 9 }),
  newLaid('teacher', 'teacher', { x: 26, y: 6 }),
].sort((a, b) => (a.id < b.id ? -1 : 1));

export const LESSONS = {
  mills: lesson('lesson-mills', 'Nine mills', [
    plain('mills-arrive', 'arrive', 'Arrive', 120, 240, 1, { note: 'Shoes checked, sit on the painted line' }),
    plain('mills-explain', 'explain', 'Explain', 120, 180, 1, { note: 'Show the wheel and the switch; ask: what stays, what goes along?' }),
    game('mills-game', 'Nine mills', 'nine-mills', { walkSeconds: 60 }),
    plain('mills-water', 'water', 'Water', 60, 120, 0.5),
    plain('mills-close', 'close', 'Close', 120, 300, 1, { note: 'Which wheel needed the softest hands?' }),
  ]),
  weather: lesson('lesson-weather', 'Weather round', [
    plain('weather-arrive', 'arrive', 'Arrive', 120, 180, 1),
    plain('weather-explain', 'explain', 'Explain', 120, 180, 1),
    game('weather-game', 'Weather round', 'weather-round', { laps: 2, laterLap: 'travel' }),
    plain('weather-water', 'water', 'Water', 60, 120, 0.5),
    plain('weather-close', 'close', 'Close', 120, 240, 1),
  ]),
  orchard: lesson('lesson-orchard', 'Orchard carry', [
    plain('orchard-arrive', 'arrive', 'Arrive', 120, 180, 1),
    plain('orchard-explain', 'explain', 'Explain', 120, 420, 1, { seconds: { value: 330, by: 'teacher', pinned: true } }),
    game(
      'orchard-game',
      'Orchard carry',
      'orchard-carry',
      {
        picks: ['ladder-lane', 'twig-gates', 'fruit-drop', 'sorting', 'stepping', 'rope-row', 'hand-over', 'round-tree', 'last-bell'],
        workSeconds: 75,
      },
      {
        placed: {
          'hand-over': { value: { x: 19.7, y: 6.1 }, by: 'teacher', pinned: true },
          sorting: { value: { x: 18.4, y: 11 }, by: 'teacher', pinned: true },
        },
      },
    ),
    plain('orchard-close', 'close', 'Close', 120, 240, 1),
  ]),
  bridges: lesson('lesson-bridges', 'Bridges and a toll', [
    plain('bridges-arrive', 'arrive', 'Arrive and throw', 120, 180, 1, { laid: WARM_UP_LANES }),
    plain('bridges-explain', 'explain', 'Explain', 120, 240, 1, { note: 'Show one rally with four keepers; then they count it out loud' }),
    { ...game('bridges-game', 'Bridge keepers', 'bridge-keepers', { bouts: 3 }), marks: 'cones' },
    plain('bridges-water', 'water', 'Water', 60, 120, 0.5),
    plain('bridges-close', 'close', 'Close', 120, 300, 1),
  ]),
  bells: lesson('lesson-bells', 'Bells, then weather', [
    plain('bells-arrive', 'arrive', 'Arrive', 120, 180, 1),
    plain('bells-explain', 'explain', 'Explain', 60, 120, 1),
    game('bells-game', 'Bell tower', 'bell-tower'),
    plain('bells-water', 'water', 'Water', 60, 120, 0.5),
    game('bells-weather', 'Weather round', 'weather-round', { laps: 1 }),
    plain('bells-close', 'close', 'Close', 120, 240, 1),
  ]),
};

/** Today's five periods in two rooms; the fourth is left with problems to fix. */
export function demoPeriods(date: string): Period[] {
  return DEMO_BELLS.map(({ id, adults, ...bell }) =>
    Period.parse({
      ...newHeader('period', 1),
      ...bell,
      id: `${id}-${date}`,
      date,
      lessonId: LESSONS[id].id,
      ...(adults.length ? { adults: [...adults] } : {}),
    }),
  );
}

/** Who is away or has another role in today's second period. */
export function demoAttendance(periodId: string): Attendance {
  const s = GRADE_5A.students;
  return Attendance.parse({
    ...newHeader('attendance', 1),
    periodId,
    entries: {
      [s[12].id]: { status: 'no-shoes', role: 'scores' },
      [s[20].id]: { status: 'late', role: 'plays' },
      [s[27].id]: { status: 'light', role: 'light' },
    },
  });
}
