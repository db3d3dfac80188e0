import { doesNotFitWords } from '../doesNotFit.ts';
import type { FormatWords } from '../formatWords.ts';
import { n, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { counted, duration, listed, many } from '../speak.ts';

export const podsWords = {
  name: 'Pods to music',
  settings: {
    ...SHARED_SETTINGS,
    object: { label: 'In the middle' },
    leading: { label: 'While the music plays', options: { list: 'everyone at their own pace', follow: 'all follow their leader' } },
    leastSeconds: { label: 'Music, at least' },
    mostSeconds: { label: 'Music, at most' },
    holdSeconds: { label: 'Held for' },
    balance: { label: 'Level of the balance' },
    pauseSeconds: { label: 'From a stop to the next music' },
    perPod: { label: 'Students in a pod' },
    groups: { label: 'Pods', solved: 'by their size, floor and gear' },
    bouts: { label: 'Sets of rounds' },
    workSeconds: { label: 'A set', solved: 'fills the period' },
    breakSeconds: { label: 'Break between sets' },
    startM: { label: 'From a start to the object' },
    gapM: { label: 'Gap between pods' },
  },
  segments: { ...SHARED_SEGMENTS, rehearse: 'One stop without a winner' },
  unit: 'pod',
  assumes: 'Assumes music of middling length each time, everyone moving while it plays, and nobody until it starts again.',
  board: {
    pods: 'Pods',
    music: 'Music',
    count: 'round',
    atTop: 'won',
    waits: 'Leads',
    nobody: '',
    by: 'Who held it?',
    'held-so-far': 'Rounds held',
    won: 'Rounds won',
  },
  actions: { stop: 'Stop', taken: 'took it', held: 'Who held it', 'held-none': 'Nobody' },
  restart: 'the next stop',
  events: {
    stop: () => 'Music stopped',
    taken: (d, _, name) => `${name(d.by)} took it first`,
    held: (d, _, name) => `Held: ${listed(Array.isArray(d.by) ? d.by.map(name) : []) || 'nobody'}`,
  },
  summary: (_, rounds, work, __, places) => `${counted(places, 'pod')} · ${counted(rounds, 'set')} of ${duration(work)}`,
  roles: { leader: 'leads' },
  asRole: { leader: 'as the leader' },
  card: {
    ...SHARED_CARD,
    move: (d) => ['While the music plays', t(d, 'text')],
    object: (d) => ['In the middle', `${counted(1, t(d, 'gearKind'))} for each pod`],
    list: () => ['Pace', 'Everyone does the list at their own pace; you need not be in step'],
    follow: () => ['Pace', 'All do what the leader does, in step'],
    music: () => ['Music', 'Nobody knows when it stops'],
    hold: (d) => ['When it stops', `${t(d, 'text')} for ${duration(n(d, 'seconds'))}`],
    'put-back': () => ['When it stops', 'The first to take the object wins the round, then puts it back on its spot'],
    'one-hand': () => ['Safety', 'Reach with one hand, head up. Whoever has it has it: nobody pulls'],
    leader: () => ['Leader', 'Shows the moves. A new leader every round, so that all lead'],
    'score-take': () => ['Score', 'Count the rounds in which you took it first'],
    'score-hold': () => ['Score', 'All who hold it have won the round'],
    'end-sets': (d) => ['End', n(d, 'count') === 1 ? 'After one set of rounds' : `After ${n(d, 'count')} sets of rounds`],
  },
  findings: {
    ...doesNotFitWords('pods', 'pod'),
    'pods-crowded': (d) => ({
      what: `${s(n(d, 'largest'), 'student')} around one object`,
      why: `At most ${n(d, 'most')}: more heads meet over it. Side Court default. Local rules decide.`,
    }),
    'pods-alone': (d) => ({
      what: `${counted(n(d, 'alone'), 'pod')} without two`,
      why: `${s(n(d, 'playing'), 'student')} in all: every pod needs two.`,
    }),
    'pods-foreseen': (d) => ({
      what: 'Everyone can tell when the music stops',
      why: `It plays ${duration(n(d, 'least'))} to ${duration(n(d, 'most'))}: too little between them to be a surprise.`,
    }),
    'pods-bursts': (d) => ({
      what: `Music for ${duration(n(d, 'least'))} to ${duration(n(d, 'most'))}, at random`,
      why: `A round takes about ${duration(n(d, 'seconds'))}. Whistle starts and stops the music; nobody can see when it stops.`,
    }),
  },
  fixes: {
    ...roundIdeaWords('pods'),
    'pods-count': (d) => `Use ${counted(n(d, 'count'), 'pod')}`,
    'pods-close': (d) => `Put pods ${t(d, 'gapWords')} apart`,
    'pods-start': (d) => `Start ${t(d, 'spacingWords')} away`,
    'pods-longer': (d) => `Let the music play up to ${duration(n(d, 'seconds'))}`,
    'pods-object': (d) => `Play with ${many(t(d, 'to'))}`,
  },
} satisfies FormatWords;
