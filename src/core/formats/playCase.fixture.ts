import type { Rng } from '../rng.ts';

export type Loose = { type: string; [field: string]: unknown };
/** A play of a format, and events that may be legal in it. */
export interface Case {
  name: string;
  format: string;
  setup: object;
  players: string[];
  /** One own event that may be legal now; `some` draws somebody. */
  own(random: Rng, some: () => string): Loose;
}

export const five = ['a', 'b', 'c', 'd', 'h'];

export const clashSides = [
  { id: 'mills', members: ['a', 'b', 'c', 'd'], feeders: ['a', 'b'], guards: ['d'] },
  { id: 'bells', members: ['w', 'x', 'y', 'z'] },
];
