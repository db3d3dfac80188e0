import { capital } from '../../../core/formats/speak.ts';
import { GEAR_COLOURS, LAID_FACTS, LANE_USES, type LaidPiece } from '../../../core/model/laidPiece.ts';
import { LAID_WORDS, USE_WORDS } from '../../../core/words/floor.en.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import type { Units } from '../../parts/units.ts';

/** A whole number from typed text. */
function whole(text: string): number {
  const value = Number(text.trim());
  if (!text.trim() || !Number.isInteger(value)) throw new Error(`"${text}" is not a whole number.`);
  return value;
}

/** What a laid piece is for: its name and what its kind asks. */
export function LaidRules({ piece, units, onPut }: { piece: LaidPiece; units: Units; onPut: (piece: LaidPiece, name: string) => void }) {
  const name = piece.title || LAID_WORDS[piece.laid];
  const set = (patch: Partial<LaidPiece>) => onPut({ ...piece, ...patch }, `change ${name}`);
  const { more } = LAID_FACTS[piece.laid];
  const tick = (label: string, key: 'lofted' | 'grab') => (
    <label className="col-span-2 flex items-center gap-2">
      <input
        type="checkbox"
        className="h-4 w-4 accent-tape"
        checked={piece[key] === true}
        onChange={(e) => set({ [key]: e.target.checked })}
      />
      {label}
    </label>
  );
  return (
    <section className="border-b p-4" aria-label={`Piece: ${name}`}>
      <h2 className="mb-1 text-base">{capital(LAID_WORDS[piece.laid])}</h2>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <CommitField label="Name" value={piece.title} onCommit={(title) => set({ title })} />
        {'use' in more && (
          <ChoiceField
            label="For"
            value={piece.use ?? 'throw'}
            options={LANE_USES.map((u) => [u, USE_WORDS[u]] as const)}
            onPick={(use) => set({ use })}
          />
        )}
        {'colour' in more && (
          <ChoiceField
            label="Color"
            value={piece.colour ?? 'orange'}
            options={GEAR_COLOURS.map((c) => [c, c] as const)}
            onPick={(colour) => set({ colour })}
          />
        )}
        {'zones' in more && <CommitField label="Zones" value={String(piece.zones ?? 1)} onCommit={(t) => set({ zones: whole(t) })} />}
        {'students' in more && (
          <CommitField label="Students here" value={String(piece.students ?? 1)} onCommit={(t) => set({ students: whole(t) })} />
        )}
        {'heightM' in more && (
          <CommitField label="Height" value={units.say(piece.heightM ?? 0)} onCommit={(t) => set({ heightM: units.read(t) })} />
        )}
        {'implementM' in more && (
          <CommitField
            label="Implement swung here"
            hint={piece.implementM ? undefined : 'none; write its length'}
            value={units.say(piece.implementM ?? 0)}
            onCommit={(t) => set({ implementM: units.read(t) })}
          />
        )}
        {'lofted' in more && tick('What flies here goes up high', 'lofted')}
        {'grab' in more && tick('An object to be grabbed lies in it', 'grab')}
      </div>
    </section>
  );
}
