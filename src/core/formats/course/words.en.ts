import type { FormatWords } from '../formatWords.ts';
import { type Data, n, percent, s, t } from '../say.ts';
import { roundIdeaWords, SHARED_CARD, SHARED_SEGMENTS, SHARED_SETTINGS } from '../sharedWords.en.ts';
import { duration } from '../speak.ts';

const holding = (d: Data) =>
  d.by === 'headway'
    ? 'The time between two starts sets the pace.'
    : d.by === 'players'
      ? 'Nobody has to wait: there is room for more.'
      : `${t(d, 'title')} takes the longest${d.brake ? ', on purpose' : ''}.`;

/** When students start: one by one at a distance in time, at one place or several. */
const startWords = (seconds: number, starts: number): string => {
  const when = seconds ? `One every ${duration(seconds)}` : 'As soon as the first element is free';
  return starts > 1 ? `${when}, at ${starts} places` : when;
};

export const courseWords = {
  name: 'Course',
  settings: {
    ...SHARED_SETTINGS,
    picks: { label: 'Elements in use' },
    doubled: { label: 'Set up twice', options: { '': 'none' } },
    direction: { label: 'Direction', options: { '1': 'clockwise', '-1': 'counterclockwise' } },
    groups: { label: 'Start from … places' },
    headwaySeconds: { label: 'Between two starts' },
    pacePercent: { label: 'Time at elements (%)' },
    pathM: { label: 'Path width' },
    freeM: { label: 'Free floor before an element' },
  },
  segments: { ...SHARED_SEGMENTS, work: 'Around and around', break: 'Rest', rehearse: 'Once around, walking' },
  unit: 'course',
  assumes: 'Assumes that everyone starts as soon as they may, takes about as long at each element as is set, and nobody passes anybody.',
  board: { laps: 'Laps', 'on-loop': 'Tap a name at the start: one lap' },
  actions: { lap: 'one lap' },
  restart: 'the next round',
  events: {
    lap: (d, _, name) => `A lap for ${name(d.player)}`,
    bout: () => 'A rest began or ended',
    enter: (d, _, name) => `${name(d.player)} began ${t(d, 'element')}`,
    leaveElement: (d, _, name) => `${name(d.player)} finished ${t(d, 'element')}`,
  },
  summary: (v, rounds, work) =>
    `${s((v.picks as string[]).length, 'element')} · ${s(rounds, 'round')} of ${duration(work)} · a start every ${duration(Number(v.headwaySeconds))}`,
  card: {
    ...SHARED_CARD,
    travel: (d) => ['Around', t(d, 'text')],
    element: (d) => [`${n(d, 'number')} ${t(d, 'title')}`, t(d, 'text')],
    'reset-student': (d) => [t(d, 'title'), 'Put it back as you found it'],
    'reset-teacher': (d) => [t(d, 'title'), 'Leave it; the teacher puts it back'],
    passing: (d) => ['Passing', t(d, 'text')],
    watch: (d) => [t(d, 'title'), `Watch for: ${t(d, 'text')}`],
    headway: (d) => ['Start', startWords(n(d, 'seconds'), n(d, 'starts'))],
    'no-overtaking': (d) => ['No passing', (d.list as string[]).join(', ')],
    laps: () => ['Score', 'Count your own laps and beat your last round'],
    brakes: (d) => ['Slow down at', `${(d.list as string[]).join(', ')}. It’s there to slow you down`],
  },
  findings: {
    'course-does-not-fit': (d) => ({
      what: `No loop for ${s(n(d, 'elements'), 'element')} on this floor`,
      why: `They need ${t(d, 'metresWords')} of path clear of walls, doors and posts.`,
    }),
    'course-flows': (d) => ({
      what: `${s(n(d, 'perMinute'), 'lap')} a minute, all together`,
      why: holding(d),
    }),
    'course-queue': (d) => ({
      what: n(d, 'queue') > 1 ? `A line of ${n(d, 'queue')} before ${t(d, 'title')}` : `Up to ${duration(n(d, 'seconds'))} of waiting`,
      why: `${s(n(d, 'perMinute'), 'lap')} a minute, all together. ${holding(d)} Students wait ${percent(n(d, 'share'))} of the time, with nothing to do.`,
    }),
    'course-queue-works': (d) => ({
      what: n(d, 'queue') > 1 ? `A line of ${n(d, 'queue')} before ${t(d, 'title')}` : `Up to ${duration(n(d, 'seconds'))} of waiting`,
      why: `${s(n(d, 'perMinute'), 'lap')} a minute, all together. ${holding(d)} In line: ${t(d, 'task')}.`,
    }),
  },
  fixes: {
    'course-starts': (d) => `Start from ${s(n(d, 'count'), 'place')}`,
    'course-double': (d) => `Set up ${t(d, 'title')} twice`,
    'course-single': () => 'Set up nothing twice',
    'course-without': (d) => `Remove ${t(d, 'title')}`,
    'course-few': (d) => `Use ${s(n(d, 'count'), 'element')}`,
    'course-near': (d) => `Leave ${t(d, 'gapWords')} before each element`,
    'course-narrow': (d) => `Make the path ${t(d, 'spacingWords')} wide, ${t(d, 'gapWords')} before each element`,
    'course-headway': (d) => `Let one start every ${duration(n(d, 'seconds'))}`,
    'course-task': (d) => `Give the line a task: ${t(d, 'task')}`,
    ...roundIdeaWords('course'),
  },
} satisfies FormatWords;
