import type { Game } from '../../../core/model/game.ts';
import type { GamePreview } from '../../../core/shelf/preview.ts';
import { ruleWords } from '../../../core/words/rules.en.ts';
import type { Desk } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { rowFigures } from './rowFigures.ts';

/** A game's floor in the room of a period, and what it comes to there. */
export function GameFloor({ preview, desk, stale }: { preview: GamePreview | null; desk: Desk; stale: boolean }) {
  const { row } = preview ?? {};
  return (
    <section aria-label="The floor" aria-busy={stale}>
      <div className={stale ? 'opacity-60' : ''}>
        <MiniFloor room={desk.room} pieces={row?.pieces ?? []} things={row?.things} width={580} height={340} />
      </div>
      <p className="text-xs text-muted">
        {desk.room.name}, {desk.schoolClass.name}, {desk.students.length} students
      </p>
      <dl className="mt-2 grid grid-cols-6 gap-2">
        {(row ? rowFigures(row) : []).map(({ label, value }) => (
          <div key={label} className="flex flex-col-reverse justify-end">
            <dt className="text-xs text-muted">{label}</dt>
            <dd className="head text-base leading-5">{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** The whole card of rules. */
export function GameRulesList({ game, preview }: { game: Game; preview: GamePreview }) {
  return (
    <section aria-label="Rules" className="mt-4">
      <h2 className="border-b text-base">Rules</h2>
      <dl className="mt-1">
        {preview.rules.map((rule, i) => {
          const { label, text } = ruleWords(rule, game.format);
          return (
            <div key={`${rule.kind} ${i}`} className="grid grid-cols-[120px_minmax(0,1fr)] gap-2 py-0.5">
              <dt className="text-xs leading-5 text-muted">{label}</dt>
              <dd>{text}</dd>
            </div>
          );
        })}
      </dl>
    </section>
  );
}
