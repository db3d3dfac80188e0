import { type Speak, speakIn } from '../formats/speak.ts';
import type { Fix } from '../model/finding.ts';
import { fixWords } from '../words/en.ts';
import { rankWords } from '../words/ways.en.ts';
import type { RankedWay } from './rankWays.ts';

const speak: Speak = speakIn('m');

export const fitWords = (choice: Pick<Fix, 'code' | 'data'>) => fixWords(choice, speak);
/** The sentence about today's way. */
export const speakPlain = (ranked: readonly RankedWay[]) =>
  rankWords(ranked.find((w) => w.today)!, ranked.length, ['activeShare', 'turns', 'adults']);
