import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** What games of ours have alike until they say something else: what they ask and are for comes from their format. */
export const basics = (id: string) => ({
  ...newHeader('game', 3),
  id: GameId.parse(id),
  purpose: [],
  demands: [],
  stopSignal: '',
});
