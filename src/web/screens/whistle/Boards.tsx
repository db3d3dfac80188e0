import type { BoardAction } from '../../../core/formats/board.ts';
import { formatOf } from '../../../core/formats/registry.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { playing, type RunState } from '../../../core/live/runState.ts';
import { formatWords } from '../../../core/words/en.ts';
import { CourtCards } from './CourtCards.tsx';
import { GroupCards } from './GroupCards.tsx';

interface Props {
  block: PlanBlock;
  names: Record<string, string>;
  state: RunState;
  round: number;
  moving: boolean;
  onAct(action: BoardAction): void;
}

/** The block's scoreboard, each part drawn by its kind. */
export function Boards({ block, names, state, round, moving, onAct }: Props) {
  const game = block.game!;
  const parts = formatOf(game.format).board(playing(game.plays, state.plays[block.id]), game.pieces);
  const words = formatWords(game.format);
  return parts.map((part) =>
    part.part === 'seats' ? (
      <CourtCards key={part.part} courts={part.courts} names={names} words={{ ...words.board, ...words.actions }} onAct={onAct} />
    ) : (
      <GroupCards key={part.part} {...{ block, names, round, moving, onAct }} rows={part.rows} words={words.actions} />
    ),
  );
}
