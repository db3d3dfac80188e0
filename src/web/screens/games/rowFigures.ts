import { counted } from '../../../core/formats/speak.ts';
import { HOUSE_LIMITS } from '../../../core/model/band.ts';
import type { ShelfRow } from '../../../core/shelf/judge.ts';
import { formatWords } from '../../../core/words/en.ts';
import { minutesWords, shortWords, waitWords } from '../../../core/words/shelf.en.ts';
import { measureWords } from '../../../core/words/ways.en.ts';

export interface RowFigure {
  label: string;
  value: string;
  look?: string;
}

/** What a game comes to in a period, in figures with a word under each. */
export function rowFigures({ format, pieces, measures, short, ...row }: ShelfRow): RowFigure[] {
  const isLong = measures.waitSeconds > HOUSE_LIMITS.sittingOutSeconds;
  return [
    { label: 'fits', value: counted(pieces.length, formatWords(format).unit) },
    { label: 'minutes', value: minutesWords(row) },
    { label: 'on task', value: measureWords('activeShare', measures.activeShare) },
    { label: 'longest wait', value: waitWords(measures.waitSeconds), look: isLong ? 'text-caution' : '' },
    { label: 'short', value: shortWords(short), look: short.length ? 'text-stop' : '' },
    { label: 'to set up', value: `${Math.max(1, Math.round(measures.setUpMinutes))} min` },
  ];
}
