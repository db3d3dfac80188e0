import { newHeader } from './record.ts';
import type { School } from './school.ts';

/** What stops everyone until the school says otherwise: heard and seen. */
export const USUAL_STOP_SIGNAL = 'One long whistle and a raised arm: freeze, gear on the floor';

/** A school before anything of it is told. By itself, so that the first screen need not know every field that a school has. */
export const NEW_SCHOOL: School = {
  ...newHeader('school', 1),
  name: 'My school',
  units: 'm',
  singleKeys: true,
  stopSignal: USUAL_STOP_SIGNAL,
  bands: {},
};
