import type { Demand, Demands } from '../model/demand.ts';
import type { Abilities } from './abilityOf.ts';
import { type BlockFacts, type Candidate, candidateOf, isOffered } from './candidate.ts';
import { DIAL_KINDS, type DialKind, OBJECT_ACTIONS } from './dialKinds.ts';
import { meets } from './minimalSets.ts';

/** What a thing of the right kind would ease at best: named if the closet has none. */
const PIECES: Record<string, { dial: 'object' | 'implement' | 'target'; eases: Demands }> = {
  'latex-free-object': { dial: 'object', eases: { 'touch-latex': 0 } },
  'sounding-object': { dial: 'object', eases: { 'see-contrast': 0, 'track-slow': 0, 'track-fast': 0 } },
  'slower-object': { dial: 'object', eases: { 'track-fast': 0, 'track-slow': 1 } },
  'brighter-object': { dial: 'object', eases: { 'see-contrast': 1 } },
  'easy-grip-object': { dial: 'object', eases: { grip: 0 } },
  'lighter-object': { dial: 'object', eases: { lift: 0, swing: 1 } },
  'softer-object': { dial: 'object', eases: { 'bear-touch': 1, 'head-contact': 1 } },
  'object-on-a-stand': { dial: 'object', eases: { 'track-fast': 0, 'track-slow': 0 } },
  'lighter-implement': { dial: 'implement', eases: { grip: 1, swing: 1, 'two-hands': 0 } },
  'hand-with-a-face': { dial: 'implement', eases: { grip: 0, swing: 1 } },
  'sounding-target': { dial: 'target', eases: { 'see-contrast': 0, 'see-side': 0 } },
};

function suits(dial: 'object' | 'implement' | 'target', { purpose }: BlockFacts): boolean {
  if (dial === 'implement') return purpose.includes('strike');
  if (dial === 'target') return purpose.includes('aim');
  return OBJECT_ACTIONS.some((action) => purpose.includes(action));
}

/** Codes of things that would meet a demand in a block. */
export const thingsFor = (demand: Demand, student: Abilities, block: BlockFacts): string[] =>
  Object.entries(PIECES).flatMap(([to, { dial, eases }]) =>
    suits(dial, block) && meets(candidateOf(to, { dial, tier: 'object', eases }), demand, student) ? [to] : [],
  );

/** Codes of what would meet a demand that nothing there meets: things, people, floor. 'another-game' if no change of this one would. */
export function needsFor(demand: Demand, student: Abilities, block: BlockFacts, unbearable: readonly Candidate[]): string[] {
  const answers = (to: string, kind: DialKind) => meets(candidateOf(to, kind), demand, student);
  const others = Object.entries(DIAL_KINDS).flatMap(([to, kind]) =>
    (kind.adult || kind.classmate || kind.lane) && isOffered(kind, student, block) && answers(to, kind) ? [to] : [],
  );
  const barred = unbearable.filter((c) => meets(c, demand, student)).map((c) => c.dial.to);
  const needs = [...new Set([...thingsFor(demand, student, block), ...others, ...barred])];
  if (needs.length > 0) return needs;
  return demand === 'touch-latex' ? ['latex-free-gear'] : ['another-game'];
}
