import { expose } from 'comlink';
import { fit, fitUnweighed } from '../../core/fit/fit.ts';

/** The fitting thread: plain data in, plain data out. */
const fitting = { fit, fitUnweighed };
export type Fitting = typeof fitting;
expose(fitting);
