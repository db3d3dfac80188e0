import type { FindingDraft, FixIdea } from '../model/finding.ts';
import type { BlockDraft } from './format.ts';
import { type Data, n, t } from './say.ts';
import { counted } from './speak.ts';

type DoesNotFit<P extends string, Code extends string> = FindingDraft<`${P}-does-not-fit`, FixIdea<Code>>;

/** A stop if places find no floor. `unit`: what one of them takes, metres. The code begins with the format's prefix; `doesNotFitWords` says it. */
export function doesNotFit<P extends string, Code extends string>(
  { blockId }: { blockId: string },
  prefix: P,
  { pieces, unplaced }: Pick<BlockDraft<unknown>, 'pieces' | 'unplaced'>,
  { width, depth }: { width: number; depth: number },
  ideas: readonly FixIdea<Code>[],
): DoesNotFit<P, Code>[] {
  if (!unplaced.length) return [];
  return [
    {
      code: `${prefix}-does-not-fit`,
      weight: 'stop',
      at: { block: blockId, piece: unplaced[0].id },
      data: { wanted: pieces.length + unplaced.length, placed: pieces.length, width, depth },
      ideas: [...ideas],
    },
  ];
}

/** What it says of places of that name; `more`: what belongs to each. */
export const doesNotFitWords = <P extends string>(prefix: P, name: string, more = '') =>
  ({
    [`${prefix}-does-not-fit`]: (d: Data) => ({
      what: `${n(d, 'placed')} of ${counted(n(d, 'wanted'), name)} ${n(d, 'placed') === 1 ? 'fits' : 'fit'} on the floor`,
      why: `Each takes ${t(d, 'sizeWords')}${more}, clear of walls, doors and posts.`,
    }),
  }) as Record<`${P}-does-not-fit`, (d: Data) => { what: string; why: string }>;
