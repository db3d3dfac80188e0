import type { LaidKind } from '../model/laidPiece.ts';
import { type OwnRule, REQUIRED_RULES, type Rule, type Signal } from '../model/rule.ts';

/** What the rules are held against. */
export interface RulesOn {
  /** Codes of the faults that offenses and taps on the board refer to. */
  named: readonly string[];
  /** Kinds of things on the floor. */
  things: readonly LaidKind[];
  /** Kinds of gear that the school has. */
  gearKinds: readonly string[];
}

/** What rules can leave open. */
export const HOLE_CODES = [
  'rule-missing',
  'no-stop-signal',
  'fault-missing',
  'no-way-back',
  'signal-one-sense',
  'rule-not-on-floor',
  'rule-no-gear',
  'end-unscored',
] as const;

/** Something that the rules leave open, or two of them that cannot both hold. */
export interface Hole {
  code: (typeof HOLE_CODES)[number];
  /** What it is about: a kind of rule, a fault, a signal. */
  about: string;
  data: Record<string, unknown>;
}

/**
 * What is missing or contradicts, in reading order. Taking away every rule of a required kind, or the one fault that an offense or
 * a board's action names, makes exactly one hole.
 */
export function holesIn(rules: readonly Rule[], { named, things, gearKinds }: RulesOn): Hole[] {
  const kinds = new Set(rules.map((r) => r.kind));
  const missing = REQUIRED_RULES.filter((kind) => !kinds.has(kind)).map((kind): Hole => ({ code: 'rule-missing', about: kind, data: {} }));
  const signals = rules.flatMap((r) => (r.kind === 'signal' ? [r] : []));
  const stop: Hole[] =
    signals.length && !signals.some((s) => s.signal === 'stop') ? [{ code: 'no-stop-signal', about: 'stop', data: {} }] : [];
  const faults = new Set(rules.flatMap((r) => (r.kind === 'fault' ? [r.fault] : [])));
  const unnamed = [...new Set(named)].filter((fault) => !faults.has(fault));
  const scored = rules.every((r) => r.kind !== 'scoring' || r.counts !== 'none');
  return [
    ...missing,
    ...stop,
    ...unnamed.map((fault): Hole => ({ code: 'fault-missing', about: fault, data: { fault } })),
    ...rules.flatMap((rule): Hole[] => {
      const holes: Hole[] = [];
      if (rule.kind === 'fault' && rule.next && !rule.back) holes.push({ code: 'no-way-back', about: rule.fault, data: { say: rule.say } });
      if (rule.kind === 'signal' && rule.heard !== rule.seen)
        holes.push({ code: 'signal-one-sense', about: rule.signal, data: { signal: rule.signal, heard: rule.heard } });
      if (rule.kind === 'end' && rule.at === 'score' && !scored) holes.push({ code: 'end-unscored', about: 'end', data: {} });
      if (rule.thing && !things.includes(rule.thing))
        holes.push({ code: 'rule-not-on-floor', about: rule.kind, data: { thing: rule.thing, say: rule.say } });
      if (rule.gearKind && !gearKinds.includes(rule.gearKind))
        holes.push({ code: 'rule-no-gear', about: rule.kind, data: { gearKind: rule.gearKind, say: rule.say } });
      return holes;
    }),
  ];
}

/** The rule in usual words that fills a hole; undefined if the words have to be the game's own. */
export function usualRule({ code, about }: Pick<Hole, 'code' | 'about'>): OwnRule | undefined {
  if (code === 'fault-missing' || code === 'no-way-back') return { kind: 'fault', fault: about, does: '', next: '', back: '' };
  if (code === 'signal-one-sense') return { kind: 'signal', signal: about as Signal, heard: '', seen: '' };
  if (code !== 'rule-missing') return undefined;
  if (about === 'signal') return { kind: 'signal', signal: 'hold', heard: '', seen: '' };
  return { kind: about, text: '' } as OwnRule;
}
