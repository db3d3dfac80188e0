import type { GearNeed } from '../../gear/need.ts';
import { type CourseContext, inUse } from './elements.ts';

/** What every element needs, all at once; twice for one that is doubled. */
export const courseGear = (context: CourseContext): GearNeed[] =>
  inUse(context).flatMap((e) =>
    e.gear.map(({ gearKind, count }) => ({
      pieceId: 'course',
      title: e.title,
      gearKind,
      count: count * e.copies,
      use: 'stays' as const,
    })),
  );
