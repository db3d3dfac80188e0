import { expose } from 'comlink';
import { readOutline } from '../../core/exchange/outlineFile.ts';

/** The thread that reads plans: it may be ended in the middle of a file. */
const reading = { readOutline };
export type Reading = typeof reading;
expose(reading);
