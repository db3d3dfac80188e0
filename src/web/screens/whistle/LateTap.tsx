import { useState } from 'react';
import type { BoardCourt } from '../../../core/formats/board.ts';
import { formatOf } from '../../../core/formats/registry.ts';
import { clockOf } from '../../../core/formats/speak.ts';
import { effective } from '../../../core/live/effective.ts';
import { playing } from '../../../core/live/runFold.ts';
import type { BlockId } from '../../../core/model/ids.ts';
import { runEventWords } from '../../../core/words/run.en.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import type { LiveRun } from './useRun.ts';

/** The most moments that are offered: the newest. */
const MOST = 40;

interface TappedCourt {
  key: string;
  title: string;
  blockId: string;
  court: BoardCourt;
  /** Wall clock when its first bout began, ms. */
  began: number;
}

/** The courts of every block that has begun playing, with what a tap on each place sends. */
function courtsOf({ plan, state }: LiveRun): TappedCourt[] {
  const begun = [...state.ran, { step: state.step, wall: state.stepWall }];
  return plan.blocks.flatMap(({ game, id, title }, block) => {
    const first = begun.find(({ step }) => state.steps[step]?.block === block && state.steps[step].segment.kind === 'work');
    if (!game || !first) return [];
    const parts = formatOf(game.format).board(playing(game.plays, state.plays[id]), game.pieces);
    return parts.flatMap((part) =>
      part.part !== 'courts' ? [] : part.courts.map((court, i) => ({ key: `${id} ${i}`, title, blockId: id, court, began: first.wall })),
    );
  });
}

/** A tap on a court that was forgotten, put in where it happened: everything after it is played again. */
export function LateTap({ run }: { run: LiveRun }) {
  const { plan, log, startedAt, send } = run;
  const [at, setAt] = useState('');
  const [rank, setRank] = useState('');
  const [after, setAfter] = useState('start');
  const courts = courtsOf(run);
  if (!courts.length) return null;
  const chosen = courts.find((c) => c.key === at);
  const play = chosen?.court.seats[0]?.action.play ?? 0;
  const taps = chosen
    ? effective(log).flatMap((e) => (e.type === 'play' && e.blockId === chosen.blockId && (e.play ?? 0) === play ? [e] : []))
    : [];
  /** What a tap on a place is called: one word for all that are offered. */
  const what = (chosen ?? courts[0]).court.seats[0]?.action.label ?? '';
  const seat = chosen?.court.seats.find((s) => String(s.rank) === rank);
  return (
    <form
      className="mb-3 flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (!chosen || !seat) return;
        const before = taps.find((tap) => tap.id === after);
        send({
          type: 'play',
          blockId: chosen.blockId as BlockId,
          play: seat.action.play,
          since: (before?.at ?? chosen.began) + 1,
          event: seat.action.event,
        });
        setRank('');
        setAfter('start');
      }}
    >
      <div className="w-56">
        <ChoiceField
          label={`A forgotten ${what}, at`}
          value={at}
          options={[['', 'choose a court …'] as const, ...courts.map((c) => [c.key, `${c.title}, court ${c.court.group + 1}`] as const)]}
          onPick={(key) => {
            setAt(key);
            setAfter('start');
          }}
        />
      </div>
      <div className="w-24">
        <ChoiceField
          label="Place"
          value={rank}
          options={[['', '…'] as const, ...(chosen?.court.seats ?? []).map((s) => [String(s.rank), String(s.rank)] as const)]}
          onPick={setRank}
        />
      </div>
      <div className="w-60">
        <ChoiceField
          label="Right after"
          value={after}
          options={[
            ['start', 'the start of the game'] as const,
            ...taps.slice(-MOST).map((tap) => [tap.id, `${clockOf((tap.at - startedAt) / 1000)} ${runEventWords(tap, plan)}`] as const),
          ]}
          onPick={setAfter}
        />
      </div>
      <button type="submit" className="btn" disabled={!seat}>
        Add the {what}
      </button>
    </form>
  );
}
