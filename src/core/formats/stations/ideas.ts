import { stockOf } from '../../gear/cover.ts';
import { standInsFor } from '../../gear/standIns.ts';
import type { Edit } from '../../model/edit.ts';
import type { BlockDraft, BlockIdeas } from '../format.ts';
import { idea, levelGroups, setting } from '../ideas.ts';
import type { StationsIdea } from './codes.ts';
import { stationsGear } from './gear.ts';
import type { StationsContext } from './group.ts';
import { picked } from './picked.ts';
import type { StationsValues } from './setup.ts';

/** One station more: the first of the game not in use, else the first doubled. */
export function oneMore(context: StationsContext): StationsIdea[] {
  const { picks } = context.values;
  if (picks.length >= 12) return [];
  const free = context.setup.stations.find((s) => !picks.includes(s.id));
  const add = free ?? context.setup.stations.find((s) => s.id === picks[0]);
  if (!add) return [];
  return [idea(free ? 'add-station' : 'double-station', { title: add.title }, setting(context, 'picks', [...picks, add.id]))];
}

/** To win time, the smallest loss first: no rehearsal, a short walk-through, laps less, then stations less with one lap. */
function shorter(context: StationsContext): StationsIdea[] {
  const { laps, picks, walkSeconds, rehearseSeconds, workSeconds } = context.values;
  const quiet = [setting(context, 'rehearseSeconds', 0), setting(context, 'walkSeconds', Math.min(walkSeconds, 30))];
  const ideas: StationsIdea[] = [];
  if (rehearseSeconds > 0) ideas.push(idea('skip-rehearsal', { seconds: rehearseSeconds }, quiet[0]));
  if (walkSeconds > 30) ideas.push(idea('short-walk', {}, ...quiet));
  if (workSeconds !== undefined) ideas.push(idea('let-fit-decide', {}, setting(context, 'workSeconds', null)));
  for (let fewer = laps - 1; fewer >= 1; fewer--) {
    const lap = setting(context, 'laps', fewer);
    ideas.push(idea('drop-lap', { laps: fewer }, lap), idea('drop-lap-short-walk', { laps: fewer }, lap, ...quiet));
  }
  const single = laps > 1 ? [setting(context, 'laps', 1)] : [];
  const free = workSeconds !== undefined ? [setting(context, 'workSeconds', null)] : [];
  for (let count = picks.length - 1; count >= 2; count--) {
    const few = setting(context, 'picks', picks.slice(0, count));
    ideas.push(idea('fewer-stations', { count, laps: 1 }, few, ...single));
    ideas.push(idea('fewer-stations-short-walk', { count, laps: 1 }, few, ...single, ...free, ...quiet));
  }
  return ideas;
}

/** Stand-ins that the cupboard holds beside what else is used, sharing by two or three, the hungriest station less. */
function gearWays(context: StationsContext, draft: BlockDraft<StationsValues>): Record<string, StationsIdea[]> {
  const needs = stationsGear(context, draft);
  const total = (kind: string) => needs.filter((n) => n.gearKind === kind).reduce((sum, n) => sum + n.count, 0);
  const stock = (kind: string) => stockOf(context.cupboard, kind);
  const { substitutes, sharing, picks } = context.values;
  const ways: Record<string, StationsIdea[]> = {};
  for (const kind of new Set(needs.map((n) => n.gearKind))) {
    const at = needs.filter((n) => n.gearKind === kind);
    const stations = at.map((n) => n.pieceId.split('~')[0]);
    const origins = [kind, ...Object.keys(substitutes).filter((from) => substitutes[from] === kind)];
    const standIn = standInsFor(kind, context.gearKinds).find((other) => stock(other.kind) - total(other.kind) >= total(kind));
    const ideas: StationsIdea[] = [];
    if (standIn) {
      const value = { ...substitutes, ...Object.fromEntries(origins.map((from) => [from, standIn.kind])) };
      const data = { from: kind, to: standIn.kind, changes: standIn.changes, stock: stock(standIn.kind) };
      ideas.push(idea('substitute', data, setting(context, 'substitutes', value)));
    }
    for (const sharers of [2, 3]) {
      const value = { ...sharing, ...Object.fromEntries(stations.map((id) => [id, sharers])) };
      ideas.push(idea('share', { gearKind: kind, sharers }, setting(context, 'sharing', value)));
    }
    const hungriest = [...at].sort((a, b) => b.count - a.count)[0];
    const rest = picks.filter((id) => id !== hungriest.pieceId.split('~')[0]);
    if (rest.length > 1) ideas.push(idea('drop-station', { title: hungriest.title }, setting(context, 'picks', rest)));
    ways[kind] = ideas;
  }
  return ways;
}

