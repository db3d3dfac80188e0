import { allAtOne, type Stay, stay } from '../bouts.ts';
import type { BlockDraft, Segment, Timeline } from '../format.ts';
import { inTurn } from '../inTurn.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { hoopCounts, isRings, type PerimeterContext } from './group.ts';
import { perimeterRules } from './play.ts';
import type { PerimeterPlaySetup, PerimeterValues } from './setup.ts';

type PerimeterDraft = BlockDraft<PerimeterValues>;

/** A round is one to four minutes long if nobody says. */
const ROUND = [60, 240] as const;

export const perimeterSpan = (_: PerimeterContext, draft: PerimeterDraft) => roundsSpan(draft.values, ROUND);

/** The rings round by round, as the swaps make them; whoever was free least in the last lessons is the first odd one. */
function ringsOf(context: PerimeterContext, players: readonly string[], rounds: number): Stay[][] {
  const setup = perimeterRules.parse({ ...playOf(context, players), lone: true });
  let state = perimeterRules.start(setup);
  return Array.from({ length: rounds }, (_, round) => {
    if (round) {
      const next = perimeterRules.step(setup, state, { type: 'swap', at: round }, () => true);
      if (next !== 'not-allowed') state = next;
    }
    const { outer, inner, free } = state.rings;
    const ring = (members: readonly string[], piece: number, role?: string) => (members.length ? [stay('line', members, piece, role)] : []);
    return [...ring(outer, 0), ...ring(inner, 1), ...ring(free, 0, 'free')];
  });
}

/** Everyone on the loop; or in two rings, of which the odd one stands in the middle of things. */
export function perimeterTimeline(context: PerimeterContext, draft: PerimeterDraft, seconds: number): Timeline {
  const players = draft.groups.flat();
  const rings = isRings(context) ? ringsOf(context, players, draft.values.bouts) : [];
  const breaks = isRings(context)
    ? Array.from({ length: draft.values.bouts }, () => ({ code: 'swap', seconds: draft.values.breakSeconds }))
    : undefined;
  return roundsTimeline({ ...draft.values, breaks }, seconds, (round) => rings[round] ?? allAtOne(draft.groups));
}

/** Players with the one last who was free least, so that the odd one is another one than last time. */
function inOrder({ had }: Pick<PerimeterContext, 'had'>, players: readonly string[]): string[] {
  const [least] = inTurn(players, had?.free);
  return least === undefined ? [] : [...players.filter((id) => id !== least), least];
}

function playOf(context: PerimeterContext, players: readonly string[]): PerimeterPlaySetup {
  const { values, setup } = context;
  if (isRings(context)) return { mode: 'rings', players: inOrder(context, players), goSeconds: values.goSeconds };
  const { first, least } = hoopCounts(context);
  return {
    ...{ mode: setup.mode, players: [...players], hoops: first, leastHoops: least, removePerRound: values.removePerRound },
    ...{ graceSeconds: values.graceSeconds, goSeconds: values.goSeconds },
  };
}

/** One play of everyone. */
export const perimeterPlays = (context: PerimeterContext, draft: PerimeterDraft, timeline: Timeline): PerimeterPlaySetup[] => [
  { ...playOf(context, draft.groups.flat()), playSeconds: draft.values.bouts * timeline.workSeconds, lone: true },
];

/** Rings change places after every round but the last. */
export const perimeterClock = ({ kind, round = 0 }: Segment, rounds: number, { mode }: PerimeterPlaySetup): { type: 'swap' }[] =>
  mode === 'rings' && kind === 'work' && round < rounds - 1 ? [{ type: 'swap' }] : [];
