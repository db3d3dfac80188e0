import { memoize } from '../../memoize.ts';
import { doesNotFit } from '../doesNotFit.ts';
import { fieldUnit } from '../fields.ts';
import type { BlockDraft } from '../format.ts';
import { eachWith } from '../ideas.ts';
import type { InningsNoticed } from './codes.ts';
import { type InningsContext, isBases } from './group.ts';
import { caps, fewer, more, smallerFields } from './ideas.ts';
import { LEAST_ON_BASES } from './play.ts';
import type { InningsPlaySetup, InningsValues } from './setup.ts';
import { turnLengths } from './simulate.ts';

type InningsDraft = BlockDraft<InningsValues>;

const lengths = memoize(turnLengths);
/** Turns that are simulated to see how long one lasts. */
const TURNS = 60;

/** Fields that find no floor. */
function unplaced(context: InningsContext, draft: InningsDraft): InningsNoticed[] {
  const small = smallerFields(context);
  const both = eachWith(small, fewer(context).slice(-1));
  return doesNotFit(context, 'innings', draft, fieldUnit(context), [...small, ...fewer(context), ...both]);
}

/** Groups that are too large for a small game, too small for bases, or one alone. */
function sizes(context: InningsContext, draft: InningsDraft): InningsNoticed[] {
  const counts = draft.groups.map((g) => g.length);
  const at = { block: context.blockId };
  const [least, most] = [Math.min(...counts), Math.max(...counts)];
  if (!context.players.length) return [];
  if (isBases(context)) {
    if (least >= LEAST_ON_BASES) return [];
    return [{ code: 'innings-short', weight: 'caution', at, data: { least, needed: LEAST_ON_BASES }, ideas: fewer(context) }];
  }
  if (most > 4) return [{ code: 'innings-crowded', weight: 'caution', at, data: { largest: most, most: 4 }, ideas: more(context) }];
  if (least < 2) return [{ code: 'innings-alone', weight: 'caution', at, data: { least }, ideas: fewer(context) }];
  return [];
}

/** How long a side may bat until everybody has come home, and what a cap does. */
function turns(context: InningsContext, draft: InningsDraft): InningsNoticed[] {
  if (!isBases(context) || draft.groups.length < 2) return [];
  const [a, b] = draft.groups;
  if (Math.min(a.length, b.length) < LEAST_ON_BASES) return [];
  const named = (id: string, size: number) => ({ id, members: Array.from({ length: size }, (_, i) => `${id}${i}`) });
  const setup: InningsPlaySetup = { mode: 'bases', sides: [named('a', a.length), named('b', b.length)], innings: 1 };
  const times = lengths(setup, 7, TURNS);
  if (!times.length) return [];
  const at = (share: number) => Math.round(times[Math.min(times.length - 1, Math.floor(times.length * share))] / 5) * 5;
  const cap = context.values.capSeconds;
  const over = cap ? times.filter((t) => t > cap).length / times.length : 0;
  const data = { half: at(0.5), long: at(0.9), cap, share: Math.round(over * 100), batting: Math.max(a.length, b.length) };
  return [
    {
      code: cap ? 'innings-turns-capped' : 'innings-turns',
      weight: cap ? 'note' : 'caution',
      at: { block: context.blockId },
      data,
      ...(cap ? {} : { ideas: caps(context, [120, 180]) }),
    },
  ];
}

/** Everything about innings that only their format can see. */
export const inningsChecks = (context: InningsContext, draft: InningsDraft): InningsNoticed[] => [
  ...unplaced(context, draft),
  ...sizes(context, draft),
  ...turns(context, draft),
];
