import { coverNeeds } from '../../gear/cover.ts';
import type { Noticed } from '../../model/findingCodes.ts';
import type { BlockInput, StandingBlock } from '../fitted.ts';

/** What the cupboard does not hold, with the ways out that the block's format sees: a stand-in, sharing, a place less. */
export function gearChecks(input: BlockInput, _: unknown, block: StandingBlock): Noticed[] {
  const { game } = block;
  if (!game) return [];
  return coverNeeds(block.id, game.needs, input.cupboard, input.day?.claims)
    .filter((line) => line.short > 0)
    .map((line) => ({
      code: 'gear-short',
      weight: 'stop' as const,
      at: { block: line.blockId, gear: line.gearKind, ...(line.at[0] ? { piece: line.at[0].pieceId } : {}) },
      data: {
        ...{ gearKind: line.gearKind, need: line.need, have: line.have, short: line.short, promised: line.promised },
        places: line.at.map((a) => a.title),
      },
      ideas: game.ideas.gear[line.gearKind] ?? [],
    }));
}
