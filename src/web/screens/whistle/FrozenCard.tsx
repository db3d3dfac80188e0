import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { cardLineWords, ruleWords } from '../../../core/words/rules.en.ts';

/** A game's card as it was when the whistle blew: every rule in reading order, then what is done at each place. */
export function FrozenCard({ game, large }: { game: NonNullable<PlanBlock['game']>; large?: boolean }) {
  const lines = (list: readonly { label: string; text: string }[]) => (
    <dl className={`text-[#dfe5ec] ${large ? 'text-base' : 'text-sm'}`}>
      {list.map(({ label, text }, i) => (
        <div key={`${label}-${i}`} className="mb-1.5 break-inside-avoid">
          <dt className="text-xs text-[#aab4c0]">{label}</dt>
          <dd>{text}</dd>
        </div>
      ))}
    </dl>
  );
  return (
    <>
      <div className={large ? 'columns-2 gap-8 max-[900px]:columns-1' : ''}>
        {lines(game.rules.map((rule) => ruleWords(rule, game.format)))}
      </div>
      {game.cards.map((card) => (
        <section key={card.pieceId} className="mt-3 border-t border-white/25 pt-2" aria-label={`Card of ${card.title}`}>
          <h3 className="head text-base">{card.title}</h3>
          {lines(card.lines.map((line) => cardLineWords(line, game.format)))}
        </section>
      ))}
    </>
  );
}
