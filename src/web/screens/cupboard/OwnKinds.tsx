import type { Gear } from '../../../core/model/gear.ts';
import { GEAR_FAMILIES, GEAR_USES, type GearKind, type GearUse } from '../../../core/model/gearKind.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useSaveSchool } from '../../parts/useSaveSchool.ts';

/** Kinds that the school added itself: their family, what they are used for, and gone once nothing is of them. */
export function OwnKinds({ gear, onChanged }: { gear: readonly Gear[]; onChanged(): Promise<void> }) {
  const { school, save, problem } = useSaveSchool();
  const kinds = school.gearKinds ?? [];
  if (!kinds.length) return null;
  const put = (next: GearKind[]) => void save({ gearKinds: next }).then(onChanged);
  const change = (kind: GearKind, more: Partial<GearKind>) => put(kinds.map((k) => (k === kind ? { ...k, ...more } : k)));
  return (
    <section className="mt-6" aria-label="Your own kinds">
      <h2 className="border-b-2 border-paint pb-0.5 text-base">Your own kinds</h2>
      <ul>
        {kinds.map((kind) => {
          const inUse = gear.some((g) => g.gearKind === kind.kind);
          return (
            <li key={kind.kind} className="flex flex-wrap items-end gap-3 border-b py-2">
              <span className="head min-w-40 flex-1 text-base">{kind.kind}</span>
              <div className="w-44">
                <ChoiceField
                  label={`Family of ${kind.kind}`}
                  value={kind.family}
                  options={GEAR_FAMILIES.map((f) => [f, f] as const)}
                  onPick={(family) => change(kind, { family })}
                />
              </div>
              <div className="w-44">
                <ChoiceField
                  label={`Mostly used to (${kind.kind})`}
                  value={kind.uses[0]}
                  options={GEAR_USES.map((u) => [u, u] as const)}
                  onPick={(use: GearUse) => change(kind, { uses: [use, ...kind.uses.filter((u) => u !== use)].slice(0, 8) })}
                />
              </div>
              <button type="button" className="btn" disabled={inUse} onClick={() => put(kinds.filter((k) => k !== kind))}>
                {inUse ? 'In use' : `Remove ${kind.kind}`}
              </button>
            </li>
          );
        })}
      </ul>
      <Problem text={problem} />
    </section>
  );
}
