import type { FixIdea, Noticed } from '../../model/finding.ts';
import type { BlockId, StudentId } from '../../model/ids.ts';
import type { BareFit, FitInput, FittedBlock } from '../fitted.ts';

/** Trades of one of the pair with a student of another group that part them without putting another such pair together. */
function trades(input: FitInput, block: FittedBlock, pair: readonly [string, string], group: number): FixIdea[] {
  const groups = block.game!.groups;
  const apart = input.wishes.filter((w) => w.wish === 'apart').map((w) => w.students as readonly string[]);
  const clear = (members: readonly string[]) => !apart.some(([a, b]) => members.includes(a) && members.includes(b));
  const rating = new Map(input.ratings.map((r) => [r.studentId as string, r.rating]));
  const options: { idea: FixIdea; cost: number }[] = [];
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
  return options
    .sort((a, b) => a.cost - b.cost)
    .slice(0, 2)
    .map((o) => o.idea);
}

/** Adults who would have to be at two places at once, since those they support are in several groups. */
function helpers(input: FitInput, block: FittedBlock): Noticed[] {
  const supported = new Map<string, string[]>();
  for (const { studentId, helper } of input.ratings) if (helper) supported.set(helper, [...(supported.get(helper) ?? []), studentId]);
  return [...supported].flatMap(([helper, students]): Noticed[] => {
    const groups = block.game!.groups.map((g, i) => (students.some((id) => g.includes(id)) ? i : -1)).filter((i) => i >= 0);
    if (groups.length < 2) return [];
    const anew: FixIdea = { code: 'level-groups', data: {}, edits: [{ kind: 'set-groups', blockId: block.id as BlockId, groups: null }] };
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

/** Keep-apart pairs that stand together, adults wanted in two places, lessons without players or without a game. */
export function peopleChecks(input: FitInput, bare: Omit<BareFit, 'noticed'>): Noticed[] {
  const noticed: Noticed[] = [];
  // A game of the whole class has nobody to keep apart from anybody.
  for (const block of bare.blocks.filter((b) => (b.game?.groups.length ?? 0) > 1)) {
    noticed.push(...helpers(input, block));
    for (const wish of input.wishes.filter((w) => w.wish === 'apart')) {
      const group = block.game!.groups.findIndex((g) => wish.students.every((id) => g.includes(id)));
      if (group < 0) continue;
      const [a, b] = wish.students;
      const ideas: FixIdea[] = [
        ...trades(input, block, [a, b], group),
        { code: 'level-groups', data: {}, edits: [{ kind: 'set-groups', blockId: block.id as BlockId, groups: null }] },
      ];
      noticed.push({
        code: 'apart-together',
        weight: 'stop',
        at: { block: block.id, group: String(group), a, b },
        data: { a, b, group },
        ideas,
      });
    }
  }
  const games = input.lesson.blocks.filter((b) => b.game);
  if (!games.length) noticed.push({ code: 'no-game', weight: 'note', at: {}, data: {} });
  for (const block of games.filter((b) => !input.games.some((g) => g.id === b.game!.gameId))) {
    noticed.push({ code: 'game-missing', weight: 'stop', at: { block: block.id }, data: { gameId: block.game!.gameId } });
  }
  if (!bare.people.playing.length) noticed.push({ code: 'nobody-plays', weight: 'stop', at: {}, data: {} });
  return noticed;
}
