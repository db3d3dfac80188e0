import type { PlanContext } from '../format.ts';
import type { CourseElement, CourseGame, CourseValues } from './setup.ts';

export type CourseContext = PlanContext<CourseGame, CourseValues>;

/** An element as this class meets it. */
export interface InUse extends Pick<CourseElement, 'gear' | 'resetBy' | 'watch' | 'noOvertaking' | 'brake'> {
  /** The element's id; its second time on the loop is `id~2`. */
  id: string;
  title: string;
  task: string;
  seconds: number;
  capacity: number;
  spaceM: number;
  copies: number;
}

/** The elements in use in the order they are traveled: the band's own task, its pace, twice there if doubled. */
export function inUse({ setup, values, band }: Pick<CourseContext, 'setup' | 'values' | 'band'>): InUse[] {
  const seen = new Map<string, number>();
  return values.picks.flatMap((pick): InUse[] => {
    const element = setup.elements.find((e) => e.id === pick);
    if (!element) return [];
    const nth = (seen.get(pick) ?? 0) + 1;
    seen.set(pick, nth);
    const copies = values.doubled === pick ? 2 : 1;
    const own = element.instead?.bands.includes(band) ? element.instead : element;
    return [
      {
        ...element,
        id: nth === 1 ? pick : `${pick}~${nth}`,
        title: own.title,
        task: own.task,
        seconds: Math.round(element.seconds * (values.pacePercent / 100) * 10) / 10,
        capacity: element.capacity * copies,
        spaceM: element.spaceM * copies,
        copies,
      },
    ];
  });
}

/** How many places the class starts from: as many as set, but none without an element. */
export const startCount = (context: Pick<CourseContext, 'setup' | 'values' | 'band'>): number =>
  Math.max(1, Math.min(context.values.groups, inUse(context).length));

/** The element at which a group starts, spread evenly over the loop. */
export const startOf = (group: number, groups: number, elements: number): number => Math.floor((group * elements) / Math.max(1, groups));
