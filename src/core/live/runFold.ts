import type { Segment } from '../formats/format.ts';
import { formatOf } from '../formats/registry.ts';
import type { Presence } from '../model/period.ts';
import type { RunEvent } from '../model/run.ts';
import type { PlayFold } from '../play/foldPlay.ts';
import type { PlayEvent } from '../play/playRules.ts';
import { applyPresence } from './applyPresence.ts';
import type { PlanBlock, RunPlan } from './runPlan.ts';
import { endedVisits, openVisits, stepVisit, visitsWith } from './visits.ts';

/** One stretch of the run: a segment of a block. */
export interface RunStep {
  block: number;
  segment: Segment;
  seconds: number;
}

/** A step that has run or is running; milliseconds of running time, pauses not counted. */
export interface RanStep {
  step: number;
  from: number;
  until: number;
  /** Wall clock at its start, ms. */
  wall: number;
}

/** Where a run stands after some of its events; immutable, so that the clock can run ahead of a copy that costs nothing. */
export interface RunFold {
  plan: RunPlan;
  startedAt: number;
  steps: RunStep[];
  /** The current step, when it began in running time and on the wall clock, and its length with what was added or taken; ms. */
  step: number;
  from: number;
  fromWall: number;
  lengthMs: number;
  /** Running time so far, the wall clock up to which it was counted, and the pauses; ms. */
  activeMs: number;
  wall: number;
  pausedMs: number;
  paused: boolean;
  ended: boolean;
  ran: RanStep[];
  /** Running time at which each block began and ended, by index; ms. */
  began: Record<number, number>;
  over: Record<number, number>;
  /** Running time at which each round began, by block and round; ms. */
  rounds: Record<number, Record<number, number>>;
  /** By block id: each of its plays; and the plays of each visit to a place that is a game of its own. */
  plays: Record<string, PlayFold[]>;
  visits: Record<string, PlayFold[][]>;
  /** What was said of students while the lesson ran. */
  presence: Record<string, Presence>;
  /** Offences of each student so far. */
  offences: Record<string, number>;
  counts: Record<string, number>;
  /** What was counted at each step, by its index and by kind; of several counts at one step the last. */
  countsAt: Record<number, Record<string, number>>;
  notes: string[];
}

/** The run's steps in order: every segment of every block. */
export function stepsOf(plan: RunPlan): RunStep[] {
  return plan.blocks.flatMap((block, i) => block.segments.map((segment) => ({ block: i, segment, seconds: segment.until - segment.at })));
}

const openPlays = ({ game }: PlanBlock, version: number): PlayFold[] =>
  (game?.plays ?? []).map((setup) => formatOf(game!.format).open(setup, game!.playVersion ?? version));

/** Everything that is played in blocks, at second 0. */
const openAll = (blocks: readonly PlanBlock[], version: number): Pick<RunFold, 'plays' | 'visits'> => ({
  plays: Object.fromEntries(blocks.map((b) => [b.id, openPlays(b, version)])),
  visits: Object.fromEntries(blocks.map((b) => [b.id, openVisits(b)])),
});

/** A run when the whistle blows. */
export function startRun(plan: RunPlan, startedAt: number): RunFold {
  const steps = stepsOf(plan);
  const fold: RunFold = {
    plan,
    startedAt,
    steps,
    step: 0,
    from: 0,
    fromWall: startedAt,
    lengthMs: (steps[0]?.seconds ?? 0) * 1000,
    activeMs: 0,
    wall: startedAt,
    pausedMs: 0,
    paused: false,
    ended: false,
    ran: [],
    began: {},
    over: {},
    rounds: {},
    ...openAll(plan.blocks, plan.playVersion),
    presence: {},
    offences: {},
    counts: {},
    countsAt: {},
    notes: [],
  };
  return steps.length ? enter(fold, 0, 0) : fold;
}

const withPlays = (fold: RunFold, block: number, change: (plays: PlayFold[]) => PlayFold[]): RunFold => {
  const { id } = fold.plan.blocks[block];
  return { ...fold, plays: { ...fold.plays, [id]: change(fold.plays[id]) } };
};
/** Seconds of a block that have run by a moment of running time. */
export const inBlock = (fold: RunFold, block: number, at: number) => Math.max(0, (at - (fold.began[block] ?? at)) / 1000);

/** Lets a student leave or join a block's plays and the visits that are still to come. */
function present(fold: RunFold, block: number, player: string, presence: Presence, at: number): RunFold {
  const { id, game } = fold.plan.blocks[block];
  if (!game) return fold;
  const plays = applyPresence(formatOf(game.format), fold.plays[id], player, presence, at);
  const visits = visitsWith(fold, block, plays, player, presence);
  return { ...fold, plays: { ...fold.plays, [id]: plays }, visits: { ...fold.visits, [id]: visits } };
}

function enter(fold: RunFold, step: number, at: number): RunFold {
  const block = fold.steps[step]?.block;
  const next: RunFold = {
    ...fold,
    step,
    from: at,
    fromWall: fold.startedAt + at + fold.pausedMs,
    lengthMs: (fold.steps[step]?.seconds ?? 0) * 1000,
  };
  const round = fold.steps[step]?.segment;
  if (block !== undefined && round.kind === 'work' && round.round !== undefined)
    next.rounds = { ...fold.rounds, [block]: { ...fold.rounds[block], [round.round]: at } };
  if (block === undefined || fold.began[block] !== undefined) return next;
  const begun = { ...next, began: { ...fold.began, [block]: at } };
  return Object.entries(fold.presence).reduce((now, [player, presence]) => present(now, block, player, presence, 0), begun);
}

