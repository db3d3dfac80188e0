import { latticeSpots } from '../../geometry/lattice.ts';
import { HOUSE_LIMITS } from '../../model/band.ts';
import type { BlockId } from '../../model/ids.ts';
import type { BlockDraft, Timeline } from '../format.ts';
import { idea, levelGroups, setting } from '../ideas.ts';
import type { StationsIdea, StationsNoticed } from './codes.ts';
import type { StationsContext } from './group.ts';
import { hostedChecks } from './hostedChecks.ts';
import { oneMore } from './ideas.ts';
import { picked } from './picked.ts';
import type { StationsValues } from './setup.ts';

type StationsDraft = BlockDraft<StationsValues>;

const inTenths = (metres: number) => Math.round(metres * 10) / 10;

/** Students who work at one station at the chosen spacing. */
export const capacityOf = (values: StationsValues) => latticeSpots(values.areaWidthM, values.areaDepthM, values.spacingM);

/** The station area grown in half metres until `wanted` students fit, shallow side first. */
function grow(context: StationsContext, wanted: number): StationsIdea[] {
  const { values } = context;
  for (let more = 0.5; more <= 4; more += 0.5) {
    const width = inTenths(values.areaWidthM + more);
    const depth = inTenths(values.areaDepthM + Math.min(more, 2));
    if (latticeSpots(width, depth, values.spacingM) < wanted) continue;
    return [
      idea(
        'grow-stations',
        { width, depth, holds: latticeSpots(width, depth, values.spacingM) },
        setting(context, 'areaWidthM', width),
        setting(context, 'areaDepthM', depth),
      ),
    ];
  }
  return [];
}

function capacityChecks(context: StationsContext, draft: StationsDraft): StationsNoticed[] {
  const capacity = capacityOf(context.values);
  const stations = picked(context).length;
  const waiting = Math.max(0, draft.groups.length - stations);
  const playing = draft.groups.flat().length;
  const largest = Math.max(0, ...draft.groups.map((g) => g.length));
  const at = { block: context.blockId };
  const data = { playing, stations, capacity, total: stations * capacity, largest, spacingM: context.values.spacingM };
  if (playing > (stations + waiting) * capacity) {
    const wait = idea('wait-with-task', { groups: waiting + 1 }, setting(context, 'overflow', context.values.overflow + 1));
    return [
      {
        code: 'class-over-capacity',
        weight: 'stop',
        at,
        data,
        ideas: [...oneMore(context), ...grow(context, Math.ceil(playing / stations)), wait],
      },
    ];
  }
  if (largest <= capacity) return [];
  return [
    {
      code: 'station-capacity',
      weight: 'stop',
      at: { ...at, group: String(draft.groups.findIndex((g) => g.length === largest)) },
      data,
      ideas: [levelGroups(context), ...oneMore(context), ...grow(context, largest)],
    },
  ];
}

function unplacedChecks(context: StationsContext, draft: StationsDraft): StationsNoticed[] {
  const { values } = context;
  const wanted = draft.pieces.length + draft.unplaced.length;
  const close = values.gapM > 0.5 ? [setting(context, 'gapM', 0.5)] : [];
  const shrink = [0.5, 1, 1.5, 2].flatMap((less) => {
    const width = Math.max(1.5, inTenths(values.areaWidthM - less));
    const depth = Math.max(1.5, inTenths(values.areaDepthM - Math.min(less, 1)));
    const edits = [setting(context, 'areaWidthM', width), setting(context, 'areaDepthM', depth)];
    const data = { width, depth, holds: latticeSpots(width, depth, values.spacingM) };
    return [
      idea('shrink-stations', data, ...edits),
      ...(close.length ? [idea('shrink-and-close', { ...data, gapM: 0.5 }, ...edits, ...close)] : []),
    ];
  });
  const standing = new Set(draft.pieces.map((p) => p.id));
  const fitting = values.picks.filter((_, i) => standing.has(picked(context)[i]?.id));
  return draft.unplaced.slice(0, 1).map(({ id, title }) => {
    const rest = values.picks.filter((_, i) => picked(context)[i]?.id !== id);
    const ideas = [
      ...(close.length ? [idea('close-gap', { gapM: 0.5 }, ...close)] : []),
      ...shrink,
      idea(
        'shrink-and-close',
        { width: 1.5, depth: 1.5, gapM: 0.3 },
        setting(context, 'areaWidthM', 1.5),
        setting(context, 'areaDepthM', 1.5),
        setting(context, 'gapM', 0.3),
      ),
      ...(rest.length ? [idea('drop-station', { title }, setting(context, 'picks', rest))] : []),
      ...(fitting.length > 1 ? [idea('drop-unplaced', { count: draft.unplaced.length }, setting(context, 'picks', fitting))] : []),
    ];
    const data = { title, wanted, placed: draft.pieces.length, width: values.areaWidthM, depth: values.areaDepthM };
    return { code: 'unit-does-not-fit', weight: 'stop' as const, at: { block: context.blockId, piece: id }, data, ideas };
  });
}

