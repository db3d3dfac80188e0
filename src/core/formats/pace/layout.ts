import { type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import type { BlockDraft } from '../format.ts';
import { alongPath } from '../loopFloor.ts';
import { lapOf, type PaceContext, startCount } from './group.ts';
import type { PaceValues } from './setup.ts';

/** The lap, with a start for everyone evenly along it. */
export function paceLayout(context: PaceContext): Pick<BlockDraft<PaceValues>, 'pieces' | 'things' | 'unplaced'> {
  const lap = lapOf(context);
  if (!lap) return { pieces: [], things: [], unplaced: [{ id: 'lap', number: 1, title: 'Lap' }] };
  const own = piecesOf('lap');
  const starts = alongPath(lap.path, startCount(context)).map(
    (at, i): LaidPiece => own('cone', `start-${i + 1}`, { x: at.x, y: at.y }, { turnedDeg: at.turnedDeg }),
  );
  return { pieces: [lap.piece], things: starts, unplaced: [] };
}
