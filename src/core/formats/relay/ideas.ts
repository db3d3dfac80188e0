import type { BlockDraft, BlockIdeas } from '../format.ts';
import { fewerThan, groupCount, idea, ideasByKind, moreThan, otherObjects, setting } from '../ideas.ts';
import { roundIdeas } from '../roundIdeas.ts';
import type { RelayIdea } from './codes.ts';
import { CLEAR_M, crossingShape } from './crossing.ts';
import { relayGear } from './gear.ts';
import { CORNERS, isCrossing, linesOfGear, mostInLine, type RelayContext } from './group.ts';
import { WAITING_TASK } from './settings.ts';
import type { RelayValues } from './setup.ts';
import { isRace } from './timeline.ts';

const linesIdea = (context: RelayContext, count: number): RelayIdea => idea('relay-lines', { count }, ...groupCount(context, count));
/** Lines come in fours at a crossing. */
const inFours = (context: RelayContext, counts: readonly number[]): number[] =>
  isCrossing(context) ? counts.filter((c) => c % CORNERS === 0) : [...counts];

/** More lines: first as many as nobody waits too long in. */
export function moreLines(context: RelayContext, now: number): RelayIdea[] {
  const enough = Math.ceil(context.players.length / mostInLine(context));
  const most = Math.min(16, context.players.length);
  const counts = [enough, ...moreThan(now, most), ...(isCrossing(context) ? [now + CORNERS] : [])];
  return inFours(
    context,
    [...new Set(counts)].filter((c) => c > now && c <= most),
  ).map((count) => linesIdea(context, count));
}

/** Fewer lines, down to one; down to four at a crossing. */
export const fewerLines = (context: RelayContext, now: number): RelayIdea[] =>
  inFours(context, isCrossing(context) ? [now - CORNERS].filter((c) => c >= CORNERS) : fewerThan(now, linesOfGear(context))).map((count) =>
    linesIdea(context, count),
  );

/** Shorter legs and lines closer together. */
export function smallerLines(context: RelayContext): RelayIdea[] {
  const { gapM, legM, laneM } = context.values;
  const close = [...(gapM > 0.3 ? [setting(context, 'gapM', 0.3)] : []), ...(laneM > 1.2 ? [setting(context, 'laneM', 1.2)] : [])];
  const shorter = [0.8, 0.65, 0.5, 0.4]
    .map((share) => Math.round(legM * share * 10) / 10)
    .filter((metres) => metres >= 2)
    .map((spacingM) => idea('relay-leg', { spacingM }, setting(context, 'legM', spacingM), ...close));
  return [...(close.length ? [idea('relay-close', { gapM: 0.3 }, ...close)] : []), ...shorter];
}

/** One more of a line goes at once. */
export const moreAtOnce = (context: RelayContext): RelayIdea[] =>
  context.values.atOnce < 3 && !isCrossing(context) && context.setup.mode !== 'passing'
    ? [idea('relay-at-once', { count: context.values.atOnce + 1 }, setting(context, 'atOnce', context.values.atOnce + 1))]
    : [];

/** Something to do while waiting. */
export const task = (context: RelayContext): RelayIdea[] =>
  context.values.waitingTask ? [] : [idea('relay-task', { task: WAITING_TASK }, setting(context, 'waitingTask', WAITING_TASK))];

/** Ways to start a crossing so that its diagonals do not meet. */
export function offsets(context: RelayContext): RelayIdea[] {
  if (!isCrossing(context)) return [];
  const clear = (offset: 'half-leg' | 'shifted') =>
    context.values.offset !== offset && crossingShape({ ...context, values: { ...context.values, offset } }).nearestM >= CLEAR_M;
  return [
    ...(clear('half-leg') ? [idea('relay-half-leg', {}, setting(context, 'offset', 'half-leg'))] : []),
    ...(clear('shifted') ? [idea('relay-shifted', {}, setting(context, 'offset', 'shifted'))] : []),
  ];
}

/** What the whole lesson may ask of a relay. */
export function relayIdeas(context: RelayContext, draft: BlockDraft<RelayValues>): BlockIdeas<RelayIdea> {
  const { values } = context;
  const { shorter, longer, others } = roundIdeas(context, 'relay');
  const now = draft.groups.length;
  const objects = otherObjects(context, 'relay', now * values.atOnce);
  const turns = (count: number): RelayIdea => idea('relay-turns', { count }, setting(context, 'turns', count));
  const fewerTurns = isRace(context) ? [2, 1].filter((c) => c < values.turns).map(turns) : [];
  const moreTurns = isRace(context) && values.turns < 6 ? [turns(values.turns + 1)] : [];
  return {
    shorter: [...fewerTurns, ...shorter],
    longer: [...moreTurns, ...longer],
    gear: ideasByKind(relayGear(context, draft), { gearKind: values.object, ideas: objects }, fewerLines(context, now)),
    choices: [
      [...moreLines(context, now).slice(0, 2), ...fewerLines(context, now).slice(0, 2)],
      isRace(context) ? moreTurns : others([2, 3, 4]),
      objects,
      moreAtOnce(context),
      offsets(context),
      task(context),
    ],
    waitingTask: values.waitingTask,
  };
}
