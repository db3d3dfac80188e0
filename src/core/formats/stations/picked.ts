import { gameOfPick, type Host, pickOfGame } from '../hosted.ts';
import type { StationsContext } from './group.ts';
import type { Station } from './setup.ts';

/** A station that is a game of its own: what it needs, scores and says comes from that game. */
const stationOf = ({ gameId, title, aim }: Host): Station => ({
  ...{ id: pickOfGame(gameId), title: title.slice(0, 40), task: aim, cues: [], scoring: 'none', pairs: false, runM: 0, gear: [] },
  ...{ resetBy: 'group', easier: '', harder: '', shone: '' },
});

type Context = Pick<StationsContext, 'setup' | 'values' | 'hosts'>;
interface Picked {
  id: string;
  station: Station;
  host?: Host;
}
/** Asked for at every turn of a plan: kept with the context, which does not change. */
const known = new WeakMap<Context, Picked[]>();

/** The stations in use, in order, with an id of their own: a doubled station's second copy is `id~2`. `host`: the game that it is. */
export function picked(context: Context): readonly Picked[] {
  const list = known.get(context) ?? pickedIn(context);
  known.set(context, list);
  return list;
}

function pickedIn(context: Context): Picked[] {
  const seen = new Map<string, number>();
  return context.values.picks.flatMap((pick) => {
    const host = context.hosts?.[gameOfPick(pick) ?? ''];
    const station = host ? stationOf(host) : context.setup.stations.find((s) => s.id === pick);
    if (!station) return [];
    const copy = (seen.get(pick) ?? 0) + 1;
    seen.set(pick, copy);
    return [{ id: copy === 1 ? pick : `${pick}~${copy}`, station, ...(host && { host }) }];
  });
}
