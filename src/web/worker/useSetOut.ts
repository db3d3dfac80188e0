import { useQuery } from '@tanstack/react-query';
import type { PacedList } from '../../core/arrange/paced.ts';
import type { SetOutGrade, SetOutList, SetOutRates } from '../../core/arrange/setOutList.ts';
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
  grade: SetOutGrade = 'exact',
): SetOutList | undefined {
  return useQuery({
    queryKey: ['set-out', room.id, room.revision, pieces, gear, tapeM, rates, laid, grade],
    queryFn: () => fitting().setOutList(room, pieces, gear, tapeM, rates, laid, grade),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  }).data;
}

/** The same by paces alone, without a tape. */
export function usePaced(
  room: Room,
  pieces: readonly Piece[],
  gear: number,
  paceM: number,
  laid: readonly LaidPiece[],
): PacedList | undefined {
  return useQuery({
    queryKey: ['paced', room.id, room.revision, pieces, gear, paceM, laid],
    queryFn: () => fitting().pacedList(room, pieces, gear, paceM, laid),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  }).data;
}
