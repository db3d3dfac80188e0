import { useState } from 'react';
import type { BoardAction, BoardPart } from '../../../core/formats/board.ts';
import { type BoardNow, boardsOf } from '../../../core/live/boardsOf.ts';
import type { Onward } from '../../../core/live/placesAfter.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import type { RunState } from '../../../core/live/runState.ts';
import { formatWords } from '../../../core/words/en.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { AskBand } from './AskBand.tsx';
import { CourtCards } from './CourtCards.tsx';
import { CuePanel } from './CuePanel.tsx';
import { GroupCards } from './GroupCards.tsx';
import { LinesPanel } from './LinesPanel.tsx';
import { MatchesPanel } from './MatchesPanel.tsx';
import { ObjectsPanel } from './ObjectsPanel.tsx';
import { PointsTable } from './PointsTable.tsx';
import { RosterPanel } from './RosterPanel.tsx';
import { StagesPanel } from './StagesPanel.tsx';
import { TallyRows } from './TallyRows.tsx';
import { WatchPanel } from './WatchPanel.tsx';
import { ZonesPanel } from './ZonesPanel.tsx';

interface Props {
  block: PlanBlock;
  names: Record<string, string>;
  state: RunState;
  round: number;
  moving: boolean;
  /** Who goes where once an action counts. */
  follows(action: BoardAction): Onward[];
  onAct(action: BoardAction): void;
}

/** What is looked at, of all the boards that there are now. */
interface Look {
  key: string;
  label: string;
  /** Index of the group whose pennant stands beside the label. */
  group?: number;
  board: BoardNow;
  parts: BoardPart[];
}

/** The block's own board, its tables, and a board for each place that is a game of its own. */
function looksOf({ block, state, round }: Props): Look[] {
  return boardsOf(block, state, round).flatMap((board): Look[] => {
    const words = formatWords(board.format);
    const { at, parts } = board;
    if (at) {
      const number = block.game!.pieces[at.piece]?.number ?? at.piece + 1;
      return [{ key: `place-${at.piece}`, label: `${number} ${at.title}`, group: at.group, board, parts }];
    }
    const tables = parts.filter((part) => part.part === 'table');
    const placed = parts.flatMap((part): Look[] => {
      const place = part.part === 'roster' ? block.game!.pieces.find((p) => p.id === part.place) : undefined;
      return place ? [{ key: place.id, label: `${place.title} ${place.number}`, board, parts: [part] }] : [];
    });
    const own = parts.filter((part) => part.part !== 'table' && !(part.part === 'roster' && part.place));
    return [
      { key: 'own', label: placed.length ? 'All' : 'Groups', board, parts: own },
      ...placed,
      ...tables.map((part) => ({ key: part.code, label: words.board[part.code], board, parts: [part] })),
    ];
  });
}

/** The block's scoreboards, one at a time, each part drawn by its kind; what an action still has to be told is asked in a band below. */
export function Boards(props: Props) {
  const { names, follows, onAct } = props;
  const [asking, setAsking] = useState<BoardAction | null>(null);
  const [chosen, setChosen] = useState('own');
  const looks = looksOf(props);
  const look = looks.find((l) => l.key === chosen) ?? looks[0];
  const words = formatWords(look.board.format);
  const act = (action: BoardAction) => {
    setAsking(action.ask ? action : null);
    if (!action.ask) onAct(action);
  };
  const show = (key: string) => {
    setAsking(null);
    setChosen(key);
  };
  return (
    <>
      {looks.length > 1 && (
        <div className="flex shrink-0 flex-wrap gap-1.5" role="radiogroup" aria-label="Board">
          {looks.map(({ key, label, group }) => (
            <button
              key={key}
              type="button"
              role="radio"
              aria-checked={key === look.key}
              className={`head flex min-h-11 items-center gap-2 px-3 text-sm ${key === look.key ? 'bg-paper text-ink' : 'bg-ink-3 hover:bg-[#3a4a60]'}`}
              onClick={() => show(key)}
            >
              {group !== undefined && <Pennant index={group} width={26} light={key !== look.key} />}
              {label}
              {group !== undefined && <span className="sr-only">, group {group + 1}</span>}
            </button>
          ))}
        </div>
      )}
      {look.parts.map((part, i) => (
        <Part key={`${part.code} ${i}`} {...props} board={look.board} part={part} onAct={act} />
      ))}
      {asking && (
        <AskBand
          key={JSON.stringify([asking.event, asking.ask?.chosen])}
          action={asking}
          pieces={look.board.pieces}
          {...{ names, words, follows }}
          onAct={act}
          onCancel={() => setAsking(null)}
        />
      )}
    </>
  );
}

function Part({ part, board, block, names, state, round, moving, onAct }: Props & { board: BoardNow; part: BoardPart }) {
  const words = formatWords(board.format);
  const label = words.board[part.code];
  switch (part.part) {
    case 'seats':
      return <CourtCards courts={part.courts} pieces={board.pieces} {...{ names, onAct }} words={{ ...words.board, ...words.actions }} />;
    case 'roster':
      return <RosterPanel sections={part.sections} actions={part.actions} {...{ label, names, words, onAct }} />;
    case 'lines':
      return <LinesPanel lines={part.lines} pieces={board.pieces} {...{ label, names, words, onAct }} />;
    case 'objects':
      return <ObjectsPanel sides={part.sides} actions={part.actions} {...{ label, names, words, onAct }} />;
    case 'zones':
      return <ZonesPanel sides={part.sides} {...{ label, names, words, onAct }} />;
    case 'cue':
      return <CuePanel cue={part} paused={state.paused} {...{ label, words, onAct }} />;
    case 'stages':
      return <StagesPanel board={part} {...{ label, words, onAct }} />;
    case 'matches':
      return <MatchesPanel board={part} pieces={board.pieces} {...{ label, words, onAct }} />;
    case 'watch':
      return <WatchPanel at={part.at} rows={part.rows} actions={part.actions ?? []} {...{ label, names, words, onAct }} />;
    case 'table':
      return <PointsTable columns={part.columns} rows={part.rows} pieces={board.pieces} label={label} />;
    case 'tally': {
      // Groups that move between places are shown with where they are and go next.
      const isOfGroups = part.rows.every((row) => row.player === undefined && row.side === undefined && row.label === undefined);
      if (isOfGroups) return <GroupCards {...{ block, names, round, moving, onAct }} rows={part.rows} words={words.actions} />;
      return <TallyRows rows={part.rows} actions={part.actions ?? []} {...{ label, names, words, onAct }} />;
    }
  }
}
