import type { LaidPiece } from '../../core/model/laidPiece.ts';
import type { Piece } from '../../core/model/piece.ts';
import { boxOf, lengthOf, pointAlong } from '../../core/model/shape.ts';
import { PennantCloth } from '../parts/Pennant.tsx';
import type { Scale } from './scale.ts';

/** Every group's pennant at the place where the group is; it walks there, unless something is being moved. */
export function GroupPennants({
  pieces,
  things,
  places,
  scale,
  still,
}: {
  pieces: readonly Piece[];
  /** What lies inside the places. */
  things: readonly LaidPiece[];
  /** Index of the piece where each group is. */
  places: readonly number[];
  scale: Scale;
  /** Nothing is being moved just now. */
  still: boolean;
}) {
  return places.map((at, g) => {
    const piece = pieces[at];
    if (!piece) return null;
    const box = boxOf(piece.shape);
    // A group that begins at a thing of the place flies there; of several on a path each has its share of it, of several elsewhere each stands a little beside the last.
    const home = things.find((t) => t.group === g && t.of === piece.id);
    const before = places.slice(0, g).filter((p) => p === at).length;
    const there = places.filter((p) => p === at).length;
    const onPath = piece.shape.shape === 'path' ? pointAlong(piece.shape, (before / there) * lengthOf(piece.shape)) : undefined;
    const start = home ?? onPath;
    const beside = start ? 0 : before * 44;
    const x = (start ? scale.x(start.x) + 12 : scale.x(box.x + box.width) - (piece.taped ? 46 : 30)) - beside;
    const y = start ? scale.y(start.y) - 34 : piece.taped ? scale.y(box.y) - 40 : scale.y(box.y + box.depth) - 30;
    return (
      <g
        key={`group-${g + 1}`}
        style={{ transform: `translate(${x}px, ${y}px)`, transition: still ? 'transform 220ms ease-in-out' : undefined }}
        pointerEvents="none"
      >
        <line x1="-1" y1="-3" x2="-1" y2="30" stroke="var(--color-ink)" strokeWidth="2.5" />
        <PennantCloth index={g} />
        <circle cx="32" cy="22" r="8.5" fill="white" stroke="var(--color-ink)" strokeWidth="1.5" />
        <text x="32" y="22.5" textAnchor="middle" dominantBaseline="central" fontSize="12" fontWeight="700">
          {g + 1}
        </text>
      </g>
    );
  });
}
