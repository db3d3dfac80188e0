import { paintedMetres } from '../../arrange/paintedMetres.ts';
import { laidTape } from '../../arrange/setOutUnit.ts';
import { memoize } from '../../memoize.ts';
import { HOUSE_LIMITS } from '../../model/band.ts';
import type { BlockDraft } from '../format.ts';
import { idea, levelGroups, setting } from '../ideas.ts';
import type { CourtNoticed } from './codes.ts';
import { type CourtContext, courtUnit } from './group.ts';
import { fewerCourts, LINE_TASK, moreCourts } from './ideas.ts';
import type { AdvanceCourtValues } from './setup.ts';

type CourtDraft = BlockDraft<AdvanceCourtValues>;

const painted = memoize(paintedMetres);
const inTenths = (metres: number) => Math.round(metres * 10) / 10;
/** Floor along a waiting line for one, m; what keeps it clear of play, m. House figures. */
const LINE_SPACE_M = 0.6;
const LEAST_LINE_GAP_M = 1;

/** Who waits, for how long, and whether they have something to do. */
function waitingChecks(context: CourtContext, draft: CourtDraft): CourtNoticed[] {
  const { positions, rallySeconds, lineTask } = context.values;
  const sizes = draft.groups.map((g) => g.length);
  const playing = sizes.reduce((a, b) => a + b, 0);
  const queue = sizes.reduce((sum, size) => sum + Math.max(0, size - positions), 0);
  const longest = Math.max(0, ...sizes.map((size) => size - positions));
  const share = playing ? queue / playing : 0;
  const seconds = longest * rallySeconds;
  if (share <= HOUSE_LIMITS.waitingShare && seconds <= HOUSE_LIMITS.sittingOutSeconds) return [];
  const now = draft.groups.length;
  const more = moreCourts(context, now);
  const task = idea('line-task', { task: LINE_TASK, share }, setting(context, 'lineTask', LINE_TASK));
  return [
    {
      code: lineTask ? 'court-line-works' : 'court-waiting',
      weight: lineTask ? 'note' : 'caution',
      at: { block: context.blockId, piece: 'court-1' },
      data: { share, seconds, largest: Math.max(0, ...sizes), positions, courts: now, task: lineTask },
      ideas: lineTask ? [] : [...more.slice(0, 1), task, ...more.slice(1)],
    },
  ];
}

/** Too few for a court, or one court two fuller than another. */
function sizeChecks(context: CourtContext, draft: CourtDraft): CourtNoticed[] {
  const sizes = draft.groups.map((g) => g.length);
  const at = { block: context.blockId };
  const lonely = sizes.filter((size) => size < 2).length;
  if (lonely && sizes.some((size) => size > 0))
    return [
      {
        code: 'court-too-few',
        weight: 'stop',
        at,
        data: { courts: sizes.length, lonely, playing: sizes.reduce((a, b) => a + b, 0) },
        ideas: [levelGroups(context), ...fewerCourts(context, sizes.length)],
      },
    ];
  const apart = Math.max(0, ...sizes) - Math.min(...sizes);
  return apart > 1
    ? [
        {
          code: 'courts-uneven',
          weight: 'caution',
          at,
          data: { most: Math.max(...sizes), least: Math.min(...sizes) },
          ideas: [levelGroups(context)],
        },
      ]
    : [];
}

/** Courts that have no floor, waiting lines too near or too short. */
function floorChecks(context: CourtContext, draft: CourtDraft): CourtNoticed[] {
  const { values } = context;
  const noticed: CourtNoticed[] = [];
  const now = draft.groups.length;
  if (draft.unplaced.length) {
    const unit = courtUnit(context);
    const close = values.gapM > 0.5 ? [setting(context, 'gapM', 0.5)] : [];
    const smaller = [0.4, 0.8, 1.2].map((less) => Math.max(2, inTenths(values.courtM - less)));
    noticed.push({
      code: 'court-does-not-fit',
      weight: 'stop',
      at: { block: context.blockId, piece: draft.unplaced[0].id },
      data: { wanted: now, placed: draft.pieces.length, width: unit.width, depth: unit.depth },
      ideas: [
        ...(close.length ? [idea('close-courts', { gapM: 0.5 }, ...close)] : []),
        ...smaller.map((m) => idea('smaller-courts', { spacingM: m }, setting(context, 'courtM', m), ...close)),
        idea('smaller-courts', { spacingM: 2 }, setting(context, 'courtM', 2), setting(context, 'lineGapM', 0.5), ...close),
        ...fewerCourts(context, now),
      ],
    });
  }
  if (values.lineGapM < LEAST_LINE_GAP_M)
    noticed.push({
      code: 'line-too-near',
      weight: 'caution',
      at: { block: context.blockId },
      data: { gapM: values.lineGapM, spacingM: LEAST_LINE_GAP_M },
      ideas: [idea('move-line', { gapM: LEAST_LINE_GAP_M }, setting(context, 'lineGapM', LEAST_LINE_GAP_M))],
    });
  const longest = Math.max(0, ...draft.groups.map((g) => g.length - values.positions));
  const holds = Math.floor(values.courtM / LINE_SPACE_M + 1e-9);
  if (longest > holds)
    noticed.push({
      code: 'line-too-short',
      weight: 'caution',
      at: { block: context.blockId },
      data: { longest, holds },
      ideas: moreCourts(context, now),
    });
  return noticed;
}

/** Less paint than this is not worth telling, metres. */
const TOLD_PAINT_M = 1;

/** Courts that lie on painted lines, and the metres of tape that they save. */
function paintNotes(context: CourtContext, draft: CourtDraft): CourtNoticed[] {
  const metres = draft.pieces.map((p) =>
    painted(draft.things.filter((t) => t.of === p.id).flatMap(laidTape), { painted: context.room.painted }),
  );
  const courts = metres.filter((m) => m >= TOLD_PAINT_M).length;
  if (!courts) return [];
  return [
    {
      code: 'courts-on-paint',
      weight: 'note',
      at: { block: context.blockId },
      data: { courts, metres: metres.reduce((a, b) => a + b, 0) },
    },
  ];
}

/** Everything about an advance court that only its format can see. */
export function courtChecks(context: CourtContext, draft: CourtDraft): CourtNoticed[] {
  return [...sizeChecks(context, draft), ...waitingChecks(context, draft), ...floorChecks(context, draft), ...paintNotes(context, draft)];
}
