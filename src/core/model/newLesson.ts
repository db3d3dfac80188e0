import { LessonId } from './ids.ts';
import { Lesson } from './lesson.ts';
import { newHeader } from './record.ts';

/** A lesson without a game: arrival, explaining, the close. `idOf` makes ids for its blocks. */
export function openLesson(id: string, title: string, idOf: (index: number) => string): Lesson {
  const phases = [
    ['arrive', 'Arrive', 120, 240],
    ['explain', 'Explain', 60, 180],
    ['close', 'Close', 120, 300],
  ] as const;
  const blocks = phases.map(([phase, name, least, most], i) => ({ id: idOf(i), phase, title: name, least, most, weight: 1 }));
  return Lesson.parse({ ...newHeader('lesson', 2), id: LessonId.parse(id), title, blocks, accepted: [] });
}

/** Where a game goes if nobody says: before the close. */
export function usualIndex({ blocks }: Pick<Lesson, 'blocks'>): number {
  const close = blocks.findIndex((b) => b.phase === 'close' || b.phase === 'leave');
  return close < 0 ? blocks.length : close;
}
