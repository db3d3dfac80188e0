import { useState } from 'react';
import type { BoardAction, BoardPart } from '../../../core/formats/board.ts';
import { formatOf } from '../../../core/formats/registry.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { playing, type RunState } from '../../../core/live/runState.ts';
import { formatWords } from '../../../core/words/en.ts';
import { AskBand } from './AskBand.tsx';
import { CourtCards } from './CourtCards.tsx';
import { GroupCards } from './GroupCards.tsx';
import { LinesPanel } from './LinesPanel.tsx';
import { ObjectsPanel } from './ObjectsPanel.tsx';
import { RosterPanel } from './RosterPanel.tsx';
import { TallyRows } from './TallyRows.tsx';

interface Props {
  block: PlanBlock;
  names: Record<string, string>;
  state: RunState;
  round: number;
  moving: boolean;
  onAct(action: BoardAction): void;
}

/** The block's scoreboard, each part drawn by its kind; what an action still has to be told is asked in a band below. */
export function Boards(props: Props) {
  const { block, names, state, round, onAct } = props;
  const [asking, setAsking] = useState<BoardAction | null>(null);
  const game = block.game!;
  const words = formatWords(game.format);
  const parts = formatOf(game.format).board(playing(state.plays[block.id]), game.pieces, round);
  const act = (action: BoardAction) => {
    setAsking(action.ask ? action : null);
    if (!action.ask) onAct(action);
  };
  return (
    <>
      {parts.map((part) => (
        <Part key={part.code} {...props} part={part} onAct={act} />
      ))}
      {asking && (
        <AskBand key={JSON.stringify(asking.event)} action={asking} {...{ names, words }} onAct={act} onCancel={() => setAsking(null)} />
      )}
    </>
  );
}

function Part({ part, block, names, round, moving, onAct }: Props & { part: BoardPart }) {
  const words = formatWords(block.game!.format);
  const label = words.board[part.code];
  if (part.part === 'seats') return <CourtCards courts={part.courts} {...{ names, onAct }} words={{ ...words.board, ...words.actions }} />;
  if (part.part === 'roster') return <RosterPanel sections={part.sections} actions={part.actions} {...{ label, names, words, onAct }} />;
  if (part.part === 'lines') return <LinesPanel lines={part.lines} pieces={block.game!.pieces} {...{ label, names, words, onAct }} />;
  if (part.part === 'objects') return <ObjectsPanel sides={part.sides} actions={part.actions} {...{ label, words, onAct }} />;
  // Groups that move between places are shown with where they are and go next.
  const isOfGroups = part.rows.every((row) => row.player === undefined && row.side === undefined);
  if (isOfGroups) return <GroupCards {...{ block, names, round, moving, onAct }} rows={part.rows} words={words.actions} />;
  return <TallyRows rows={part.rows} actions={part.actions ?? []} {...{ label, names, words, onAct }} />;
}
