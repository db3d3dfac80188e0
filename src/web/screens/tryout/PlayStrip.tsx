import { useRef } from 'react';
import type { SamplePlay } from '../../../core/fit/tryOut.ts';
import { clockOf } from '../../../core/formats/speak.ts';

/** The most events that are drawn. */
const MOST_TICKS = 1200;

interface Props {
  sample: SamplePlay;
  at: number;
  title: string;
  onAt(at: number): void;
  /** What an event is called. */
  word(event: { type: string }, play: number): string;
}

/** The play as one length of tape: dragged or stepped to any second, its events hanging under it. */
export function PlayStrip({ sample, at, title, onAt, word }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const { seconds } = sample;
  const left = (t: number) => `${(Math.min(seconds, t) / seconds) * 100}%`;
  const to = (clientX: number) => {
    const rect = box.current!.getBoundingClientRect();
    onAt(Math.max(0, Math.min(seconds, ((clientX - rect.left) / rect.width) * seconds)));
  };
  const events = sample.plays.flatMap(({ events: list }, play) => list.map((event) => ({ event, play })));
  // So many that they would hide one another are thin lines.
  const isDense = events.length > 120;
  const shown = events.slice(0, MOST_TICKS);
  const ticks = Array.from({ length: 7 }, (_, i) => (i * seconds) / 6);
  return (
    <section aria-label="This play" className="shrink-0 border-t border-ink bg-[#F3F3F1] px-4 pt-2 pb-1">
      <p className="flex justify-between text-xs text-muted">
        <span>{title} · what happened in this play</span>
        <span>{events.length} events</span>
      </p>
      <div
        ref={box}
        role="slider"
        tabIndex={0}
        aria-label="Second of the play"
        aria-valuemin={0}
        aria-valuemax={Math.round(seconds)}
        aria-valuenow={Math.round(at)}
        aria-valuetext={clockOf(at)}
        className="relative mt-1 h-9 cursor-pointer touch-none bg-tint focus-visible:outline-2 focus-visible:outline-tape"
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          to(e.clientX);
        }}
        onPointerMove={(e) => e.buttons === 1 && to(e.clientX)}
        onKeyDown={(e) => {
          const by = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : e.key === 'PageDown' ? 10 : e.key === 'PageUp' ? -10 : 0;
          if (!by) return;
          e.preventDefault();
          onAt(Math.max(0, Math.min(seconds, at + by)));
        }}
      >
        <div className="absolute inset-y-0 left-0 bg-tape" style={{ width: left(at) }} />
        <div className="absolute -top-0.5 -bottom-0.5 w-[3px] bg-ink" style={{ left: left(at) }} />
      </div>
      <div className="relative h-5" aria-hidden="true">
        {shown.map(({ event, play }, i) => (
          <span
            key={`${event.at}-${i}`}
            title={`${clockOf(event.at)} ${word(event, play)}`}
            className={`absolute top-1 h-2.5 ${isDense ? 'w-px bg-ink' : `w-2.5 border-[1.5px] border-ink ${event.at <= at ? 'bg-ink' : 'bg-white'}`}`}
            style={{ left: left(event.at), transform: 'translateX(-50%)' }}
          />
        ))}
      </div>
      <div className="relative h-5 text-xs font-bold" aria-hidden="true">
        {ticks.map((t, i) => (
          <span key={t} className="absolute" style={{ left: left(t), transform: `translateX(${i === 0 ? 0 : i === 6 ? -100 : -50}%)` }}>
            {clockOf(t)}
          </span>
        ))}
      </div>
    </section>
  );
}
