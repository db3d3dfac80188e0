import type { Piece } from '../../model/piece.ts';
import type { BoardPart, BoardTableRow, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { StationsPlaySetup } from './setup.ts';

/** A tally of every group: points at the station it stands at, one more or one less; then what it has at each station. */
export function stationsBoard([{ setup, view, sheet }]: readonly Playing<StationsPlaySetup>[], pieces: readonly Piece[]): BoardPart[] {
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
  const scored = setup.stations.flatMap(({ scoring }, i) => (scoring === 'none' || !pieces[i] ? [] : [i]));
  const table = rows.map(({ group, value }): BoardTableRow => {
    const points = sheet[`group-${group + 1}`] ?? [];
    return { group, cells: scored.map((i) => points[i] || null), total: value };
  });
  const columns = scored.map((i) => pieces[i].id);
  return [
    { part: 'tally', code: 'points', rows },
    ...(scored.length > 1 ? [{ part: 'table' as const, code: 'by-station', columns, rows: table }] : []),
  ];
}

/** Points of every group, in group order. */
export function stationsResults([{ setup, view }]: readonly Playing<StationsPlaySetup>[]): { code: string; rows: ResultRow[] } {
  const rows = setup.groups.map((members, group) => ({ group, members, value: view.scores[`group-${group + 1}`] ?? 0 }));
  return { code: 'points', rows };
}
