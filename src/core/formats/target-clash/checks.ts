import { crowdedField } from '../classField.ts';
import type { BlockDraft } from '../format.ts';
import { idea, levelGroups, setting } from '../ideas.ts';
import type { ClashNoticed } from './codes.ts';
import { type ClashContext, fieldFor, postsOf } from './group.ts';
import { clashObjects, sidesIdea } from './ideas.ts';
import type { TargetClashValues } from './setup.ts';

type ClashDraft = BlockDraft<TargetClashValues>;

/** Square metres a student below which nobody throws without hitting the next. House figure. */
const LEAST_M2 = 2.5;

/** No field, or a crowded one. */
const floor = (context: ClashContext): ClashNoticed[] => crowdedField(context, 'clash', fieldFor(context), LEAST_M2);

/** Objects that are not soft, where people stand near what is aimed at. */
function softness(context: ClashContext, draft: ClashDraft): ClashNoticed[] {
  const { setup, values, cupboard, blockId } = context;
  const { feeders, guards } = postsOf(context);
  const isNear = feeders + guards > 0 || setup.mode === 'protect';
  const hard = (kind: string) => cupboard.some((g) => g.gearKind === kind && g.firmness !== undefined && g.firmness !== 'soft');
  if (!isNear || !hard(values.object)) return [];
  const soft = clashObjects(context, draft.groups.flat().length).filter((i) => !hard(String(i.data.to)));
  return [
    {
      code: 'clash-hard',
      weight: 'stop',
      at: { block: blockId, gear: values.object },
      data: { gearKind: values.object },
      ideas: [...soft, ...(setup.mode === 'protect' ? [] : [idea('clash-apart', {}, setting(context, 'nearPeople', false))])],
    },
  ];
}

/** Sides that are too small for their posts, or uneven by two and more. */
function sizes(context: ClashContext, draft: ClashDraft): ClashNoticed[] {
  const counts = draft.groups.map((g) => g.length);
  const { feeders, guards } = postsOf(context);
  const [least, most] = [Math.min(...counts), Math.max(...counts)];
  const at = { block: context.blockId };
  if (context.players.length && least < feeders + guards + 1)
    return [
      {
        code: 'clash-few',
        weight: 'stop',
        at,
        data: { least, posts: feeders + guards, sides: counts.length },
        ideas: [
          ...(feeders + guards ? [idea('clash-apart', {}, setting(context, 'nearPeople', false))] : []),
          ...(counts.length > 2
            ? [sidesIdea(context, 2), idea('clash-two', {}, ...sidesIdea(context, 2).edits, setting(context, 'nearPeople', false))]
            : []),
          levelGroups(context),
        ],
      },
    ];
  return most - least > 1 ? [{ code: 'clash-uneven', weight: 'caution', at, data: { most, least }, ideas: [levelGroups(context)] }] : [];
}

/** Where anything is sent towards people the school's own rules come first. */
function people(context: ClashContext): ClashNoticed[] {
  const { feeders, guards } = postsOf(context);
  if (feeders + guards === 0 && context.setup.mode !== 'protect') return [];
  return [{ code: 'clash-people', weight: 'note', at: { block: context.blockId }, data: { feeders, guards, mode: context.setup.mode } }];
}

/** Everything about a target clash that only its format can see. */
export const clashChecks = (context: ClashContext, draft: ClashDraft): ClashNoticed[] => [
  ...floor(context),
  ...sizes(context, draft),
  ...softness(context, draft),
  ...people(context),
];
