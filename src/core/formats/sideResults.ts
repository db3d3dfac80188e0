import type { PlayView } from '../play/playRules.ts';
import type { ResultRow } from './board.ts';

/** The sides of one play, and where it stands. */
interface Sides {
  sides: readonly { id: string; members: readonly string[] }[];
  view: Pick<PlayView, 'scores' | 'turns'>;
}

/** Index of a play's first side among all sides of a block. */
export const groupsBefore = (plays: readonly Pick<Sides, 'sides'>[], play: number): number =>
  plays.slice(0, play).reduce((sum, { sides }) => sum + sides.length, 0);

/** Everyone with the points of their side and their own turns, play by play; latecomers with the first side. */
export const sideResults = (plays: readonly Sides[]): ResultRow[] =>
  plays.flatMap(({ sides, view }, play) =>
    Object.keys(view.turns).map((player): ResultRow => {
      const side = Math.max(
        0,
        sides.findIndex((s) => s.members.includes(player)),
      );
      const group = groupsBefore(plays, play) + side;
      return { group, members: [player], value: view.scores[sides[side].id] ?? 0, turns: view.turns[player] };
    }),
  );
