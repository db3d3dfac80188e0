import type { Piece } from '../../model/piece.ts';
import type { BoardAction, BoardPart, BoardRow, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import { lineId, owedTurns } from './play.ts';
import type { RelayPlaySetup } from './setup.ts';

type Relays = readonly Playing<RelayPlaySetup>[];

/** A row for each line: who is going, who is next, one tap when somebody is back, or when it is made or missed. */
export function relayBoard([playing]: Relays, pieces: readonly Piece[]): BoardPart[] {
  if (!playing) return [];
  const { setup, view, sheet } = playing;
  const owed = owedTurns(setup);
  const isTry = setup.mode === 'until-made' || setup.mode === 'bay-shift';
  const rows = setup.lines.map((_, line): BoardRow => {
    const here = view.places[lineId(line)] ?? [];
    const [backs = 0, missed = 0, bay = line] = sheet[lineId(line)] ?? [];
    const isOn = !view.done && here.length > 0 && backs < owed;
    const act = (code: string, made?: boolean): BoardAction => ({
      ...{ code, play: 0, enabled: isOn },
      event: { type: 'back', line, ...(made === undefined ? {} : { made }) },
    });
    const going = setup.mode === 'passing' ? here.slice(-1) : here.slice(0, setup.goingAtOnce);
    const after = setup.mode === 'passing' ? here.at(-2) : here[setup.goingAtOnce];
    return {
      ...{ side: `${pieces[line]?.title ?? ''} ${line + 1}`.trim(), group: line, value: view.scores[lineId(line)] ?? 0 },
      note: Number.isFinite(owed)
        ? { code: 'left', data: { left: Math.max(0, owed - backs), going, after } }
        : { code: isTry ? 'tries' : 'going', data: { going, after, missed, bay: bay + 1 } },
      actions: isTry ? [act('made', true), act('missed', false)] : [act('back')],
    };
  });
  return [{ part: 'tally', code: isTry ? 'made' : 'turns', rows }];
}

/** Points of every line, the most first; turns of each student. */
export function relayResults([playing]: Relays): { code: string; rows: ResultRow[] } {
  if (!playing) return { code: 'turns', rows: [] };
  const { setup, view } = playing;
  const isTry = setup.mode === 'until-made' || setup.mode === 'bay-shift';
  const groupOf = (player: string) => Object.keys(view.places).findIndex((place) => view.places[place].includes(player));
  const rows = Object.keys(view.turns).map((player) => {
    const line = Math.max(
      0,
      setup.lines.findIndex((l) => l.includes(player)),
    );
    const now = groupOf(player);
    const of = setup.lines.flat().includes(player) ? line : Math.max(0, Math.min(now, setup.lines.length - 1));
    return { group: of, members: [player], value: view.scores[lineId(of)] ?? 0, turns: view.turns[player] };
  });
  return { code: isTry ? 'made' : 'turns', rows: rows.sort((a, b) => b.value - a.value || a.group - b.group) };
}
