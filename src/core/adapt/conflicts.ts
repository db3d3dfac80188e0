import type { Demand } from '../model/demand.ts';
import type { Finding } from '../model/finding.ts';
import type { AdaptStudent, SupportKind } from '../model/support.ts';
import type { Abilities } from './abilityOf.ts';
import type { BlockFacts } from './candidate.ts';
import type { Option } from './minimalSets.ts';
import { thingsFor } from './needs.ts';

/** What a student's best plan takes, and what the plan that was chosen takes. */
export interface Wanted {
  student: string;
  block: string;
  at: number;
  first: readonly string[];
  got: readonly string[];
  isFirst: boolean;
}

/** Things and people that several best plans want at the same time and one does without: who has them, who does not. */
export function wantedTwice(all: readonly Wanted[]): Finding[] {
  return all.flatMap((one): Finding[] => {
    if (one.isFirst) return [];
    return one.first
      .filter((resource) => !one.got.includes(resource))
      .flatMap((resource) => {
        const holders = all.filter((o) => o !== one && o.at === one.at && o.got.includes(resource)).map((o) => o.student);
        if (holders.length === 0) return [];
        const [what, id = ''] = resource.split(':');
        return [
          {
            code: 'wanted-twice',
            weight: 'caution' as const,
            at: { student: one.student, block: one.block },
            data: { what, id, has: [...new Set(holders)].sort() },
          },
        ];
      });
  });
}

/** Supports that say different things of the same sense or way to move: the stricter one holds. */
const CONTRARY: readonly (readonly [SupportKind, SupportKind])[] = [
  ['blind', 'low-vision'],
  ['deaf', 'hard-of-hearing'],
  ['wheelchair', 'walker'],
  ['wheelchair', 'crutches'],
  ['wheelchair', 'power-chair'],
  ['plays-seated', 'stands-with-support'],
];

/** Sources that disagree about a student, and open questions: the limit and the stricter source hold. */
export function disagreements({ id, supports, limits = [] }: AdaptStudent, abilities: Abilities): Finding[] {
  const at = { student: id };
  const has = (kind: SupportKind) => supports.some((s) => s.kind === kind);
  return [
    ...abilities.disagree.map((demand): Finding => ({ code: 'limit-holds', weight: 'note', at: { ...at, demand }, data: {} })),
    ...CONTRARY.filter(([a, b]) => has(a) && has(b)).map(
      ([a, b]): Finding => ({ code: 'supports-disagree', weight: 'note', at: { ...at, support: a, other: b }, data: {} }),
    ),
    ...(has('care-plan') && limits.length === 0 && abilities.limits.size === 0
      ? [{ code: 'care-plan-open', weight: 'caution' as const, at, data: {} }]
      : []),
  ];
}

/** Plans that lose what the game is for: what the closet would have to have so that it is kept. */
export function lostPurposes(
  all: readonly { student: string; block: BlockFacts; exceeded: readonly Demand[]; abilities: Abilities; option: Option }[],
): Finding[] {
  return all.flatMap(({ student, block, exceeded, abilities, option }): Finding[] => {
    if (option.keepsPurpose) return [];
    const lost = block.purpose.filter((action) => option.chosen.some((c) => !c.dial.keeps.includes(action)));
    const needs = [...new Set(exceeded.flatMap((demand) => thingsFor(demand, abilities, block)))];
    return [{ code: 'purpose-lost', weight: 'caution', at: { student, block: block.id }, data: { lost, needs } }];
  });
}
