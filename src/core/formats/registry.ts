import type { FormatId } from '../model/game.ts';
import { advanceCourt } from './advance-court/index.ts';
import { callUp } from './call-up/index.ts';
import { chase } from './chase/index.ts';
import { circle } from './circle/index.ts';
import { course } from './course/index.ts';
import type { Format } from './format.ts';
import { innings } from './innings/index.ts';
import { intervalPairs } from './interval-pairs/index.ts';
import { ladder } from './ladder/index.ts';
import { openFloor } from './open-floor/index.ts';
import { pace } from './pace/index.ts';
import { perimeter } from './perimeter/index.ts';
import { pods } from './pods/index.ts';
import { possession } from './possession/index.ts';
import { relay } from './relay/index.ts';
import { skillLane } from './skill-lane/index.ts';
import { spotCollect } from './spot-collect/index.ts';
import { stations } from './stations/index.ts';
import { targetClash } from './target-clash/index.ts';
import { tossTargets } from './toss-targets/index.ts';
import { tournament } from './tournament/index.ts';
import { winnersRing } from './winners-ring/index.ts';

/** Every format there is: a total map, so that a forgotten one does not compile. */
export const FORMATS: Record<FormatId, Format> = {
  stations,
  'advance-court': advanceCourt,
  'call-up': callUp,
  chase,
  circle,
  course,
  innings,
  'interval-pairs': intervalPairs,
  ladder,
  'open-floor': openFloor,
  pace,
  perimeter,
  pods,
  possession,
  relay,
  'skill-lane': skillLane,
  'spot-collect': spotCollect,
  'target-clash': targetClash,
  'toss-targets': tossTargets,
  tournament,
  'winners-ring': winnersRing,
};

/** The format of that name. RangeError for a name that is not built. */
export function formatOf(id: string): Format {
  if (!Object.hasOwn(FORMATS, id)) throw new RangeError(`unknown format: ${JSON.stringify(id)}`);
  return FORMATS[id as FormatId];
}
