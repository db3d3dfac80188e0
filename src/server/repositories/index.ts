import { Game } from '../../core/model/game.ts';
import { Gear } from '../../core/model/gear.ts';
import { Lesson } from '../../core/model/lesson.ts';
import { Attendance, Period } from '../../core/model/period.ts';
import { Room } from '../../core/model/room.ts';
import { Run } from '../../core/model/run.ts';
import { School } from '../../core/model/school.ts';
import { SchoolClass } from '../../core/model/schoolClass.ts';
import { Student, StudentPrivate, Wish } from '../../core/model/student.ts';
import * as tables from '../tables.ts';
import { repository } from './records.ts';

export const schoolRecords = repository<School>(tables.schools, School, 'school', (r) => r.schoolId);
export const classRecords = repository<SchoolClass>(tables.classes, SchoolClass, 'class', (r) => r.id);
export const studentRecords = repository<Student>(
  tables.students,
  Student,
  'student',
  (r) => r.id,
  (r) => ({ classId: r.classId }),
);
export const ratingRecords = repository<StudentPrivate>(
  tables.studentPrivates,
  StudentPrivate,
  'student-private',
  (r) => r.studentId,
  (r) => ({ classId: r.classId }),
);
export const wishRecords = repository<Wish>(
  tables.wishes,
  Wish,
  'wish',
  (r) => r.id,
  (r) => ({ classId: r.classId }),
);
export const roomRecords = repository<Room>(tables.rooms, Room, 'room', (r) => r.id);
export const gearRecords = repository<Gear>(tables.gear, Gear, 'gear', (r) => r.id);
export const gameRecords = repository<Game>(tables.games, Game, 'game', (r) => r.id);
export const lessonRecords = repository<Lesson>(tables.lessons, Lesson, 'lesson', (r) => r.id);
export const periodRecords = repository<Period>(
  tables.periods,
  Period,
  'period',
  (r) => r.id,
  (r) => ({ date: r.date, lessonId: r.lessonId }),
);
export const attendanceRecords = repository<Attendance>(tables.attendances, Attendance, 'attendance', (r) => r.periodId);
export const runRecords = repository<Run>(
  tables.runs,
  Run,
  'run',
  (r) => r.id,
  (r) => ({ periodId: r.periodId, classId: r.classId }),
);
