import type { BoardPart, BoardWatch, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { CoursePlaySetup } from './setup.ts';

type Course = readonly Playing<CoursePlaySetup>[];

/** A stopwatch for everyone: a tap at the start is a lap and times it from the last one on. */
export function courseBoard([{ setup, view, sheet, at }]: Course): BoardPart[] {
  const known = [...setup.players, ...Object.keys(view.scores).filter((id) => !setup.players.includes(id))];
  const out = new Set(view.places.box ?? []);
  const there = new Set(Object.values(view.places).flat());
  const rows = known
    .filter((player) => there.has(player) && !out.has(player))
    .map((player): BoardWatch => {
      const [from, best] = sheet[player] ?? [-1, -1];
      const enabled = !view.done && view.places.between.includes(player);
      return {
        player,
        value: view.scores[player] ?? 0,
        ...(from >= 0 && !view.done ? { from } : {}),
        ...(best >= 0 ? { best } : {}),
        action: { code: 'lap', play: 0, event: { type: 'lap', player }, enabled },
      };
    });
  return [{ part: 'watch', code: 'on-loop', at, rows }];
}

/** Laps, the most first. */
export const courseResults = ([{ view }]: Course): { code: string; rows: ResultRow[] } => ({
  code: 'laps',
  rows: Object.entries(view.scores)
    .sort(([, a], [, b]) => b - a)
    .map(([id, value]) => ({ group: 0, members: [id], value })),
});
