import { Pin } from 'lucide-react';
import { useRef, useState } from 'react';
import type { FittedBlock, FittedLesson } from '../../core/fit/fitted.ts';
import { clockOf } from '../../core/formats/speak.ts';
import { formatWords } from '../../core/words/en.ts';
import { useSize } from '../floor/scale.ts';
import { bellText } from '../parts/now.ts';

interface Props {
  fitted: FittedLesson;
  /** Seconds after midnight of the first bell. */
  bellAt: number;
  block: string | null;
  round: number;
  /** Ids of blocks that an open check is about. */
  troubled: ReadonlySet<string>;
  onBlock(id: string): void;
  onRound(block: string, round: number): void;
  /** The cut after a block was moved: its new length in seconds. */
  onCut(id: string, seconds: number): void;
  low: boolean;
  children?: React.ReactNode;
}

/** Cuts snap to this many seconds. */
const STEP = 15;
/** A round narrower than this is hatched and counted instead of drawn. */
const LEAST_PX = 6;

/** The period from bell to bell as one length of tape on a tape measure, cut into blocks, each with its rounds. */
export function Strip({ fitted, bellAt, block, round, troubled, onBlock, onRound, onCut, low, children }: Props) {
  const [ref, size] = useSize();
  const [cut, setCut] = useState<{ id: string; seconds: number } | null>(null);
  const grip = useRef<{ x: number; seconds: number } | null>(null);
  const total = Math.max(
    fitted.periodSeconds,
    fitted.blocks.reduce((sum, b) => sum + b.seconds, 0),
    1,
  );
  const px = (seconds: number) => (seconds / total) * size.width;
  const minutes = Array.from({ length: Math.floor(total / 60) + 1 }, (_, i) => i);
  return (
    <section
      aria-label="Strip of the period"
      className={`relative flex shrink-0 flex-col border-t border-ink bg-bench ${low ? 'h-[104px]' : 'h-[136px]'}`}
    >
      {!low && <div className="flex h-6 items-center gap-3 px-4 text-xs text-muted">{children}</div>}
      <div ref={ref} className="relative mx-4 flex-1">
        {fitted.blocks.map((b, i) => {
          const shown = cut?.id === b.id ? cut.seconds : b.seconds;
          const left = px(fitted.blocks.slice(0, i).reduce((sum, o) => sum + (cut?.id === o.id ? cut.seconds : o.seconds), 0));
          return (
            <div key={b.id}>
              <BlockTape
                block={b}
                left={left}
                width={px(shown)}
                seconds={shown}
                chosen={b.id === block}
                troubled={troubled.has(b.id)}
                onClick={() => onBlock(b.id)}
                low={low}
              />
              <div
                role="slider"
                tabIndex={0}
                aria-label={`End of ${b.title}`}
                aria-valuemin={0}
                aria-valuemax={total}
                aria-valuenow={shown}
                aria-valuetext={clockOf(shown)}
                className="absolute top-0 z-10 w-[11px] cursor-col-resize touch-none focus-visible:bg-tape"
                style={{ left: left + px(shown) - 6, height: low ? 46 : 56 }}
                onPointerDown={(e) => {
                  grip.current = { x: e.clientX, seconds: b.seconds };
                  e.currentTarget.setPointerCapture(e.pointerId);
                }}
                onPointerMove={(e) => {
                  if (!grip.current) return;
                  const seconds = Math.max(
                    0,
                    Math.round((grip.current.seconds + ((e.clientX - grip.current.x) / size.width) * total) / STEP) * STEP,
                  );
                  setCut({ id: b.id, seconds });
                }}
                onPointerUp={() => {
                  if (cut && cut.id === b.id && cut.seconds !== b.seconds) onCut(b.id, cut.seconds);
                  grip.current = null;
                  setCut(null);
                }}
                onPointerCancel={() => {
                  grip.current = null;
                  setCut(null);
                }}
                onKeyDown={(e) => {
                  const by =
                    e.key === 'ArrowRight' || e.key === 'ArrowUp' ? STEP : e.key === 'ArrowLeft' || e.key === 'ArrowDown' ? -STEP : 0;
                  if (!by) return;
                  e.preventDefault();
                  onCut(b.id, Math.max(0, Math.round((b.seconds + by) / STEP) * STEP));
                }}
              />
              {b.game && (
                <Rounds block={b} left={left} px={px} chosen={b.id === block ? round : -1} onRound={(r) => onRound(b.id, r)} low={low} />
              )}
            </div>
          );
        })}
        {fitted.spareSeconds > 0 && (
          <div
            className="hatched absolute top-0 flex items-center justify-center text-xs text-muted"
            style={{ left: px(total - fitted.spareSeconds), width: px(fitted.spareSeconds), height: low ? 46 : 56 }}
          >
            {px(fitted.spareSeconds) > 60 ? `${clockOf(fitted.spareSeconds)} left` : ''}
          </div>
        )}
        {fitted.numbers.overSeconds > 0 && (
          <div
            className="pointer-events-none absolute top-0 border-l-[3px] border-stop bg-stop/15"
            style={{ left: px(fitted.periodSeconds), right: 0, height: low ? 46 : 56 }}
          >
            <span className="bg-stop px-1 text-xs font-bold text-white">bell</span>
          </div>
        )}
      </div>
      <Ruler bellAt={bellAt} minutes={minutes} px={px} low={low} />
    </section>
  );
}

