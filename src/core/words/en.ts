import type { SwitchCall } from '../formats/format.ts';
import type { FormatWords } from '../formats/formatWords.ts';
import { capital, counted, duration, listed, many, ranges, type Speak } from '../formats/speak.ts';
import type { Finding, Fix } from '../model/finding.ts';
import type { FindingCode, FixCode } from '../model/findingCodes.ts';
import type { FormatId } from '../model/game.ts';
import { BESIDE_FINDINGS, BESIDE_FIXES } from './beside.en.ts';
import { laidWords } from './floor.en.ts';
import { asRoleWords, FORMAT_WORDS, formatWords } from './formats.en.ts';
import { RULE_FINDINGS, usualRuleWords } from './rules.en.ts';
import { SAFETY_FINDINGS, SAFETY_FIXES } from './safety.en.ts';
import { unusableWords, usableWords } from './settings.en.ts';

export { BAND_WORDS, INPUT_WORDS, inputWords, PHASE_WORDS, ROLE_WORDS, STATUS_WORDS, stepWords } from './facts.en.ts';
export { asRoleWords, FORMAT_WORDS, formatWords };

type Data = Record<string, unknown>;
type Sentence = { what: string; why: string };
type Says<S> = (d: Data, speak: Speak) => S;
const n = (d: Data, key: string) => Number(d[key]);
const t = (d: Data, key: string) => String(d[key] ?? '');

const FINDINGS: Record<FindingCode, (d: Data, speak: Speak) => Sentence> = {
  'over-bell': (d) => ({
    what: `${duration(n(d, 'over'))} over the bell`,
    why: `The shortest this lesson can be is ${duration(n(d, 'over'))} longer than the period.`,
  }),
  'setting-unusable': (d, speak) => unusableWords(FORMAT_WORDS[t(d, 'format') as FormatId], d, speak),
  'explaining-too-long': (d) => ({
    what: `Explaining takes ${duration(n(d, 'seconds'))}`,
    why: `Default for these grades: at most ${duration(n(d, 'most'))}. Listening fades and playing time goes.`,
  }),
  'time-left': (d) => ({ what: `${duration(n(d, 'spare'))} left before the bell`, why: 'Every block is as long as it may be.' }),
  'piece-outside': (d) => ({ what: `${t(d, 'title')} stands outside the room`, why: 'Nobody can work beyond the wall.' }),
  'pieces-too-close': (d, speak) => ({
    what:
      n(d, 'found') < 0
        ? `${t(d, 'title')} and ${t(d, 'other')} overlap`
        : `${t(d, 'title')} is ${speak.metres(n(d, 'found'))} from ${t(d, 'other')}`,
    why: `The gap between stations is set to ${speak.metres(n(d, 'wanted'))}, so that one group's play does not land in the other's.`,
  }),
  'too-near': (d, speak) => tooNearWords(d, speak),
  'floor-change-late': (d, speak) => ({
    what: `Changing the floor after ${t(d, 'to')} takes ${duration(n(d, 'seconds'))}`,
    why: `There are ${duration(n(d, 'gapSeconds'))} in between: ${floorChangeWords(d, speak)}. One adult alone; cones and paces are quicker than tape.`,
  }),
  'floor-change-between': (d, speak) => ({
    what: `Changing the floor after ${t(d, 'from')} takes ${duration(n(d, 'seconds'))} of this lesson`,
    why: `The class waits for ${floorChangeWords(d, speak)}; ${duration(n(d, 'mostSeconds'))} is the most that Settings allow.`,
  }),
  ...BESIDE_FINDINGS,
  'gear-short': (d) => ({
    what: `${counted(n(d, 'short'), t(d, 'gearKind'))} short`,
    why: `${n(d, 'need')} needed at once (${(d.places as string[]).join(', ')}), ${n(d, 'have')} ${promisedWords(d)}. Some students would have none.`,
  }),
  // Names stand in Who alone: this is read on a screen that may be projected.
  'apart-together': (d) => ({
    what: `Group ${n(d, 'group') + 1} has 2 students who should be apart`,
    why: 'Their pairing says so. Who shows which two.',
  }),
  'adult-in-two-places': (d) => ({
    what: `${t(d, 'helper')} is needed in ${counted((d.groups as number[]).length, 'group')} at once`,
    why: `Those ${t(d, 'helper')} supports are in groups ${(d.groups as number[]).map((g) => g + 1).join(', ')}. One adult is in one place.`,
  }),
  'groups-evened': (d) => {
    const moved = (d.moved as string[]).length;
    return {
      what: `${moved === 1 ? 'One student changes' : `${moved} students change`} group today`,
      why: 'The fewest that keep the groups even around who is absent. Who lists them.',
    };
  },
  'wishes-conflict': (d) => {
    const pairs = ['apart', 'together'].reduce((sum, key) => sum + ((d[key] ?? []) as unknown[]).length, 0);
    return {
      what: `${counted(pairs, 'pairing')} ${pairs === 1 ? 'conflicts' : 'conflict'}`,
      why: 'They can’t all hold at once; the groups hold the others. Who shows which ones.',
    };
  },
  'wishes-undecided': () => ({
    what: 'These pairings are too many to check',
    why: 'It could not be decided whether all can hold together. Remove a few of them, then make the groups again.',
  }),
  'no-stop-signal': () => ({
    what: 'No stop signal on the cards',
    why: 'Everyone must know the one signal that stops all, both heard and seen.',
  }),
  'no-game': () => ({ what: 'No game in this lesson yet', why: 'Add one on the strip; the floor and the groups follow from it.' }),
  'game-missing': () => ({ what: 'The game of this block is gone', why: 'Choose another, or remove the block.' }),
  'over-time': (d) => ({
    what: `The blocks are ${duration(n(d, 'over'))} longer than the period`,
    why: 'Even at their shortest they do not fit before the bell.',
  }),
  'rotation-overflow': (d) => ({
    what: `${n(d, 'overflow')} of ${counted(n(d, 'groups'), 'group')} ${n(d, 'overflow') === 1 ? 'has' : 'have'} no station`,
    why: `There ${n(d, 'stations') === 1 ? 'is 1' : `are ${n(d, 'stations')}`}. In every round the others wait.`,
  }),
  'mark-unreachable': (d, speak) => ({
    what: 'One corner can’t be measured from two walls',
    why: `It is ${speak.metres(n(d, 'x'))} from the left wall and ${speak.metres(n(d, 'y'))} from the door wall: something is in the way, or the tape is too short. Take it from the corners around it.`,
  }),
  ...RULE_FINDINGS,
  ...SAFETY_FINDINGS,
  'nobody-plays': () => ({ what: 'Nobody plays today', why: 'The class has no students here, or all have another role.' }),
};

