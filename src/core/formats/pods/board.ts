import type { BoardAction, BoardPart, BoardSeats, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { PodsPlaySetup } from './setup.ts';

type PodPlays = readonly Playing<PodsPlaySetup>[];

/** The music whose end nobody can see, then every pod: a tap says who took the object, or who held. */
export function podBoard([playing]: PodPlays): BoardPart[] {
  if (!playing) return [];
  const { setup, view, sheet } = playing;
  const stops = Object.values(view.turns).length ? Math.max(...Object.values(view.turns)) : 0;
  const hasStopped = stops > 0;
  const pods = setup.pods.map((_, i) => view.places[`pod-${i + 1}`] ?? []);
  const stop: BoardAction = { code: 'stop', play: 0, event: { type: 'stop' }, enabled: !view.done && stops < setup.rounds };
  const music: BoardPart = {
    part: 'cue',
    code: 'music',
    burstSeconds: setup.burstSeconds,
    action: stop,
    count: view.tally.round,
    of: setup.rounds,
  };
  const taken = (pod: number, player: string | null): BoardAction => ({
    ...{ code: 'taken', play: 0, event: { type: 'taken', pod, by: player } },
    enabled: !view.done && setup.mode === 'take' && hasStopped && player !== null && !sheet.taken?.[pod],
  });
  const courts = pods.map(
    (ids, pod): BoardSeats => ({
      ...{ group: pod, place: `pod-${pod + 1}`, unranked: true, count: view.tally.round },
      seats: ids.map((player, k) => ({ rank: k + 1, player, value: view.scores[player] ?? 0, action: taken(pod, player) })),
      queue: view.places[`@leader-${pod + 1}`] ?? [],
    }),
  );
  if (setup.mode === 'take') return [music, { part: 'seats', code: 'pods', courts }];
  const held: BoardAction = {
    ...{ code: 'held', play: 0, event: { type: 'held' }, usual: true, enabled: !view.done && hasStopped && !sheet.held?.[0] },
    ask: { field: 'by', among: pods.flat().map((player) => ({ value: player, player })), many: true },
  };
  const nobody: BoardAction = { code: 'held-none', play: 0, event: { type: 'held', by: [] }, enabled: held.enabled };
  const students = pods.flat().map((player) => ({ player, value: view.scores[player] ?? 0, more: [] }));
  return [music, { part: 'roster', code: 'pods', sections: [{ code: 'held-so-far', students }], actions: [held, nobody] }];
}

/** Rounds won, the most first. */
export function podResults([{ setup, view }]: PodPlays): { code: string; rows: ResultRow[] } {
  const rows = setup.pods.flatMap((_, group) =>
    (view.places[`pod-${group + 1}`] ?? []).map((id) => ({ group, members: [id], value: view.scores[id] ?? 0, turns: view.turns[id] })),
  );
  return { code: 'won', rows: rows.sort((a, b) => b.value - a.value) };
}
