import type { BoardAction, BoardPart, BoardRow, BoardStudent, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import { joinedTallies } from '../joinedTallies.ts';
import { groupsBefore, sideResults } from '../sideResults.ts';
import { isOfRound } from './play.ts';
import type { SpotPlaySetup } from './setup.ts';

type Spots = readonly Playing<SpotPlaySetup>[];

/** The teams of a play as its sides. */
const sidesOf = ({ setup, view }: Playing<SpotPlaySetup>) => ({ sides: setup.teams, view });

/** A team's row: where one target is struck, its strike and its free shots. */
function teamRow(plays: Spots, play: number, k: number): BoardRow {
  const { setup, view } = plays[play];
  const { id, members } = setup.teams[k];
  const row = { side: id, group: groupsBefore(plays.map(sidesOf), play) + k, value: view.scores[id] };
  if (setup.mode !== 'struck')
    return { ...row, ...(setup.mode === 'collect' ? { note: { code: 'held', data: { count: view.tally[id] } } } : {}), actions: [] };
  const free = view.places['free-shots'];
  const isFree = free !== undefined && (members.some((m) => free.includes(m)) || (free.length === 0 && members.length === 0));
  const struck: BoardAction = { code: 'struck', play, event: { type: 'struck', team: id }, enabled: !view.done && free === undefined };
  const shot: BoardAction = { code: 'free', play, event: { type: 'free', team: id }, enabled: !view.done && isFree };
  return { ...row, actions: isFree ? [shot, struck] : [struck, shot] };
}

/** One who shoots: a tap on the name asks at which spot it was made; the second says where it was missed. */
function shooter({ setup, view, sheet }: Playing<SpotPlaySetup>, play: number, player: string, round: number): BoardStudent {
  const left = (view.places['@spots'] ?? []).filter((spot) => isOfRound(spot, setup.mode === 'collect' ? round : 0));
  const missed = setup.spots?.[sheet[player]?.[0] ?? -1];
  const open = left.filter((spot) => spot !== missed || left.length < 2);
  const act = (code: 'made' | 'missed'): BoardAction => ({
    ...{ code, play, event: { type: code, player }, enabled: !view.done && open.length > 0 },
    ask: { field: 'spot', among: open.map((value) => ({ value })) },
  });
  return { player, value: view.turns[player] ?? 0, action: act('made'), more: [act('missed')] };
}

/** Every field: points of its teams, who shoots; or who struck, and when the others' task is done. */
export function spotBoard(plays: Spots, _: unknown, round = 0): BoardPart[] {
  if (!plays.length) return [];
  const tallies = plays.map(({ setup, view }, play): BoardPart => {
    const rows = setup.teams.map((_, k) => teamRow(plays, play, k));
    const isFree = view.places['free-shots'] !== undefined;
    const done: BoardAction = { code: 'taskDone', play, event: { type: 'taskDone' }, usual: isFree, enabled: !view.done && isFree };
    // The other team's task: its own tap beside the free shots.
    return {
      part: 'tally',
      code: 'points',
      rows: setup.mode === 'struck' && isFree ? rows.map((row, k) => (k ? row : { ...row, actions: [...row.actions, done] })) : rows,
    };
  });
  if (plays[0].setup.mode === 'struck') return joinedTallies(tallies);
  const students = plays.flatMap((playing, play) =>
    playing.setup.teams.flatMap(({ id }) => (playing.view.places[id] ?? []).map((player) => shooter(playing, play, player, round))),
  );
  return [...joinedTallies(tallies), { part: 'roster', code: 'tries', sections: [{ code: 'shoots', students }], actions: [] }];
}

/** Points of every team, field by field, with how often each tried. */
export const spotResults = (plays: Spots): { code: string; rows: ResultRow[] } => ({
  code: 'points',
  rows: sideResults(plays.map(sidesOf)),
});
