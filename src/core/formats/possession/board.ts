import type { BoardAction, BoardPart, BoardRow, BoardStudent, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import { joinedTallies } from '../joinedTallies.ts';
import { groupsBefore, sideResults } from '../sideResults.ts';
import type { PossessionPlaySetup } from './setup.ts';

type Possessions = readonly Playing<PossessionPlaySetup>[];

const WHY = ['drop', 'intercept', 'out', 'down'] as const;

/** A side's row: its points, and what it can do now. */
function sideRow({ setup, view, sheet }: Playing<PossessionPlaySetup>, play: number, k: number, group: number): BoardRow {
  const { id } = setup.sides[k];
  const [has = -1] = sheet['@has'] ?? [];
  const act = (code: string, event: BoardAction['event'], enabled = !view.done): BoardAction => ({ code, play, event, enabled });
  const row = { side: id, group, value: view.scores[id] };
  if (setup.mode === 'spots')
    return {
      ...row,
      actions: [act('in-spot', { type: 'stopped', pair: id, inSpot: true }), act('beside', { type: 'stopped', pair: id, inSpot: false })],
    };
  if (setup.mode === 'halves') return { ...row, actions: [act('goal', { type: 'goal', side: id })] };
  const lost: BoardAction = {
    ...act('turnover', { type: 'turnover', to: id }, !view.done && has !== k),
    ask: { field: 'why', among: WHY.map((why) => ({ value: why, code: why })) },
  };
  return {
    ...row,
    note: has === k ? { code: 'has', data: { passes: view.tally.passes, of: setup.passes ?? 0 } } : { code: 'defends', data: {} },
    actions: [...(setup.mode === 'goals' ? [act('goal', { type: 'goal', side: id })] : []), lost],
  };
}

/** The holder and whoever they can pass to: one tap a pass once the holder is known, two for the first one. */
function passRoster({ setup, view, sheet }: Playing<PossessionPlaySetup>, play: number): Extract<BoardPart, { part: 'roster' }> {
  const [ball] = view.places['@ball'] ?? [];
  const [has = -1, giverAt = -1] = sheet['@has'] ?? [];
  const all = Object.keys(sheet).filter((id) => !id.startsWith('@'));
  const giver = all[giverAt];
  const sides = has < 0 ? setup.sides : [setup.sides[has]];
  const students = sides.flatMap((s) => view.places[s.id] ?? []);
  const person = (player: string): BoardStudent => {
    const mates = (setup.sides.map((s) => view.places[s.id] ?? []).find((m) => m.includes(player)) ?? []).filter((id) => id !== player);
    const isOn = !view.done && (ball === undefined ? mates.length > 0 : player !== ball && player !== giver);
    const action: BoardAction =
      ball === undefined
        ? {
            code: 'pass-from',
            play,
            event: { type: 'pass', from: player },
            enabled: isOn,
            ask: { field: 'to', among: mates.map((id) => ({ value: id, player: id })) },
          }
        : { code: 'pass-to', play, event: { type: 'pass', from: ball, to: player }, enabled: isOn };
    return { player, value: view.turns[player] ?? 0, action, more: [] };
  };
  const others = students.filter((id) => id !== ball).map(person);
  const holder: BoardStudent[] = ball === undefined ? [] : [{ player: ball, value: view.turns[ball] ?? 0, more: [] }];
  return {
    part: 'roster',
    code: 'passes',
    sections: [
      { code: 'holds', students: holder },
      { code: ball === undefined ? 'first-pass' : 'to-whom', students: others },
    ],
    actions: [],
  };
}

/** Carriers: a tap when one is tagged, a tap when they are home again. */
function carrierRoster({ setup, view, sheet }: Playing<PossessionPlaySetup>, play: number): BoardPart {
  const person = (player: string, code: 'tagged' | 'home'): BoardStudent => ({
    ...{ player, value: sheet[player]?.[0] ?? 0, more: [] },
    action: { code, play, event: { type: code, player }, enabled: !view.done },
  });
  const free = setup.sides.flatMap((s) => view.places[s.id] ?? []).filter((id) => !setup.guards?.includes(id));
  return {
    part: 'roster',
    code: 'tags',
    sections: [
      { code: 'carries', students: free.map((id) => person(id, 'tagged')) },
      { code: 'going-home', students: (view.places.home ?? []).map((id) => person(id, 'home')) },
    ],
    actions: [],
  };
}

/** Every field: the sides with their points, and who has the ball. */
export const possessionBoard = (plays: Possessions): BoardPart[] =>
  joinedTallies(
    plays.flatMap((playing, play) => {
      const { mode, sides } = playing.setup;
      const rows = sides.map((_, k) =>
        sideRow(
          playing,
          play,
          k,
          groupsBefore(
            plays.map((p) => p.setup),
            play,
          ) + k,
        ),
      );
      const tally: BoardPart = { part: 'tally', code: 'points', rows, actions: [] };
      if (mode === 'spots') return [tally];
      if (mode === 'halves') return [tally, carrierRoster(playing, play)];
      // Of several fields at once all points and turnovers are seen together, the passes of each by themselves.
      const passes = passRoster(playing, play);
      return [tally, plays.length > 1 ? { ...passes, place: `field-${play + 1}` } : passes];
    }),
  );

/** Points of every side, field by field, with how often each had the ball. */
export const possessionResults = (plays: Possessions): { code: string; rows: ResultRow[] } => ({
  code: 'points',
  rows: sideResults(plays.map(({ setup, view }) => ({ sides: setup.sides, view }))),
});
