import type { Piece } from '../../model/piece.ts';
import type { BoardPart } from '../board.ts';
import type { PlayView } from '../play.ts';
import type { StationsPlay } from './setup.ts';

/** A tally of every group: points at the station it stands at, one more or one less. */
export function stationsBoard(setup: StationsPlay, view: PlayView, pieces: readonly Piece[]): BoardPart[] {
  const rows = setup.groups.map((_, group) => {
    const station = setup.stations.findIndex((_, i) => view.places[`station-${i + 1}`]?.some((p) => setup.groups[group].includes(p)));
    const scored = station >= 0 && setup.stations[station].scoring !== 'none' && !view.done;
    const value = view.scores[`group-${group + 1}`];
    return {
      group,
      place: pieces[station]?.id,
      value,
      actions: [
        { label: '+1', event: { type: 'points', group, points: 1 }, enabled: scored },
        { label: '−1', event: { type: 'points', group, points: -1 }, enabled: scored && value > 0 },
      ],
    };
  });
  return [{ part: 'tally', code: 'points', rows }];
}
