import type { BoardPart, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { CoursePlaySetup } from './setup.ts';

type Course = readonly Playing<CoursePlaySetup>[];

/** Everyone by name: a tap at the start is a lap. */
export function courseBoard([{ setup, view }]: Course): BoardPart[] {
  const known = [...setup.players, ...Object.keys(view.scores).filter((id) => !setup.players.includes(id))];
  const out = new Set(view.places.box ?? []);
  const there = new Set(Object.values(view.places).flat());
  const students = known
    .filter((player) => there.has(player) && !out.has(player))
    .map((player) => ({
      player,
      value: view.scores[player] ?? 0,
      action: {
        code: 'lap',
        play: 0,
        event: { type: 'lap', player },
        enabled: !view.done && view.places.between.includes(player),
      },
      more: [],
    }));
  return [{ part: 'roster', code: 'laps', sections: [{ code: 'on-loop', students }], actions: [] }];
}

/** Laps, the most first. */
export const courseResults = ([{ view }]: Course): { code: string; rows: ResultRow[] } => ({
  code: 'laps',
  rows: Object.entries(view.scores)
    .sort(([, a], [, b]) => b - a)
    .map(([id, value]) => ({ group: 0, members: [id], value })),
});
