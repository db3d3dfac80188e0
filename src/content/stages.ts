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
  // Windfalls
  'broom-alone',
  'sweep',
  'rest-on-line',
  'round-trees',
  'orchard-gates',
  'sweep-across',
  // Carts and sacks
  'empty-carts',
  'few-sacks',
  'fewer-sacks',
  // Around the bell keeper
  'round-the-hoop',
  'past-the-keeper',
  'visit-keepers',
];