const FIXES: Record<FixCode, (d: Data, speak: Speak) => string> = {
  'setting-nearest': (d, speak) => usableWords(FORMAT_WORDS[t(d, 'format') as FormatId], d, speak),
  'setting-default': (d, speak) => usableWords(FORMAT_WORDS[t(d, 'format') as FormatId], d, speak),
  'unpin-lengths': (d) => (n(d, 'count') === 1 ? 'Unpin the length' : `Unpin ${n(d, 'count')} lengths`),
  'short-plain': () => 'Shorten blocks without a game to 1 min',
  'shorten-explaining': (d) => `Explain in ${duration(n(d, 'seconds'))}`,
  'move-piece': (d, speak) => `Move it ${speak.metres(n(d, 'metres'))} ${bearing(n(d, 'dx'), n(d, 'dy'))}`,
  'swap-pieces': (d) => `Swap ${n(d, 'a')} and ${n(d, 'b')}`,
  'level-groups': () => 'Make the groups again',
  'let-fit-decide': () => 'Let the work time fill the period',
  'unpin-length': () => 'Unpin the length',
  'set-stop-signal': () => 'Use the usual signal',
  'use-usual-rule': (d) => usualRuleWords(d),
  'reuse-tape': (d, speak) => `Reuse the tape on the floor: saves ${speak.metres(Math.round(n(d, 'savedM')))}`,
  ...BESIDE_FIXES,
  'same-floor': (d) => `Play it on the floor of ${t(d, 'from')}`,
  'lay-both': (d) => `Put it beside ${t(d, 'to')} and lay both before the lesson`,
  'use-cones': (d) => `Use cones for tape in ${listed(d.titles as string[])}`,
  'put-between': (d) => `Move ${t(d, 'title')} in front of it: the floor is changed meanwhile`,
  'lay-fewer': (d) => `Remove ${counted(n(d, 'count'), laidWords(t(d, 'laid')))}`,
  'lay-others': (d) => `Use ${counted(n(d, 'count'), t(d, 'to'))} for ${counted(n(d, 'count'), t(d, 'from'))}`,
  'skip-rehearsal': (d) => `Skip the rehearsal: saves ${duration(n(d, 'seconds'))}`,
  'peel-off': () => 'Unpin it and place it automatically',
  ...SAFETY_FIXES,
  'trade-places': (d) => `Trade one of group ${n(d, 'from') + 1} with one of group ${n(d, 'to') + 1}`,
};

