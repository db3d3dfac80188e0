import type { BoardAction, BoardPart, BoardRow, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { CallUpPlaySetup } from './setup.ts';

type CallUps = readonly Playing<CallUpPlaySetup>[];

/** Students of each side by their number now, as the sheet has them. */
function sidesNow({ sheet }: Playing<CallUpPlaySetup>): string[][] {
  const sides: string[][] = [[], []];
  for (const [id, [side, number]] of Object.entries(sheet)) sides[side][number - 1] = id;
  return sides;
}

/** Returns the next numbers of the list. A number that nobody has any more, because students left, goes on from 1. */
export function nextNumbers({ setup, view }: Playing<CallUpPlaySetup>, highest: number): number[] {
  const planned = setup.list?.[view.tally.call] ?? [];
  const numbers: number[] = [];
  for (const number of planned) {
    let i = ((number - 1) % Math.max(1, highest)) + 1;
    while (numbers.includes(i) && numbers.length < highest) i = (i % highest) + 1;
    if (!numbers.includes(i)) numbers.push(i);
  }
  return numbers;
}

/** A field for each play: what is called next, who is in, a goal with one tap, over. */
export function callUpBoard(plays: CallUps): BoardPart[] {
  return plays.map((playing, play): BoardPart => {
    const { setup, view } = playing;
    const sides = sidesNow(playing);
    const highest = Math.max(...sides.map((s) => s.length));
    const isIn = view.places.in.length > 0;
    const numbers = nextNumbers(playing, highest);
    const isLast = view.tally.call >= setup.calls;
    const call: BoardAction = {
      ...{ code: 'call', play, event: { type: 'call', numbers }, usual: !isIn, enabled: !view.done && !isLast && numbers.length > 0 },
    };
    const other: BoardAction = {
      ...{ code: 'call-other', play, event: { type: 'call' }, enabled: !view.done && !isLast && highest > 0 },
      ask: { field: 'numbers', among: Array.from({ length: highest }, (_, i) => ({ value: i + 1 })), many: true, most: setup.atOnce },
    };
    const over: BoardAction = { code: 'over', play, event: { type: 'over' }, usual: isIn, enabled: !view.done && isIn };
    const rows = setup.sides.map(({ id }, k): BoardRow => {
      const inPlay = view.places.in.filter((p) => sides[k].includes(p));
      return {
        ...{ side: id, group: 2 * play + k, value: view.scores[id] },
        note: {
          code: isIn ? 'in' : 'next',
          data: { players: isIn ? inPlay : numbers.map((i) => sides[k][(i - 1) % sides[k].length]), numbers },
        },
        actions: [{ code: 'goal', play, event: { type: 'goal', side: id }, enabled: !view.done && isIn }],
      };
    });
    return { part: 'tally', code: 'points', rows, actions: isIn ? [over, call, other] : [call, other, over] };
  });
}

/** Points of the sides of every field, in their order. */
export function callUpResults(plays: CallUps): { code: string; rows: ResultRow[] } {
  return {
    code: 'points',
    rows: plays.flatMap((playing, play) => {
      const sides = sidesNow(playing);
      return playing.setup.sides.map(({ id }, k) => ({ group: 2 * play + k, members: sides[k], value: playing.view.scores[id] }));
    }),
  };
}