function BlockTape({
  block,
  left,
  width,
  seconds,
  chosen,
  troubled,
  onClick,
  low,
}: {
  block: FittedBlock;
  left: number;
  width: number;
  seconds: number;
  chosen: boolean;
  troubled: boolean;
  onClick: () => void;
  low: boolean;
}) {
  const game = block.game;
  const words = game && formatWords(game.format);
  const more = game && words ? words.summary(game.values, game.timeline.rounds.length, game.timeline.workSeconds, game.moveSeconds) : '';
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onClick}
      aria-label={`${block.title}, ${clockOf(seconds)}${block.pinned ? ', pinned' : ''}${troubled ? ', has a check' : ''}`}
      className={`torn absolute top-0 overflow-hidden text-left ${width < 80 ? 'px-1.5' : 'px-2.5'} ${block.pinned ? 'pressed' : ''} ${chosen ? 'bg-tape text-white' : 'bg-tint hover:bg-[#c9d8f4]'}`}
      style={{ left: left + 1, width: Math.max(4, width - 2), height: low ? 46 : 56 }}
    >
      {width > 40 && (
        <>
          <span className={`head block truncate leading-6 ${width < 80 ? 'text-sm' : 'text-base'}`}>
            {troubled && (
              <span className={`mr-1 inline-block h-2.5 w-2.5 rounded-full border-2 ${chosen ? 'border-white' : 'border-stop'}`} />
            )}
            {block.title}
            {block.pinned && width > 90 && <Pin size={12} className="ml-1 inline" aria-hidden="true" />}
          </span>
          <span className="head block truncate text-xs">{more && width > 150 ? `${more} · ${clockOf(seconds)}` : clockOf(seconds)}</span>
        </>
      )}
    </button>
  );
}

function Rounds({
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
  const rounds = block.game!.timeline.rounds;
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

function Ruler({ bellAt, minutes, px, low }: { bellAt: number; minutes: number[]; px: (s: number) => number; low: boolean }) {
  const height = low ? 22 : 28;
  const every = px(300) > 60 ? 5 : 10;
  const last = minutes.length - 1;
  return (
    <svg width="100%" height={height} aria-hidden="true" className="block shrink-0">
      {minutes.map((m) => {
        const wall = Math.round(bellAt / 60) + m;
        const label = wall % every === 0;
        const x = 16 + px(m * 60);
        return (
          <g key={m}>
            <line x1={x} x2={x} y1="0" y2={label ? 8 : 5} stroke="var(--color-ink)" strokeWidth="1.2" />
            {label && (
              <text
                x={m === 0 ? 2 : last - m < 2 ? px(last * 60) + 30 : x}
                y={height - 4}
                textAnchor={m === 0 ? 'start' : last - m < 2 ? 'end' : 'middle'}
                fontSize="12"
                fontWeight="650"
                fontFamily="var(--font-head)"
              >
                {bellText(wall * 60).replace(/^0/, '')}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
