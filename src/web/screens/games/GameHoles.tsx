import { usualRule } from '../../../core/formats/holes.ts';
import type { Game } from '../../../core/model/game.ts';
import { type OwnRule, ruleKey } from '../../../core/model/rule.ts';
import type { GameHole, GamePreview } from '../../../core/shelf/preview.ts';
import { findingWords } from '../../../core/words/en.ts';
import { fieldPath } from '../../../core/words/gameFields.en.ts';
import { speakWith, useUnits } from '../../parts/units.ts';

interface Props {
  game: Game;
  preview: GamePreview | null;
  empty: (string | number)[][];
  onChange(game: Game): void;
}

const usualFor = ({ code, data }: GameHole): OwnRule | undefined => usualRule({ code, about: String(data.about) });

/** What a game still lacks: fields without words, and what its rules leave open, each with the usual words at one press. */
export function GameHoles({ game, preview, empty, onChange }: Props) {
  const units = useUnits();
  const holes = preview?.holes ?? [];
  const use = (rules: readonly OwnRule[]) => {
    const others = game.rules.filter((r, i) => !rules.some((rule) => ruleKey(r, i) === ruleKey(rule, -1)));
    onChange({ ...game, rules: [...others, ...rules] } as Game);
  };
  const usual = holes.flatMap((hole) => usualFor(hole) ?? []);
  if (!empty.length && !holes.length)
    return (
      <p role="status" className="mt-3 font-bold text-good">
        No holes: every word is there, and the rules leave nothing open.
      </p>
    );
  return (
    <section aria-label="Holes" className="mt-3 border-t pt-2">
      <h2 className="text-base">Still open ({empty.length + holes.length})</h2>
      <ul className="mt-1">
        {empty.slice(0, 6).map((path) => (
          <li key={path.join('.')}>No words yet: {fieldPath(path)}</li>
        ))}
        {empty.length > 6 && <li>and {empty.length - 6} more fields</li>}
        {holes.map((hole) => {
          const rule = usualFor(hole);
          const { what } = findingWords(hole, speakWith(units, []));
          return (
            <li key={`${hole.code} ${JSON.stringify(hole.data)}`} className="flex flex-wrap items-baseline gap-x-3">
              <span className="text-caution">{what}</span>
              {rule && (
                <button
                  type="button"
                  className="text-tape underline"
                  aria-label={`Use the usual words: ${what}`}
                  onClick={() => use([rule])}
                >
                  Use the usual words
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {usual.length > 1 && (
        <button type="button" className="btn mt-2" onClick={() => use(usual)}>
          Use the usual words for all
        </button>
      )}
    </section>
  );
}
