import { type Offence, type OwnRule, RULE_KINDS, type Rule, type RuleKind, ruleKey, type Said, type Signal } from '../model/rule.ts';
import type { LadderStep } from '../model/school.ts';

/** A sentence by its code. */
export const said = (code: string, data: Record<string, unknown> = {}): Said => ({ code, data });
const own = (text: string): Said => said('own', { text });

type Plain = Exclude<RuleKind, 'scoring' | 'fault' | 'role' | 'end' | 'signal'>;
type Counts = Extract<Rule, { kind: 'scoring' }>['counts'];
type EndsAt = Extract<Rule, { kind: 'end' }>['at'];

/** A rule that a format derives; `by` names the settings that decide it. */
export const rule = (kind: Plain, say: Said, by: string[] = []): Rule => ({ kind, say, by, from: 'format' });
export const scoringRule = (counts: Counts, say: Said, by: string[] = []): Rule => ({ kind: 'scoring', counts, say, by, from: 'format' });
export const endRule = (at: EndsAt, say: Said, by: string[] = []): Rule => ({ kind: 'end', at, say, by, from: 'format' });
export const roleRule = (role: string, say: Said, by: string[] = []): Rule => ({ kind: 'role', role, say, by, from: 'format' });
export const faultRule = (fault: string, says: { does: Said; next?: Said; back?: Said }, by: string[] = []): Rule => ({
  ...{ kind: 'fault', fault, say: says.does, by, from: 'format' },
  ...(says.next && { next: says.next }),
  ...(says.back && { back: says.back }),
});

/** The signals of a block: Whistle gives each with a sound and with the color of its whole screen, so all are heard and seen. */
export function signalRules(stop: string, has: { moves?: boolean; reset?: boolean }): Rule[] {
  const signal = (name: Signal, say: Said, by: string[] = []): Rule => ({
    ...{ kind: 'signal', signal: name, heard: true, seen: true, say, by, from: 'format' },
  });
  return [
    ...(stop ? [signal('stop', own(stop), ['stopSignal'])] : []),
    ...(has.moves ? [signal('switch', said('signal-switch'))] : []),
    signal('hold', said('signal-hold')),
    ...(has.reset ? [signal('reset', said('signal-reset'), ['resetSeconds'])] : []),
  ];
}

type Fault = Extract<Rule, { kind: 'fault' }>;

/** A fault said in other words; a teacher's that puts students out without a way back has the usual one. */
function saidFault(rule: Extract<OwnRule, { kind: 'fault' }>, known: Fault | undefined, from: Rule['from']): Omit<Fault, 'by' | 'from'> {
  const then = rule.next ? own(rule.next) : known?.next;
  const usual = then && from === 'teacher' ? said('usual-back') : undefined;
  const back = rule.back ? own(rule.back) : (known?.back ?? usual);
  const say = rule.does ? own(rule.does) : (known?.say ?? said('usual-fault'));
  return { kind: 'fault', fault: rule.fault, say, ...(then && { next: then }), ...(back && { back }) };
}

/** A rule said in other words; what the format knows of it stays. */
function reworded(known: Rule | undefined, rule: OwnRule, from: Rule['from']): Rule {
  const common = { by: [], ...known, from };
  if (rule.kind === 'fault') return { ...common, ...saidFault(rule, known?.kind === 'fault' ? known : undefined, from) };
  if (rule.kind === 'signal') {
    const { signal, heard, seen } = rule;
    if (!heard && !seen) return { ...common, kind: 'signal', signal, heard: true, seen: true, say: said(`signal-${signal}`) };
    return { ...common, kind: 'signal', signal, heard: heard !== '', seen: seen !== '', say: said('own-signal', { heard, seen }) };
  }
  if (rule.kind === 'role') return { ...common, kind: 'role', role: rule.role, say: own(rule.text) };
  const say = rule.text ? own(rule.text) : said(`usual-${rule.kind}`);
  if (rule.kind === 'end') return { ...common, kind: 'end', at: known?.kind === 'end' ? known.at : 'clock', say };
  if (rule.kind === 'scoring') return { ...common, kind: 'scoring', counts: known?.kind === 'scoring' ? known.counts : 'points', say };
  return { ...common, kind: rule.kind, say };
}

/** Rules with others on top: those with a key that is known are said in the new words, the rest is added. In reading order. */
export function rulesWith(rules: readonly Rule[], others: readonly OwnRule[], from: Rule['from']): Rule[] {
  const byKey = new Map(rules.map((each, i) => [ruleKey(each, i), each]));
  others.forEach((each, i) => {
    const key = ruleKey(each, byKey.size + i);
    byKey.set(key, reworded(byKey.get(key), each, from));
  });
  return [...byKey.values()].sort((a, b) => RULE_KINDS.indexOf(a.kind) - RULE_KINDS.indexOf(b.kind));
}

/** What a game and a teacher say beside a format's own rules; an offense without a ladder has the school's. */
export interface OwnRules {
  game: readonly OwnRule[];
  teacher: readonly OwnRule[];
  offences: readonly Offence[];
  ladder: readonly LadderStep[];
}
/** The whole card of rules of a block, as it is read aloud. `keys`: the settings that the game has. */
export function wholeCard(derived: readonly Rule[], { game, teacher, offences, ladder }: OwnRules, keys: readonly string[]): Rule[] {
  const known = derived.map((each) => ({ ...each, by: each.by.filter((key) => keys.includes(key)) }));
  const rules = rulesWith(rulesWith(known, game, 'game'), teacher, 'teacher');
  const tapped = new Map(offences.map((o) => [o.what, o.ladder ?? [...ladder]]));
  return rules.map((each) => (each.kind === 'fault' && tapped.has(each.fault) ? { ...each, ladder: tapped.get(each.fault) } : each));
}
