import { GameId } from '../core/model/ids.ts';
import { newHeader } from '../core/model/record.ts';

/** Fields that our games share unless one sets its own. Demands and purpose come from the format. */
export const basics = (id: string) => ({
  ...newHeader('game', 3),
  id: GameId.parse(id),
  purpose: [],
  demands: [],
  stopSignal: '',
});
