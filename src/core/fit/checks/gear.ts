import { coverNeeds, type GearLine, stockOf } from '../../gear/cover.ts';
import { kindOfLaid, laidNeeds, ON_THE_FLOOR } from '../../gear/laidNeeds.ts';
import type { GearNeed } from '../../gear/need.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import type { BlockId } from '../../model/ids.ts';
import { type LaidKind, type LaidPiece, newLaid } from '../../model/laidPiece.ts';
import type { BlockInput, StandingBlock } from '../fitted.ts';

/** What else can mark the same spot on the floor. */
const MARKS_AS_WELL: Partial<Record<LaidKind, readonly LaidKind[]>> = {
  cone: ['spot', 'hoop'],
  spot: ['cone', 'hoop'],
  hoop: ['spot', 'cone'],
};

/** Everything of gear that a block needs: its game's, then what the teacher laid out. */
export const needsOf = ({ game, laid }: Pick<StandingBlock, 'laid'> & { game?: { needs: GearNeed[] } }, input: BlockInput): GearNeed[] => [
  ...(game?.needs ?? []),
  ...laidNeeds(laid, input.cupboard),
];

/** The pieces that are one too many, the latest first, and what lies there in their stead. */
function laidIdeas(input: BlockInput, block: StandingBlock, line: GearLine, lines: readonly GearLine[]): Idea[] {
  const mine = block.laid.filter((p) => !p.locked && kindOfLaid(p.laid, input.cupboard)?.gearKind === line.gearKind);
  const [first] = mine;
  if (!first) return [];
  const each = kindOfLaid(first.laid, input.cupboard)!.each;
  const over = mine.slice(-Math.ceil(line.short / each));
  if (over.length * each < line.short) return [];
  const blockId = block.id as BlockId;
  const same = over.filter((p) => p.laid === first.laid);
  const others = (same.length === over.length ? (MARKS_AS_WELL[first.laid] ?? []) : []).flatMap((laid): Idea[] => {
    const made = kindOfLaid(laid, input.cupboard)!;
    const needed = lines.find((l) => l.gearKind === made.gearKind);
    const free = needed ? needed.have - needed.need : stockOf(input.cupboard, made.gearKind);
    if (free < over.length * made.each) return [];
    const put = over.map((p): LaidPiece => ({ ...newLaid(laid, p.id, p, p.turnedDeg), title: p.title }));
    return [
      {
        code: 'lay-others',
        data: { count: over.length, to: made.gearKind, from: line.gearKind },
        edits: [{ kind: 'lay', blockId, put, take: [] }],
      },
    ];
  });
  const take = over.map((p) => p.id);
  return [
    ...others.slice(0, 1),
    { code: 'lay-fewer', data: { count: over.length, laid: first.laid }, edits: [{ kind: 'lay', blockId, put: [], take }] },
  ];
}

/** What the cupboard does not hold, with the ways out: what the block's format sees (a stand-in, sharing, a place less), what was laid out laid otherwise. */
export function gearChecks(input: BlockInput, _: unknown, block: StandingBlock): Noticed[] {
  const lines = coverNeeds(block.id, needsOf(block, input), input.cupboard, input.day?.claims);
  return lines
    .filter((line) => line.short > 0)
    .map((line) => {
      const piece = line.at.find((a) => a.pieceId !== ON_THE_FLOOR)?.pieceId;
      return {
        code: 'gear-short' as const,
        weight: 'stop' as const,
        at: { block: line.blockId, gear: line.gearKind, ...(piece === undefined ? {} : { piece }) },
        data: {
          ...{ gearKind: line.gearKind, need: line.need, have: line.have, short: line.short, promised: line.promised },
          places: line.at.map((a) => a.title),
        },
        ideas: [...laidIdeas(input, block, line, lines), ...(block.game?.ideas.gear[line.gearKind] ?? [])],
      };
    });
}
