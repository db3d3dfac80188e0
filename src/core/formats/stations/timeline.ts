import { fives } from '../../rotation/fives.ts';
import { rotationRounds } from '../../rotation/rounds.ts';
import { stay } from '../bouts.ts';
import type { BlockDraft, Bout, Segment, Timeline } from '../format.ts';
import type { StationsContext } from './group.ts';
import type { StationsPlaySetup, StationsValues } from './setup.ts';

type StationsDraft = BlockDraft<StationsValues>;

const slotsOf = (draft: StationsDraft) => Math.max(draft.groups.length, stationCount(draft), 1);
const stationCount = (draft: StationsDraft) => draft.pieces.length + draft.unplaced.length;
const fixedSeconds = ({ values }: StationsDraft) => values.walkSeconds + values.rehearseSeconds + values.resetSeconds;

/** Seconds of all bouts when the first lap works `work` seconds: later laps may differ. */
function workedSeconds(draft: StationsDraft, work: number): number {
  const { laps, laterLap, laterLapSeconds } = draft.values;
  return slotsOf(draft) * (work + (laps - 1) * (laterLap === 'work' ? laterLapSeconds : work));
}

/** L·S·w + (L·S − 1)·m with w from the band's shortest to its longest stay (or as set), plus walk-through, rehearsal and reset. */
export function stationsSpan(context: StationsContext, draft: StationsDraft): { least: number; most: number } {
  const moves = (slotsOf(draft) * draft.values.laps - 1) * draft.moveSeconds;
  const [shortest, longest] = context.defaults.stay;
  const set = draft.values.workSeconds;
  const at = (work: number) => fixedSeconds(draft) + moves + workedSeconds(draft, set ?? work);
  return { least: at(shortest), most: at(longest) };
}

/** The bout that fills `seconds`: whole 5 s, what is left over goes to the reset. */
export function solveWork(draft: StationsDraft, seconds: number): number {
  const { laps, laterLap, laterLapSeconds, workSeconds } = draft.values;
  if (workSeconds !== undefined) return workSeconds;
  const slots = slotsOf(draft);
  const moves = (slots * laps - 1) * draft.moveSeconds;
  const later = laterLap === 'work' ? slots * (laps - 1) * laterLapSeconds : 0;
  const shared = laterLap === 'work' ? slots : slots * laps;
  return fives((seconds - fixedSeconds(draft) - moves - later) / shared);
}

/** Walk-through, rehearsal, bouts with the moves between them, reset and count-back: seconds from the block's start. */
export function stationsTimeline(_: StationsContext, draft: StationsDraft, seconds: number): Timeline {
  const { values } = draft;
  const workSeconds = solveWork(draft, seconds);
  const segments: Segment[] = [];
  let at = 0;
  const phase = (code: string, length: number) => {
    if (length > 0) segments.push({ kind: 'phase', code, at, until: at + length });
    at += Math.max(0, length);
  };
  phase('walk-through', values.walkSeconds);
  phase('rehearse', values.rehearseSeconds);
  const start = at;
  const slots = slotsOf(draft);
  const bouts: Bout[] = rotationRounds({
    groups: draft.groups.length,
    stations: stationCount(draft),
    workOfLap: Array.from({ length: values.laps }, (_, lap) => (lap && values.laterLap === 'work' ? values.laterLapSeconds : workSeconds)),
    moveSeconds: draft.moveSeconds,
    direction: values.direction,
  }).map((r, i) => ({
    at: r.at + start,
    until: r.until + start,
    lap: Math.floor(i / slots),
    stays: draft.groups.map((members, g) => stay('group', members, r.stationOf[g])),
  }));
  bouts.forEach((bout, i) => {
    segments.push({ kind: 'work', code: 'work', at: bout.at, until: bout.until, round: i });
    if (i < bouts.length - 1) segments.push({ kind: 'move', code: 'move', at: bout.until, until: bouts[i + 1].at, round: i });
  });
  at = bouts.at(-1)?.until ?? at;
  phase('reset', Math.max(values.resetSeconds, seconds - at));
  return { segments, bouts, workSeconds };
}

/** The setup that play and forecast take; `active` is the share of a group that has an implement at once. */
export function playSetup(draft: StationsDraft, timeline: Timeline, stations: StationsPlaySetup['stations']): StationsPlaySetup {
  const { values } = draft;
  return {
    groups: draft.groups,
    stations,
    workSeconds: timeline.workSeconds,
    moveSeconds: draft.moveSeconds,
    laps: values.laps,
    direction: values.direction,
    rounds: Math.max(1, timeline.bouts.length),
    ...(values.laterLap === 'work' ? { laterWorkSeconds: values.laterLapSeconds } : {}),
  };
}
