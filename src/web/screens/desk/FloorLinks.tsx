import { Link } from 'react-router';
import type { FittedBlock } from '../../../core/fit/fitted.ts';

/** From a block on the desk to its set-up sheet, a try-out, and the same game in other grades. */
export function FloorLinks({ periodId, block }: { periodId: string; block: FittedBlock | undefined }) {
  if (!block) return null;
  const pieces = block.game?.pieces.length ?? 0;
  return (
    <>
      {pieces + block.laid.length > 0 && (
        <Link className="btn flex items-center whitespace-nowrap" to={`/desk/${periodId}/set-out?block=${block.id}`}>
          <span>
            Set up<span className="@max-[832px]:sr-only"> the floor</span>
          </span>
        </Link>
      )}
      {pieces > 0 && (
        <Link className="btn flex items-center whitespace-nowrap" to={`/desk/${periodId}/try?block=${block.id}`}>
          Try it out
        </Link>
      )}
      {block.game && (
        <Link className="btn flex items-center whitespace-nowrap @max-[1020px]:hidden" to={`/desk/${periodId}/grades?block=${block.id}`}>
          By grade
        </Link>
      )}
    </>
  );
}
