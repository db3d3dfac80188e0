import { doesNotFitWords } from '../doesNotFit.ts';
import { FIELD_LABELS_EN, fieldIdeaWords } from '../fields.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, many } from '../speak.ts';

export const spotCollectWords = {
  name: 'Shooting spots',
  settings: {
    ...SHARED_SETTINGS,
    ...FIELD_LABELS_EN,
    object: { label: 'Played with' },
    to: { label: 'Played to (0: the clock)' },
    spots: { label: 'Spots on a field', solved: 'as many as guarantee a finish' },
    objectsEach: { label: 'Objects of a team' },
    nearM: { label: 'Nearest spots from the target' },
  },
  segments: { ...SHARED_SEGMENTS, rehearse: 'One try each', break: 'Spots back on the floor' },
  unit: 'field',
  assumes: 'Assumes that everyone moves from spot to spot without a break, and that throws are made at an even chance.',
  filled: { place: 'free-shots', word: 'free shots' },
  board: { points: 'Points', tries: 'Tries', shoots: 'Tap a name when it is made', spot: 'From which spot?' },
  notes: { held: (d) => `${s(n(d, 'count'), 'spot')} picked up` },
  actions: { made: 'made it', missed: 'missed', struck: 'Struck it', free: 'Free shot: 1', taskDone: 'Task done: all back' },
  restart: 'the next round',
  events: {
    made: (d, _, name) => `${name(d.player)} made it from spot ${t(d, 'spot')}`,
    missed: (d, _, name) => `${name(d.player)} missed from spot ${t(d, 'spot')}`,
    struck: (d) => `${t(d, 'team')} struck the target`,
    free: (d) => `Free shot for ${t(d, 'team')}`,
    taskDone: () => 'Task done',
  },
  summary: (d, rounds, work, _, places) =>
    `${s(places, 'field')} · ${s(rounds, 'round')} of ${duration(work)}${Number(d.to) ? ` · to ${d.to}` : ''}`,
  card: {
    ...SHARED_CARD,
    'mode-collect': () => ['Made', 'Pick up the spot that you made it from and bring it home'],
    'mode-stay': () => ['Made', 'The spot stays. Move on to any other'],
    'mode-struck': () => [
      'Struck',
      'The first team to strike the target takes free shots until the other team has done its task. Then all begin again',
    ],
    another: () => ['Missed', 'Try from another spot before you come back to this one'],
    returner: (d) => ['Returner', t(d, 'text')],
    others: (d) => ['The others', t(d, 'text')],
    'in-the-way': () => ['Not allowed', 'Standing between a thrower and the target, or taking a spot that was not made'],
    'in-the-way-then': () => ['Then', 'Home first, then on'],
    'in-the-way-back': () => ['Back in', 'At once from home'],
    'score-collect': () => ['Score', 'One for every spot at home'],
    'score-stay': () => ['Score', 'One for every one that is made'],
    'score-struck': () => ['Score', 'One for every free shot that is made'],
    'end-score': (d) => ['End', `The first team with ${n(d, 'count')}, or the whistle`],
  },
  findings: {
    ...doesNotFitWords('spot', 'field'),
    'spot-unfinished': (d) => ({
      what: `${s(n(d, 'spots'), 'spot')} may not be enough for ${n(d, 'to')}`,
      why: `${s(n(d, 'teams'), 'team')} can share them so that none gets to ${n(d, 'to')}. ${s(n(d, 'needed'), 'spot')} guarantee a finish.`,
    }),
    'spot-finish': (d) => ({
      what: `One team gets to ${n(d, 'to')} for certain`,
      why: `That takes ${s(n(d, 'needed'), 'spot')} with ${s(n(d, 'teams'), 'team')}. On the floor: ${n(d, 'spots')}.`,
    }),
    'spot-crowded': (d) => ({
      what: `${s(n(d, 'largest'), 'student')} in a team`,
      why: `They would stand in line at the spots. Default: at most ${n(d, 'most')} in a team.`,
    }),
    'spot-alone': (d) => ({ what: 'A team of nobody', why: `${s(n(d, 'playing'), 'student')} in all: each field needs two teams.` }),
  },
  fixes: {
    ...roundIdeaWords('spot'),
    ...fieldIdeaWords('spot'),
    'spot-spots': (d) => `Set up ${s(n(d, 'count'), 'spot')} on a field`,
    'spot-to': (d) => `Play to ${n(d, 'count')}`,
    'spot-object': (d) => `Play with ${many(t(d, 'to'))}`,
  },
} satisfies FormatWords;
