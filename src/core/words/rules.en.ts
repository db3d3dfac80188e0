import { capital, uncapital } from '../formats/speak.ts';
import type { Rule, RuleKind, Said, Signal } from '../model/rule.ts';
import { formatWords } from './formats.en.ts';
import { LADDER_WORDS } from './ladder.en.ts';

/** What a rule of a kind is called on a card. */
export const KIND_LABELS: Record<RuleKind, string> = {
  aim: 'Aim',
  start: 'Start',
  'in-play': 'Play',
  hands: 'Hands',
  boundary: 'Out of bounds',
  scoring: 'Score',
  fault: 'Not allowed',
  role: 'Role',
  restart: 'Restart',
  tie: 'A tie',
  end: 'End',
  safety: 'Safety',
  signal: 'Signal',
  'calm-down': 'When it gets wild',
};
const SIGNAL_LABELS: Record<Signal, string> = { stop: 'Stop signal', switch: 'Switch', hold: 'Hold', reset: 'Reset' };

/** Sentences that every format shares, by code: label (or nothing for the kind's own) and text. */
const SHARED: Record<string, string> = {
  'usual-aim': 'Do the task as well as you can',
  'usual-start': 'Everyone in place and still. Start on the whistle',
  'usual-boundary': 'Walk to get it, then start again where it went out',
  'usual-scoring': 'Count your own and beat it next time',
  'usual-restart': 'On the whistle, from where you started',
  'usual-tie': 'Play the point again',
  'usual-end': 'When the round is over, on the whistle',
  'usual-calm-down': 'Everyone walks until I say go',
  'usual-fault': 'Breaking a safety rule',
  'usual-back': 'At the next restart',
  'end-clock': 'When the round is over, on the whistle',
  'signal-stop': 'One long whistle and a raised arm: freeze, gear on the floor',
  'signal-switch': 'Whistle, and the screen turns blue: stop, put it down, walk to the next number',
  'signal-hold': 'Whistle, and one arm up: hold what you have and look at me',
  'signal-reset': 'Whistle, and both arms crossed: put everything back where it was',
};

/** What a rule says: its text alone. RangeError for a code without words. */
export function saidWords({ code, data }: Said, format: string): [label: string, text: string] {
  if (code === 'own') return ['', String(data.text)];
  if (code === 'own-signal') return ['', [data.heard, data.seen].filter(Boolean).join(', and ')];
  if (SHARED[code]) return ['', SHARED[code]];
  const words = formatWords(format).card[code];
  if (!words) throw new RangeError(`rule without words: ${format} ${code}`);
  return words(data);
}

/** "a word, then out until …, then out for the rest of the game": what follows an offense each time. */
const ladderWords = (ladder: readonly (keyof typeof LADDER_WORDS)[], restart: string): string =>
  [...new Set(ladder)].map((step) => (step === 'restart' ? `out until ${restart}` : LADDER_WORDS[step])).join(', then ');

const stopped = (text: string) => (text === '' || /[.!?…]$/.test(text) ? text : `${text}.`);

/** A rule as it is read aloud: a label, and one or more sentences. */
export function ruleWords(rule: Rule, format: string): { label: string; text: string } {
  const [own, text] = saidWords(rule.say, format);
  const kind = rule.kind === 'signal' ? SIGNAL_LABELS[rule.signal] : KIND_LABELS[rule.kind];
  const label = own && rule.from === 'format' && rule.kind !== 'aim' ? own : kind;
  if (rule.kind !== 'fault') return { label, text: stopped(capital(text)) };
  const then = rule.next ? saidWords(rule.next, format)[1] : '';
  const back = rule.back ? `Back in: ${uncapital(saidWords(rule.back, format)[1])}` : '';
  const ladder = rule.ladder && !then ? capital(ladderWords(rule.ladder, formatWords(format).restart)) : '';
  return { label, text: [capital(text), then, back, ladder].map(stopped).filter(Boolean).join(' ') };
}

/** A line of the card posted at a place. */
export function cardLineWords({ code, data }: Said, format: string): { label: string; text: string } {
  if (code === 'game-rule') return ruleWords(data.rule as Rule, String(data.format));
  const [label, text] = formatWords(format).card[code](data);
  return { label, text };
}

/** Words a minute when somebody reads to a group: the usual pace of clear speech. */
const WORDS_A_MINUTE = 150;

/** Seconds it takes to read rules aloud. */
export function readAloudSeconds(rules: readonly Rule[], format: string): number {
  const words = rules.map((rule) => Object.values(ruleWords(rule, format)).join(' ').split(/\s+/).length);
  return Math.round((words.reduce((sum, n) => sum + n, 0) / WORDS_A_MINUTE) * 60);
}

/** What a rule that is missing is called: "a tie", "who is caught". */
const MISSING: Record<string, string> = {
  aim: 'what to aim for',
  start: 'how to start',
  boundary: 'what is out of bounds',
  scoring: 'the score',
  restart: 'how play restarts',
  tie: 'a tie',
  end: 'when it ends',
  signal: 'the signals',
  'calm-down': 'when it gets wild',
};
const WHY: Record<string, string> = {
  aim: 'Students don’t know what they are trying to do.',
  start: 'Some start early, and it begins with an argument.',
  boundary: 'Play stops while students argue.',
  scoring: 'Nobody knows what counts.',
  restart: 'Nobody knows how to go on.',
  tie: 'Play stops while students argue.',
  end: 'Nobody knows when it is over.',
  signal: 'Everyone must both hear and see when to stop and switch.',
  'calm-down': 'When it gets wild, you want one sentence that everyone knows.',
};

type Data = Record<string, unknown>;
type Sentence = { what: string; why: string };
const about = (d: Data) => String(d.about);
const text = (d: Data) => saidWords(d.say as Said, String(d.game))[1];

export const RULE_FINDINGS = {
  'rule-missing': (d) => ({ what: `No rule for ${MISSING[about(d)]}`, why: WHY[about(d)] }),
  'fault-missing': () => ({
    what: 'No rule for an offense that you can tap',
    why: 'The card has to say what isn’t allowed before anyone sits out for it.',
  }),
  'no-way-back': (d) => ({ what: `No way back in after “${text(d)}”`, why: 'Students would sit out until the end.' }),
  'signal-one-sense': (d) => ({
    what: `The ${SIGNAL_LABELS[d.signal as Signal].toLowerCase()} can only be ${d.heard ? 'heard' : 'seen'}`,
    why: d.heard ? 'A student who doesn’t hear it plays on.' : 'A student who looks away plays on.',
  }),
  'rule-not-on-floor': (d) => ({
    what: `“${text(d)}” needs something that isn’t on the floor`,
    why: 'The rule can’t be followed as it is.',
  }),
  'rule-no-gear': (d) => ({ what: `No ${d.gearKind} in the closet`, why: `“${text(d)}” needs it.` }),
  'end-unscored': () => ({ what: 'It ends by score, and nothing is scored', why: 'It would never end by itself.' }),
} satisfies Record<string, (d: Data) => Sentence>;

/** What a rule in usual words is called as a fix. */
export const usualRuleWords = (d: Data): string => {
  const kind = about(d);
  if (d.hole === 'no-way-back') return `Use “${SHARED['usual-back']}”`;
  if (d.hole === 'fault-missing') return `Use “${SHARED['usual-fault']}”`;
  if (d.hole === 'signal-one-sense' || kind === 'signal') return 'Use the usual signal, heard and seen';
  return `Use “${SHARED[`usual-${kind}`]}”`;
};
