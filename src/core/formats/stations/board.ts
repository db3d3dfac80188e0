import type { Piece } from '../../model/piece.ts';
import type { BoardPart, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { StationsPlaySetup } from './setup.ts';

/** A tally of every group: points at the station it stands at, one more or one less. */
export function stationsBoard([{ setup, view }]: readonly Playing<StationsPlaySetup>[], pieces: readonly Piece[]): BoardPart[] {
  const rows = setup.groups.map((_, group) => {
    const station = setup.stations.findIndex((_, i) => view.places[`station-${i + 1}`]?.some((p) => setup.groups[group].includes(p)));
    const scored = station >= 0 && setup.stations[station].scoring !== 'none' && !view.done;
    const value = view.scores[`group-${group + 1}`];
    return {
      group,
      place: pieces[station]?.id,
      value,
      actions: [
        { code: 'plus', play: 0, event: { type: 'points', group, points: 1 }, enabled: scored },
        { code: 'minus', play: 0, event: { type: 'points', group, points: -1 }, enabled: scored && value > 0 },
      ],
    };
  });
  return [{ part: 'tally', code: 'points', rows }];
}

/** Points of every group, in group order. */
export function stationsResults([{ setup, view }]: readonly Playing<StationsPlaySetup>[]): { code: string; rows: ResultRow[] } {
  const rows = setup.groups.map((members, group) => ({ group, members, value: view.scores[`group-${group + 1}`] ?? 0 }));
  return { code: 'points', rows };
}
