import { describe, expect, it } from 'vitest';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import type { Demands } from '../model/demand.ts';
import type { Gear } from '../model/gear.ts';
import { SUPPORT_KINDS, type SupportKind } from '../model/support.ts';
import { seededRng } from '../rng.ts';
import { abilityOf } from './abilityOf.ts';
import { plainBlock } from './block.fixture.ts';
import type { Candidate } from './candidate.ts';
import { exceededIn, minimalSets, optionOf, type SetRequest, works } from './minimalSets.ts';
import { openTo } from './openTo.ts';
import { thingOf } from './things.ts';

const BLOCK = plainBlock(['send', 'strike', 'aim', 'travel']);
const THINGS = ['bell ball', 'film balloon', 'foam paddle', 'bright ball', 'ramp', 'tee'].map((kind) =>
  thingOf({ id: kind.replaceAll(' ', '-'), name: kind, gearKind: kind, count: 1 } as unknown as Gear, GEAR_CATALOGUE),
);
const DEMANDS = [
  'stand',
  'travel',
  'grip',
  'swing',
  'track-fast',
  'see-contrast',
  'two-hands',
  'remember-steps',
  'reach',
  'bear-noise',
] as const;

/** A student with one or two supports in a game that asks for a few things, drawn by chance. */
function drawn(seed: number): SetRequest {
  const random = seededRng(seed);
  const kinds = Array.from({ length: 1 + random.below(2) }, () => SUPPORT_KINDS[random.below(SUPPORT_KINDS.length)]);
  const student = { id: 'a', supports: [...new Set<SupportKind>(kinds)].map((kind) => ({ kind })) };
  const levels: Demands = Object.fromEntries(DEMANDS.filter(() => random.below(2) === 0).map((d) => [d, 1 + random.below(3)]));
  const abilities = abilityOf(student);
  const adults = [{ id: 'adult' }];
  return openTo({ student, abilities, levels, block: BLOCK, things: THINGS, adults, others: [], refused: new Set() }).request;
}

/** The best of all sets of up to three changes, each tried. */
function leastOf(request: SetRequest): number {
  const usable = request.candidates.filter((c) => exceededIn(c.adds, request.student).length === 0);
  let best = Number.POSITIVE_INFINITY;
  const add = (from: number, chosen: Candidate[]) => {
    if (works(request, chosen)) best = Math.min(best, optionOf(request, chosen, []).weight);
    if (chosen.length < 3) for (let i = from; i < usable.length; i++) add(i + 1, [...chosen, usable[i]]);
  };
  add(0, []);
  return best;
}

describe('the least sets of changes', () => {
  it.each(Array.from({ length: 60 }, (_, i) => i + 1))(
    'cost no more than the best of all small sets, and no part of one works, seed %i',
    (seed) => {
      const request = drawn(seed);
      const options = minimalSets(request, 8);
      expect(options.length).toBeGreaterThan(0);
      const naive = leastOf(request);
      if (naive < Number.POSITIVE_INFINITY) expect(options[0].weight).toBeLessThanOrEqual(naive + 1e-9);
      else expect(options[0].unmet.length > 0 || options[0].chosen.length > 3).toBe(true);
      for (const { chosen, unmet } of options) {
        expect(works(request, chosen, unmet)).toBe(true);
        for (const one of chosen)
          expect(
            works(
              request,
              chosen.filter((c) => c !== one),
              unmet,
            ),
          ).toBe(false);
      }
      expect(options.map((o) => o.weight)).toEqual(options.map((o) => o.weight).sort((a, b) => a - b));
    },
  );
});
