import { ClassId, RoomId } from '../core/model/ids.ts';
import { type BellSlot, NO_TIMETABLE, type Timetable } from '../core/model/timetable.ts';

/** Alder Hollow's day: the lesson's short name, its bells, class, room and the adults who help. */
export const DEMO_BELLS = [
  { id: 'weather', start: '09:10', end: '09:55', classId: 'grade-3b', roomId: 'mill-gym', adults: ['juna-ask'] },
  { id: 'mills', start: '10:05', end: '10:50', classId: 'grade-5a', roomId: 'mill-gym', adults: ['juna-ask'] },
  { id: 'bridges', start: '11:10', end: '11:55', classId: 'grade-8a', roomId: 'upper-yard', adults: ['tarn-holloway'] },
  { id: 'orchard', start: '13:00', end: '13:45', classId: 'grade-6d', roomId: 'mill-gym', adults: [] },
  { id: 'bells', start: '14:05', end: '14:45', classId: 'grade-2c', roomId: 'upper-yard', adults: [] },
] as const;

const SCHOOL_DAYS = [1, 2, 3, 4, 5];

/** The same bells from Monday to Friday. */
export const DEMO_TIMETABLE: Timetable = {
  ...NO_TIMETABLE,
  slots: SCHOOL_DAYS.flatMap((weekday) =>
    DEMO_BELLS.map(({ id, start, end, classId, roomId }): BellSlot => {
      return { id: `${id}-${weekday}`, weekday, start, end, classId: ClassId.parse(classId), roomId: RoomId.parse(roomId) };
    }),
  ),
};
