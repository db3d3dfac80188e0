import type { Ask, BoardAction, BoardPart, BoardSeats, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { LadderPlaySetup } from './setup.ts';

type Ladders = readonly Playing<LadderPlaySetup>[];

/** The sides of each court: who is named for one, and who plays with them. */
function sidesNow({ setup, view }: Playing<LadderPlaySetup>): string[][][] {
  const partnersOf = (id: string) =>
    Object.entries(setup.members ?? {}).find(([first, more]) => first === id || more.includes(id))?.[0] ?? id;
  return setup.courts.map((_, i) => {
    const ids = view.places[`court-${i + 1}`] ?? [];
    const sides = new Map<string, string[]>();
    for (const id of ids) sides.set(partnersOf(id), [...(sides.get(partnersOf(id)) ?? []), id]);
    return [...sides.values()];
  });
}

/** Every court with who plays there: a tap says who won, the other courts are asked for, then all move at once. */
export function ladderBoard(plays: Ladders): BoardPart[] {
  const [playing] = plays;
  if (!playing) return [];
  const { setup, view } = playing;
  const courts = sidesNow(playing);
  const each = courts.map((sides, i): NonNullable<Ask['each']>[number] => ({
    place: `court-${i + 1}`,
    among: [
      ...sides.map(([player, ...more]) => ({ value: player, player, more })),
      ...(sides.length > 1 && setup.tie === 'stay' ? [{ value: '', code: 'tie' }] : []),
      ...(sides.length ? [] : [{ value: '', code: 'empty' }]),
    ],
  }));
  const won = (court: number, player: string | null): BoardAction => ({
    ...{ code: 'won', play: 0, event: { type: 'round' }, enabled: player !== null && !view.done },
    ask: { field: 'winners', among: [], each, chosen: player === null ? {} : { [court]: player } },
  });
  const seats = courts.map(
    (sides, court): BoardSeats => ({
      group: court,
      place: `court-${court + 1}`,
      seats: [0, 1].map((k) => {
        const player = sides[k]?.[0] ?? null;
        return { rank: k + 1, player, value: player === null ? 0 : (view.scores[player] ?? 0), action: won(court, player) };
      }),
      queue: court === 0 ? view.waiting : [],
      count: view.tally.round,
    }),
  );
  return [{ part: 'seats', code: 'courts', courts: seats }];
}

/** Rounds won (on the top court, if only that counts), the most first, with the rounds played. */
export function ladderResults(plays: Ladders): { code: string; rows: ResultRow[] } {
  const rows = plays.flatMap(({ view }, group) =>
    Object.keys(view.turns)
      .map((id) => ({ group, members: [id], value: view.scores[id] ?? 0, turns: view.turns[id] }))
      .sort((a, b) => b.value - a.value),
  );
  return { code: plays[0]?.setup.count === 'all' ? 'won-all' : 'won-top', rows };
}
