import type { BoardPart, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { CourtPlaySetup } from './setup.ts';

type Courts = readonly Playing<CourtPlaySetup>[];

/** Every court with who stands at each place: a tap there is an error there. */
export function courtBoard(plays: Courts): BoardPart[] {
  const courts = plays.map(({ view }, group) => {
    const ranks = Object.keys(view.places)
      .filter((key) => /^\d+$/.test(key))
      .map(Number)
      .sort((a, b) => a - b);
    return {
      group,
      place: `court-${group + 1}`,
      seats: ranks.map((rank) => {
        const player = view.places[String(rank)][0] ?? null;
        const action = { code: 'error', play: group, event: { type: 'error', position: rank }, enabled: player !== null && !view.done };
        return { rank, player, value: player === null ? 0 : (view.scores[player] ?? 0), action };
      }),
      queue: view.waiting,
      count: view.tally.rallies,
    };
  });
  return [{ part: 'seats', code: 'courts', courts }];
}

/** Rallies at the top place, the most first, with how many rallies each was on court. */
export function courtResults(plays: Courts): { code: string; rows: ResultRow[] } {
  const rows = plays.flatMap(({ setup, view }, group) =>
    Object.keys(view.scores)
      .filter((id) => setup.players.includes(id) || id in view.turns)
      .map((id) => ({ group, members: [id], value: view.scores[id], turns: view.turns[id] ?? 0 }))
      .sort((a, b) => b.value - a.value),
  );
  return { code: 'top', rows };
}
