import type { Playing, Segment } from '../formats/format.ts';
import type { PlayEvent, PlayView } from '../formats/play.ts';
import { formatOf } from '../formats/registry.ts';
import type { Finding } from '../model/finding.ts';
import type { RunEvent } from '../model/run.ts';
import type { RunPlan } from './runPlan.ts';

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

export interface RunState {
  steps: RunStep[];
  /** Index of the current step. */
  step: number;
  /** Wall clock when the current step began, ms. */
  stepWall: number;
  remainingMs: number;
  /** Length of the current step with what was added or taken, ms. */
  lengthMs: number;
  paused: boolean;
  ended: boolean;
  /** Running time so far, ms. */
  activeMs: number;
  pausedMs: number;
  ran: RanStep[];
  /** By block id, for blocks with a game: each of its plays. */
  plays: Record<string, { view: PlayView; refused: Finding[] }[]>;
  counts: Record<string, number>;
  notes: string[];
  /** Events that still hold and can be struck, oldest first. */
  undoable: RunEvent[];
}

/** A block's plays with where each stands, as its format's board and results take them. */
export function playing(setups: readonly unknown[], folded: readonly { view: PlayView }[]): Playing<unknown>[] {
  return setups.map((setup, i) => ({ setup, view: folded[i].view }));
}

/** The run's steps in order: every segment of every block. */
export function stepsOf(plan: RunPlan): RunStep[] {
  return plan.blocks.flatMap((block, i) => block.segments.map((segment) => ({ block: i, segment, seconds: segment.until - segment.at })));
}

/** The events that are not struck, in the order they were stored; strikes themselves left out. */
function held(events: readonly RunEvent[]): RunEvent[] {
  const struck = new Set(events.flatMap((e) => (e.type === 'strike' ? [e.target as string] : [])));
  return events.filter((e) => e.type !== 'strike' && !struck.has(e.id));
}

/**
 * The events that still hold, corrections resolved: struck ones and strikes left out, replaced ones as they were replaced last,
 * late additions where they really happened.
 */
export function effective(events: readonly RunEvent[]): RunEvent[] {
  const still = held(events);
  const replaced = new Map(still.flatMap((e) => (e.type === 'replace' ? [[e.target as string, e.event] as const] : [])));
  const told: RunEvent[] = [];
  for (const event of still) {
    if (event.type === 'replace') continue;
    const play = event.type === 'play' && replaced.has(event.id) ? { ...event, event: replaced.get(event.id)! } : event;
    if (play.type === 'play' && play.since !== undefined) {
      const since = play.since;
      const before = told.findIndex((e) => e.at > since);
      told.splice(before < 0 ? told.length : before, 0, { ...play, at: since });
    } else told.push(play);
  }
  return told;
}

const UNDOABLE = ['pause', 'resume', 'skip', 'adjust', 'play', 'count', 'replace'];

/**
 * Where a run stands at `now`: the log folded over the frozen plan. The clock is the start plus pauses; steps follow one
 * another by themselves; a bout that ends makes its format's clock events, so that a reload, a gap or a second window see the
 * same. The last step waits at 0:00 until the teacher ends. Times that go backwards count as no time passed.
 */
export function foldRun(plan: RunPlan, startedAt: number, log: readonly RunEvent[], now: number): RunState {
  const steps = stepsOf(plan);
  const events = effective(log);
  const plays: Record<string, PlayEvent[][]> = Object.fromEntries(plan.blocks.map((b) => [b.id, (b.game?.plays ?? []).map(() => [])]));
  const blockFrom: Record<number, number> = {};
  const ran: RanStep[] = [];
  const state = {
    step: 0,
    from: 0,
    fromWall: startedAt,
    length: (steps[0]?.seconds ?? 0) * 1000,
    active: 0,
    wall: startedAt,
    paused: false,
    ended: false,
    pausedMs: 0,
  };

  const enter = (step: number, at: number) => {
    state.step = step;
    state.from = at;
    state.fromWall = startedAt + at + state.pausedMs;
    state.length = (steps[step]?.seconds ?? 0) * 1000;
    if (steps[step]) blockFrom[steps[step].block] ??= at;
  };
  const inBlock = (block: number, at: number) => Math.max(0, (at - (blockFrom[block] ?? at)) / 1000);
  const leave = (at: number) => {
    const { block, segment } = steps[state.step];
    ran.push({ step: state.step, from: state.from, until: at, wall: state.fromWall });
    const { game, id } = plan.blocks[block];
    if (!game) return;
    for (const event of formatOf(game.format).clockEvents(segment, game.rounds.length))
      for (const play of plays[id]) play.push({ ...event, at: inBlock(block, at) });
  };
  const run = (until: number) => {
    while (state.step < steps.length - 1 && until >= state.from + state.length) {
      const at = state.from + state.length;
      leave(at);
      enter(state.step + 1, at);
    }
  };
  const pass = (wall: number) => {
    const gone = Math.max(0, wall - state.wall);
    state.wall = Math.max(state.wall, wall);
    if (state.paused) state.pausedMs += gone;
    else state.active += gone;
    run(state.active);
  };

  if (steps.length) enter(0, 0);
  const counts: Record<string, number> = {};
  const notes: string[] = [];
  for (const event of events) {
    if (state.ended) {
      if (event.type === 'note') notes.push(event.text);
      if (event.type === 'count') counts[event.gearKind] = event.counted;
      continue;
    }
    pass(event.at);
    if (event.type === 'pause') state.paused = true;
    else if (event.type === 'resume') state.paused = false;
    else if (event.type === 'adjust') {
      state.length = Math.max(state.active - state.from, state.length + event.seconds * 1000);
      run(state.active);
    } else if (event.type === 'skip' && state.step < steps.length - 1) {
      leave(state.active);
      enter(state.step + 1, state.active);
    } else if (event.type === 'play') {
      const block = plan.blocks.findIndex((b) => b.id === event.blockId);
      if (block >= 0 && blockFrom[block] !== undefined)
        plays[event.blockId][event.play ?? 0]?.push({ ...event.event, at: inBlock(block, state.active) });
    } else if (event.type === 'count') counts[event.gearKind] = event.counted;
    else if (event.type === 'note') notes.push(event.text);
    else if (event.type === 'end') {
      if (steps.length) ran.push({ step: state.step, from: state.from, until: state.active, wall: state.fromWall });
      state.ended = true;
    }
  }
  if (!state.ended) pass(now);

  const folded = plan.blocks.flatMap((b) => {
    const { game } = b;
    return game ? [[b.id, game.plays.map((setup, i) => formatOf(game.format).replay(setup, plays[b.id][i]))] as const] : [];
  });
  return {
    steps,
    step: state.step,
    stepWall: state.fromWall,
    remainingMs: Math.max(0, state.from + state.length - state.active),
    lengthMs: state.length,
    paused: state.paused,
    ended: state.ended,
    activeMs: state.active,
    pausedMs: state.pausedMs,
    ran,
    plays: Object.fromEntries(folded),
    counts,
    notes,
    undoable: held(log).filter((e) => UNDOABLE.includes(e.type)),
  };
}
