import type { Draft, Round, Segment, Timeline } from '../format.ts';
import type { CourtContext } from './group.ts';
import type { AdvanceCourtValues, CourtPlaySetup } from './setup.ts';

type CourtDraft = Draft<AdvanceCourtValues>;

/** A bout of rallies is between two and eight minutes long where nobody says: shorter is no game, longer no contest. */
const BOUT = [120, 480] as const;

const fixed = ({ values }: CourtDraft) => values.rehearseSeconds + values.resetSeconds + (values.bouts - 1) * values.breakSeconds;

export function courtSpan(_: CourtContext, draft: CourtDraft): { least: number; most: number } {
  const at = (bout: number) => fixed(draft) + draft.values.bouts * (draft.values.workSeconds ?? bout);
  return { least: at(BOUT[0]), most: at(BOUT[1]) };
}

/** Rehearsal, bouts with a break between them, reset: what is left over goes to the reset. */
export function courtTimeline(_: CourtContext, draft: CourtDraft, seconds: number): Timeline {
  const { values } = draft;
  const workSeconds = values.workSeconds ?? Math.max(5, Math.floor((seconds - fixed(draft)) / values.bouts));
  const segments: Segment[] = [];
  const rounds: Round[] = [];
  let at = 0;
  const add = (segment: Omit<Segment, 'at' | 'until'>, length: number) => {
    if (length > 0) segments.push({ ...segment, at, until: at + length });
    at += Math.max(0, length);
  };
  add({ kind: 'phase', code: 'rehearse' }, values.rehearseSeconds);
  for (let round = 0; round < values.bouts; round++) {
    if (round) add({ kind: 'phase', code: 'break' }, values.breakSeconds);
    rounds.push({ at, until: at + workSeconds, lap: round, places: draft.groups.map((_, g) => g) });
    add({ kind: 'work', code: 'work', round }, workSeconds);
  }
  add({ kind: 'phase', code: 'reset' }, Math.max(values.resetSeconds, seconds - at));
  return { segments, rounds, workSeconds };
}

/** One play a court. Weights never enter it: they would carry private ratings into the run. */
export function courtPlays(draft: CourtDraft, timeline: Timeline): CourtPlaySetup[] {
  const { positions, rallySeconds, bouts } = draft.values;
  return draft.groups.map((players) => ({
    players,
    positions,
    rallySeconds,
    playSeconds: bouts * timeline.workSeconds,
    ...(players.length < 2 ? { lone: true } : {}),
  }));
}
