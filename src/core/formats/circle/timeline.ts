import { stay } from '../bouts.ts';
import { fieldStays } from '../fields.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { inTurn } from '../inTurn.ts';
import { roundsSpan, roundsTimeline } from '../roundsTimeline.ts';
import { type CircleContext, isBarrier } from './group.ts';
import type { CirclePlaySetup, CircleValues } from './setup.ts';

type CircleDraft = BlockDraft<CircleValues>;

/** A round is so long if nobody says; a sequence takes half a minute a move at the least. Never the whole lesson. */
const ROUND = { sequence: [60, 600], 'keep-up': [90, 240], barrier: [90, 240], crews: [120, 480] } as const;
const MOVE_S = 30;

export function circleSpan({ setup, values }: CircleContext, draft: CircleDraft) {
  if (setup.mode === 'leader') {
    // Everybody leads once in all rounds together.
    const all = Math.ceil((values.leadSeconds * Math.max(2, ...draft.groups.map((g) => g.length))) / values.bouts);
    return roundsSpan(draft.values, [Math.max(20, all), Math.max(20, all) + 30]);
  }
  const [least, most] = ROUND[setup.mode];
  const moves = setup.mode === 'sequence' ? MOVE_S * setup.moves.length : 0;
  return roundsSpan(draft.values, [Math.max(least, moves), Math.max(most, moves + 120)]);
}

export const circleTimeline = (context: CircleContext, draft: CircleDraft, seconds: number): Timeline =>
  roundsTimeline(draft.values, seconds, () =>
    isBarrier(context) ? fieldStays('side', draft.groups, 2) : draft.groups.map((members, g) => stay('group', members, g)),
  );

/** Those who had a role least in the last lessons, so many of them. */
const least = (context: CircleContext, role: string, players: readonly string[], count: number): string[] =>
  inTurn(players, context.had?.[role]).slice(0, Math.max(0, count));

/** What is played in one circle. */
function ringPlay(context: CircleContext, players: string[]): CirclePlaySetup {
  const { setup, values } = context;
  switch (setup.mode) {
    case 'sequence':
      return { mode: setup.mode, players, numbers: values.numbers, moves: setup.moves.map((m) => m.id), called: setup.moves };
    case 'crews': {
      // Somebody stays at the edge, whatever the size of the class.
      const takers = least(context, 'taker', players, Math.min(values.takers, Math.floor(players.length / 3)));
      const others = players.filter((id) => !takers.includes(id));
      const rescuers = least(context, 'rescuer', others, Math.min(values.rescuers, Math.floor(players.length / 3)));
      return { mode: setup.mode, players, takers, rescuers, limit: Math.max(values.limit, takers.length + 1) };
    }
    case 'leader':
      return { mode: setup.mode, players: least(context, 'leader', players, players.length), seconds: values.leadSeconds };
    default: {
      const { resume, twice, giveBack, catching } = values;
      const [centre] = values.centre && players.length > 2 ? least(context, 'centre', players, 1) : [];
      return { mode: 'keep-up', players, resume, twice, giveBack, catching, ...(centre === undefined ? {} : { centre }) };
    }
  }
}

/** One play a circle, or a court. */
export function circlePlays(context: CircleContext, draft: CircleDraft, timeline: Timeline): CirclePlaySetup[] {
  const { values, setup } = context;
  const shared = { playSeconds: values.bouts * timeline.workSeconds, lone: true };
  // Moves are called to all circles at once.
  if (setup.mode === 'sequence') return [{ ...ringPlay(context, draft.groups.flat()), ...shared }];
  if (!isBarrier(context)) return draft.groups.map((players) => ({ ...ringPlay(context, players), ...shared }));
  return Array.from({ length: draft.groups.length / 2 }, (_, c) => ({
    ...{ mode: 'barrier' as const, joint: values.joint, touches: values.touches, ...shared },
    sides: [0, 1].map((k) => ({ id: `${setup.ring} ${c + 1} ${'AB'[k]}`, members: draft.groups[2 * c + k] })),
  }));
}
