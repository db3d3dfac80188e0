import { roundsOf } from '../formats/bouts.ts';
import { coverNeeds } from '../gear/cover.ts';
import { bandOf } from '../model/band.ts';
import type { FindingDraft, LessonNumbers } from '../model/finding.ts';
import { clockSeconds, isPlaying, type Role } from '../model/period.ts';
import { defaultsFor } from '../model/school.ts';
import { fitFives } from '../rotation/fives.ts';
import { later, leadSeconds, leadSegments } from './blockChange.ts';
import { type BlockPlan, keptPlan, type PlanOf } from './blockPlans.ts';
import { bellChecks } from './checks/bell.ts';
import { besideChecks } from './checks/beside.ts';
import { blockChangeChecks } from './checks/blockChange.ts';
import { floorChecks } from './checks/floor.ts';
import { floorChangeChecks } from './checks/floorChange.ts';
import { gearChecks, needsOf } from './checks/gear.ts';
import { laneChecks } from './checks/lanes.ts';
import { lessonChecks, peopleChecks } from './checks/people.ts';
import { routeChecks } from './checks/routes.ts';
import { ruleChecks } from './checks/rules.ts';
import { sightChecks, waterCheck } from './checks/sight.ts';
import { swingChecks } from './checks/swings.ts';
import { walkChecks } from './checks/walks.ts';
import type { BlockInput, FitDraft, FitInput, FittedBlock, StandingBlock } from './fitted.ts';
import { plannedBlocks } from './plannedBlocks.ts';

/** One concern over the whole fitted lesson. */
type LessonCheck = (input: FitInput, draft: Omit<FitDraft, 'noticed'>) => FindingDraft[];
/** One concern over one block, whatever its length and its neighbors: its answer is kept with the block's plan. */
type BlockCheck = (input: BlockInput, draft: Pick<FitDraft, 'defaults' | 'people'>, block: StandingBlock) => FindingDraft[];
export type Check = { lesson: LessonCheck } | { block: BlockCheck };

/** Checks that need no search over the floor: bell, places, gear, people, rules. */
export const QUICK_CHECKS: readonly Check[] = [
  { lesson: bellChecks },
  { block: floorChecks },
  { block: gearChecks },
  { block: peopleChecks },
  { lesson: lessonChecks },
  { lesson: floorChangeChecks },
  { lesson: blockChangeChecks },
  { lesson: besideChecks },
  { block: ruleChecks },
];
/** Checks that search the floor: lanes, swings, sight, routes on wheels, walks. */
const SLOW_CHECKS: readonly Check[] = [
  { block: laneChecks },
  { block: swingChecks },
  { block: sightChecks },
  { lesson: waterCheck },
  { block: routeChecks },
  { block: walkChecks },
];
export const ALL_CHECKS: readonly Check[] = [...QUICK_CHECKS, ...SLOW_CHECKS];

/** A lesson planned, and each block's own plan with the answers that are kept beside it. */
export interface PlannedLesson {
  draft: FitDraft;
  blocks: { plan: BlockPlan; standing: StandingBlock; rounds: string }[];
}

/** The students who play today, and those who have another role. */
function peopleToday(input: FitInput): FitDraft['people'] {
  const roles: Partial<Record<Role, string[]>> = {};
  const playing: string[] = [];
  for (const { id } of input.students) {
    const presence = input.attendance?.entries[id];
    if (isPlaying(presence)) playing.push(id);
    if (presence && presence.role !== 'plays') roles[presence.role] = [...(roles[presence.role] ?? []), id];
  }
  return { playing, roles };
}

function numbersOf(blocks: FittedBlock[], gear: FitDraft['gear'], over: number): LessonNumbers {
  const games = blocks.filter((b) => b.game);
  const seconds = games.reduce((sum, b) => sum + b.seconds, 0);
  const total = (pick: (b: FittedBlock) => number) => games.reduce((sum, b) => sum + pick(b), 0);
  return {
    timeOnTask: seconds ? total((b) => b.game!.forecast.activeShare.mean * (b.seconds - leadSeconds(b.change))) / seconds : 0,
    turns: total((b) => b.game!.forecast.turns.mean),
    longestWaitSeconds: Math.max(0, ...games.map((b) => b.game!.forecast.longestWait.p90)),
    gearShort: gear.reduce((sum, line) => sum + line.short, 0),
    overSeconds: over,
    unplaced: total((b) => b.game!.unplaced.length),
  };
}

