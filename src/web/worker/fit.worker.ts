import { expose } from 'comlink';
import { layMany } from '../../core/arrange/layMany.ts';
import { pacedList } from '../../core/arrange/paced.ts';
import { setOutList } from '../../core/arrange/setOutList.ts';
import { fit, fitUnweighed } from '../../core/fit/fit.ts';
import type { FitInput } from '../../core/fit/fitted.ts';
import { searchWays, type WaysFound, type WaysProgress } from '../../core/fit/ways.ts';
import { AIMS, type Aim, type Regrouping, type RegroupRequest, regroup } from '../../core/groups/regroup.ts';

/** The ways of a block, telling after every few fits how far it has come. */
async function ways(input: FitInput, blockId: string, tell: (progress: WaysProgress) => void): Promise<WaysFound> {
  const search = searchWays(input, blockId);
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) return step.value;
    if (step.value.done % 6 === 0) tell(step.value);
  }
}

/** What dealing again would come to, for every aim. */
const regroupings = (request: Omit<RegroupRequest, 'aim'>): Record<Aim, Regrouping> =>
  Object.fromEntries(AIMS.map((aim) => [aim, regroup({ ...request, aim })])) as Record<Aim, Regrouping>;

/** The fitting thread: plain data in, plain data out. */
const fitting = { fit, fitUnweighed, setOutList, pacedList, layMany, ways, regroupings };
export type Fitting = typeof fitting;
expose(fitting);
