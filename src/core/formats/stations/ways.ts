import { STAND_INS } from '../../gear/standIns.ts';
import type { FixIdea } from '../../model/finding.ts';
import type { BlockWays, Draft } from '../format.ts';
import { idea, setting } from '../ideas.ts';
import { stationsGear } from './gear.ts';
import type { StationsContext } from './group.ts';
import type { StationsValues } from './setup.ts';

/** One station more: the first of the game not in use, else the first doubled. */
export function oneMore(context: StationsContext): FixIdea[] {
  const { picks } = context.values;
  if (picks.length >= 12) return [];
  const free = context.setup.stations.find((s) => !picks.includes(s.id));
  const add = free ?? context.setup.stations.find((s) => s.id === picks[0]);
  if (!add) return [];
  return [idea(free ? 'add-station' : 'double-station', { title: add.title }, setting(context, 'picks', [...picks, add.id]))];
}

/** To win time, the smallest loss first: no rehearsal, a short walk-through, laps less, then stations less with one lap. */
function shorter(context: StationsContext): FixIdea[] {
  const { laps, picks, walkSeconds, rehearseSeconds, workSeconds } = context.values;
  const quiet = [setting(context, 'rehearseSeconds', 0), setting(context, 'walkSeconds', Math.min(walkSeconds, 30))];
  const ideas: FixIdea[] = [];
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
function gearWays(context: StationsContext, draft: Draft<StationsValues>): Record<string, FixIdea[]> {
  const needs = stationsGear(context, draft);
  const total = (kind: string) => needs.filter((n) => n.gearKind === kind).reduce((sum, n) => sum + n.count, 0);
  const stock = (kind: string) => context.cupboard.filter((g) => g.gearKind === kind).reduce((sum, g) => sum + g.count, 0);
  const { substitutes, sharing, picks } = context.values;
  const ways: Record<string, FixIdea[]> = {};
  for (const kind of new Set(needs.map((n) => n.gearKind))) {
    const at = needs.filter((n) => n.gearKind === kind);
    const stations = at.map((n) => n.pieceId.split('~')[0]);
    const origins = [kind, ...Object.keys(substitutes).filter((from) => substitutes[from] === kind)];
    const standIn = (STAND_INS[kind] ?? []).find((other) => stock(other) - total(other) >= total(kind));
    const ideas: FixIdea[] = [];
    if (standIn) {
      const value = { ...substitutes, ...Object.fromEntries(origins.map((from) => [from, standIn])) };
      ideas.push(idea('substitute', { from: kind, to: standIn, stock: stock(standIn) }, setting(context, 'substitutes', value)));
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

/** What the whole lesson may ask a stations block for. */
export function stationsWays(context: StationsContext, draft: Draft<StationsValues>): BlockWays {
  const { laps } = context.values;
  const longer = laps < 4 ? [idea('add-lap', { laps: laps + 1 }, setting(context, 'laps', laps + 1))] : [];
  return { shorter: shorter(context), longer, gear: gearWays(context, draft) };
}
