import type { BoardAction, BoardPart, BoardStudent, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { PerimeterPlaySetup } from './setup.ts';

type Perimeters = readonly Playing<PerimeterPlaySetup>[];

/** How many stops, what is left; one tap for a stop at which all were in time, two for one at which somebody was late. */
export function perimeterBoard([playing]: Perimeters): BoardPart[] {
  if (!playing) return [];
  const { setup, view, sheet } = playing;
  const isOn = !view.done;
  const there = Object.entries(view.places).flatMap(([place, ids]) => (place === 'box' ? [] : ids));
  const stop: BoardAction = { code: 'stop', play: 0, event: { type: 'stop' }, usual: true, enabled: isOn };
  const late: BoardAction = {
    ...{ code: 'late', play: 0, event: { type: 'stop' }, enabled: isOn && there.length > 0 },
    ask: { field: 'late', among: there.map((id) => ({ value: id, player: id })), many: true },
  };
  const person = (player: string): BoardStudent => ({ player, value: sheet[player]?.[0] ?? 0, more: [] });
  const [stops = 0] = sheet['@stops'] ?? [];
  const counts = { stops, ...(setup.mode === 'hoops' ? { hoops: view.tally.hoops } : {}), tasks: view.tally.tasks };
  const rows = Object.entries(counts).map(([label, value]) => ({ label, value, actions: [] }));
  const tally: BoardPart = { part: 'tally', code: 'round', rows, actions: [stop, late] };
  if (setup.mode === 'hoops') return [tally];
  const swap: BoardAction = { code: 'swap', play: 0, event: { type: 'swap' }, enabled: isOn };
  const sections = ['outer', 'inner', 'free'].map((code) => ({ code, students: (view.places[code] ?? []).map(person) }));
  return [tally, { part: 'roster', code: 'frees', sections, actions: [swap] }];
}

/** Everyone once: how often they were free; there is no score of one alone. */
export function perimeterResults([playing]: Perimeters): { code: string; rows: ResultRow[] } {
  const stops = playing?.sheet['@stops']?.[0] ?? 0;
  return {
    code: 'round',
    rows: playing ? [{ group: 0, members: Object.keys(playing.view.turns), value: stops }] : [],
  };
}
