import { expose } from 'comlink';
import { layMany } from '../../core/arrange/layMany.ts';
import { pacedList } from '../../core/arrange/paced.ts';
import { setOutList } from '../../core/arrange/setOutList.ts';
import { adaptFixes } from '../../core/fit/adaptFixes.ts';
import { adaptLesson } from '../../core/fit/adaptLesson.ts';
import { byGrade } from '../../core/fit/byGrade.ts';
import { fitUnweighed, type Weighing, weighing } from '../../core/fit/fit.ts';
import type { FitInput, FittedLesson } from '../../core/fit/fitted.ts';
import { searchWays, type WaysFound, type WaysProgress } from '../../core/fit/ways.ts';
import { AIMS, type Aim, type Regrouping, type RegroupRequest, regroup } from '../../core/groups/regroup.ts';
import type { Finding } from '../../core/model/finding.ts';
import { judgeChanged } from '../../core/shelf/judge.ts';

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

/** The lesson that was opened last: its fixes are weighed one finding at a time, until another is opened. */
let opened: { id: number; weighing: Weighing } | undefined;

/** The lesson fitted, findings without fixes; they are weighed under the number that comes with it. */
function open(input: FitInput): { id: number; fitted: FittedLesson } {
  opened = { id: (opened?.id ?? 0) + 1, weighing: weighing(input) };
  return { id: opened.id, fitted: opened.weighing.fitted };
}

/** A finding of an opened lesson with its fixes; null if another was opened since. */
const weigh = (id: number, key: string): Finding | null => (opened?.id === id ? opened.weighing.weighed(key) : null);

/** The fitting thread: plain data in, plain data out. */
const fitting = {
  open,
  weigh,
  fitUnweighed,
  adaptLesson,
  adaptFixes,
  byGrade,
  setOutList,
  pacedList,
  layMany,
  ways,
  regroupings,
  judgeChanged,
};
export type Fitting = typeof fitting;
expose(fitting);
