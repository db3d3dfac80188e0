import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { cardLineWords } from '../../../core/words/rules.en.ts';
import { Floating } from '../../parts/Sheet.tsx';
import { placeOf } from './WhoGoesWhere.tsx';

/** A group and the place where it is: who is in it, and the card there. */
export function PlaceSheet(props: {
  game: NonNullable<PlanBlock['game']>;
  names: Record<string, string>;
  group: number;
  round: number;
  onClose(): void;
}) {
  const { game, names, group, round, onClose } = props;
  const piece = game.pieces[game.rounds[round]?.[group] ?? -1];
  const card = piece && game.cards.find((c) => c.pieceId === piece.id);
  return (
    <Floating open onClose={onClose} title={`Group ${group + 1}, ${placeOf(game, round, group) ?? 'done'}`} wide>
      <ul className="flex flex-wrap gap-x-4 gap-y-1 text-lg" aria-label={`Who is in group ${group + 1}`}>
        {game.groups[group].map((id) => (
          <li key={id} className="head">
            {names[id] ?? ''}
          </li>
        ))}
      </ul>
      {card && (
        <dl className="mt-3 border-t pt-2 text-base">
          {card.lines
            .map((line) => cardLineWords(line, game.format))
            .map(({ label, text }) => (
              <div key={`${label} ${text}`} className="mb-1.5">
                <dt className="text-xs text-muted">{label}</dt>
                <dd>{text}</dd>
              </div>
            ))}
        </dl>
      )}
      <button type="button" className="btn mt-4" onClick={onClose}>
        Close
      </button>
    </Floating>
  );
}
