import { z } from 'zod';
import type { LaidKind } from './laidPiece.ts';
import { LadderStep } from './school.ts';
import { line, optionalLine } from './text.ts';

/** Kinds of rules in the order in which a card is read aloud. */
export const RULE_KINDS = [
  'aim',
  'start',
  'in-play',
  'hands',
  'boundary',
  'scoring',
  'fault',
  'role',
  'restart',
  'tie',
  'end',
  'safety',
  'signal',
  'calm-down',
] as const;
export type RuleKind = (typeof RULE_KINDS)[number];

/** Kinds that no game can do without. */
export const REQUIRED_RULES = ['aim', 'start', 'boundary', 'scoring', 'restart', 'tie', 'end', 'signal', 'calm-down'] as const;

/** Kinds of which a card has one rule: a game's own words replace the format's. */
const SINGLE = ['aim', 'start', 'boundary', 'scoring', 'restart', 'tie', 'end', 'calm-down'] as const;
/** Kinds of which a card may have several: a game adds to the format's. */
const SEVERAL = ['in-play', 'hands', 'safety'] as const;

export const SIGNALS = ['stop', 'switch', 'hold', 'reset'] as const;
export type Signal = (typeof SIGNALS)[number];

/** The code of a fault: what an offense or a tap on a board refers to. */
export const FAULT_CODE = /^[a-z0-9-]{1,40}$/;
const fault = z.string().regex(FAULT_CODE, { message: 'characters' });
/** An empty text takes Side Court's usual words for a rule of this kind. */
const words = optionalLine(240);

/** A rule in the words of a game or of a teacher. It replaces the format's rule with the same key (`ruleKey`), or is added. */
export const OwnRule = z.discriminatedUnion('kind', [
  z.object({ kind: z.enum(SINGLE), text: words }),
  z.object({ kind: z.enum(SEVERAL), text: line(240) }),
  z.object({ kind: z.literal('role'), role: fault, text: line(240) }),
  /** `does`: who does what; `next`: what follows at once; `back`: how one gets back in. What is empty stays as the format or the game says it. */
  z.object({
    kind: z.literal('fault'),
    fault,
    does: optionalLine(120),
    next: optionalLine(120).optional(),
    back: optionalLine(120).optional(),
  }),
  /** Both empty: the usual one. */
  z.object({ kind: z.literal('signal'), signal: z.enum(SIGNALS), heard: optionalLine(80), seen: optionalLine(80) }),
]);
export type OwnRule = z.infer<typeof OwnRule>;

/** A fault that is tapped on Whistle. `ladder`: what follows a first, second, third time; the school's if left out. */
export const Offence = z.object({ what: fault, ladder: z.array(LadderStep).min(1).max(5).optional() });
export type Offence = z.infer<typeof Offence>;

/** A sentence by code; 'own' has its text in the data. */
export interface Said {
  code: string;
  data: Record<string, unknown>;
}

interface Common {
  say: Said;
  /** Keys of the settings that decide it. */
  by: string[];
  from: 'format' | 'game' | 'teacher';
  /** What it counts on: a kind of thing on the floor, a kind of gear. */
  thing?: LaidKind;
  gearKind?: string;
}

/** A rule as it holds in a block. */
export type Rule = Common &
  (
    | { kind: Exclude<RuleKind, 'scoring' | 'fault' | 'role' | 'end' | 'signal'> }
    /** What is counted: points that decide, one's own, everyone's together, nothing. */
    | { kind: 'scoring'; counts: 'points' | 'own' | 'joint' | 'none' }
    | { kind: 'end'; at: 'clock' | 'score' | 'rounds' }
    | { kind: 'role'; role: string }
    /** `ladder`: what follows a first, second, third time if it is tapped as an offense. */
    | { kind: 'fault'; fault: string; next?: Said; back?: Said; ladder?: LadderStep[] }
    | { kind: 'signal'; signal: Signal; heard: boolean; seen: boolean }
  );

/** What tells a rule from the others of a card; rules that may stand beside one another have their place in it. */
export function ruleKey(rule: OwnRule | Rule, index = 0): string {
  if (rule.kind === 'fault') return `fault:${rule.fault}`;
  if (rule.kind === 'role') return `role:${rule.role}`;
  if (rule.kind === 'signal') return `signal:${rule.signal}`;
  return (SEVERAL as readonly string[]).includes(rule.kind) ? `${rule.kind}:${index}` : rule.kind;
}
