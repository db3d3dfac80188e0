import type { Segment } from '../../../core/formats/format.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { callWords } from '../../../core/words/en.ts';
import { ruleWords } from '../../../core/words/rules.en.ts';
import { FrozenCard } from './FrozenCard.tsx';

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
      {game && !moves && <Remember game={game} />}
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
      {game && <WholeCard key={block.id} game={game} />}
      {block && !game && block.note && <p className="text-lg">{block.note}</p>}
      {upNow && <p className="text-lg">Time is up. End the lesson when the gear is back.</p>}
    </div>
  );
}

type Game = NonNullable<PlanBlock['game']>;

/** What is asked for again and again while a game goes on. */
const REMEMBERED = ['restart', 'boundary', 'calm-down'];

function Remember({ game }: { game: Game }) {
  const rules = game.rules.filter((rule) => REMEMBERED.includes(rule.kind));
  if (!rules.length) return null;
  return (
    <>
      <h2 className="text-lg">Remember</h2>
      <dl className="text-base text-[#dfe5ec]">
        {rules.map((rule, i) => {
          const { label, text } = ruleWords(rule, game.format);
          return (
            <div key={`${rule.kind}-${i}`}>
              <dt className="inline text-[#aab4c0]">{label}: </dt>
              <dd className="inline">{text}</dd>
            </div>
          );
        })}
      </dl>
    </>
  );
}

/** The card as it was when the whistle blew, one press away. */
function WholeCard({ game }: { game: Game }) {
  if (!game.rules.length && !game.cards.length) return null;
  return (
    <details className="mt-3">
      <summary className="head min-h-11 cursor-pointer py-2 text-base">Read the rules</summary>
      <FrozenCard game={game} />
    </details>
  );
}
