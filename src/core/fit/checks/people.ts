import type { Idea, Noticed } from '../../model/findingCodes.ts';
import type { BlockId, StudentId } from '../../model/ids.ts';
import type { BlockInput, FitDraft, StandingBlock } from '../fitted.ts';

/** Trades of one of the pair with a student of another group that part them without putting another such pair together. */
function trades(input: BlockInput, block: StandingBlock, pair: readonly [string, string], group: number): Idea[] {
  const groups = block.game!.groups;
  const apart = input.wishes.filter((w) => w.wish === 'apart').map((w) => w.students as readonly string[]);
  const clear = (members: readonly string[]) => !apart.some(([a, b]) => members.includes(a) && members.includes(b));
  const rating = new Map(input.ratings.map((r) => [r.studentId as string, r.rating]));
  const options: { idea: Idea; cost: number }[] = [];
  for (const mover of pair) {
    groups.forEach((members, g) => {
      if (g === group) return;
      for (const other of members) {
        const next = groups.map((m, i) =>
          i === group ? m.map((id) => (id === mover ? other : id)) : i === g ? m.map((id) => (id === other ? mover : id)) : m,
        );
        if (!clear(next[group]) || !clear(next[g])) continue;
        const edit = { kind: 'set-groups' as const, blockId: block.id as BlockId, groups: next as StudentId[][] };
        options.push({
          idea: { code: 'trade-places', data: { a: mover, b: other, from: group, to: g }, edits: [edit] },
          cost: Math.abs((rating.get(mover) ?? 3) - (rating.get(other) ?? 3)),
        });
      }
    });
  }
  // The nearest rating of each group: two trades with one group would be told alike.
  const nearest = options.sort((a, b) => a.cost - b.cost);
  return nearest
    .filter((o, i) => nearest.findIndex((other) => other.idea.data.to === o.idea.data.to) === i)
    .slice(0, 2)
    .map((o) => o.idea);
}

/** Adults who would have to be at two places at once, since those they support are in several groups. */
function helpers(input: BlockInput, block: StandingBlock): Noticed[] {
  const supported = new Map<string, string[]>();
  for (const { studentId, helper } of input.ratings) if (helper) supported.set(helper, [...(supported.get(helper) ?? []), studentId]);
  return [...supported].flatMap(([helper, students]): Noticed[] => {
    const groups = block.game!.groups.map((g, i) => (students.some((id) => g.includes(id)) ? i : -1)).filter((i) => i >= 0);
    if (groups.length < 2) return [];
    const anew: Idea = { code: 'level-groups', data: {}, edits: [{ kind: 'set-groups', blockId: block.id as BlockId, groups: null }] };
    return [
      {
        code: 'adult-in-two-places',
        weight: 'caution',
        at: { block: block.id, student: students[0] },
        data: { helper, groups },
        ideas: [anew],
      },
    ];
  });
}

/** Keep-apart pairs that are together, and adults needed in two places. */
export function peopleChecks(input: BlockInput, _: unknown, block: StandingBlock): Noticed[] {
  // A game of the whole class has nobody to keep apart from anybody.
  if ((block.game?.groups.length ?? 0) < 2) return [];
  const apart = input.wishes.filter((w) => w.wish === 'apart');
  return [
    ...helpers(input, block),
    ...apart.flatMap((wish): Noticed[] => {
      const group = block.game!.groups.findIndex((g) => wish.students.every((id) => g.includes(id)));
      if (group < 0) return [];
      const [a, b] = wish.students;
      const ideas: Idea[] = [
        ...trades(input, block, [a, b], group),
        { code: 'level-groups', data: {}, edits: [{ kind: 'set-groups', blockId: block.id as BlockId, groups: null }] },
      ];
      return [
        { code: 'apart-together', weight: 'stop', at: { block: block.id, group: String(group), a, b }, data: { a, b, group }, ideas },
      ];
    }),
  ];
}

const without = (isSo: boolean, noticed: Noticed): Noticed[] => (isSo ? [noticed] : []);

/** A lesson without players, without a game, or with a game that is gone. */
export function lessonChecks(input: BlockInput, draft: Pick<FitDraft, 'people'>): Noticed[] {
  const games = input.lesson.blocks.filter((b) => b.game);
  const gone = games.filter((b) => !input.games.some((g) => g.id === b.game!.gameId));
  return [
    ...without(!games.length, { code: 'no-game', weight: 'note', at: {}, data: {} }),
    ...gone.map((b): Noticed => ({ code: 'game-missing', weight: 'stop', at: { block: b.id }, data: { gameId: b.game!.gameId } })),
    ...without(!draft.people.playing.length, { code: 'nobody-plays', weight: 'stop', at: {}, data: {} }),
  ];
}
