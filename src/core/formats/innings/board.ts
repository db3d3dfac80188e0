import type { BoardAction, BoardLine, BoardPart, BoardRow, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import { sideResults } from '../sideResults.ts';
import { ADVANCE, BASES } from './bases.ts';
import type { InningsPlaySetup } from './setup.ts';

type Innings = readonly Playing<InningsPlaySetup>[];

/** Trips that can be chosen at once. */
const MOST_TRIPS = 6;

const sideIdOf = (setup: InningsPlaySetup, player: string) => setup.sides.find((s) => s.members.includes(player))?.id ?? setup.sides[0].id;

/** A small field: who hits, with two taps for the trips; who is next. */
function shuttleLine({ setup, view }: Playing<InningsPlaySetup>, play: number): BoardLine {
  const [batter] = view.places.bat;
  const hit: BoardAction = {
    ...{ code: 'trips', play, event: { type: 'hit', batter }, enabled: !view.done && batter !== undefined },
    ask: { field: 'trips', among: Array.from({ length: MOST_TRIPS + 1 }, (_, i) => ({ value: i })) },
  };
  const caught: BoardAction = { code: 'caught', play, event: { type: 'caught', batter }, enabled: hit.enabled };
  const score = (player: string) => view.scores[sideIdOf(setup, player)] ?? 0;
  const others = [...view.waiting, ...view.places['field-1'], ...view.places['field-2']];
  const row = (player: string, actions: BoardAction[] = []): BoardRow => ({ player, value: score(player), actions });
  const first = batter === undefined ? [] : [row(batter, setup.catchOut ? [hit, caught] : [hit])];
  return { place: `field-${play + 1}`, rows: [...first, ...others.map((id) => row(id))] };
}

/** Bases: the sides' runs, and everyone at bat with one tap for each kind of hit. */
function basesParts({ setup, view, sheet }: Playing<InningsPlaySetup>, play: number): BoardPart[] {
  const [, batting = 0, scored = 0, of = 0] = sheet['@turn'] ?? [];
  const [batter] = view.places.bat;
  const enabled = !view.done && batter !== undefined;
  const hit: BoardAction[] = Object.keys(ADVANCE).map((kind, i) => ({
    ...{ code: kind, play, event: { type: 'hit', batter, kind, fielded: true }, enabled, usual: i === 0 },
  }));
  const missed: BoardAction = { code: 'not-fielded', play, event: { type: 'hit', batter, kind: 'grounder', fielded: false }, enabled };
  const rows = setup.sides.map(
    ({ id }, k): BoardRow => ({
      ...{ side: id, group: 2 * play + k, value: view.scores[id] },
      note: k === batting ? { code: 'bats', data: { scored, of } } : { code: 'fields', data: {} },
      actions: [],
    }),
  );
  const at = (code: string, students: readonly string[]) => ({
    code,
    students: students.map((player) => ({ player, value: view.turns[player] ?? 0, more: [] })),
  });
  return [
    { part: 'tally', code: 'runs', rows, actions: [...hit, missed] },
    {
      part: 'roster',
      code: 'turns',
      sections: [at('bat', view.places.bat), ...BASES.map((base) => at(base, view.places[base])), at('next', view.waiting)],
      actions: [],
    },
  ];
}

/** Every field, with what happens to the one at bat. */
export function inningsBoard(plays: Innings): BoardPart[] {
  if (!plays.length) return [];
  if (plays[0].setup.mode === 'bases') return plays.flatMap(basesParts);
  const lines = plays.map(shuttleLine).filter((line) => line.rows.length);
  return lines.length ? [{ part: 'lines', code: 'runs', lines }] : [];
}

/** Points of every side, field by field, with how often each has hit; those of a small game belong to one group. */
export function inningsResults(plays: Innings): { code: string; rows: ResultRow[] } {
  if (plays[0]?.setup.mode === 'bases')
    return { code: 'runs', rows: sideResults(plays.map(({ setup, view }) => ({ sides: setup.sides, view }))) };
  const rows = plays.flatMap(({ setup, view }, group) => sideResults([{ sides: setup.sides, view }]).map((row) => ({ ...row, group })));
  return { code: 'runs', rows };
}
