import { MILL_GYM, OLD_DINING_HALL, UPPER_YARD } from '../../content/demo.ts';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { BANDS, type Band, bandOf, GRADES } from '../model/band.ts';
import { RoomId, StudentId } from '../model/ids.ts';
import { newHeader } from '../model/record.ts';
import { plainRoom, Room, rectangleOutline } from '../model/room.ts';
import { fit } from './fit.ts';
import type { FitInput } from './fitted.ts';

/** A classroom with its tables at the wall: smaller than any gym. */
export const CLASSROOM: Room = Room.parse({
  ...newHeader('room', 3),
  id: RoomId.parse('classroom'),
  name: 'Classroom',
  ...plainRoom(rectangleOutline(9, 6)),
});

export const EVERY_ROOM = [MILL_GYM, UPPER_YARD, OLD_DINING_HALL, CLASSROOM];
export const CLASS_SIZES = [2, 8, 17, 24, 31, 44];

export interface Lesson4 {
  game: string;
  band: Band;
  size: number;
  room: Room;
}

/** Every game in every band, class size and room. */
export const EVERY_LESSON: Lesson4[] = GAMES.flatMap((game) =>
  BANDS.flatMap((band) => CLASS_SIZES.flatMap((size) => EVERY_ROOM.map((room) => ({ game: game.id as string, band, size, room })))),
);

function deskOf({ game, band, size, room }: Lesson4): FitInput {
  const desk = demoDesk({ lesson: lessonWith(game), room });
  const grade = GRADES.find((g) => bandOf(g) === band)!;
  const students = Array.from({ length: size }, (_, i) => ({
    ...desk.students[0],
    id: StudentId.parse(`s${i + 1}`),
    givenName: `S${i + 1}`,
  }));
  return {
    ...desk,
    schoolClass: { ...desk.schoolClass, grade },
    students,
    ratings: students.map((s, i) => ({
      ...desk.ratings[0],
      studentId: s.id,
      rating: 1 + ((i * 7) % 5),
      supports: [],
      helper: undefined,
      tags: [],
    })) as unknown as FitInput['ratings'],
    wishes: [],
    attendance: null,
    // Gear is another question: there is enough of everything.
    cupboard: desk.cupboard.map((g) => ({ ...g, count: 400 })),
  };
}

/** The stops of a lesson that have no fix and do not say that the room, the class or the bell is the limit. */
export function stopsWithoutFix(lesson: Lesson4): string[] {
  const fitted = fit(deskOf(lesson));
  return fitted.findings
    .filter((f) => f.weight === 'stop' && !f.fixes?.length && f.data.isPhysical !== true)
    .map((f) => `${lesson.game} ${lesson.band} ${lesson.size} in ${lesson.room.name}: ${f.code} ${JSON.stringify(f.data)}`);
}
