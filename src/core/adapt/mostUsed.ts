import type { AdaptationFor } from '../model/adaptation.ts';

type StoredDial = NonNullable<AdaptationFor['accepted']>[number];

/** A change in use and in how many lessons it is. */
export interface UsedDial {
  dial: StoredDial;
  lessons: number;
}

/** Changes are the same if they change and take the same; the numbers of one place do not count. */
const keyOf = ({ to, uses = [], homeMade = '' }: StoredDial) => JSON.stringify([to, uses.map((u) => u.gearId).sort(), homeMade]);

/** Changes in use over lessons, those of most lessons first, then by code. */
export function mostUsed(lessons: readonly { lessonId: string; choices: readonly AdaptationFor[] }[]): UsedDial[] {
  const used = new Map<string, { dial: StoredDial; lessons: Set<string> }>();
  for (const { lessonId, choices } of lessons)
    for (const dial of choices.flatMap((c) => c.accepted ?? [])) {
      const known = used.get(keyOf(dial)) ?? { dial, lessons: new Set<string>() };
      known.lessons.add(lessonId);
      used.set(keyOf(dial), known);
    }
  return [...used.values()]
    .map((each) => ({ dial: each.dial, lessons: each.lessons.size }))
    .sort((a, b) => b.lessons - a.lessons || (keyOf(a.dial) < keyOf(b.dial) ? -1 : 1));
}