/** What a place is too near to, how far it is, and why that matters. */
function tooNearWords(d: Data, speak: Speak): Sentence {
  const title = t(d, 'title');
  const [found, wanted] = [speak.metres(n(d, 'found')), speak.metres(n(d, 'wanted'))];
  if (d.what === 'others') {
    const what = n(d, 'found') > 0 ? `${title} is ${found} from where ${t(d, 'name')} plays` : `${title} is where ${t(d, 'name')} plays`;
    return { what, why: `Both lessons have this room at the same time. It needs ${wanted} to the other group.` };
  }
  if (d.what === 'door') {
    const why = `It is ${found} from the floor kept clear and needs ${wanted}: people coming in walk into play. Exits stay free. Local rules decide.`;
    return { what: `${title} is too near the ${t(d, 'name')}`, why };
  }
  const needs = d.running === true ? `After a ${speak.metres(n(d, 'runM'))} run, students need ${wanted} to stop.` : `It needs ${wanted}.`;
  return {
    what: `${title} is too near the ${d.what === 'wall' ? 'wall' : laidWords(t(d, 'name'))}`,
    why: `It is ${found} away. ${needs} Side Court default. Local rules decide.`,
  };
}

/** "45 m of tape off, 120 m on, 12 things carried". */
function floorChangeWords(d: Data, speak: Speak): string {
  const whole = (key: string) => speak.metres(Math.round(n(d, key)));
  const parts = [
    ...(n(d, 'tapeOutM') > 0.5 ? [`${whole('tapeOutM')} of tape off`] : []),
    ...(n(d, 'tapeInM') > 0.5 ? [`${whole('tapeInM')} on`] : []),
    ...(n(d, 'carried') ? [`${n(d, 'carried')} ${n(d, 'carried') === 1 ? 'thing' : 'things'} carried`] : []),
  ];
  return parts.join(', ');
}

/** "in the gear closet", or who has the others at the same time. */
function promisedWords(d: Data): string {
  const promised = (d.promised ?? []) as { to: string; count: number }[];
  return promised.length ? `left while ${promised.map((p) => `${p.to} has ${p.count}`).join(' and ')}` : 'in the gear closet';
}

/** East, north-west …; north is away from the main door wall. */
function bearing(dx: number, dy: number): string {
  const ns = dy > 0.05 ? 'north' : dy < -0.05 ? 'south' : '';
  const ew = dx > 0.05 ? 'east' : dx < -0.05 ? 'west' : '';
  if (Math.abs(dx) > 3 * Math.abs(dy)) return ew;
  if (Math.abs(dy) > 3 * Math.abs(dx)) return ns;
  return ns && ew ? `${ns}-${ew}` : ns + ew;
}

/** Lengths said in the school's units before a format's words see them. */
function withLengths(data: Data, speak: Speak): Data {
  const size = data.width === undefined ? {} : { sizeWords: `${speak.metres(n(data, 'width'))} × ${speak.metres(n(data, 'depth'))}` };
  const spacing = data.spacingM === undefined ? {} : { spacingWords: speak.metres(n(data, 'spacingM')) };
  const gap = data.gapM === undefined ? {} : { gapWords: speak.metres(n(data, 'gapM')) };
  const metres = typeof data.metres === 'number' ? { metresWords: speak.metres(Math.round(data.metres)) } : {};
  return { ...data, ...size, ...spacing, ...gap, ...metres };
}

