import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { counted, duration, many } from '../speak.ts';

const score = (value: unknown): string => (Array.isArray(value) ? value.join(' : ') : '');

export const tournamentWords = {
  name: 'Tournament',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'Played with' },
    points: { label: 'Points for a win, a tie, a loss', options: { '3-1-0': '3, 1, 0', '2-1-0': '2, 1, 0' } },
    tieBreak: {
      label: 'Equal points',
      options: { between: 'the match between them decides', difference: 'the score difference decides' },
    },
    teamSize: { label: 'Students on a team' },
    groups: { label: 'Teams', solved: 'by their size, an even number' },
    pools: { label: 'Pools' },
    crossOver: { label: 'A cross-over after the pools' },
    referees: { label: 'Resting teams referee' },
    courts: { label: 'Courts', solved: 'one for two teams, within floor and gear' },
    workSeconds: { label: 'A match', solved: 'fills the period' },
    breakSeconds: { label: 'Break between matches' },
    widthM: { label: 'Court, across' },
    lengthM: { label: 'Court, long' },
    gapM: { label: 'Gap between courts' },
  },
  segments: { ...SHARED_SEGMENTS, work: 'Match', break: 'Results, next teams' },
  unit: 'court',
  assumes: 'Assumes matches that all last as long as is set, and teams that rest when the plan of matches says so.',
  board: {
    matches: 'Matches',
    table: 'Table points',
    score: 'What did each score?',
    move: 'Keep this result',
    'by-points': 'points',
    'by-between': 'between the tied',
    'by-difference': 'difference',
    'by-scored': 'scored',
  },
  actions: { result: 'Result', correct: 'Correct' },
  restart: 'the next match',
  events: { result: (d) => `${t(d, 'a')} – ${t(d, 'b')} ${score(d.score)}` },
  summary: (_, rounds, work, __, places) => `${s(places, 'court')} · ${counted(rounds, 'round')} of ${duration(work)}`,
  roles: { referee: 'referees', resting: 'rests', next: 'stands by' },
  asRole: { referee: 'as a referee' },
  card: {
    ...SHARED_CARD,
    point: (d) => ['A point', t(d, 'text')],
    'meet-all': (d) => ['Matches', `${counted(n(d, 'count'), 'team')}: everyone meets everyone once`],
    'meet-pools': (d) => ['Matches', `${counted(n(d, 'count'), 'pool')}: the teams of a pool meet once`],
    'meet-cross': (d) => ['Matches', `${counted(n(d, 'count'), 'pool')}, then first meets first, second meets second`],
    referee: () => ['Resting', 'The resting team referees: one watches each line, one keeps the score'],
    resting: (d) => ['Resting', t(d, 'text')],
    table: (d) => ['Score', `${t(d, 'point')}. A win is ${n(d, 'win')}, a tie ${n(d, 'tie')}, a loss ${n(d, 'loss')} in the table`],
    'tie-between': () => ['A tie', 'A match may end level. In the table the match between equal teams decides, then the score difference'],
    'tie-difference': () => ['A tie', 'A match may end level. In the table the score difference decides, then what was scored'],
    'end-matches': () => ['End', 'A match ends with the signal. All matches are played when every two teams have met'],
  },
  findings: {
    ...doesNotFitWords('tournament', 'court'),
    'tournament-empty': (d) => ({
      what: `${counted(n(d, 'none'), 'team')} without anybody`,
      why: `${s(n(d, 'playing'), 'student')} for ${counted(n(d, 'teams'), 'team')}.`,
    }),
    'tournament-plan': (d) => ({
      what: `${duration(n(d, 'seconds'))} for each match`,
      why: `${counted(n(d, 'matches'), 'match')} of ${counted(n(d, 'teams'), 'team')} on ${s(n(d, 'courts'), 'court')}: ${counted(n(d, 'slots'), 'round')} before the bell.`,
    }),
    'tournament-short': (d) => ({
      what: `Only ${duration(n(d, 'seconds'))} for each match`,
      why: `${counted(n(d, 'matches'), 'match')} on ${s(n(d, 'courts'), 'court')} take ${counted(n(d, 'slots'), 'round')}. Default: at least ${duration(n(d, 'least'))}.`,
    }),
    'tournament-resting': (d) => ({
      what: `${counted(n(d, 'count'), 'team')} ${n(d, 'count') === 1 ? 'rests' : 'rest'} for ${duration(n(d, 'seconds'))}`,
      why: `${s(n(d, 'courts'), 'court')} for two teams each. Default: at most 30 s without something to do.`,
    }),
    'tournament-resting-works': (d) => ({
      what: `${counted(n(d, 'count'), 'team')} ${n(d, 'count') === 1 ? 'rests' : 'rest'} with a task`,
      why: `${t(d, 'task')}. ${duration(n(d, 'seconds'))} each time.`,
    }),
  },
  fixes: {
    ...roundIdeaWords('tournament'),
    'tournament-courts': (d) => `Use ${s(n(d, 'count'), 'court')}`,
    'tournament-teams': (d) => `Make ${counted(n(d, 'count'), 'team')}`,
    'tournament-pools': (d) => `Play in ${counted(n(d, 'count'), 'pool')}`,
    'tournament-close': (d) => `Put courts ${t(d, 'gapWords')} apart`,
    'tournament-smaller': (d) => `Make courts ${t(d, 'sizeWords')}`,
    'tournament-object': (d) => `Play with ${many(t(d, 'to'))}`,
    'tournament-referees': () => 'Let resting teams referee',
    'tournament-task': () => 'Give resting teams a task',
  },
} satisfies FormatWords;
