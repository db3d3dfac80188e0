import type { Segment } from '../../../core/formats/format.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { callWords } from '../../../core/words/en.ts';

interface Props {
  block: PlanBlock | undefined;
  segment: Segment | undefined;
  /** True in the last round: nobody moves on after it. */
  last: boolean;
  upNow: boolean;
  /** True while students wait for a turn. */
  waits: boolean;
}

/** What is called out now: what to park, take along and lay out at the switch; where nobody moves on, the rules to remember. */
export function WhatToSay({ block, segment, last, upNow, waits }: Props) {
  const game = block?.game;
  const moves = block?.segments.some((s) => s.kind === 'move') ?? false;
  const numberOf = (id: string) => game?.pieces.find((p) => p.id === id)?.number ?? 0;
  return (
    <div
      className="mt-4 min-h-0 flex-1 overflow-auto max-[900px]:order-last max-[900px]:flex-none"
      tabIndex={0}
      role="region"
      aria-label="What to say"
    >
      {game?.rules && !moves && <Rules {...game.rules} />}
      {game && moves && segment?.kind !== 'phase' && !last && (
        <>
          <h2 className="text-lg">At the switch say</h2>
          <ul className="text-base text-[#dfe5ec]">
            {callWords(game.calls, numberOf).map((line) => (
              <li key={line}>{line}</li>
            ))}
            <li>Walk to the next number.</li>
          </ul>
        </>
      )}
      {waits && game?.waitingTask && segment?.kind === 'work' && (
        <p className="mt-2 text-base text-[#dfe5ec]">
          <span className="head">While waiting: </span>
          {game.waitingTask}
        </p>
      )}
      {block && !game && block.note && <p className="text-lg">{block.note}</p>}
      {upNow && <p className="text-lg">Time is up. End the lesson when the gear is back.</p>}
    </div>
  );
}

function Rules({ restart, out, calm }: { restart: string; out: string; calm: string }) {
  return (
    <>
      <h2 className="text-lg">Remember</h2>
      <ul className="text-base text-[#dfe5ec]">
        <li>{restart}.</li>
        <li>{out}.</li>
        <li>When it gets wild: {calm}.</li>
      </ul>
    </>
  );
}
