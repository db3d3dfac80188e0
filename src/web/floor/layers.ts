/** What the floor shows of a plan, each on or off: tape, gear, people, the ways they walk, what the teacher sees, what safety asks. */
export const LAYERS = ['lines', 'gear', 'people', 'paths', 'sight', 'safety'] as const;
export type Layer = (typeof LAYERS)[number];
export const LAYER_WORDS: Record<Layer, string> = {
  lines: 'Lines',
  gear: 'Gear',
  people: 'People',
  paths: 'Paths to the next area',
  sight: 'What the teacher sees',
  safety: 'Safety distances',
};
/** What is shown at first. */
export const USUAL_LAYERS: readonly Layer[] = ['lines', 'gear', 'people', 'paths'];