function leave(fold: RunFold, at: number): RunFold {
  const { block, segment } = fold.steps[fold.step];
  const { game } = fold.plan.blocks[block];
  const ran = [...fold.ran, { step: fold.step, from: fold.from, until: at, wall: fold.fromWall }];
  const last = fold.steps[fold.step + 1]?.block !== block;
  const next = last ? { ...fold, ran, over: { ...fold.over, [block]: at } } : { ...fold, ran };
  if (!game) return next;
  const format = formatOf(game.format);
  return withPlays(endedVisits(next, block, segment, at), block, (plays) =>
    plays.map((play) =>
      format
        .clockEvents(segment, game.rounds.length, play.setup)
        .reduce((p: PlayFold, event) => p.step({ ...event, at: inBlock(fold, block, at) }), play),
    ),
  );
}

/** Lets the clock run up to that moment: steps follow one another by themselves, and every bout that ends makes its format's clock events. */
function runUp(fold: RunFold): RunFold {
  let now = fold;
  while (now.step < now.steps.length - 1 && now.activeMs >= now.from + now.lengthMs) {
    const at = now.from + now.lengthMs;
    now = enter(leave(now, at), now.step + 1, at);
  }
  return now;
}

/** The run at that wall clock if nothing else happens. Times that go backwards count as no time passed. */
export function passRun(fold: RunFold, wall: number): RunFold {
  const gone = wall - fold.wall;
  if (fold.ended || gone <= 0) return fold;
  if (fold.paused) return { ...fold, wall, pausedMs: fold.pausedMs + gone };
  return runUp({ ...fold, wall, activeMs: fold.activeMs + gone });
}

function counted(fold: RunFold, counts: Readonly<Record<string, number>>): RunFold {
  const here = { ...fold.countsAt[fold.step], ...counts };
  return { ...fold, counts: { ...fold.counts, ...counts }, countsAt: { ...fold.countsAt, [fold.step]: here } };
}

/** The run after one more event. After the end only notes and counts are taken. */
export function stepRun(fold: RunFold, event: RunEvent): RunFold {
  if (event.type === 'note') return { ...passRun(fold, event.at), notes: [...fold.notes, event.text] };
  if (event.type === 'count') return counted(passRun(fold, event.at), { [event.gearKind]: event.counted });
  if (event.type === 'count-all') return counted(passRun(fold, event.at), event.counts);
  if (fold.ended) return fold;
  const now = passRun(fold, event.at);
  switch (event.type) {
    case 'pause':
      return { ...now, paused: true };
    case 'resume':
      return { ...now, paused: false };
    case 'adjust':
      return runUp({ ...now, lengthMs: Math.max(now.activeMs - now.from, now.lengthMs + event.seconds * 1000) });
    case 'skip':
      return now.step < now.steps.length - 1 ? enter(leave(now, now.activeMs), now.step + 1, now.activeMs) : now;
    case 'play':
      return stepPlays(now, event, event.event);
    case 'offence':
      return stepOffence(now, event);
    case 'presence':
      return stepPresence(now, event.student, { status: event.status, role: event.role });
    case 'replan':
      return runUp(stepReplan(now, event.blocks as unknown as PlanBlock[]));
    case 'end': {
      const running = { step: now.step, from: now.from, until: now.activeMs, wall: now.fromWall };
      return { ...now, ran: now.steps.length ? [...now.ran, running] : now.ran, ended: true };
    }
    default:
      return now;
  }
}

/** Which of a block's plays an event is for. */
type Addressed = Pick<Extract<RunEvent, { type: 'play' }>, 'blockId' | 'play' | 'visit'>;

function stepPlays(fold: RunFold, { blockId, play = 0, visit }: Addressed, event: { type: string; [field: string]: unknown }): RunFold {
  const block = fold.plan.blocks.findIndex((b) => b.id === blockId);
  if (block < 0 || fold.began[block] === undefined) return fold;
  if (visit !== undefined) return stepVisit(fold, block, visit, play, event);
  if (!fold.plays[blockId][play]) return fold;
  const played: PlayEvent = { ...event, at: inBlock(fold, block, fold.activeMs) };
  return withPlays(fold, block, (plays) => plays.with(play, plays[play].step(played)));
}

/** An offence is counted; above a word its student sits out. */
function stepOffence(fold: RunFold, event: Extract<RunEvent, { type: 'offence' }>): RunFold {
  const { student, what, step } = event;
  const counted = { ...fold, offences: { ...fold.offences, [student]: (fold.offences[student] ?? 0) + 1 } };
  return step === 'word' ? counted : stepPlays(counted, event, { type: 'box', player: student, why: what, release: step });
}

function stepPresence(fold: RunFold, student: string, presence: Presence): RunFold {
  // The class was frozen with the lesson: nobody else can join it.
  if (!Object.hasOwn(fold.plan.names, student)) return fold;
  const next = { ...fold, presence: { ...fold.presence, [student]: presence } };
  const block = fold.steps[fold.step]?.block;
  if (block === undefined) return next;
  return present(next, block, student, presence, inBlock(fold, block, fold.activeMs));
}

/** The blocks that have begun stay as they were frozen; the others are the new ones. */
function stepReplan(fold: RunFold, fresh: readonly PlanBlock[]): RunFold {
  const begun = fold.plan.blocks.slice(0, (fold.steps[fold.step]?.block ?? -1) + 1);
  const rest = fresh.filter((b) => !begun.some((known) => known.id === b.id));
  const plan = { ...fold.plan, blocks: [...begun, ...rest] };
  const kept = <P>(of: Record<string, P>) => Object.fromEntries(begun.map((b) => [b.id, of[b.id]]));
  const opened = openAll(rest, plan.playVersion);
  const plays = { ...kept(fold.plays), ...opened.plays };
  const visits = { ...kept(fold.visits), ...opened.visits };
  return { ...fold, plan, steps: stepsOf(plan), plays, visits };
}
