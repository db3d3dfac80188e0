import type { FittedBlock, FittedLesson } from '../../../core/fit/fitted.ts';
import { roundsOf, stayOf } from '../../../core/formats/bouts.ts';
import { type Rota, type RotaUnit, rotaOfMatches, rotaOfPairs, rotaOfRoles, rotaOfRounds } from '../../../core/rotation/rota.ts';
import { formatWords } from '../../../core/words/en.ts';

/** The kinds of rotation that can be looked at; ladder and calls have no fixed course and stand beside them. */
export const KINDS = ['planned', 'matches', 'roles', 'pairs', 'calls', 'climbing'] as const;
export type Kind = (typeof KINDS)[number];
export const KIND_WORDS: Record<Kind, string> = {
  planned: 'As planned',
  matches: 'Round robin',
  roles: 'Roles in turn',
  pairs: 'Pairs with a switch',
  calls: 'Call list',
  climbing: 'Ladder, winners move',
};

/** What the teacher sets for what is not planned. */
export interface RotaSettings {
  courts: number;
  referees: boolean;
  seconds: number;
  change: number;
  rounds: number;
  /** "caller, 2 feeders" */
  roles: string;
  exercises: number;
  atOnce: number;
}
export const USUAL: RotaSettings = {
  courts: 4,
  referees: true,
  seconds: 180,
  change: 30,
  rounds: 8,
  roles: 'caller, 2 feeders',
  exercises: 6,
  atOnce: 1,
};

/** Roles with their seats out of a line: "caller, 2 feeders" is one caller and two feeders. */
export function readRoles(text: string): { id: string; seats: number }[] {
  const seen = new Map<string, number>();
  for (const part of text.split(',')) {
    const match = /^\s*(\d+)?\s*(\S.*?)\s*$/.exec(part);
    if (match) seen.set(match[2], (seen.get(match[2]) ?? 0) + Math.min(30, Number(match[1] ?? 1)));
  }
  return [...seen].slice(0, 8).map(([id, seats]) => ({ id, seats }));
}

const blocksWithGroups = (fitted: FittedLesson) => fitted.blocks.filter((b) => b.game?.groups.some((g) => g.length));

/** Game blocks that rotate, the chosen one or the first. */
export function blockOf(fitted: FittedLesson, id: string | null): FittedBlock | undefined {
  const all = blocksWithGroups(fitted);
  return all.find((b) => b.id === id) ?? all[0];
}

/** The rota of a kind over the groups of a block; `nameOf` says a student's short name. */
export function rotaOf(kind: Kind, block: FittedBlock, settings: RotaSettings, nameOf: (id: string) => string): Rota | undefined {
  const game = block.game!;
  const all = game.groups.map((members, i): RotaUnit => ({ title: `Group ${i + 1}`, pennant: i, members: members.map(nameOf) }));
  const groups = all.filter((g) => g.members.length);
  const { courts, referees, seconds, change, rounds, roles, exercises } = settings;
  if (kind === 'planned') {
    const numbered = [...game.pieces, ...game.unplaced].sort((a, b) => a.number - b.number);
    // Places are told by the order of the loop; a piece without floor keeps its number.
    const places = numbered.map((p) => ({ short: String(p.number), title: p.title }));
    const at = new Map(numbered.map((p, i) => [p.id, i]));
    const order = [...game.pieces, ...game.unplaced].map((p) => at.get(p.id)!);
    // A group that is somewhere as something else than a player has a place of its own, such as the referees of a court.
    const inRole = new Map<string, number>();
    const roleWords = formatWords(game.format).roles ?? {};
    const placeOf = (p: number, role: string | undefined): number => {
      if (p < 0) return p;
      const word = role && roleWords[role];
      if (!word) return order[p];
      const key = `${p} ${role}`;
      if (!inRole.has(key)) {
        const { short, title } = places[order[p]];
        inRole.set(key, places.push({ short: `${word.slice(0, 1).toUpperCase()}${short}`, title: `${title}, ${word}` }) - 1);
      }
      return inRole.get(key)!;
    };
    const rounds = roundsOf(game.groups, game.timeline.bouts).map((at, i) => {
      const bout = game.timeline.bouts[i];
      return { ...bout, places: at.map((p, g) => placeOf(p, game.groups[g][0] && stayOf(bout, game.groups[g][0])?.role)) };
    });
    return rotaOfRounds(all, places, rounds, game.ideas.waitingTask);
  }
  if (kind === 'matches') return rotaOfMatches(groups, courts, seconds, change, referees);
  if (kind === 'roles') {
    const everyone = groups.flatMap((g) => g.members.map((id): RotaUnit => ({ title: id, pennant: g.pennant, members: [id] })));
    return rotaOfRoles(everyone, readRoles(roles), rounds, seconds, change);
  }
  return kind === 'pairs' ? rotaOfPairs(pairsOf(groups), exercises, seconds, change) : undefined;
}

/** Pairs out of groups, in their order; of an odd number the last three go together. */
function pairsOf(groups: readonly RotaUnit[]): RotaUnit[] {
  const all = groups.flatMap((g) => g.members);
  const pairs: string[][] = [];
  for (let i = 0; i + 1 < all.length; i += 2) pairs.push(all.slice(i, i + 2));
  if (all.length % 2) (pairs.at(-1) ?? pairs[pairs.push([]) - 1]).push(all[all.length - 1]);
  return pairs.map((members, i) => ({ title: `Pair ${i + 1}`, pennant: i, members }));
}
