import { rectPiece } from '../../arrange/rectPlaces.ts';
import { courtPlaces, courtTape } from '../courts.ts';
import type { BlockDraft } from '../format.ts';
import { courtCount, courtUnit, type TournamentContext } from './group.ts';
import type { TournamentValues } from './setup.ts';

/** Courts side by side. */
export function tournamentLayout(context: TournamentContext): Pick<BlockDraft<TournamentValues>, 'pieces' | 'things' | 'unplaced'> {
  const list = Array.from({ length: courtCount(context) }, (_, i) => ({ id: `court-${i + 1}`, title: context.setup.court }));
  const { places, unplaced } = courtPlaces(context, courtUnit(context), list);
  return {
    pieces: places.map((p) => ({ ...rectPiece(p, false), label: { x: p.x, y: p.y + p.depth } })),
    things: places.flatMap(courtTape),
    unplaced,
  };
}
