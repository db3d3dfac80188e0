import type { BlockFacts } from './candidate.ts';
import { FLOOR_LIGHTNESS, HOUSE_FIGURES } from './figures.ts';

/** A block on a wooden floor with one free lane and nobody whose limits bind others. */
export const plainBlock = (purpose: BlockFacts['purpose']): BlockFacts => ({
  ...{ id: 'block', from: 0, until: 300, purpose, band: '4-5', lanes: 1 },
  ...{ floorLightness: FLOOR_LIGHTNESS.wood, figures: HOUSE_FIGURES, latexFree: false, mouthing: false, onWheels: [] },
});
