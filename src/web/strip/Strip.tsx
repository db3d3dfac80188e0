import { useRef, useState } from 'react';
import type { FittedBlock, FittedLesson } from '../../core/fit/fitted.ts';
import { clockOf } from '../../core/formats/speak.ts';
import { bellText } from '../../core/model/period.ts';
import { useSize } from '../floor/scale.ts';
import { shortBell } from '../parts/now.ts';
import { BlockTape, Rounds } from './BlockTape.tsx';
import { LENS_BELOW_PX, Lens } from './Lens.tsx';
import { useShrunk } from './useShrunk.ts';

interface Props {
  fitted: FittedLesson;
  /** Seconds after midnight of the first bell. */
  bellAt: number;
  block: string | null;
  round: number;
  /** How many changes for students are in use, by block. */
  changed?: ReadonlyMap<string, number>;
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
/** More blocks that became shorter are counted. */
const MOST_SHRUNK = 4;

/** The period from bell to bell as one length of tape on a tape measure, cut into blocks, each with its rounds. */
export function Strip({ fitted, bellAt, block, round, changed, troubled, onBlock, onRound, onCut, low, children }: Props) {
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
  const shrunk = useShrunk(fitted.blocks);
  const lens = fitted.blocks.find((b) => b.id === block && size.width > 0 && narrowest(b, px) < LENS_BELOW_PX);
  const lensLeft = lens ? px(lens.at) : 0;
  const heights = lens ? (low ? 'h-[148px]' : 'h-[156px]') : low ? 'h-[104px]' : 'h-[136px]';
  return (
    <section aria-label="Strip of the period" className={`relative flex shrink-0 flex-col border-t border-ink bg-bench ${heights}`}>
      {lens && <Lens block={lens} left={lensLeft} wide={size.width} px={px} round={round} onRound={(r) => onRound(lens.id, r)} />}
      {!low && !lens && (
        <div className="flex h-6 items-center gap-3 px-4 text-xs text-muted">
          {children}
          {shrunk.size > 0 && <span role="status">{shrunkWords(fitted.blocks, shrunk)}</span>}
        </div>
      )}
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
                px={px}
                seconds={shown}
                chosen={b.id === block}
                changes={changed?.get(b.id) ?? 0}
                was={shrunk.get(b.id)}
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

/** "Shorter now: Arrive 4:00 → 3:00, and 2 more". */
function shrunkWords(blocks: readonly FittedBlock[], shrunk: ReadonlyMap<string, number>): string {
  const said = blocks.flatMap((b) => (shrunk.has(b.id) ? [`${b.title} ${clockOf(shrunk.get(b.id)!)} → ${clockOf(b.seconds)}`] : []));
  const more = said.length - MOST_SHRUNK;
  return `Shorter now: ${more > 0 ? `${said.slice(0, MOST_SHRUNK).join(', ')}, and ${more} more` : said.join(', ')}`;
}

/** Width of a block's narrowest round on the strip, px. */
function narrowest(block: FittedBlock, px: (seconds: number) => number): number {
  return Math.min(...(block.game?.timeline.bouts ?? []).map((r) => px(r.until - r.at)));
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
                {shortBell(bellText(wall * 60))}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
