import { useState } from 'react';
import { GEAR_FAMILIES, type GearFamily, type GearKind } from '../../../core/model/gearKind.ts';
import { shapeOf } from './gearShapes.ts';

/** What somebody said a thing is: a kind that there is, or a new one of a family. */
export type KindAnswer = { kind: string } | { family: GearFamily };

/** One thing of a kind, drawn as it stands on its shelf. */
export function KindDrawing({ kind, family }: { kind: string; family: GearFamily }) {
  const { d, width } = shapeOf(kind, family);
  return (
    <svg width={Math.min(width, 44)} height="30" viewBox={`-1 -48 ${width + 2} 50`} className="shrink-0" aria-hidden="true">
      <path d={d} fill="var(--color-maple)" stroke="var(--color-ink)" strokeWidth="1.5" vectorEffect="non-scaling-stroke" />
    </svg>
  );
}

/** "What is it like?": families drawn, then the kinds of the one that was pressed; a kind of its own where none fits. */
export function KindQuestion({
  name,
  kinds,
  onAnswer,
  onClose,
}: {
  name: string;
  kinds: readonly GearKind[];
  onAnswer(answer: KindAnswer): void;
  onClose?(): void;
}) {
  const [family, setFamily] = useState<GearFamily | null>(null);
  const button = 'flex min-h-11 items-center gap-2 border-[1.5px] border-line bg-white px-2 py-1 text-left text-sm hover:bg-tint';
  return (
    <fieldset className="border-[1.5px] border-ink bg-bench p-2" aria-label={`What is “${name}” like?`}>
      <p className="mb-1.5 flex items-baseline justify-between gap-3">
        <span>
          What is <strong>{name}</strong> like?{family && ` A ${family}:`}
        </span>
        {family ? (
          <button type="button" className="text-tape underline" onClick={() => setFamily(null)}>
            Another family
          </button>
        ) : (
          onClose && (
            <button type="button" className="text-tape underline" onClick={onClose}>
              Close
            </button>
          )
        )}
      </p>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-1.5">
        {!family &&
          GEAR_FAMILIES.map((f) => (
            <button key={f} type="button" className={button} onClick={() => (f === 'other' ? onAnswer({ kind: 'other' }) : setFamily(f))}>
              <KindDrawing kind="" family={f} />
              {f === 'other' ? 'none of these' : f}
            </button>
          ))}
        {family &&
          kinds
            .filter((k) => k.family === family)
            .map(({ kind }) => (
              <button key={kind} type="button" className={button} onClick={() => onAnswer({ kind })}>
                <KindDrawing kind={kind} family={family} />
                {kind}
              </button>
            ))}
        {family && (
          <button type="button" className={`${button} font-bold`} onClick={() => onAnswer({ family })}>
            none of these: a kind of its own
          </button>
        )}
      </div>
    </fieldset>
  );
}
