import type { ResultRow } from '../formats/board.ts';
import type { Visit } from '../formats/hosted.ts';
import { formatOf } from '../formats/registry.ts';
import { isPlaying, type Presence } from '../model/period.ts';
import type { Run, RunEvent } from '../model/run.ts';
import { valueAt } from '../model/text.ts';
import { joined } from '../play/forecast.ts';
import { foldRun } from './foldRun.ts';
import { gearToCount, missedAt } from './gearCounts.ts';
import { formatsIn, type PlanBlock, planOf } from './runPlan.ts';
import { type PlayNow, playing } from './runState.ts';

/** A run as the logbook tells it; folded from the log, never stored. */
export interface LogEntry {
  runId: string;
  classId: string;
  date: string;
  className: string;
  roomName: string;
  lessonTitle: string;
  startedAt: number;
  ended: boolean;
  /** Made by mistake, as the teacher said. */
  discarded: boolean;
  plannedSeconds: number;
  actualSeconds: number;
  /** Seconds that a student was active on average: bouts as they ran, by the share that the format forecasts for them. */
  onTaskSeconds: number;
  /** `rotations`: rounds that were begun; `skipped`: those of them that were left before their half. */
  blocks: { title: string; plannedSeconds: number; actualSeconds: number; rotations: number; skipped: number; plannedRotations: number }[];
  /** Results by block, as its format tells them; `best` is the highest value. */
  results: { block: string; format: string; code: string; rows: ResultRow[]; best: number }[];
  absent: string[];
  /** Who came after the start, and who left before the end. */
  late: string[];
  left: string[];
  /** True if tries by step are kept of one of its games. */
  keepsAttempts: boolean;
  /** Gear that was not all there when it was counted last; `atSwitch`: the switch of a game at which it was missed first. */
  gearMissing: { gearKind: string; counted: number; need: number; atSwitch?: number }[];
  /** Gear that nobody counted. */
  gearUncounted: { gearKind: string; need: number }[];
  note: string;
}

/** True for a round that ran at least half as long as it was to; milliseconds against seconds. */
const isPlayed = ({ from, until }: { from: number; until: number }, seconds: number): boolean => (until - from) / 1000 >= seconds / 2;

const AWAY: Presence = { status: 'absent', role: 'away' };

/** Which share of a block's bouts a student is active in, as its format forecasts the frozen plays. */
function activeInBouts({ game, segments, seconds }: PlanBlock): number {
  const worked = segments.reduce((sum, s) => sum + (s.kind === 'work' ? s.until - s.at : 0), 0);
  if (!game?.plays.length || !worked) return 0;
  const { quick } = formatOf(game.format);
  return (joined(game.plays.map((setup) => quick(setup, { seconds, seed: 1 }))).activeShare.mean * seconds) / worked;
}

/** Results of the places that are games of their own: of each its groups in the order in which they came. */
function visitResults(visits: readonly Visit[], plays: readonly PlayNow[][], wasPlayed: (round: number) => boolean) {
  const places = [...new Set(visits.map((v) => v.piece))];
  return places.flatMap((piece) => {
    const mine = visits.flatMap((visit, i) => (visit.piece === piece && wasPlayed(visit.round) ? [{ visit, plays: plays[i] }] : []));
    if (!mine.length) return [];
    const { title, format } = mine[0].visit;
    const each = mine.map(({ visit, plays: list }) => ({ group: visit.group, ...formatOf(format).results(playing(list)) }));
    return [{ title, format, code: each[0].code, rows: each.flatMap(({ group, rows }) => rows.map((row) => ({ ...row, group }))) }];
  });
}

