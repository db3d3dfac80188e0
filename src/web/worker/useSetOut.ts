import { useQuery } from '@tanstack/react-query';
import type { SetOutList, SetOutRates } from '../../core/arrange/setOutList.ts';
import type { LaidPiece } from '../../core/model/laidPiece.ts';
import type { Piece } from '../../core/model/piece.ts';
import type { Room } from '../../core/model/room.ts';
import { fitting } from './useFit.ts';

/** The set-out list of a layout, worked out in the worker; undefined until it is there, the last one while a new one comes. */
export function useSetOut(
  room: Room,
  pieces: readonly Piece[],
  gear: number,
  tapeM: number,
  rates: SetOutRates,
  laid: readonly LaidPiece[],
): SetOutList | undefined {
  return useQuery({
    queryKey: ['set-out', room.id, room.revision, pieces, gear, tapeM, rates, laid],
    queryFn: () => fitting().setOutList(room, pieces, gear, tapeM, rates, laid),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  }).data;
}
