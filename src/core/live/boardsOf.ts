import type { BoardPart } from '../formats/board.ts';
import { withActions } from '../formats/boardActions.ts';
import { formatOf } from '../formats/registry.ts';
import type { Piece } from '../model/piece.ts';
import type { PlanBlock } from './runPlan.ts';
import { playing, type RunState, visitsNow } from './runState.ts';

/** The scoreboard of a block, or of a game at one of its places while a group is there. */
export interface BoardNow {
  format: string;
  parts: BoardPart[];
  pieces: readonly Piece[];
  /** Of a game at a place: the place's index, the group that is there, its title. */
  at?: { piece: number; group: number; title: string };
}

/** The board of a game that one group plays by itself: its only pennant is that group's. */
function ofGroup(part: BoardPart, group: number | undefined): BoardPart {
  if (group === undefined) return part;
  if (part.part === 'seats') return { ...part, courts: part.courts.map((court) => ({ ...court, group })) };
  if (part.part === 'tally') return { ...part, rows: part.rows.map((row) => (row.group === undefined ? row : { ...row, group })) };
  return part;
}

/** A block's own board, then one for each place that is a game of its own and has a group now. `round`: index of the round that is on or comes next. */
export function boardsOf(block: Pick<PlanBlock, 'id' | 'game'>, state: RunState, round: number): BoardNow[] {
  const { id, game } = block;
  if (!game) return [];
  const own = {
    format: game.format,
    pieces: game.pieces,
    parts: formatOf(game.format).board(playing(state.plays[id]), game.pieces, round),
  };
  const hosted = visitsNow(block, state).map(({ visit, plays }): BoardNow => {
    const { format, pieces, piece, group, groups, title } = game.visits![visit];
    const parts = formatOf(format)
      .board(playing(plays), pieces, 0)
      .map((part) =>
        ofGroup(
          withActions(part, (action) => ({ ...action, visit })),
          groups.length === 1 ? group : undefined,
        ),
      );
    return { format, parts, pieces, at: { piece, group, title } };
  });
  return [own, ...hosted];
}
