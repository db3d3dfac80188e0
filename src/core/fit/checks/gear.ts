import type { Noticed } from '../../model/finding.ts';
import type { BareFit } from '../fitted.ts';

/** What the cupboard does not hold, with the ways out that the block's format sees: a stand-in, sharing, a place less. */
export function gearChecks(bare: Omit<BareFit, 'noticed'>): Noticed[] {
  return bare.gear
    .filter((line) => line.short > 0)
    .map((line) => ({
      code: 'gear-short',
      weight: 'stop' as const,
      at: { block: line.blockId, gear: line.gearKind, ...(line.at[0] ? { piece: line.at[0].pieceId } : {}) },
      data: { gearKind: line.gearKind, need: line.need, have: line.have, short: line.short, places: line.at.map((a) => a.title) },
      ideas: bare.blocks.find((b) => b.id === line.blockId)?.game?.ways.gear[line.gearKind] ?? [],
    }));
}
