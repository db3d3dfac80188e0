import { advanceCourtWords } from '../formats/advance-court/words.en.ts';
import { callUpWords } from '../formats/call-up/words.en.ts';
import { chaseWords } from '../formats/chase/words.en.ts';
import { circleWords } from '../formats/circle/words.en.ts';
import { courseWords } from '../formats/course/words.en.ts';
import type { FormatWords } from '../formats/formatWords.ts';
import { inningsWords } from '../formats/innings/words.en.ts';
import { intervalPairsWords } from '../formats/interval-pairs/words.en.ts';
import { ladderWords } from '../formats/ladder/words.en.ts';
import { openFloorWords } from '../formats/open-floor/words.en.ts';
import { paceWords } from '../formats/pace/words.en.ts';
import { perimeterWords } from '../formats/perimeter/words.en.ts';
import { podsWords } from '../formats/pods/words.en.ts';
import { possessionWords } from '../formats/possession/words.en.ts';
import { relayWords } from '../formats/relay/words.en.ts';
import { skillLaneWords } from '../formats/skill-lane/words.en.ts';
import { spotCollectWords } from '../formats/spot-collect/words.en.ts';
import { stationsWords } from '../formats/stations/words.en.ts';
import { targetClashWords } from '../formats/target-clash/words.en.ts';
import { tossTargetsWords } from '../formats/toss-targets/words.en.ts';
import { tournamentWords } from '../formats/tournament/words.en.ts';
import { winnersRingWords } from '../formats/winners-ring/words.en.ts';
import type { FormatId } from '../model/game.ts';

/** The words of every format: a total map. */
export const FORMAT_WORDS: Record<FormatId, FormatWords> = {
  stations: stationsWords,
  'advance-court': advanceCourtWords,
  'call-up': callUpWords,
  chase: chaseWords,
  circle: circleWords,
  course: courseWords,
  innings: inningsWords,
  'interval-pairs': intervalPairsWords,
  ladder: ladderWords,
  'open-floor': openFloorWords,
  pace: paceWords,
  perimeter: perimeterWords,
  pods: podsWords,
  possession: possessionWords,
  relay: relayWords,
  'skill-lane': skillLaneWords,
  'spot-collect': spotCollectWords,
  'target-clash': targetClashWords,
  'toss-targets': tossTargetsWords,
  tournament: tournamentWords,
  'winners-ring': winnersRingWords,
};
export const formatWords = (id: string): FormatWords => FORMAT_WORDS[id as FormatId];

/** "as a hunter": a role that a format asks different things of; empty for anything else. */
export const asRoleWords = (format: string | undefined, role: string | undefined): string =>
  (format !== undefined && role !== undefined && formatWords(format).asRole?.[role]) || '';
