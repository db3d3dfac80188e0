import { abilityOf } from '../../core/adapt/abilityOf.ts';
import { DIAL_KINDS, type DialCode, PIECE_CODES } from '../../core/adapt/dialKinds.ts';
import { DEMANDS, type Demand } from '../../core/model/demand.ts';
import { DEMAND_WORDS, DIAL_WORDS } from '../../core/words/adapt.en.ts';
import { ChoiceField } from './CommitField.tsx';
import type { SupportsChange, SupportsKnown } from './SupportsEditor.tsx';
import { useUnits } from './units.ts';

const ABLE = ['not now', 'some', 'much', 'fully'];
const CODES = [...Object.keys(DIAL_KINDS), ...PIECE_CODES].filter((c) => c !== 'another-task') as DialCode[];

/** What a teacher knows better than the supports say, limits beside theirs, and changes that a student likes or refuses. */
export function SupportsMore({ name, known, put }: { name: string; known: SupportsKnown; put(change: SupportsChange): Promise<unknown> }) {
  const { refined = {}, limits = [], wishes = {} } = known;
  const units = useUnits();
  const wordsOf = (code: string) => DIAL_WORDS[code as DialCode]?.('another one', {}, units.say) ?? code;
  const ability = abilityOf({ id: 'one', ...known, refined: undefined });
  const wish = (list: 'likes' | 'refuses', code: string, isIn: boolean) => {
    const rest = (wishes[list] ?? []).filter((c) => c !== code);
    return put({ wishes: { ...wishes, [list]: isIn ? [...rest, code] : rest } });
  };
  return (
    <details>
      <summary className="cursor-pointer text-muted hover:text-ink">Refine, limits, likes</summary>
      <p className="mt-1 text-xs text-muted">
        What {name} can meet now. A limit is “not now”: nothing lifts it, and it holds for everyone near.
      </p>
      <ul className="mt-1 flex max-h-64 flex-col overflow-auto border p-1" tabIndex={0} aria-label="What they can meet">
        {DEMANDS.map((demand) => (
          <li key={demand} className="flex items-center gap-2">
            <span className="min-w-0 flex-1">{DEMAND_WORDS[demand]}</span>
            <label className="flex items-center gap-1 text-xs text-muted">
              <input
                type="checkbox"
                className="h-4 w-4 accent-stop"
                aria-label={`Limit: ${DEMAND_WORDS[demand]}`}
                checked={limits.includes(demand)}
                onChange={(e) => void put({ limits: e.target.checked ? [...limits, demand] : limits.filter((d) => d !== demand) })}
              />
              limit
            </label>
            <ChoiceField
              quiet
              className="cell"
              label={`How much: ${DEMAND_WORDS[demand]}`}
              value={refined[demand] === undefined ? '' : String(refined[demand])}
              options={[['', `${ABLE[ability.of(demand)]} (automatic)`] as const, ...ABLE.map((w, i) => [String(i), w] as const)]}
              onPick={(level) => {
                const { [demand]: _, ...rest } = refined;
                void put({
                  refined: (level === '' ? rest : { ...rest, [demand]: Number(level) }) as Partial<Record<Demand, 0 | 1 | 2 | 3>>,
                });
              }}
            />
          </li>
        ))}
      </ul>
      {(['likes', 'refuses'] as const).map((list) => (
        <div key={list} className="mt-2">
          <ChoiceField
            label={list === 'likes' ? 'Likes: comes first, whatever it costs' : 'Refuses: never proposed'}
            value=""
            options={[
              ['', 'add a change …'] as const,
              ...CODES.filter((c) => !wishes[list]?.includes(c)).map((c) => [c, wordsOf(c)] as const),
            ]}
            onPick={(code) => code && void wish(list, code, true)}
          />
          {(wishes[list] ?? []).map((code) => (
            <button
              key={code}
              type="button"
              className="mt-1 mr-1.5 border px-2 py-0.5 hover:bg-tint"
              aria-label={`Remove: ${wordsOf(code)}`}
              onClick={() => void wish(list, code, false)}
            >
              {wordsOf(code)} ×
            </button>
          ))}
        </div>
      ))}
    </details>
  );
}
