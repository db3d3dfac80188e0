import type { BoardPart, BoardSeats, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { WinnersRingPlaySetup } from './setup.ts';

type Rings = readonly Playing<WinnersRingPlaySetup>[];

/** Every bay with its two teams and their points: a tap is a point; then who waits there and who is on the way. */
export function ringBoard([playing]: Rings): BoardPart[] {
  if (!playing) return [];
  const { setup, view, sheet } = playing;
  const titles = Object.fromEntries(setup.teams.map((team) => [team, team]));
  const courts = Array.from({ length: setup.bays }, (_, bay): BoardSeats => {
    const here = setup.teams.filter((team) => sheet[team]?.[0] === bay).sort((a, b) => sheet[a][1] - sheet[b][1]);
    const on = here.filter((team) => sheet[team][1] < 2);
    const coming = setup.teams.filter((team) => sheet[team]?.[0] === -1 && sheet[team][1] === bay);
    const may = (team: string | undefined) => {
      if (team === undefined || view.done) return false;
      return on.length === 2 || (setup.headStart && coming.length > 0 && view.tally[team] + 1 < setup.target);
    };
    return {
      ...{ group: bay, place: `bay-${bay + 1}`, titles, coming, count: sheet['@games']?.[bay] ?? 0 },
      seats: [0, 1].map((k) => ({
        ...{ rank: k + 1, player: on[k] ?? null, value: on[k] === undefined ? 0 : view.tally[on[k]] },
        action: { code: 'score', play: 0, event: { type: 'score', team: on[k] }, enabled: may(on[k]) },
      })),
      queue: here.slice(on.length),
    };
  });
  return [{ part: 'seats', code: 'bays', courts }];
}

/** Games won, the most first. */
export function ringResults([playing]: Rings): { code: string; rows: ResultRow[] } {
  const { setup, view } = playing;
  const rows = setup.teams.map((team, group) => ({ group, members: setup.members?.[team] ?? [], value: view.scores[team] }));
  return { code: 'won', rows: rows.sort((a, b) => b.value - a.value) };
}
