import type { BlockDraft } from '../format.ts';
import { gameOfPick } from '../hosted.ts';
import { idea, setting } from '../ideas.ts';
import type { StationsIdea, StationsNoticed } from './codes.ts';
import type { StationsContext } from './group.ts';
import { hostedAt, largestOf } from './hosted.ts';
import { picked } from './picked.ts';
import type { StationsValues } from './setup.ts';

/** How many of the other stations are offered to be removed for the floor that they take. */
const MOST_REMOVED = 2;

/** The stations without one of them, as a fix; none if it is the last. */
function without({ values: { picks }, ...context }: StationsContext, pick: string, title: string): StationsIdea[] {
  const rest = picks.filter((each) => each !== pick);
  return rest.length ? [idea('drop-station', { title }, setting(context, 'picks', rest))] : [];
}

/** Stations whose game is gone from the school's games. */
function gone(context: StationsContext): StationsNoticed[] {
  const { hosts, values, blockId } = context;
  const missing = hosts ? values.picks.filter((pick) => gameOfPick(pick) && !hosts[gameOfPick(pick)!]) : [];
  return missing.map((pick) => ({
    code: 'station-game-missing',
    weight: 'stop',
    at: { block: blockId, piece: pick },
    data: {},
    ideas: without(context, pick, 'it'),
  }));
}

/** What could leave more floor to a station: a smaller gap, one of the last of the others removed, or itself. */
function roomFor(context: StationsContext, id: string, title: string): StationsIdea[] {
  const closer = context.values.gapM > 0.5 ? [idea('close-gap', { gapM: 0.5 }, setting(context, 'gapM', 0.5))] : [];
  const others = picked(context).filter((p) => p.id !== id && !p.host);
  const fewer = others.slice(-MOST_REMOVED).reverse();
  return [
    ...closer,
    ...fewer.flatMap((p) => without(context, p.station.id, p.station.title)),
    ...without(context, id.split('~')[0], title),
  ];
}

/** Stations that are games of their own: the game is there, and has the floor that it needs. */
export function hostedChecks(context: StationsContext, { pieces, groups }: BlockDraft<StationsValues>): StationsNoticed[] {
  const most = largestOf(groups);
  const stands = new Set(pieces.map((p) => p.id));
  const small = picked(context).flatMap(({ id, station, host }): StationsNoticed[] => {
    if (!host || !stands.has(id) || !most.length) return [];
    const { fits, share } = hostedAt(context, pieces, id, most)!.plan;
    if (fits && share === 1) return [];
    const { title } = station;
    const found = { at: { block: context.blockId, piece: id }, data: { title, share }, ideas: roomFor(context, id, title) };
    return [fits ? { ...found, code: 'station-game-small', weight: 'note' } : { ...found, code: 'station-game-no-room', weight: 'stop' }];
  });
  return [...gone(context), ...small];
}