/** What else could be done with a stations block: stations, groups, laps, sharing, bout, direction. */
function choices(context: StationsContext, draft: BlockDraft<StationsValues>): StationsIdea[][] {
  const { picks, laps, direction, sharing, waitingTask } = context.values;
  const stations = picks.length;
  const anew = context.storedGroups ? levelGroups(context).edits : [];
  const most = Math.min(24, Math.floor(context.players.length / 2));
  const groups = (count: number): Edit[] => [setting(context, 'groups', count), ...anew];
  const fewer = [1, 2, 3]
    .filter((less) => stations - less >= 3)
    .map((less) => idea('fewer-stations', { count: stations - less }, setting(context, 'picks', picks.slice(0, stations - less)), ...anew));
  const twice = [...picks, ...picks];
  const doubled =
    twice.length <= 12
      ? [idea('double-stations', { count: twice.length }, setting(context, 'picks', twice), ...groups(Math.min(twice.length, most)))]
      : [];
  const sizes = [-2, -1, 1, 2]
    .map((by) => draft.groups.length + by)
    .filter((count) => count >= 2 && count <= most)
    .map((count) => idea('groups', { count, stations }, ...groups(count)));
  const half = stations * 2 <= most && waitingTask ? [idea('half-class', { stations, task: waitingTask }, ...groups(stations * 2))] : [];
  const [least, longest] = context.defaults.stay;
  const stays = [least, Math.round((least + longest) / 10) * 5, longest];
  const perHand = stationsGear(context, draft).filter((n) => n.count > 1);
  const shared = Object.fromEntries(perHand.map((n) => [n.pieceId.split('~')[0], 2]));
  const share = perHand.length ? [idea('share-all', { sharers: 2 }, setting(context, 'sharing', { ...sharing, ...shared }))] : [];
  return [
    [...sizes, ...half],
    [...oneMore(context), ...fewer, ...doubled],
    [1, 2, 3].filter((l) => l !== laps).map((l) => idea(l > laps ? 'add-lap' : 'drop-lap', { laps: l }, setting(context, 'laps', l))),
    [...share, ...(Object.keys(sharing).length ? [idea('own-gear', {}, setting(context, 'sharing', null))] : [])],
    stays.map((seconds) => idea('set-stay', { seconds }, setting(context, 'workSeconds', seconds))),
    [idea('direction', { direction: -direction }, setting(context, 'direction', -direction))],
  ];
}

/** What the whole lesson may ask a stations block for. */
export function stationsIdeas(context: StationsContext, draft: BlockDraft<StationsValues>): BlockIdeas<StationsIdea> {
  const { laps } = context.values;
  const longer = laps < 4 ? [idea('add-lap', { laps: laps + 1 }, setting(context, 'laps', laps + 1))] : [];
  const inUse = picked(context);
  const without = Object.fromEntries(
    inUse.length < 3
      ? []
      : inUse.map(({ id, station }, at) => [
          id,
          idea(
            'drop-station',
            { title: station.title },
            setting(
              context,
              'picks',
              context.values.picks.filter((_, i) => i !== at),
            ),
          ),
        ]),
  );
  return {
    without,
    shorter: shorter(context),
    longer,
    gear: gearWays(context, draft),
    choices: choices(context, draft),
    waitingTask: context.values.waitingTask,
  };
}
