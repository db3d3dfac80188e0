import { stayOf } from '../formats/bouts.ts';
import { everyoneIn, type PlayView } from '../play/playRules.ts';
import type { FittedBlock } from './fitted.ts';

/** Where a student is at a second of a block: in a place of the floor by its id, waiting for one, or with everybody before and after play. */
export type Whereabouts =
  | { at: 'place'; pieceId: string; as?: string }
  | { at: 'waiting'; as?: string }
  | { at: 'moving'; from?: string; to?: string }
  | { at: 'together' };

/** Place names of a play's view that only say that somebody is in play. */
const PLAIN = /^(\d+|play|station-\d+|waiting)$/;

/**
 * Where everyone of a fitted block is at a second from its start, by student: the plan alone with the roles that it gives,
 * or with a play's view as what they are then (hunter, guard, in the box). In a phase everybody is together; at a move a group is between two places. RangeError for a second
 * outside the block.
 */
export function whereAt(block: FittedBlock, second: number, views: readonly PlayView[] = []): Record<string, Whereabouts> {
  if (!(second >= 0 && second <= block.seconds)) throw new RangeError(`invalid second: ${second}, the block has ${block.seconds}`);
  const { game } = block;
  if (!game) return {};
  const roles = new Map<string, string>();
  for (const { places, waiting } of views)
    for (const [place, ids] of [...Object.entries(places), ['waiting', waiting] as const])
      if (!place.startsWith('@') && !PLAIN.test(place)) for (const id of ids) roles.set(id, place);
  const there = views.length ? new Set(views.flatMap(everyoneIn)) : undefined;
  const segment = block.segments.find((s) => second < s.until) ?? block.segments.at(-1);
  const bout = segment?.round === undefined ? undefined : game.timeline.bouts[segment.round];
  const next = segment?.round === undefined ? undefined : game.timeline.bouts[segment.round + 1];
  const pieceId = (index: number | undefined) => (index === undefined || index < 0 ? undefined : game.pieces[index]?.id);
  const found: Record<string, Whereabouts> = {};
  for (const id of game.groups.flat()) {
    if (there && !there.has(id)) continue;
    const here = bout && stayOf(bout, id);
    const place = pieceId(here?.piece);
    const as = opt('as', views.length ? roles.get(id) : here?.role);
    if (!bout || segment?.kind === 'phase') found[id] = { at: 'together' };
    else if (segment?.kind === 'move')
      found[id] = { at: 'moving', ...opt('from', place), ...opt('to', pieceId(next && stayOf(next, id)?.piece)) };
    else found[id] = place === undefined ? { at: 'waiting', ...as } : { at: 'place', pieceId: place, ...as };
  }
  return found;
}

const opt = <K extends string>(key: K, value: string | undefined) => (value === undefined ? {} : ({ [key]: value } as Record<K, string>));
