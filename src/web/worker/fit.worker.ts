import { expose } from 'comlink';
import { setOutList } from '../../core/arrange/setOutList.ts';
import { fit, fitUnweighed } from '../../core/fit/fit.ts';

/** The fitting thread: plain data in, plain data out. */
const fitting = { fit, fitUnweighed, setOutList };
export type Fitting = typeof fitting;
expose(fitting);
