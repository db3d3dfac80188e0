import { describe, expect, it } from 'vitest';
import { DEMANDS } from '../model/demand.ts';
import { SUPPORT_KINDS } from '../model/support.ts';
import { abilityOf, SUPPORT_FACTS } from './abilityOf.ts';

const ability = (supports: Parameters<typeof abilityOf>[0]['supports'], more: object = {}) => abilityOf({ id: 'a', supports, ...more });

describe('what a student can meet', () => {
  it('is everything without supports, and less by degree', () => {
    expect(DEMANDS.map((d) => ability([]).of(d))).toEqual(DEMANDS.map(() => 3));
    expect([1, 2, 3].map((degree) => ability([{ kind: 'weak-grip', degree: degree as 1 | 2 | 3 }]).of('grip'))).toEqual([2, 1, 0]);
    expect(ability([{ kind: 'weak-grip' }]).of('grip')).toBe(1);
    expect([1, 2, 3].map((degree) => ability([{ kind: 'weak-grip', degree: degree as 1 | 2 | 3 }]).of('climb'))).toEqual([3, 2, 1]);
  });

  it('is the least that any support leaves, the teacher over that, a limit over both', () => {
    const both = [{ kind: 'walker' as const }, { kind: 'cane' as const }];
    expect(ability(both).of('travel')).toBe(1);
    expect(ability(both, { refined: { travel: 3 } }).of('travel')).toBe(3);
    const limited = ability([{ kind: 'no-roll' }], { refined: { roll: 3 }, limits: ['jump'] });
    expect([limited.of('roll'), limited.of('jump')]).toEqual([0, 0]);
    expect(limited.disagree).toEqual(['roll']);
  });

  it('knows what somebody moves with, how wide that is, and how long they last', () => {
    const { moves, widthM, workSeconds, restSeconds } = ability([
      { kind: 'power-chair', widthM: 0.7 },
      { kind: 'stamina', seconds: 45, restSeconds: 20 },
    ]);
    expect({ moves, widthM, workSeconds, restSeconds }).toEqual({ moves: 'power-chair', widthM: 0.7, workSeconds: 45, restSeconds: 20 });
    expect(ability([{ kind: 'stamina', seconds: 45 }]).restSeconds).toBeGreaterThan(0);
  });

  it('is changed by every kind of support but those that speak of what is near or brought along', () => {
    const silent = SUPPORT_KINDS.filter(
      (kind) => !Object.keys(SUPPORT_FACTS[kind].lowers ?? {}).length && !SUPPORT_FACTS[kind].limits?.length,
    );
    expect(silent).toEqual(['mouths-things', 'care-plan']);
  });
});
