import { floorChange, floorThings } from '../../arrange/floorChange.ts';
import { TAPE_OFF } from '../../arrange/floorWork.ts';
import { layingSeconds, SET_OUT_RATES } from '../../arrange/setOutList.ts';
import { takeOver } from '../../arrange/takeOver.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import { doorSpot } from '../../model/room.ts';
import { type FitDraft, type FitInput, laidIn } from '../fitted.ts';

/** Less tape saved is not worth another floor, m. */
const LEAST_SAVED_M = 2;

/**
 * The floor changed from the lesson before in this room: a note if it cannot be taped in the time between the two, a caution
 * if not even the gear can be put away and brought out. One adult at the usual rates.
 */
export function floorChangeChecks(input: FitInput, draft: Omit<FitDraft, 'noticed'>): Noticed[] {
  const was = input.day?.floors?.find((f) => f.when === 'before');
  const block = draft.blocks.find((b) => (b.game?.pieces.length ?? 0) + b.laid.length > 0);
  if (!was || !block) return [];
  const pieces = block.game?.pieces ?? [];
  const [before, after] = [floorThings(was.pieces, was.laid, input.room), floorThings(pieces, laidIn(block), input.room)];
  const door = doorSpot(input.room);
  const { tapeInM, tapeOutM, carried, walkM } = floorChange(before, after, door);
  const gearSeconds = layingSeconds(0, 0, carried, SET_OUT_RATES) + walkM / SET_OUT_RATES.walkMs;
  const seconds = Math.round(gearSeconds + (tapeInM + tapeOutM * TAPE_OFF) * SET_OUT_RATES.secondsPerTapeM);
  if (seconds <= was.gapSeconds) return [];
  const reused = takeOver({ id: block.id, pieces }, before, after, { door, tapeInM });
  const ideas: Idea[] =
    reused && reused.savedM >= LEAST_SAVED_M ? [{ code: 'reuse-tape', data: { savedM: reused.savedM }, edits: reused.edits }] : [];
  return [
    {
      code: 'floor-change-late',
      weight: gearSeconds > was.gapSeconds ? 'caution' : 'note',
      at: { block: block.id },
      data: { to: was.to, seconds, gapSeconds: was.gapSeconds, tapeInM, tapeOutM, carried },
      ideas,
    },
  ];
}
