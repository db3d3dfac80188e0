import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, percent, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { counted, duration, many } from '../speak.ts';

export const winnersRingWords = {
  name: 'Winners’ ring',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'Played with' },
    target: { label: 'A game is won with' },
    headStart: { label: 'A lone team may begin while the next one walks' },
    pointSeconds: { label: 'A point takes about' },
    moveSeconds: { label: 'Walk to the next bay' },
    teamSize: { label: 'Students on a team' },
    bays: { label: 'Bays', solved: 'two teams each, within floor and gear' },
    widthM: { label: 'Bay, across' },
    lengthM: { label: 'Bay, long' },
    gapM: { label: 'Gap between bays' },
  },
  segments: SHARED_SEGMENTS,
  unit: 'bay',
  assumes: 'Assumes points at random and at the same rate for every team, and a walk that takes as long as is set.',
  board: { bays: 'Bays', count: 'games', atTop: '', waits: 'In line', coming: 'On the way', nobody: 'nobody in line', won: 'Games won' },
  actions: { score: 'a point' },
  restart: 'the next game',
  events: { score: (d) => `Point for ${t(d, 'team')}` },
  summary: (v, rounds, work, _, places) =>
    `${counted(places, 'bay')}${Number(v.target) ? ` · to ${v.target}` : ''} · ${rounds > 1 ? `${s(rounds, 'round')} of ` : ''}${duration(work)}`,
  roles: { waiting: 'waits' },
  card: {
    ...SHARED_CARD,
    to: (d) => ['A game', `Won with ${s(n(d, 'count'), 'point')}`],
    next: (d) => ['You win', `Walk to bay ${n(d, 'bay')} and join its line. You lose: stay`],
    walk: () => ['After a game', 'The winners walk one bay on and join its line. The losers stay and meet the first in line, at 0 to 0'],
    'alone-starts': () => ['Alone', 'A lone team may begin as soon as the next one is on the way. The last point waits for them'],
    'alone-waits': () => ['Alone', 'A lone team waits until the next one is there'],
    waiting: (d) => ['In line', t(d, 'text')],
    won: (d) => ['Score', `${t(d, 'point')}. First to ${n(d, 'count')} wins the game; count the games you win`],
    'end-clock': () => ['End', 'At the whistle; a game that is not over counts for nobody'],
  },
  findings: {
    ...doesNotFitWords('ring', 'bay', ' with its line'),
    'ring-lonely': (d) => ({
      what: `${counted(n(d, 'none'), 'team')} without anybody`,
      why: `${s(n(d, 'playing'), 'student')} in ${counted(n(d, 'bays'), 'bay')}: each needs two teams.`,
    }),
    'ring-waits': (d) => ({
      what: `Up to ${duration(n(d, 'seconds'))} of waiting`,
      why: `Games end at different times: ${percent(n(d, 'share'))} on task. On a clock for all, everyone moves at once: about ${percent(n(d, 'onClock'))}, and nobody waits.${t(d, 'task') ? ` In line: ${t(d, 'task')}.` : ''}`,
    }),
  },
  fixes: {
    ...roundIdeaWords('ring'),
    'ring-bays': (d) => `Use ${counted(n(d, 'count'), 'bay')}`,
    'ring-head-start': () => 'Let a lone team begin early',
    'ring-target': (d) => `Play to ${n(d, 'count')}`,
    'ring-close': (d) => `Put bays ${t(d, 'gapWords')} apart`,
    'ring-smaller': (d) => `Make bays ${t(d, 'sizeWords')}`,
    'ring-object': (d) => `Play with ${many(t(d, 'to'))}`,
  },
} satisfies FormatWords;
