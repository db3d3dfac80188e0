import { HOUSE_LIMITS } from '../../model/band.ts';
import { doesNotFit } from '../doesNotFit.ts';
import type { BlockDraft } from '../format.ts';
import { eachWith } from '../ideas.ts';
import type { RelayNoticed } from './codes.ts';
import { CLEAR_M, crossingShape } from './crossing.ts';
import { crossingUnit, isCrossing, mostInLine, type RelayContext, relayUnit, turnSeconds } from './group.ts';
import { fewerLines, moreAtOnce, moreLines, offsets, smallerLines, task } from './ideas.ts';
import type { RelayValues } from './setup.ts';
import { isRace } from './timeline.ts';

type RelayDraft = BlockDraft<RelayValues>;

/** Lines that find no floor. */
function unplaced(context: RelayContext, draft: RelayDraft): RelayNoticed[] {
  const count = draft.groups.length;
  const lane = relayUnit(context, count);
  const unit = isCrossing(context) ? crossingUnit(context, count) : { width: lane.widthM, depth: lane.lengthM };
  const smaller = smallerLines(context);
  const fewer = fewerLines(context, count);
  const both = eachWith(smaller, fewer.slice(-1));
  return doesNotFit(context, 'relay', draft, unit, [...smaller, ...fewer, ...both]);
}

/** Where the diagonals of a crossing meet: how near two come in space and time. */
function meeting(context: RelayContext): RelayNoticed[] {
  if (!isCrossing(context)) return [];
  const { nearestM, laterSeconds, shiftM } = crossingShape(context);
  const at = { block: context.blockId };
  const data = {
    nearest: Math.round(Math.min(99, nearestM) * 10) / 10,
    clear: CLEAR_M,
    seconds: Math.round(laterSeconds * 10) / 10,
    shift: shiftM,
    offset: context.values.offset,
  };
  if (nearestM >= CLEAR_M) return [{ code: 'relay-apart', weight: 'note', at, data }];
  return [{ code: 'relay-meet', weight: 'stop', at, data, ideas: [...offsets(context), ...widerCrossing(context)] }];
}

/** A larger rectangle leaves more room in its middle; with half a leg between the diagonals it is always enough. */
function widerCrossing(context: RelayContext) {
  const wider = [4, 6, 8].filter((legM) => legM > context.values.legM);
  return wider.flatMap((legM) => offsets({ ...context, values: { ...context.values, legM, offset: 'together' } }));
}

/** Lines in which somebody waits beyond the limit, with the number of lines in which nobody does. */
function waits(context: RelayContext, draft: RelayDraft): RelayNoticed[] {
  const { atOnce, handoverSeconds, waitingTask } = context.values;
  const largest = Math.max(0, ...draft.groups.map((g) => g.length));
  const seconds = Math.round((Math.ceil(largest / atOnce) - 1) * (turnSeconds(context) + handoverSeconds));
  if (seconds <= HOUSE_LIMITS.sittingOutSeconds) return [];
  return [
    {
      code: 'relay-waits',
      weight: waitingTask ? 'note' : 'caution',
      at: { block: context.blockId },
      data: { seconds, largest, most: mostInLine(context), limit: HOUSE_LIMITS.sittingOutSeconds, task: waitingTask },
      ideas: [...moreLines(context, draft.groups.length), ...moreAtOnce(context), ...task(context)],
    },
  ];
}

/** A short line goes over its first ones again. */
function twice(context: RelayContext, draft: RelayDraft): RelayNoticed[] {
  const sizes = draft.groups.map((g) => g.length).filter(Boolean);
  const [few, many] = [Math.min(...sizes), Math.max(...sizes)];
  if (!isRace(context) || !sizes.length || few === many) return [];
  const lines = sizes.filter((size) => size < many).length;
  return [{ code: 'relay-twice', weight: 'note', at: { block: context.blockId }, data: { few, many, lines, extra: many - few } }];
}

/** A corner at which nobody stands. */
function empty(context: RelayContext, draft: RelayDraft): RelayNoticed[] {
  const none = draft.groups.filter((g) => !g.length).length;
  if (!isCrossing(context) || !none || !context.players.length) return [];
  return [{ code: 'relay-empty', weight: 'caution', at: { block: context.blockId }, data: { none, playing: context.players.length } }];
}

/** Everything about a relay that only its format can see. */
export const relayChecks = (context: RelayContext, draft: RelayDraft): RelayNoticed[] => [
  ...unplaced(context, draft),
  ...meeting(context),
  ...waits(context, draft),
  ...twice(context, draft),
  ...empty(context, draft),
];
