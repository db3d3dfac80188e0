/** Cautions that go with changes, by code. */
export const CAUTIONS = [
  'agreed-speed',
  'brakes-and-belt',
  'care-plan',
  'clear-floor',
  'device-in-reach',
  'frame-width',
  'guide-by-the-arm',
  'in-sight',
  'interpreter-in-sight',
  'latex-out',
  'loose-objects-from-wheels',
  'no-flashing',
  'nothing-small',
  'quiet-while-sounding',
  'spotter-does-nothing-else',
  'spotter-on-the-weaker-side',
  'touch-with-yes',
  'walk-the-area-first',
  'way-out-and-back',
] as const;
export type Caution = (typeof CAUTIONS)[number];
