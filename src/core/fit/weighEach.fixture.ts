import { LESSONS } from '../../content/demo.ts';
import { demoDesk, period } from '../../content/desk.fixture.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import { type FindingDraft, findingKey } from '../model/finding.ts';
import { Lesson } from '../model/lesson.ts';
import { freshPlan } from './blockPlans.ts';
import { ALL_CHECKS, type Check, draftFit, noticedBy, planLesson } from './draftFit.ts';
import type { FitInput } from './fitted.ts';

/** Eight games in a lesson of forty minutes: far over the bell, with an idea for nearly everything. */
export function eightGames(): FitInput {
  const games = [
    'nine-mills',
    'bell-tower',
    'wind-and-leaves',
    'mill-sacks',
    'weather-round',
    'bridge-keepers',
    'bell-rows',
    'orchard-carry',
  ];
  const plain = (id: string, phase: string) => ({ id, phase, title: id, least: 60, most: 240, weight: 1 });
  const blocks = games.map((gameId, i) => ({
    ...plain(`game-${i}`, 'game'),
    most: 7200,
    game: { gameId, settings: {}, placed: {} },
  }));
  const lesson = Lesson.parse({ ...LESSONS.mills, id: 'eight', blocks: [plain('arrive', 'arrive'), ...blocks, plain('close', 'close')] });
  return demoDesk({ lesson, period: period('10:00', '10:40') });
}

const stopsOf = (list: readonly FindingDraft[]) => list.filter((n) => n.weight === 'stop').map(findingKey);
const ideasOf = ({ ideas }: FindingDraft) => (typeof ideas === 'function' ? ideas() : ideas) ?? [];

/**
 * The reference of weighing: every idea plans the whole lesson afresh, the check that noticed the finding first, then the others.
 * Gives the edits of the fixes of each finding, by its key.
 */
export function weighEach(input: FitInput): Record<string, string[]> {
  const { noticed } = draftFit(input, ALL_CHECKS, freshPlan);
  const before = new Set(stopsOf(noticed));
  const drafts = new Map<string, { input: FitInput; planned: ReturnType<typeof planLesson> } | undefined>();
  const draftWith = (edits: readonly Edit[]) => {
    const key = JSON.stringify(edits);
    if (!drafts.has(key)) {
      const applied = applyEdit(input.lesson, { kind: 'many', edits: [...edits] });
      const changed = applied.ok && { ...input, lesson: applied.lesson };
      drafts.set(key, changed ? { input: changed, planned: planLesson(changed, freshPlan) } : undefined);
    }
    return drafts.get(key);
  };
  const planned = planLesson(input, freshPlan);
  const source = (key: string) => ALL_CHECKS.find((check) => noticedBy(check, input, planned).some((n) => findingKey(n) === key));
  const fixes: Record<string, string[]> = {};
  for (const each of noticed) {
    const key = findingKey(each);
    if (fixes[key]) continue;
    const first = source(key);
    const order: Check[] = [...(first ? [first] : []), ...ALL_CHECKS.filter((c) => c !== first)];
    const works: string[] = [];
    for (const { edits } of ideasOf(each)) {
      if (works.length === 3) break;
      const tried = draftWith(edits);
      const fails = (list: readonly FindingDraft[]) => list.some((n) => findingKey(n) === key) || stopsOf(list).some((s) => !before.has(s));
      if (!tried || fails(tried.planned.draft.noticed)) continue;
      if (order.every((check) => !fails(noticedBy(check, tried.input, tried.planned)))) works.push(JSON.stringify(edits));
    }
    fixes[key] = works;
  }
  return fixes;
}

/** How many ideas the findings of a lesson have. */
export const ideaCount = (input: FitInput): number => draftFit(input).noticed.reduce((sum, n) => sum + ideasOf(n).length, 0);
