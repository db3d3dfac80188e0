import { parentPort } from 'node:worker_threads';
import { readGames } from '../../core/exchange/gamesFile.ts';
import { readGearCsv } from '../../core/exchange/gearCsv.ts';
import { readHolidays } from '../../core/exchange/holidaysIcs.ts';
import { readRoster } from '../../core/exchange/roster.ts';
import { readSchoolBytes } from './schoolFileReader.ts';

/** Every kind of file that comes in, read where it may take its time and be ended. */
const READERS = { holidays: readHolidays, roster: readRoster, gear: readGearCsv, games: readGames, school: readSchoolBytes };
export type Readers = typeof READERS;

/** One file to read, and what came of it. */
export interface ReadJob {
  id: number;
  kind: keyof Readers;
  args: unknown[];
}
export type ReadAnswer = { id: number; result: unknown } | { id: number; error: string };

parentPort?.on('message', ({ id, kind, args }: ReadJob) => {
  const read = READERS[kind] as (...given: unknown[]) => unknown;
  let answer: ReadAnswer;
  try {
    answer = { id, result: read(...args) };
  } catch (error) {
    answer = { id, error: error instanceof Error ? error.name : 'Error' };
  }
  parentPort?.postMessage(answer);
});