function timeChecks(context: StationsContext, draft: StationsDraft, timeline: Timeline): StationsNoticed[] {
  const [least, most] = context.defaults.stay;
  const { workSeconds } = timeline;
  if (workSeconds >= least && workSeconds <= most) return [];
  const { picks, laps } = context.values;
  const short = workSeconds < least;
  const ideas: StationsIdea[] = [];
  if (context.values.workSeconds !== undefined) ideas.push(idea('let-fit-decide', {}, setting(context, 'workSeconds', null)));
  ideas.push(idea('unpin-length', {}, { kind: 'set-seconds', blockId: context.blockId as BlockId, seconds: null }));
  ideas.push(idea('set-stay', { seconds: short ? least : most }, setting(context, 'workSeconds', short ? least : most)));
  for (let fewer = laps - 1; short && fewer >= 1; fewer--)
    ideas.push(idea('drop-lap', { laps: fewer }, setting(context, 'laps', fewer), setting(context, 'workSeconds', null)));
  if (short && picks.length > 2)
    ideas.push(idea('drop-station', { title: draft.pieces.at(-1)?.title ?? '' }, setting(context, 'picks', picks.slice(0, -1))));
  if (!short && laps < 4) ideas.push(idea('add-lap', { laps: laps + 1 }, setting(context, 'laps', laps + 1)));
  return [
    {
      code: 'stay-outside-band',
      weight: 'caution',
      at: { block: context.blockId },
      data: { workSeconds, least, most, band: context.band },
      ideas,
    },
  ];
}

function peopleChecks(context: StationsContext, draft: StationsDraft): StationsNoticed[] {
  const noticed: StationsNoticed[] = [];
  const pairStations = picked(context).filter((p) => p.station.pairs);
  const odd = draft.groups.map((g, i) => ({ i, size: g.length })).filter((g) => g.size % 2 === 1);
  if (context.values.oddTask === 'none' && pairStations.length && odd.length) {
    noticed.push({
      code: 'odd-one-idle',
      weight: 'caution',
      at: { block: context.blockId, piece: pairStations[0].id },
      data: { groups: odd.length, stations: pairStations.map((p) => p.station.title) },
      ideas: (['trio', 'caller', 'free'] as const).map((task) => idea(`odd-${task}` as const, {}, setting(context, 'oddTask', task))),
    });
  }
  const waiting = draft.groups.length - picked(context).length;
  if (waiting > 0) {
    const share = waiting / draft.groups.length;
    const task = context.values.waitingTask;
    const over = share > HOUSE_LIMITS.waitingShare || task === '';
    noticed.push({
      code: 'groups-wait',
      weight: over ? 'caution' : 'note',
      at: { block: context.blockId },
      data: { waiting, share, task },
      ideas: oneMore(context),
    });
  }
  return noticed;
}

/** Everything about a stations block that only its format can see. */
export function stationsChecks(context: StationsContext, draft: StationsDraft, timeline: Timeline): StationsNoticed[] {
  return [
    ...capacityChecks(context, draft),
    ...unplacedChecks(context, draft),
    ...hostedChecks(context, draft),
    ...timeChecks(context, draft, timeline),
    ...peopleChecks(context, draft),
  ];
}
