import { type Ask, askOfKinds, askWith, IN_CLASS } from '../asks.ts';
import { type CourseContext, inUse } from './elements.ts';

/** Everybody goes over every element, one after the other. */
export function courseAsks(context: CourseContext): Ask[] {
  const elements = inUse(context);
  const gear = askOfKinds(
    elements.flatMap((e) => e.gear.map((g) => g.gearKind)),
    context.gearKinds,
  );
  const steps = elements.length > 5 ? 2 : 1;
  const alone = elements.some((e) => e.noOvertaking) ? { wait: 1 } : {};
  return [
    askWith(gear, { ...IN_CLASS, ...alone, stand: 1, travel: 2, breath: 2, 'remember-steps': steps, 'see-contrast': 1 }, [
      'travel',
      'pace',
    ]),
  ];
}
