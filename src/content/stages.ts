/**
 * Stages that students meet, one list for all games: steps of ladders, and what an object is done with. What a class has met is
 * kept by these ids, so that one is never given another meaning.
 */
export const STAGES: readonly string[] = [
  // Lantern roll
  'near-big',
  'near-one',
  'middle',
  'narrow',
  'far',
  // Orchard rows
  'slide',
  'toss',
  'step',
  'long',
];
