import { newHeader } from './record.ts';
import type { School } from './school.ts';

/** A school before anything of it is told. By itself, so that the first screen need not know every field that a school has. */
export const NEW_SCHOOL: School = {
  ...newHeader('school', 1),
  name: 'My school',
  units: 'm',
  singleKeys: true,
  stopSignal: '',
  bands: {},
};
