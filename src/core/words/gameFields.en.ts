import type { GameChange } from '../shelf/gameFields.ts';
import { FORMAT_WORDS } from './formats.en.ts';

/** What the fields of games are called, by key: one name for one thing in all formats. */
export const FIELD_LABELS: Readonly<Record<string, string>> = {
  title: 'Title',
  aim: 'What it is for, in a sentence',
  families: 'A teacher looks for it to',
  noise: 'How loud it gets',
  outdoors: 'Where it is played',
  story: 'Story',
  attentionCall: 'Attention call',
  stopSignal: 'Stop signal',
  rules: 'Rules',
  offences: 'Offenses',
  questions: 'Questions at the end',
  bands: 'Grades',
  setup: 'How it is played',
  stations: 'Stations',
  task: 'Task',
  cues: 'Look for',
  scoring: 'Points',
  pairs: 'In pairs',
  runM: 'Room to run, meters',
  gear: 'Gear',
  gearKind: 'Kind of gear',
  count: 'How many',
  per: 'For each',
  use: 'What becomes of it at a move',
  where: 'Parked where',
  resetBy: 'Put back by',
  easier: 'Easier',
  harder: 'Harder',
  shone: 'Praise',
  court: 'A court is called',
  top: 'The top court is called',
  bay: 'A bay is called',
  lane: 'A lane is called',
  pod: 'A pod is called',
  team: 'A team is called',
  sides: 'The sides are called',
  objects: 'Played with, the usual one first',
  objectsEach: 'Objects each',
  implement: 'Held in the hand',
  markers: 'Markers',
  marker: 'What the object lies on',
  goal: 'Goals',
  target: 'Target',
  zones: 'Points of the zones, from the middle',
  start: 'Start',
  point: 'A point',
  errors: 'What counts as an error',
  sideline: 'At the line',
  hunters: 'Those who hunt are called',
  runners: 'Those who run are called',
  how: 'How they catch',
  caught: 'Who is caught',
  release: 'Back by',
  crossing: 'On a call all cross',
  types: 'Kinds of runners',
  objective: 'There is a treasure',
  safeSpots: 'Safe spots',
  move: 'Moving',
  elements: 'Elements',
  seconds: 'Seconds it takes',
  capacity: 'How many at once',
  spaceM: 'Floor it takes, meters',
  watch: 'What to watch',
  noOvertaking: 'No overtaking',
  brake: 'Slow down after it',
  travel: 'Between elements',
  passing: 'Passing',
  widthM: 'Court, wide, meters',
  lengthM: 'Court, long, meters',
  teamSize: 'Students in a team',
  mode: 'Kind of game',
  moves: 'Moves to the music',
  balances: 'Balances, easy first',
  ladder: 'Steps, easy first',
  reach: 'How far away',
  forms: 'Forms',
  counts: 'What falls is counted',
  countdown: 'Countdown',
  partner: 'The partner',
  seated: 'Seated',
  feeders: 'Feeders on a side',
  guards: 'Guards on a side',
  lofted: 'Thrown high',
  stages: 'Stages',
  kind: 'Done with',
  text: 'What is done',
  obstacles: 'Obstacles',
  gates: 'Gates',
  home: 'What marks a home',
  hoop: 'What a defender stands in',
  line: 'A line is called',
  ring: 'A circle is called',
  cloth: 'What all hold',
  acrossM: 'Across, meters',
  barrier: 'What divides the sides',
  countIn: 'Count-in',
  posture: 'Posture',
  grip: 'Grip',
  call: 'Called to',
  problem: 'Something to solve',
  ideas: 'Ideas before the hint',
  hint: 'Hint',
  teams: 'The teams are called',
  spot: 'What marks a spot',
  other: 'What the others do',
  steps: 'What changes from round to round',
  field: 'A field is called',
  tee: 'Hit from',
  feed: 'How the ball comes',
  fielding: 'What fielders do',
  travels: 'Ways to travel',
  joint: 'What all do together',
  free: 'What the odd one does',
  exercises: 'Exercises',
  path: 'Its path',
  spots: 'Spots of its path',
  run: 'On the track',
  leg: 'On the way',
  handOver: 'Hand-over',
  actionSeconds: 'Seconds at the far end',
};

const labelOf = (key: string | number): string => (typeof key === 'number' ? String(key + 1) : (FIELD_LABELS[key] ?? key));

/** "Stations, 2, Task": where a field is. */
export const fieldPath = (path: readonly (string | number)[]): string => path.map(labelOf).join(', ');

const valueText = (value: unknown): string => {
  if (value === undefined || value === '') return 'nothing';
  if (value === true || value === false) return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.length ? value.map(valueText).join(', ') : 'nothing';
  return typeof value === 'object' && value !== null ? Object.values(value).map(valueText).join(', ') : String(value);
};

/** "Grades, 4–5, Rounds: 4, was 2": one way in which a copy differs. */
export function changeWords({ path, was, is }: GameChange, format: string): string {
  const [first, band, key] = path;
  const settings = FORMAT_WORDS[format as keyof typeof FORMAT_WORDS].settings;
  const where =
    first === 'bands' && key !== undefined
      ? `${String(band).replace('-', '–')}, ${settings[String(key)]?.label ?? key}`
      : fieldPath(first === 'setup' ? path.slice(1) : path);
  return `${where}: ${valueText(is)}, was ${valueText(was)}`;
}
