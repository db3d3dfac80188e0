import type { Field } from '../../simulate/runFloor.ts';

/** Where a zone's runners stand: bands along the longer side of the floor, in order. */
export function zoneX(field: Field, zones: number, zone: number): number {
  return field.x + field.width * (zones < 2 ? 0.5 : 0.06 + (0.88 * zone) / (zones - 1));
}
