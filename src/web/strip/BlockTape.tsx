import { Pin } from 'lucide-react';
import { leadSeconds } from '../../core/fit/blockChange.ts';
import type { FittedBlock } from '../../core/fit/fitted.ts';
import { clockOf, counted } from '../../core/formats/speak.ts';
import { formatWords } from '../../core/words/en.ts';

/** A round narrower than this is hatched and counted instead of drawn. */
const LEAST_PX = 6;

/** A block as a length of tape: title, what it comes to, its time; a pressed corner where its length is stuck down. */
export function BlockTape({
  block,
  left,
  width,
  px,
  seconds,
  chosen,
  changes,
  was,
  troubled,
  onClick,
  low,
}: {
  block: FittedBlock;
  left: number;
  width: number;
  px: (seconds: number) => number;
  seconds: number;
  chosen: boolean;
  /** Changes for students that are in use in it. */
  changes: number;
  /** Seconds that it lasted before another block was added. */
  was: number | undefined;
  troubled: boolean;
  onClick: () => void;
  low: boolean;
}) {
  const game = block.game;
  const words = game && formatWords(game.format);
  const marks = `${block.pinned ? ', pinned' : ''}${troubled ? ', has a check' : ''}${changes ? `, ${counted(changes, 'change')}` : ''}`;
  const more =
    game && words
      ? words.summary(game.values, game.timeline.bouts.length, game.timeline.workSeconds, game.moveSeconds, game.pieces.length)
      : '';
  const lead = leadSeconds(block.change);
  const around = (game?.timeline.segments ?? []).reduce((sum, s) => sum + (s.kind === 'phase' ? s.until - s.at : 0), 0) - lead;
  const line = [
    width > 150 && more,
    lead > 0 && width > 200 && `new floor ${clockOf(lead)}`,
    width > 320 && around > 0 && `start and end ${clockOf(around)}`,
    was === undefined || width < 90 ? clockOf(seconds) : `${clockOf(seconds)}, was ${clockOf(was)}`,
    changes > 0 && width > 110 && counted(changes, 'change'),
  ];
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onClick}
      aria-label={width > 40 ? undefined : `${block.title}, ${clockOf(seconds)}${marks}`}
      className={`torn absolute top-0 overflow-hidden text-left ${width < 80 ? 'px-1.5' : 'px-2.5'} ${block.pinned ? 'pressed' : ''} ${chosen ? 'bg-tape text-white' : 'bg-tint hover:bg-[#c9d8f4]'}`}
      style={{ left: left + 1, width: Math.max(4, width - 2), height: low ? 46 : 56 }}
    >
      {lead > 0 && (
        <span
          className="hatched absolute inset-y-0 left-0 border-r-[1.5px] border-current"
          style={{ width: px(lead) }}
          title={`New floor and groups: ${clockOf(lead)}`}
        />
      )}
      {width > 40 && (
        <span className="relative block" style={{ marginLeft: width - px(lead) > 60 ? px(lead) : 0 }}>
          <span className={`head block truncate leading-6 ${width < 80 ? 'text-sm' : 'text-base'}`}>
            {troubled && (
              <span className={`mr-1 inline-block h-2.5 w-2.5 rounded-full border-2 ${chosen ? 'border-white' : 'border-stop'}`} />
            )}
            {block.title}
            {block.pinned && width > 90 && <Pin size={12} className="ml-1 inline" aria-hidden="true" />}
          </span>
          <span className="sr-only">{marks}</span>
          <span className="head block truncate text-xs">{line.filter(Boolean).join(' · ')}</span>
        </span>
      )}
    </button>
  );
}

/** The rounds of a block, each a piece of tape of its own. */
export function Rounds({
  block,
  left,
  px,
  chosen,
  onRound,
  low,
}: {
  block: FittedBlock;
  left: number;
  px: (s: number) => number;
  chosen: number;
  onRound: (round: number) => void;
  low: boolean;
}) {
  const rounds = block.game!.timeline.bouts;
  const top = low ? 49 : 60;
  const narrow = rounds.length ? px(rounds[0].until - rounds[0].at) : 0;
  if (narrow < LEAST_PX) {
    return (
      <p className="hatched absolute h-6 truncate px-1 text-xs" style={{ left, top, width: px(block.seconds) }}>
        {rounds.length} switches
      </p>
    );
  }
  return (
    <div role="group" aria-label={`Rounds of ${block.title}`}>
      {rounds.map((r, i) => (
        <button
          key={r.at}
          type="button"
          aria-label={`Round ${i + 1}`}
          aria-pressed={i === chosen}
          onClick={() => onRound(i)}
          className={`head absolute flex items-center justify-center border text-xs ${i === chosen ? 'border-2 border-ink bg-white font-bold text-ink' : 'border-tape bg-tint hover:bg-white'} ${low ? 'h-5' : 'h-6'}`}
          style={{ left: left + px(r.at), width: Math.max(5, px(r.until - r.at) - 1), top }}
        >
          {narrow > 18 ? i + 1 : ''}
        </button>
      ))}
    </div>
  );
}