/** What a run came to, at `now` where it has not ended. */
export function logEntry(run: Run, events: readonly RunEvent[], now: number): LogEntry {
  const state = foldRun(planOf(run), run.startedAt, events, now);
  const { plan } = state;
  const running =
    state.ended || !state.steps.length
      ? []
      : [{ step: state.step, from: state.activeMs - (state.lengthMs - state.remainingMs), until: state.activeMs, wall: 0 }];
  const ran = [...state.ran, ...running];
  const blocks = plan.blocks.map((block, b) => {
    const mine = ran.filter((r) => state.steps[r.step].block === b);
    const isWork = (segment: { kind: string }) => segment.kind === 'work';
    const rounds = mine.filter((r) => isWork(state.steps[r.step].segment));
    const played = rounds.filter((r) => isPlayed(r, state.steps[r.step].seconds));
    return {
      title: block.title,
      plannedSeconds: block.seconds,
      actualSeconds: Math.round(mine.reduce((sum, r) => sum + r.until - r.from, 0) / 1000),
      rotations: rounds.length,
      skipped: rounds.filter((r) => !played.includes(r) && !running.includes(r)).length,
      plannedRotations: block.segments.filter(isWork).length,
    };
  });
  const onTask = plan.blocks.reduce((sum, block, b) => {
    const worked = ran.reduce((ms, r) => {
      const { block: of, segment } = state.steps[r.step];
      return of === b && segment.kind === 'work' ? ms + r.until - r.from : ms;
    }, 0);
    return worked ? sum + (worked / 1000) * activeInBouts(block) : sum;
  }, 0);
  const result = (title: string, format: string, code: string, rows: ResultRow[]) => ({
    ...{ block: title, format, code },
    rows: rows.map((row) => ({ ...row, members: row.members.map((id) => plan.names[id] ?? id) })),
    best: Math.max(0, ...rows.map((row) => row.value)),
  });
  const results = plan.blocks.flatMap((block, b) => {
    const { game } = block;
    if (!game) return [];
    const { code, rows } = formatOf(game.format).results(playing(state.plays[block.id]));
    const begun = new Set(ran.flatMap(({ step }) => (state.steps[step].block === b ? [state.steps[step].segment.round] : [])));
    return [
      result(block.title, game.format, code, rows),
      ...visitResults(game.visits ?? [], state.visits[block.id], (round) => begun.has(round)).map((v) =>
        result(`${block.title}, ${v.title}`, v.format, v.code, v.rows),
      ),
    ];
  });
  const nameOf = (id: string) => plan.names[id] ?? id;
  const absent = plan.absent.filter((id) => !isPlaying(state.presence[id] ?? AWAY));
  return {
    runId: run.id,
    classId: run.classId,
    date: run.date,
    className: plan.className,
    roomName: plan.roomName,
    lessonTitle: plan.lessonTitle,
    startedAt: run.startedAt,
    ended: state.ended,
    discarded: run.discarded === true,
    plannedSeconds: plan.blocks.reduce((sum, b) => sum + b.seconds, 0),
    actualSeconds: Math.round(state.activeMs / 1000),
    onTaskSeconds: Math.round(onTask),
    blocks,
    results,
    keepsAttempts: plan.blocks.some(({ game }) => formatsIn(game).some((format) => formatOf(format).keepsAttempts)),
    absent: absent.map(nameOf),
    late: plan.absent.filter((id) => !absent.includes(id)).map(nameOf),
    left: Object.keys(state.presence)
      .filter((id) => !isPlaying(state.presence[id]) && !plan.absent.includes(id))
      .map(nameOf),
    gearMissing: gearToCount(plan).flatMap(({ gearKind, need }) => {
      const there = valueAt(state.counts, gearKind);
      if (there === undefined || there >= need) return [];
      const atSwitch = missedAt(state, gearKind, need);
      return [{ gearKind, counted: there, need, ...(atSwitch === undefined ? {} : { atSwitch }) }];
    }),
    gearUncounted: gearToCount(plan).filter(({ gearKind }) => valueAt(state.counts, gearKind) === undefined),
    note: state.notes.at(-1) ?? '',
  };
}
