import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration, many } from '../speak.ts';

/** How many students a side has. */
const sides = (v: Record<string, unknown>) => Number(v.each ?? 1);

export const ladderWords = {
  name: 'Ladder of courts',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'Played with' },
    count: { label: 'Wins that count', options: { top: 'on the top court', all: 'on every court' } },
    tie: { label: 'A tie', options: { stay: 'the longer-standing one stays', rematch: 'one more point' } },
    shown: { label: 'The score is shown', options: { fingers: 'by fingers', card: 'by a card' } },
    each: { label: 'Students on a side' },
    groups: { label: 'Courts', solved: 'two sides each, within floor and gear' },
    widthM: { label: 'Court, across' },
    lengthM: { label: 'Court, long' },
    gapM: { label: 'Gap between courts' },
    apartM: { label: 'Top court apart by' },
  },
  segments: { ...SHARED_SEGMENTS, break: 'Winners move' },
  unit: 'court',
  assumes: 'Assumes rounds that all end together, play all through a round, and teams that rest equally often.',
  board: {
    courts: 'Courts',
    count: 'round',
    atTop: 'won',
    waits: 'Resting',
    nobody: '',
    empty: 'nobody',
    winners: 'Who won on each court?',
    tie: 'tie',
    move: 'Move',
    'won-top': 'Won on the top court',
    'won-all': 'Rounds won',
  },
  actions: { won: 'won' },
  restart: 'the next round',
  events: {
    round: (d, _, name) => {
      const winners = Array.isArray(d.winners) ? d.winners.map((id) => (id ? name(id) : 'a tie')) : [];
      return `Round won, from court 1 up: ${winners.join(', ') || 'nobody'}`;
    },
  },
  summary: (v, rounds, work, _, places) =>
    `${s(places, 'court')} · ${s(rounds, 'round')} of ${duration(work)} · ${sides(v)} against ${sides(v)}`,
  roles: { resting: 'rests' },
  card: {
    ...SHARED_CARD,
    point: (d) => ['A point', t(d, 'text')],
    next: (d) => ['You win', `Move to court ${n(d, 'court')}. You lose: stay`],
    'next-top': () => ['You win', 'Stay here. You lose: go to court 1'],
    'shown-fingers': () => ['Score', 'Keep it yourselves. At the signal show your points with your fingers'],
    'shown-card': () => ['Score', 'Keep it yourselves. At the signal turn your points up on the card'],
    moves: () => ['After a round', 'Winners move up one court. Whoever loses on the top court goes to court 1. Everybody else stays'],
    mixes: () => ['Good to know', 'You never move down for losing: the courts mix, they are no ranking'],
    'tie-stay': () => ['A tie', 'Nobody scores. Whoever was on the court longer stays, the other moves'],
    'tie-rematch': () => ['A tie', 'Play one more point'],
    rest: () => ['Resting', 'The first who rests comes in on court 1. Whoever loses there rests next'],
    'rest-task': (d) => ['Resting', `${t(d, 'text')}. The first who rests comes in on court 1; whoever loses there rests next`],
    'count-top': (d) => ['Score', `${t(d, 'point')}. A round won on the top court counts`],
    'count-all': (d) => ['Score', `${t(d, 'point')}. Every round won counts`],
  },
  findings: {
    ...doesNotFitWords('ladder', 'court'),
    'ladder-lonely': (d) => ({
      what: `${s(n(d, 'alone'), 'court')} without two to play`,
      why: `${s(n(d, 'playing'), 'student')} on ${s(n(d, 'courts'), 'court')}: each needs two.`,
    }),
    'ladder-resting': (d) => ({
      what: `${s(n(d, 'count'), 'side')} ${n(d, 'count') === 1 ? 'rests' : 'rest'}, up to ${duration(n(d, 'seconds'))} each time`,
      why: `${s(n(d, 'courts'), 'court')} for two sides each, and one side comes in each round. Default: at most 30 s.`,
    }),
    'ladder-resting-works': (d) => ({
      what: `${s(n(d, 'count'), 'side')} ${n(d, 'count') === 1 ? 'rests' : 'rest'} with a task`,
      why: `${t(d, 'task')}. Up to ${duration(n(d, 'seconds'))} each time.`,
    }),
    'ladder-mixes': () => ({
      what: 'The courts mix the class, they do not rank it',
      why: 'Losers never move down a court. Where somebody stands at the end says little about who plays best.',
    }),
  },
  fixes: {
    ...roundIdeaWords('ladder'),
    'ladder-courts': (d) => `Use ${s(n(d, 'count'), 'court')}`,
    'ladder-sides': (d) => `Play ${n(d, 'count')} against ${n(d, 'count')}`,
    'ladder-close': (d) => `Put courts ${t(d, 'gapWords')} apart`,
    'ladder-smaller': (d) => `Make courts ${t(d, 'sizeWords')}`,
    'ladder-object': (d) => `Play with ${many(t(d, 'to'))}`,
    'ladder-task': () => 'Give those who rest a task',
  },
} satisfies FormatWords;
