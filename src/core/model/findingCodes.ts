import type { Finding, FindingDraft, FixIdea } from './finding.ts';

/** Codes of the findings that no format makes: words/ says each of them, and checks can make no others. */
export const FINDING_CODES = [
  'over-bell',
  'setting-unusable',
  'explaining-too-long',
  'time-left',
  'piece-outside',
  'pieces-too-close',
  'too-near',
  'floor-change-late',
  'floor-change-between',
  'noise-beside',
  'same-signal',
  'exit-through-other',
  'gear-short',
  'apart-together',
  'adult-in-two-places',
  'groups-evened',
  'wishes-conflict',
  'wishes-undecided',
  'no-stop-signal',
  'no-game',
  'game-missing',
  'nobody-plays',
  'laid-outside',
  'laid-at-door',
  'lanes-oppose',
  'lanes-cross',
  'lanes-overlap',
  'stands-in-lane',
  'run-out-short',
  'overhead-lofted',
  'aimed-at-glass',
  'swings-touch',
  'swing-at-wall',
  'line-behind-swing',
  'start-too-far',
  'start-too-near',
  'too-many-dash',
  'no-water-outside',
  'crowded',
  'unseen',
  'route-narrow',
  'exit-route-narrow',
  'walk-crosses-lane',
  'walk-through-place',
  'rule-missing',
  'fault-missing',
  'no-way-back',
  'signal-one-sense',
  'rule-not-on-floor',
  'rule-no-gear',
  'end-unscored',
  'over-time',
  'rotation-overflow',
  'mark-unreachable',
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];

/** Codes of the fixes that no format names. */
export const FIX_CODES = [
  'setting-nearest',
  'setting-default',
  'unpin-lengths',
  'short-plain',
  'shorten-explaining',
  'move-piece',
  'swap-pieces',
  'level-groups',
  'let-fit-decide',
  'unpin-length',
  'set-stop-signal',
  'use-usual-rule',
  'reuse-tape',
  'same-floor',
  'trade-times',
  'other-signal',
  'lay-both',
  'use-cones',
  'put-between',
  'lay-fewer',
  'lay-others',
  'skip-rehearsal',
  'peel-off',
  'trade-places',
  'turn-piece',
  'shorten-piece',
  'keep-low',
  'start-at',
  'another-object',
  'add-water',
  'calmer',
  'stand-there',
  'wider-gap',
  'take-up',
  'peel-all',
] as const;
export type FixCode = (typeof FIX_CODES)[number];

/** A finding that no format makes. */
export type SharedFinding = Finding & { code: FindingCode };

/** An idea of a format: it carries its name, so that no other format's words can say it. */
export type FormatIdea = FixIdea & { data: { format: string } };
/** What checks over all formats offer and notice. */
export type Idea = FixIdea<FixCode> | FormatIdea;
export type Noticed = FindingDraft<FindingCode, Idea>;

/** Codes that findings had in earlier versions, with what they are now. */
const RENAMED: Readonly<Record<string, string>> = { 'way-narrow': 'route-narrow', 'way-out-narrow': 'exit-route-narrow' };

/** The key of a finding (`findingKey`) with the code of today: what a teacher keeps as is stays so when a check gets another code. */
export function newestKey(key: string): string {
  const [code, ...at] = key.split('|');
  return [RENAMED[code] ?? code, ...at].join('|');
}