/** A block without its length: what the checks of one block need to know. */
function standingOf({ game, id, title, phase, laid }: FittedBlock): StandingBlock {
  if (!game) return { id, title, phase, laid };
  const { timeline, plays: _plays, visits: _visits, forecast: _forecast, ...still } = game;
  return { id, title, phase, laid, game: { ...still, rounds: roundsOf(game.groups, timeline.bouts) } };
}

/** The lesson fitted before any check: groups, floor, time, gear, and what the formats noticed themselves. Reads top to bottom. */
export function planLesson(input: FitInput, planOf: PlanOf = keptPlan): PlannedLesson {
  const band = bandOf(input.schoolClass.grade);
  const defaults = defaultsFor(input.school, band);
  const people = peopleToday(input);
  const planned = plannedBlocks(input, people.playing, planOf);

  const periodSeconds = input.secondsLeft ?? clockSeconds(input.period.end) - clockSeconds(input.period.start);
  const bounds = planned.map(({ block, plan: { plan }, change }) => {
    const pinned = block.seconds?.value;
    const span = pinned === undefined ? (plan?.span ?? { least: block.least, most: block.most }) : { least: pinned, most: pinned };
    const lead = pinned === undefined ? leadSeconds(change) : 0;
    return {
      id: block.id as string,
      weight: plan ? Math.max(block.weight, 1) : block.weight,
      least: span.least + lead,
      most: span.most + lead,
    };
  });
  const time = fitFives({ periodSeconds, blocks: bounds });

  let at = 0;
  const noticed: FindingDraft[] = [];
  const blocks = planned.map(({ block, plan, change, wentOn }, i): FittedBlock => {
    const seconds = time.ok ? time.seconds[block.id] : bounds[i].least;
    const { id, title, phase, note = '', laid = [] } = block;
    const { least, most } = bounds[i];
    const lead = leadSegments(change);
    const base = {
      id,
      title,
      phase,
      note,
      at,
      seconds,
      least,
      most,
      pinned: block.seconds !== undefined,
      laid,
      ...(change && { change }),
      ...(wentOn && { wentOn }),
    };
    at += seconds;
    const done = plan.finish?.(Math.max(0, seconds - leadSeconds(change)));
    if (!done) return { ...base, segments: [{ kind: 'phase', code: phase, at: 0, until: seconds }] };
    noticed.push(...done.noticed);
    const game = later(done.game, lead);
    return { ...base, segments: game.timeline.segments, game };
  });

  const gear = blocks.flatMap((b) => coverNeeds(b.id, needsOf(b, input), input.cupboard, input.day?.claims));
  const numbers = numbersOf(blocks, gear, time.ok ? 0 : time.over);
  const spareSeconds = time.ok ? time.spare : 0;
  const standing = blocks.map(standingOf);
  return {
    draft: { band, defaults, blocks, people, gear, numbers, periodSeconds, spareSeconds, noticed },
    blocks: planned.map(({ plan }, i) => ({ plan, standing: standing[i], rounds: JSON.stringify(standing[i].game?.rounds ?? '') })),
  };
}

/** What a check notices of a planned lesson; of each block it is asked once for the same plan. */
export function noticedBy(check: Check, input: FitInput, { draft, blocks }: PlannedLesson): readonly FindingDraft[] {
  if ('lesson' in check) return check.lesson(input, draft);
  return blocks.flatMap(({ plan, standing, rounds }) => {
    const answers = plan.noticed.get(check) ?? new Map<string, readonly FindingDraft[]>();
    plan.noticed.set(check, answers);
    const known = answers.get(rounds) ?? check.block(input, draft, standing);
    answers.set(rounds, known);
    return known;
  });
}

/** The lesson fitted, with everything that the formats and the checks noticed and no fix weighed yet. */
export function draftFit(input: FitInput, checks: readonly Check[] = ALL_CHECKS, planOf: PlanOf = keptPlan): FitDraft {
  const planned = planLesson(input, planOf);
  return { ...planned.draft, noticed: [...planned.draft.noticed, ...checks.flatMap((check) => noticedBy(check, input, planned))] };
}
