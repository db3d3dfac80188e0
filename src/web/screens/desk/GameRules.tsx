import type { FittedBlock } from '../../../core/fit/fitted.ts';
import type { SettingMeta } from '../../../core/formats/setting.ts';
import type { Edit } from '../../../core/model/edit.ts';
import type { Game } from '../../../core/model/game.ts';
import type { BlockId } from '../../../core/model/ids.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { formatWords } from '../../../core/words/en.ts';
import { cardLineWords } from '../../../core/words/rules.en.ts';
import type { Units } from '../../parts/units.ts';
import { GameAsks } from './GameAsks.tsx';
import { RuleCard } from './RuleCard.tsx';
import { SettingControl } from './SettingControl.tsx';

interface Props {
  stored: Lesson['blocks'][number];
  block: FittedBlock;
  game: Game;
  piece: string | null;
  units: Units;
  explainMinutes: number;
  perform(edit: Edit, name?: string): void;
}

const GROUPS: [SettingMeta['group'], string][] = [
  ['play', 'Play'],
  ['time', 'Time'],
  ['people', 'Groups'],
  ['floor', 'Floor'],
];

/** A game on the Rules sheet: the card of the chosen place, the rules as they are read aloud, and the settings that decide them. */
export function GameRules({ stored, block, game, piece, units, explainMinutes, perform }: Props) {
  const fitted = block.game!;
  const words = formatWords(fitted.format);
  const solved: Record<string, unknown> = {
    workSeconds: fitted.timeline.workSeconds,
    moveSeconds: fitted.moveSeconds,
    groups: fitted.groups.length,
  };
  const card = fitted.cards.find((c) => c.pieceId === piece);
  return (
    <>
      {card && (
        <section className="mt-3 border-[1.5px] border-ink bg-white p-3" aria-label={`Card of ${card.title}`}>
          <h2 className="text-lg">{card.title}</h2>
          <dl>
            {card.lines.map((line, i) => {
              const { label, text } = cardLineWords(line, fitted.format);
              return (
                <div key={`${line.code}-${i}`} className="mt-1">
                  <dt className="text-xs text-muted">{label}</dt>
                  <dd>{text}</dd>
                </div>
              );
            })}
          </dl>
        </section>
      )}
      {!card && <p className="mt-3 text-muted">Choose a {words.unit} on the floor to read its card.</p>}
      <RuleCard
        key={block.id}
        game={game}
        fitted={fitted}
        set={stored.game!.settings}
        own={stored.game!.rules ?? []}
        explainMinutes={explainMinutes}
        onRules={(rules, name) => perform({ kind: 'set-rules', blockId: block.id as BlockId, rules: rules.length ? rules : null }, name)}
      />
      {GROUPS.map(([group, title]) => (
        <section key={group} className="mt-4">
          <h2 className="mb-1 border-b text-base">{title}</h2>
          <div className="grid grid-cols-2 gap-x-3 gap-y-2">
            {fitted.settings
              .filter((m) => m.group === group)
              .map((meta) => (
                <SettingControl
                  key={meta.key}
                  {...{ meta, words, units }}
                  value={fitted.values[meta.key]}
                  solved={solved[meta.key]}
                  set={meta.key in stored.game!.settings}
                  onSet={(value) => perform({ kind: 'set-setting', blockId: stored.id, key: meta.key, value })}
                />
              ))}
          </div>
        </section>
      ))}
      <GameAsks fitted={fitted} game={game} blockId={block.id} />
    </>
  );
}
