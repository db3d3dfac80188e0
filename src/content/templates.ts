import type { GameFamily } from '../core/model/game.ts';
import type { LessonSchool } from '../core/shelf/lessonParts.ts';
import type { LessonTemplate, TemplatePart } from '../core/shelf/templates.ts';

/** A lesson that builds up stage by stage: a warm-up, practice, the game. */
const buildUp = (warmUp: string, practice: TemplatePart | string, game: TemplatePart | string): TemplatePart[] => [
  { role: 'warm-up', gameId: warmUp },
  { ...partOf(practice), role: 'practice' },
  { ...partOf(game), role: 'game' },
];
/** A lesson that plays first: the game, what it showed, the game again. */
const gameFirst = (practice: TemplatePart | string, game: TemplatePart | string): TemplatePart[] => [
  { ...partOf(game), role: 'game' },
  { ...partOf(practice), role: 'practice' },
  { ...partOf(game), role: 'again' },
];
const partOf = (part: TemplatePart | string): TemplatePart => (typeof part === 'string' ? { role: 'game', gameId: part } : part);
const withSettings = (gameId: string, settings: Record<string, unknown>): TemplatePart => ({ role: 'game', gameId, settings });

/** For every purpose: what warms up for it, what practices it, what plays it, and what the two lessons are called. */
const PURPOSES: Record<
  GameFamily,
  { games: [warmUp: string, practice: string, game: string]; titles: [buildUp: string, gameFirst: string] }
> = {
  throw: {
    games: ['mill-stands-still', 'orchard-rows', 'ring-and-run'],
    titles: ['From orchard rows to ring and run', 'Ring and run first'],
  },
  catch: { games: ['two-mill-wheels', 'bell-tower', 'secret-letter'], titles: ['From the tower to the letter', 'The letter first'] },
  strike: {
    games: ['wind-around-the-houses', 'keep-the-lantern', 'bridge-keepers'],
    titles: ['From lanterns to bridge keepers', 'Bridge keepers first'],
  },
  kick: {
    games: ['around-the-orchard', 'free-stones', 'round-the-tree'],
    titles: ['From free stones to the old tree', 'The old tree first'],
  },
  'dribble and carry': {
    games: ['windfalls', 'mill-carts', 'over-the-orchard'],
    titles: ['From carts to crossing the orchard', 'Across the orchard first'],
  },
  'dodge and flee': {
    games: ['ripe-fruit', 'mill-carts', 'toll-bridge'],
    titles: ['From carts to the toll bridge', 'The toll bridge first'],
  },
  travel: {
    games: ['around-the-orchard', 'weather-round', 'wind-and-leaves'],
    titles: ['From the weather round to the wind', 'Wind and leaves first'],
  },
  balance: {
    games: ['two-mill-wheels', 'weather-round', 'bridge-run'],
    titles: ['From the weather round to seven bridges', 'Seven bridges first'],
  },
  aim: { games: ['around-the-orchard', 'orchard-crowns', 'mill-sacks'], titles: ['From crowns to mill sacks', 'Mill sacks first'] },
  rhythm: { games: ['weathercock-circle', 'even-wheel', 'mill-rope'], titles: ['From the even wheel to the rope', 'The rope first'] },
  cooperate: {
    games: ['under-the-haystack', 'mill-rope', 'over-the-rope'],
    titles: ['From the rope to over the mill race', 'Over the mill race first'],
  },
  pace: {
    games: ['weather-road', 'mill-and-messenger', 'even-wheel'],
    titles: ['From messengers to the even wheel', 'The even wheel first'],
  },
  invade: { games: ['windfalls', 'secret-letter', 'both-gates'], titles: ['From the letter to both gates', 'Both gates first'] },
  defend: { games: ['ripe-fruit', 'bell-keeper', 'bell-rows'], titles: ['From one keeper to a row', 'The row first'] },
  'warm up': { games: ['two-mill-wheels', 'mill-and-messenger', 'ripe-fruit'], titles: ['Warm all through', 'Ripe fruit first'] },
  'calm down': {
    games: ['two-mill-wheels', 'lantern-roll', 'weathercock-circle'],
    titles: ['From quiet lanterns to the weathercock', 'The weathercock first'],
  },
};

const forPurposes = (Object.entries(PURPOSES) as [GameFamily, (typeof PURPOSES)[GameFamily]][]).flatMap(([family, own]) => {
  const [warmUp, practice, game] = own.games;
  const id = family.replaceAll(' ', '-');
  const lesson = (school: LessonSchool, title: string, parts: TemplatePart[]): LessonTemplate => ({
    ...{ id: `${id}-${school}`, title, kind: 'purpose', school, families: [family], parts },
  });
  return [
    lesson('build-up', own.titles[0], buildUp(warmUp, practice, game)),
    lesson('game-first', own.titles[1], gameFirst(practice, game)),
  ];
});

type Written = Omit<LessonTemplate, 'kind' | 'school'> & { school?: LessonSchool };
const written = (kind: LessonTemplate['kind'], list: readonly Written[]): LessonTemplate[] =>
  list.map((lesson) => ({ school: 'build-up', ...lesson, kind }));

