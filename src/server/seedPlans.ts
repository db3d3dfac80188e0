import { HOME_MADE } from '../content/homeMade.ts';
import { adaptLesson, changesIn } from '../core/fit/adaptLesson.ts';
import { fitUnweighed } from '../core/fit/fit.ts';
import { AdaptationEdit } from '../core/model/adaptation.ts';
import type { Database } from './database.ts';
import { readDeskById } from './deskInput.ts';
import { appendAdaptation } from './repositories/adaptationLog.ts';

/** Puts in use what is proposed for these students in a lesson of the demo's past, so that the next lesson can take it over. */
export async function seedPlans(db: Database, periodId: string, students: readonly string[]): Promise<void> {
  const desk = await readDeskById(db, periodId);
  if (!desk.lesson) return;
  const input = { ...desk, lesson: desk.lesson };
  const { cells } = adaptLesson({ fitted: fitUnweighed(input), input, adults: [], homeMade: HOME_MADE, chosen: [] });
  const plans = cells.filter((c) => students.includes(c.student)).flatMap((c) => c.plans);
  for (const [i, plan] of plans.filter((p) => changesIn(p).length > 0 && !p.leaves).entries()) {
    const { student, block, place, dials } = plan;
    const at = { student, block, ...(place === undefined ? {} : { place }) };
    const after = { accepted: JSON.parse(JSON.stringify(dials)), refused: [] };
    const edit = AdaptationEdit.parse({ id: `plan-${i + 1}-${periodId}`, name: 'use a plan', lessonRevision: 0, ...at, after });
    await appendAdaptation(db, desk.lesson.id, edit);
  }
}
