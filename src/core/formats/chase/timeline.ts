import { rectPolygon } from '../../geometry/point.ts';
import { roleRota } from '../../rotation/roleRota.ts';
import { stay } from '../bouts.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { type ChaseContext, hunterCount, rulesOf } from './hunters.ts';
import { fieldOfDraft, safeSpotsIn } from './layout.ts';
import type { ChasePlaySetup, ChaseValues } from './setup.ts';
import { huntersOf } from './state.ts';

type ChaseDraft = BlockDraft<ChaseValues>;

/** A round of chase is 45 seconds to three minutes long if nobody says: longer and legs give out. */
const ROUND = [45, 180] as const;

export const chaseSpan = (_: ChaseContext, draft: ChaseDraft) => roundsSpan(draft.values, ROUND);

/** Rounds on the field, each with its hunters. */
export function chaseTimeline(context: ChaseContext, draft: ChaseDraft, seconds: number): Timeline {
  const hunters = huntersByRound(context, draft);
  const players = draft.groups.flat();
  return roundsTimeline(draft.values, seconds, (round) => {
    const hunting = hunters[round] ?? [];
    const running = players.filter((id) => !hunting.includes(id));
    return [stay('group', hunting, 0, 'hunter'), stay('group', running, 0)].filter((s) => s.members.length);
  });
}

/** Who hunts in each round: everyone about equally often, those first who have hunted least in the last lessons. */
export function huntersByRound(context: ChaseContext, draft: Pick<ChaseDraft, 'groups'>): string[][] {
  const players = draft.groups.flat();
  const seats = Math.min(hunterCount(context), Math.max(1, players.length - 1));
  if (players.length < 2) return Array.from({ length: context.values.bouts }, () => players.slice(0, 1));
  const request = { players, roles: [{ id: 'hunter', seats }], rounds: context.values.bouts };
  return roleRota({ ...request, ...(context.had && { had: context.had }) }).rounds.map((r) => r.hunter);
}

/** Kinds dealt one after the other: as many of each as can be. */
const typesOf = (types: readonly string[], players: readonly string[]): Record<string, string> =>
  Object.fromEntries(players.map((id, i) => [id, types[i % types.length]]));

/** One play for all rounds. The sprint is the band's, the same for everyone: nothing private enters a run. */
export function chasePlays(context: ChaseContext, draft: ChaseDraft, timeline: Timeline): ChasePlaySetup[] {
  const { values, defaults, setup } = context;
  const players = draft.groups.flat();
  if (!players.length) return [];
  const rounds = huntersByRound(context, draft);
  const field = fieldOfDraft(draft);
  return [
    {
      ...rulesOf(context),
      players,
      ...(setup.types ? { types: typesOf(setup.types, players) } : {}),
      hunters: huntersOf(setup.how, rounds[0]),
      roundHunters: rounds,
      simultaneous: 'neither',
      seconds: timeline.workSeconds,
      breaks: values.breakSeconds > 0,
      playSeconds: values.bouts * timeline.workSeconds,
      sprint: defaults.sprint,
      ...(field
        ? {
            floor: { outline: rectPolygon(field) },
            safeSpots: safeSpotsIn(field, values.safeSpots).map((at, i) => ({
              id: `safe-${i + 1}`,
              at,
              radius: 0.5,
              limitSeconds: values.spotSeconds,
              capacity: 1,
            })),
          }
        : {}),
    },
  ];
}