/** Stations of which one is a lane with steps and one a small game of its own. */
const SIX_MILLS = withSettings('nine-mills', {
  picks: ['ribbon-arcs', 'bell-toss', 'game:lantern-roll', 'low-net', 'game:bell-tower', 'windmill'],
});

const forMixed = written('mixed', [
  {
    ...{ id: 'mixed-mills', title: 'Six mills and a ring', families: ['throw', 'catch', 'cooperate'] },
    parts: [
      { ...SIX_MILLS, role: 'practice' },
      { role: 'game', gameId: 'under-the-haystack' },
    ],
  },
  {
    ...{ id: 'mixed-steps', title: 'Everyone on a step of their own', families: ['aim', 'throw'] },
    parts: buildUp('two-mill-wheels', 'orchard-rows', 'orchard-crowns'),
  },
  {
    ...{ id: 'mixed-partners', title: 'Partners of every pace', families: ['pace', 'cooperate', 'strike'] },
    parts: buildUp('weather-road', 'mill-and-messenger', 'over-the-rope'),
  },
  {
    ...{ id: 'mixed-courts', title: 'Courts that mix', families: ['aim', 'catch', 'cooperate'], school: 'game-first' },
    parts: gameFirst('mill-wheels', 'mill-steps'),
  },
]);

/** A lane that a corridor holds; a line that passes on where there is no room to run. */
const inLane = (gameId: string) => withSettings(gameId, { laneM: 1.2 });
const inLine = (gameId: string) => withSettings(gameId, { legM: 4, gapM: 0.3, laneM: 1.2 });

const forSmall = written('small', [
  {
    ...{ id: 'small-lantern', title: 'Lanterns in a classroom', families: ['strike', 'cooperate'] },
    parts: buildUp('weathercock-circle', 'mill-rope', 'keep-the-lantern'),
  },
  {
    ...{ id: 'small-crowns', title: 'A ring between the tables', families: ['aim', 'cooperate', 'calm down'] },
    parts: buildUp('under-the-haystack', 'orchard-crowns', 'mill-rope'),
  },
  {
    ...{ id: 'corridor-lanes', title: 'Lanterns down the corridor', families: ['aim', 'throw'] },
    parts: [
      { ...inLane('orchard-rows'), role: 'practice' },
      { ...inLane('lantern-roll'), role: 'game' },
    ],
  },
  {
    ...{ id: 'corridor-lines', title: 'Over the wall in the corridor', families: ['cooperate', 'aim'] },
    parts: [
      { ...inLane('lantern-roll'), role: 'practice' },
      { ...inLine('over-the-wall'), role: 'game' },
    ],
  },
]);

const forOutside = written('outside', [
  {
    ...{ id: 'outside-orchard', title: 'All over the orchard', families: ['travel', 'invade'], whenItRains: 'rain-orchard' },
    parts: buildUp('around-the-orchard', 'secret-letter', 'over-the-orchard'),
  },
  {
    ...{ id: 'outside-harvest', title: 'A day of harvest', families: ['strike', 'catch', 'travel'], whenItRains: 'rain-harvest' },
    parts: buildUp('windfalls', 'to-the-mill-and-back', 'harvest-home'),
  },
  {
    ...{ id: 'outside-laps', title: 'Even laps and the wind', families: ['pace', 'travel'], whenItRains: 'rain-laps' },
    parts: buildUp('weather-road', 'night-watch', 'wind-and-leaves'),
  },
  {
    ...{ id: 'outside-stones', title: 'Stones in the grass', families: ['kick', 'aim'], school: 'game-first', whenItRains: 'rain-stones' },
    parts: gameFirst('free-stones', 'round-the-tree'),
  },
]);

/** What each lesson for outside is about, on less floor, without a run of its length and without what flies far. */
const forRain = written('rain', [
  {
    ...{ id: 'rain-orchard', title: 'The orchard under a roof', families: ['travel', 'invade'] },
    parts: buildUp('weather-road', 'keep-the-lantern', 'both-gates'),
  },
  {
    ...{ id: 'rain-harvest', title: 'Harvest in the barn', families: ['strike', 'catch', 'travel'] },
    parts: buildUp('windfalls', 'bell-tower', 'bridge-keepers'),
  },
  {
    ...{ id: 'rain-laps', title: 'Messengers under a roof', families: ['pace', 'travel'] },
    parts: buildUp('two-mill-wheels', 'mill-and-messenger', 'toll-bridge'),
  },
  {
    ...{ id: 'rain-stones', title: 'Stones on the barn floor', families: ['kick', 'aim'], school: 'game-first' },
    parts: gameFirst('orchard-crowns', 'free-stones'),
  },
]);

/** Lessons written down: two for every purpose, others for levels far apart, little floor, the yard and rain. */
export const TEMPLATES: readonly LessonTemplate[] = [...forPurposes, ...forMixed, ...forSmall, ...forOutside, ...forRain];