/** The words of the format that a finding or a fix is of. */
const ownWords = (d: Data): FormatWords | undefined => FORMAT_WORDS[t(d, 'format') as FormatId];

/** What is said if nothing smaller that was tried has floor either. */
const LIMIT = 'Nothing smaller that was tried fits here: take a larger room, fewer students, or another game.';
const withLimit = ({ what, why }: Sentence, d: Data): Sentence =>
  d.isPhysical === true ? { what, why: `${why} ${LIMIT}` } : { what, why };

/** What a finding says, or RangeError for a code without words. */
export function findingWords(finding: Pick<Finding, 'code' | 'data' | 'at'>, speak: Speak): Sentence {
  const words = ownWords(finding.data)?.findings[finding.code];
  const shared: Says<Sentence> | undefined = FINDINGS[finding.code as FindingCode];
  if (!words && shared) return withLimit(shared(finding.data, speak), finding.data);
  if (!words) throw new RangeError(`finding without words: ${finding.code}`);
  return withLimit(words(withLengths({ ...finding.at, ...finding.data }, speak), speak), finding.data);
}

/** What a fix is called. RangeError for a code without words. */
export function fixWords(fix: Pick<Fix, 'code' | 'data'>, speak: Speak): string {
  const words = ownWords(fix.data)?.fixes[fix.code];
  const shared: Says<string> | undefined = FIXES[fix.code as FixCode];
  if (!words && shared) return shared(fix.data, speak);
  if (!words) throw new RangeError(`fix without words: ${fix.code}`);
  return words(withLengths(fix.data, speak), speak);
}

/** What a fix changes: the two numbers of the lesson that change most, else the room it leaves, else that nothing else does. */
export function changeWords({ before, after, data }: Pick<Fix, 'before' | 'after' | 'data'>, speak: Speak): string {
  const parts: string[] = [];
  const percent = (v: number) => Math.round(v * 100);
  if (before.overSeconds !== after.overSeconds)
    parts.push(after.overSeconds ? `still ${duration(after.overSeconds)} over` : 'fits the bell');
  if (before.unplaced !== after.unplaced) parts.push(`${after.unplaced} unplaced`);
  if (before.gearShort !== after.gearShort) parts.push(`gear short ${before.gearShort} → ${after.gearShort}`);
  if (percent(before.timeOnTask) !== percent(after.timeOnTask))
    parts.push(`on task ${percent(before.timeOnTask)}% → ${percent(after.timeOnTask)}%`);
  if (Math.abs(before.turns - after.turns) >= 0.5) parts.push(`turns ${Math.round(before.turns)} → ${Math.round(after.turns)}`);
  if (!parts.length && typeof data.gap === 'number') return `${speak.metres(data.gap)} to the next one`;
  return parts.slice(0, 2).join(', ') || 'nothing else changes';
}

/** What to call out at a switch: first what changes hands, clothes or places, then what stays, then what is laid out again. */
export function callWords(calls: readonly SwitchCall[], numberOf: (pieceId: string) => number): string[] {
  const at = (list: readonly SwitchCall[]) => ranges([...new Set(list.map((c) => numberOf(c.pieceId)))].sort((a, b) => a - b));
  const tail = (c: SwitchCall) => (c.where ? `, ${c.where}` : '');
  const each = (verb: SwitchCall['verb'], say: (c: SwitchCall) => string) => calls.filter((c) => c.verb === verb).map(say);
  const resets = calls.filter((c) => c.verb === 'reset');
  const stays = calls.filter((c) => c.verb === 'stays' && c.where);
  return [
    ...each('take-off', (c) => `${capital(many(c.gearKind))} off at ${numberOf(c.pieceId)}${tail(c)}.`),
    ...each('carry', (c) => `Take your ${c.gearKind} from ${numberOf(c.pieceId)}${tail(c)}.`),
    ...each('park', (c) => `Park the ${c.gearKind} at ${numberOf(c.pieceId)}${tail(c)}.`),
    ...stays.map((c) => `${capital(many(c.gearKind))} stay ${c.where} at ${numberOf(c.pieceId)}.`),
    ...(resets.length ? [`Reset as found at ${at(resets)}.`] : []),
  ];
}
