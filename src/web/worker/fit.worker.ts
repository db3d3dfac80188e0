import { expose } from 'comlink';
import { layMany } from '../../core/arrange/layMany.ts';
import { setOutList } from '../../core/arrange/setOutList.ts';
import { fit, fitUnweighed } from '../../core/fit/fit.ts';

/** The fitting thread: plain data in, plain data out. */
const fitting = { fit, fitUnweighed, setOutList, layMany };
export type Fitting = typeof fitting;
expose(fitting);
