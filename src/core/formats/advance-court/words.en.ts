import type { FormatWords } from '../formatWords.ts';
import { n, percent, s, t } from '../say.ts';
import { SHARED_CARD, SPACING_WORDS } from '../sharedWords.en.ts';
import { duration, many } from '../speak.ts';

export const advanceCourtWords = {
  name: 'Move-up court',
  settings: {
    positions: { label: 'Places on a court' },
    object: { label: 'Played with' },
    bounces: { label: 'Bounces allowed' },
    contact: { label: 'Contact', options: { strike: 'hit it on', catch: 'catch and pass' } },
    chain: {
      label: 'Said at every contact',
      options: { none: 'nothing', names: 'a word of the theme, none twice', spell: 'the next letter' },
    },
    stopSignal: { label: 'Stop signal', solved: "the school's" },
    bouts: { label: 'Rounds' },
    workSeconds: { label: 'A round', solved: 'fills the period' },
    breakSeconds: { label: 'Break between rounds' },
    rehearseSeconds: { label: 'Rehearsal' },
    resetSeconds: { label: 'Reset and count gear' },
    rallySeconds: { label: 'A rally, about' },
    groups: { label: 'Courts', solved: 'short lines, within floor and gear' },
    lineTask: { label: 'Task in the line' },
    courtM: { label: 'Court, side' },
    lineGapM: { label: 'Line clear of the court' },
    gapM: { label: 'Gap between courts' },
    spacing: SPACING_WORDS,
  },
  segments: { rehearse: 'Rehearse a slow rally', work: 'Rallies', break: 'Break', reset: 'Reset and count gear' },
  unit: 'court',
  assumes: 'Assumes rallies of equal length and players who win alike, unless they are rated: then by their strengths.',
  events: { error: (d, play) => `Error at court ${play + 1}, place ${n(d, 'position')}` },
  board: { courts: 'Courts', top: 'Rallies at the top place', count: 'rallies', atTop: 'at top', waits: 'In line', nobody: 'Nobody waits' },
  actions: { error: 'error' },
  restart: 'the next error',
  summary: (v, rounds, work, _, places) =>
    `${s(places, 'court')} · ${s(rounds, 'round')} of ${duration(work)} · ${s(n(v, 'positions'), 'position')}`,
  card: {
    ...SHARED_CARD,
    object: (d) => ['With', `one ${t(d, 'gearKind')} a court`],
    start: (d) => ['Start', `${t(d, 'text')}; from place ${n(d, 'positions')} to place 1`],
    'contact-strike': () => ['Contact', 'Hit it on with the open hand'],
    'contact-catch': () => ['Contact', 'Catch it, then pass it on'],
    bounces: (d) => ['Bounces', n(d, 'count') === 0 ? 'None' : `At most ${n(d, 'count')} in your place`],
    'chain-names': () => ['Say', 'A word of the theme at every contact, none twice'],
    'chain-spell': () => ['Say', 'The next letter at every contact'],
    line: (d) => ['In line', t(d, 'text')],
    errors: (d) => ['A miss', (d.list as string[]).join('; ')],
    after: () => ['After a miss', 'Go to the end of the line. Everyone below moves up one, and the first in line comes in at 1'],
    'after-back': () => ['Back in', 'When the line brings you to 1'],
    top: (d) => ['Score', `Count the rallies you play at ${n(d, 'positions')}, the top`],
  },
  findings: {
    'court-waiting': (d) => ({
      what: `Waiting ${percent(n(d, 'share'))} at the courts`,
      why: `${n(d, 'largest')} at a court of ${n(d, 'positions')}: up to ${duration(n(d, 'seconds'))} in line. Defaults: at most 30%, 30 s.`,
    }),
    'court-line-works': (d) => ({
      what: `In line ${percent(n(d, 'share'))} of the time, with a task`,
      why: `${t(d, 'task')}. Up to ${duration(n(d, 'seconds'))} there.`,
    }),
    'court-too-few': (d) => ({
      what: `${s(n(d, 'lonely'), 'court')} without a rally`,
      why: `${n(d, 'playing')} students on ${s(n(d, 'courts'), 'court')}: a rally needs two.`,
    }),
    'courts-uneven': (d) => ({
      what: `Courts of ${n(d, 'least')} and of ${n(d, 'most')}`,
      why: 'Those on the fuller court stand in line more often.',
    }),
    'courts-on-paint': (d) => ({
      what: `${s(n(d, 'courts'), 'court')} on painted lines`,
      why: `${t(d, 'metresWords')} are painted there already and need no tape.`,
    }),
    'court-does-not-fit': (d) => ({
      what: `${n(d, 'placed')} of ${s(n(d, 'wanted'), 'court')} ${n(d, 'placed') === 1 ? 'fits' : 'fit'} on the floor`,
      why: `Each takes ${t(d, 'sizeWords')} with its line, clear of walls, doors and posts.`,
    }),
    'line-too-near': (d) => ({
      what: `The line stands ${t(d, 'gapWords')} from play`,
      why: `Anyone backing up for the ball hits the line: ${t(d, 'spacingWords')} clear. Side Court default. Local rules decide.`,
    }),
    'line-too-short': (d) => ({
      what: `${n(d, 'longest')} in a line with room for ${n(d, 'holds')}`,
      why: 'The rest would stand behind the next court.',
    }),
  },
  fixes: {
    courts: (d) => `Use ${s(n(d, 'count'), 'court')}`,
    'line-task': (d) => `Give the line a task (${percent(n(d, 'share'))} idle → 0%)`,
    'task-in-line': () => 'Give students in line a task',
    'places-each': (d) => `Use ${s(n(d, 'count'), 'position')} a court`,
    'close-courts': (d) => `Put courts ${t(d, 'gapWords')} apart`,
    'smaller-courts': (d) => `Make courts ${t(d, 'spacingWords')}`,
    'move-line': (d) => `Move the line ${t(d, 'gapWords')} from the court`,
    bouts: (d) => `Play ${s(n(d, 'count'), 'round')}`,
    'play-with': (d) => `Play with ${many(t(d, 'to'))}`,
  },
} satisfies FormatWords;
