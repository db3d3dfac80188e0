import { stockOf } from '../gear/cover.ts';
import type { Edit } from '../model/edit.ts';
import type { FixIdea } from '../model/finding.ts';
import type { BlockId } from '../model/ids.ts';
import type { PlanContext } from './format.ts';

/** An edit that sets one setting of the block. */
export const setting = (context: { blockId: string }, key: string, value: unknown): Edit => ({
  kind: 'set-setting',
  blockId: context.blockId as BlockId,
  key,
  value,
});

/** A way out: what it is called, the numbers in its name, its edits. */
export const idea = <Code extends string>(code: Code, data: Record<string, unknown>, ...edits: Edit[]): FixIdea<Code> => ({
  code,
  data,
  edits,
});

/** Groups dealt anew: what the teacher chose is given back to fit. */
export const levelGroups = (context: { blockId: string }): FixIdea<'level-groups'> =>
  idea('level-groups', {}, { kind: 'set-groups', blockId: context.blockId as BlockId, groups: null });

/** Another number of groups; those that were made for the old number become automatic again. */
export const groupCount = (context: { blockId: string; storedGroups?: readonly unknown[] }, count: number): Edit[] => [
  setting(context, 'groups', count),
  ...(context.storedGroups ? levelGroups(context).edits : []),
];

/** One to four fewer, then as many as there is gear for (`most`; Infinity if it needs none), then one. */
export const fewerThan = (now: number, most: number): number[] => {
  const counts = new Set([...[1, 2, 3, 4].map((less) => now - less), ...(Number.isFinite(most) ? [most] : []), 1]);
  return [...counts].filter((count) => count >= 1 && count < now);
};

/** One to `steps` more, up to `most`. */
export const moreThan = (now: number, most: number, steps = 4): number[] =>
  Array.from({ length: steps }, (_, i) => now + i + 1).filter((count) => count <= most);

/** Ideas for every kind that is needed: those for `own` kind first, then those that need less of everything. */
export function ideasByKind<I extends FixIdea>(
  needs: readonly { gearKind: string }[],
  own: { gearKind: string; ideas: readonly I[] },
  less: readonly I[],
): Record<string, I[]> {
  const kinds = new Set(needs.map((need) => need.gearKind));
  return Object.fromEntries([...kinds].map((kind) => [kind, [...(kind === own.gearKind ? own.ideas : []), ...less]]));
}

/** Each idea of one list together with one of another: what it is called by is the first. */
export const eachWith = <I extends FixIdea>(ideas: readonly I[], others: readonly FixIdea[]): I[] =>
  others.flatMap((other) => ideas.map((each) => ({ ...each, edits: [...each.edits, ...other.edits] })));

/** Played with another of the game's objects that the closet has enough of, those first that there are most of. The code begins with the format's prefix. */
export function otherObjects<P extends string>(
  context: PlanContext<{ objects: readonly string[] }, { object: string }>,
  prefix: P,
  need: number,
): FixIdea<`${P}-object`>[] {
  const { setup, values, cupboard } = context;
  const stock = (kind: string) => stockOf(cupboard, kind);
  return setup.objects
    .filter((o) => o !== values.object && stock(o) >= need)
    .sort((a, b) => stock(b) - stock(a))
    .map((to) => idea<`${P}-object`>(`${prefix}-object`, { to }, setting(context, 'object', to)));
}

/** Courts that take less floor: closer together (with `more` edits that win room), then narrower and shorter too. The codes begin with the format's prefix. */
export function smallerCourts<P extends string>(
  context: { blockId: string; values: { gapM: number; widthM: number; lengthM: number } },
  prefix: P,
  more: Edit[] = [],
): FixIdea<`${P}-close` | `${P}-smaller`>[] {
  const { gapM, widthM, lengthM } = context.values;
  const close = [...(gapM > 0.5 ? [setting(context, 'gapM', 0.5)] : []), ...more];
  const tenths = (metres: number) => Math.round(metres * 10) / 10;
  const sizes = [0.85, 0.7, 0.55].map((share) => ({
    width: Math.max(1, tenths(widthM * share)),
    depth: Math.max(1.5, tenths(lengthM * share)),
  }));
  return [
    ...(close.length ? [idea<`${P}-close`>(`${prefix}-close`, { gapM: 0.5 }, ...close)] : []),
    ...sizes
      .filter(({ width, depth }) => width < widthM || depth < lengthM)
      .map((size) =>
        idea<`${P}-smaller`>(
          `${prefix}-smaller`,
          size,
          setting(context, 'widthM', size.width),
          setting(context, 'lengthM', size.depth),
          ...close,
        ),
      ),
  ];
}
