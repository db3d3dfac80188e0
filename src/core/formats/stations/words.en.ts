import type { FormatWords } from '../formatWords.ts';
import { type Data, n, percent, s, t } from '../say.ts';
import { SHARED_CARD, SPACING_WORDS, standInWords } from '../sharedWords.en.ts';
import { counted, duration, many } from '../speak.ts';

const list = (d: Data, key: string) => (d[key] as string[]).join(', ');

/** "Go around twice". */
const aroundWords = (times: number): string => `Go around ${times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`}`;

export const stationsWords = {
  name: 'Stations',
  settings: {
    picks: { label: 'Stations in use' },
    laps: { label: 'Times through' },
    workSeconds: { label: 'Work at a station', solved: 'fills the period' },
    moveSeconds: { label: 'Move between stations', solved: 'longest walk and settling' },
    walkSeconds: { label: 'Walk-through' },
    rehearseSeconds: { label: 'Rehearsal' },
    resetSeconds: { label: 'Reset and count gear' },
    laterLap: {
      label: 'From the second lap on',
      options: { same: 'the same', work: 'other work time', travel: 'travel a new way', 'step-back': 'one step back' },
    },
    laterLapSeconds: { label: 'Work from the second time on' },
    direction: { label: 'Direction', options: { '1': 'numbers up', '-1': 'numbers down' } },
    groups: { label: 'Groups', solved: 'one a station' },
    overflow: { label: 'Groups that wait with a task' },
    waitingTask: { label: 'Waiting task' },
    oddTask: {
      label: 'The odd one',
      options: { none: 'nothing', trio: 'trio, double turn', caller: 'rotating caller', free: 'free role' },
    },
    noSharing: { label: 'No sharing, wash hands' },
    areaWidthM: { label: 'Station width' },
    areaDepthM: { label: 'Station depth' },
    gapM: { label: 'Gap between stations' },
    spacingM: { label: 'Space between students' },
    spacing: SPACING_WORDS,
    stopSignal: { label: 'Stop signal', solved: "the school's" },
    sharing: { label: 'Students to one implement' },
    substitutes: { label: 'Gear taken instead' },
  },
  segments: {
    'walk-through': 'Walk-through',
    rehearse: 'Rehearse the switch',
    work: 'Work',
    move: 'Move on',
    reset: 'Reset and count gear',
  },
  unit: 'station',
  assumes: 'Assumes that everyone with an implement works all through a round, and that moves take as long as is set.',
  board: { points: 'Points', 'by-station': 'Points by station' },
  actions: { plus: '+1', minus: '−1' },
  restart: 'the groups move on',
  events: {
    rotate: () => 'Groups move on',
    points: (d) => `${n(d, 'points') > 0 ? '+' : '−'}${Math.abs(n(d, 'points'))} for group ${n(d, 'group') + 1}`,
  },
  summary: (v, rounds, work, move) =>
    `${s(rounds, 'round')} of ${duration(work)} · move ${duration(move)}${Number(v.laps) > 1 ? ` · ${v.laps} times through` : ''}`,
  card: {
    ...SHARED_CARD,
    'gear-stays': (d) => ['Stays here', gearLine(d)],
    'gear-bring': (d) => ['Bring along', gearLine(d)],
    'gear-park': (d) => ['Park', gearLine(d)],
    'gear-wear': (d) => ['Put on, take off', gearLine(d)],
    share: (d) => ['Share', `${d.sharers} to one; change at every fifth try`],
    'own-gear': () => ['Own gear', 'Use only your own; wash hands before and after'],
    'score-none': () => ['Score', 'None: this one is for practice'],
    'score-own': () => ['Score', 'Count your own and beat it next time'],
    'score-versus': () => ['Score', 'One point to the partner who makes it'],
    'score-sides': () => ['Score', 'Half the group against the other half'],
    'odd-trio': () => ['Odd one', 'Make a trio; the third has a double turn'],
    'odd-caller': () => ['Odd one', 'Calls the start and counts; change every minute'],
    'odd-free': () => ['Odd one', 'Free role: may join either pair'],
    shone: (d) => ['You shone here?', t(d, 'text')],
    'lap-work': (d) => ['Second time through', `${duration(n(d, 'seconds'))} of work`],
    'lap-travel': () => ['Second time through', 'Travel to the next station a new way'],
    'lap-step-back': () => ['Second time through', 'Take one step back'],
    'reset-group': () => ['Leaving', 'Reset it the way you found it'],
    'reset-teacher': () => ['Leaving', 'Leave all; the teacher resets it'],
    'reset-nobody': () => ['Leaving', 'Nothing to reset'],
    game: (d) => ['A game of its own', t(d, 'text')],
    'game-end': () => ['End', 'At the switch, whatever the score'],
    'station-is-game': (d) => ['Play', `Station ${n(d, 'number')} is a game of its own: ${t(d, 'title')}. Its card says the rules`],
    stations: (d) => [
      'Aim',
      `Work at ${n(d, 'count') === 1 ? 'the station' : `each of ${n(d, 'count')} stations`}. The card there says what to do`,
    ],
    start: () => ['Start', 'Go to the station with your pennant’s number. Begin on the whistle'],
    'counts-points': () => ['Score', 'Points where you play each other; your own best at the other stations'],
    'counts-own': () => ['Score', 'Count your own and beat it next time'],
    'counts-none': () => ['Score', 'No score: everything is practice'],
    'end-rounds': (d) => [
      'End',
      n(d, 'laps') > 1 ? `When you have been everywhere ${n(d, 'laps')} times` : 'When you have been at every station',
    ],
  },
  findings: {
    'class-over-capacity': (d) => ({
      what: `${s(n(d, 'playing'), 'student')}, room for ${n(d, 'total')}`,
      why: `${s(n(d, 'stations'), 'station')} ${n(d, 'stations') === 1 ? 'holds' : 'hold'} ${n(d, 'capacity')}${n(d, 'stations') === 1 ? '' : ' each'} at ${t(d, 'spacingWords')} apart. The rest would stand in the way.`,
    }),
    'station-capacity': (d) => ({
      what: `Group ${n(d, 'group') + 1} has ${n(d, 'largest')}, a station holds ${n(d, 'capacity')}`,
      why: `At ${t(d, 'spacingWords')} between students the others have no place to work.`,
    }),
    'unit-does-not-fit': (d) => ({
      what: `${t(d, 'title')} does not fit on the floor`,
      why: `${n(d, 'placed')} of ${s(n(d, 'wanted'), 'station')} of ${t(d, 'sizeWords')} ${n(d, 'placed') === 1 ? 'fits' : 'fit'} clear of walls, doors and posts.`,
    }),
    'station-game-missing': () => ({
      what: 'The game of a station is gone',
      why: 'The station is left out until you choose another game or remove it.',
    }),
    'station-game-no-room': (d) => ({
      what: `No floor for ${t(d, 'title')} among the stations`,
      why: 'Even in a smaller version part of it would be where other groups work.',
    }),
    'station-game-small': (d) => ({
      what: `${t(d, 'title')} is played at ${percent(n(d, 'share'))} of its size`,
      why: 'There is no floor for all of it among the stations.',
    }),
    'stay-outside-band': (d) => ({
      what: `${duration(n(d, 'workSeconds'))} at a station is ${n(d, 'workSeconds') < n(d, 'least') ? 'short' : 'long'}`,
      why: `Default for these grades: ${duration(n(d, 'least'))} to ${duration(n(d, 'most'))}. ${n(d, 'workSeconds') < n(d, 'least') ? 'Little gets done between two moves.' : 'Students lose focus before the switch.'}`,
    }),
    'odd-one-idle': (d) => ({
      what: `The extra student has no task in ${s(n(d, 'groups'), 'group')}`,
      why: `${list(d, 'stations')}: worked in pairs, and the third would stand and watch.`,
    }),
    'groups-wait': (d) => ({
      what: `${s(n(d, 'waiting'), 'group')} wait${n(d, 'waiting') === 1 ? 's' : ''} in every round`,
      why: t(d, 'task')
        ? `With a task: ${t(d, 'task')}. Share of rounds waiting: ${percent(n(d, 'share'))}.`
        : `Waiting without a task ${percent(n(d, 'share'))} of the rounds.`,
    }),
  },
  fixes: {
    'add-station': (d) => `Add ${t(d, 'title')}`,
    'double-station': (d) => `Set up ${t(d, 'title')} twice`,
    'grow-stations': (d) => `Stations ${t(d, 'sizeWords')}`,
    'shrink-stations': (d) => `Stations ${t(d, 'sizeWords')}`,
    'wait-with-task': (d) => `Let ${s(n(d, 'groups'), 'group')} wait with a task`,
    'close-gap': (d) => `Leave ${t(d, 'gapWords')} between stations`,
    'drop-station': (d) => `Remove ${t(d, 'title')}`,
    'fewer-stations': (d) => `Use ${s(n(d, 'count'), 'station')}`,
    'set-stay': (d) => `Work ${duration(n(d, 'seconds'))}`,
    'drop-lap': (d) => aroundWords(n(d, 'laps')),
    'drop-lap-short-walk': (d) => `${aroundWords(n(d, 'laps'))}, walk through in 30 s`,
    'fewer-stations-short-walk': (d) => `Use ${s(n(d, 'count'), 'station')}, walk through in 30 s`,
    'shrink-and-close': (d) => `Stations ${t(d, 'sizeWords')}, ${t(d, 'gapWords')} apart`,
    'drop-unplaced': (d) => `Remove the ${n(d, 'count')} unplaced`,
    'add-lap': (d) => aroundWords(n(d, 'laps')),
    'short-walk': () => 'Walk through in 30 s, no rehearsal',
    'odd-trio': () => 'Make trios, third has a double turn',
    'odd-caller': () => 'Use a caller who changes',
    'odd-free': () => 'Give a free role',
    'double-stations': (d) => `Set up every station twice, ${n(d, 'count')} in all`,
    groups: (d) => `Make ${s(n(d, 'count'), 'group')}`,
    'half-class': (d) => `Swap half the class: ${n(d, 'stations') * 2} groups on ${s(n(d, 'stations'), 'station')}`,
    'share-all': (d) => `Share one between ${n(d, 'sharers')} everywhere`,
    'own-gear': () => 'Give everyone their own',
    direction: (d) => (n(d, 'direction') === 1 ? 'Go by numbers up' : 'Go by numbers down'),
    substitute: (d) => `Use ${many(t(d, 'to'))} instead${standInWords(d.changes)}`,
    share: (d) => `${n(d, 'sharers')} share one, with a switch`,
  },
} satisfies FormatWords;

function gearLine(d: Data): string {
  const per = d.per === 'station' ? '' : d.per === 'pair' ? ' for each pair' : ' each';
  return `${counted(Number(d.count), String(d.gearKind))}${per}${d.where ? `, ${d.where}` : ''}`;
}
