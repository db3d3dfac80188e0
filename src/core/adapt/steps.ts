import type { Demand } from '../model/demand.ts';
import type { Candidate } from './candidate.ts';
import { type Option, optionOf, type SetRequest, works } from './minimalSets.ts';
import { takesOf } from './openTo.ts';

/** One step easier, one step harder, and what is done when the adult is away: each only if there is such a plan. */
export function nearby(
  request: SetRequest,
  open: readonly Candidate[],
  option: Option,
  options: readonly Option[],
): { easier?: Option; harder?: Option; withoutAdult?: Option } {
  const { chosen, unmet } = option;
  if (chosen.length === 0) return {};
  const adult = chosen.some((c) => c.dial.adultId !== undefined);
  const withoutAdult = adult
    ? options.find((o) => o !== option && o.chosen.length > 0 && o.chosen.every((c) => c.dial.adultId === undefined))
    : undefined;
  const eased = Object.keys(request.levels) as Demand[];
  const more = open.find(
    (c) =>
      !chosen.includes(c) &&
      takesOf({ chosen: [c] }).length === 0 &&
      eased.some((d) => (c.eases[d] ?? 4) < (request.levels[d] ?? 0)) &&
      request.block.purpose.every((a) => c.dial.keeps.includes(a)) &&
      works(request, [...chosen, c], unmet),
  );
  const hardest = [...chosen].sort((a, b) => b.dial.cost - a.dial.cost)[0];
  return {
    ...(withoutAdult ? { withoutAdult } : {}),
    ...(more ? { easier: optionOf(request, [...chosen, more], unmet) } : {}),
    harder: optionOf(
      request,
      chosen.filter((c) => c !== hardest),
      unmet,
    ),
  };
}
