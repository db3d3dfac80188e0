import type { BoardAction, BoardLine, BoardPart, BoardRow, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { LanePlaySetup } from './setup.ts';

type Students = readonly Playing<LanePlaySetup>[];

const alone = { type: 'try', made: true, prompt: 'alone' };
/** How many fell: one to all of them. */
const upTo = (most: number) => Array.from({ length: most }, (_, i) => ({ value: i + 1 }));

/** A student's row: made or missed alone with one tap, with help, with a form or with how many fell with two, and the step up or down when it is suggested. */
function rowOf({ setup, view }: Playing<LanePlaySetup>, play: number): BoardRow {
  const { tries, made, bestRun, step, suggest } = view.tally;
  const isThere = view.places.play.length > 0 && !view.done;
  const act = (code: string, event: BoardAction['event'], enabled = isThere): BoardAction => ({ code, play, event, enabled });
  const help = { field: 'prompt', among: ['word', 'model', 'hand'].map((value) => ({ value, code: `prompt-${value}` })) };
  return {
    player: setup.player,
    value: made,
    note: {
      code: suggest > 0 ? 'step-up' : suggest < 0 ? 'step-down' : 'step',
      data: { tries, made, bestRun, step, steps: setup.ladder.length },
    },
    actions: [
      setup.falls ? { ...act('made', alone), ask: { field: 'fallen', among: upTo(setup.falls) } } : act('made', alone),
      act('missed', { type: 'try', made: false, prompt: 'alone', ...(setup.falls ? { fallen: 0 } : {}) }),
      { ...act('helped', { type: 'try', made: true }), ask: help },
      ...(setup.forms ? [{ ...act('form', alone), ask: { field: 'form', among: setup.forms.map((value) => ({ value })) } }] : []),
      act('easier', { type: 'step', to: step - 1 }, isThere && step > 0),
      act('harder', { type: 'step', to: step + 1 }, isThere && step < setup.ladder.length - 1),
    ],
  };
}

/** A line for each lane, whose turn it is first; a student without a lane, such as a latecomer, has a line alone. */
export function laneBoard(plays: Students, _: unknown, round = 0): BoardPart[] {
  const lines: (BoardLine & { turns: number[] })[] = [];
  const byLane = new Map<number, BoardLine & { turns: number[] }>();
  plays.forEach((play, i) => {
    const { lane, order = 0, of = 1 } = play.setup;
    const known = lane === undefined ? undefined : byLane.get(lane);
    const line = known ?? { ...(lane === undefined ? {} : { place: `lane-${lane + 1}` }), rows: [], turns: [] };
    line.rows.push(rowOf(play, i));
    // Turns until this student's next one.
    line.turns.push((((order - round) % of) + of) % of);
    if (known) return;
    lines.push(line);
    if (lane !== undefined) byLane.set(lane, line);
  });
  const inTurn = ({ rows, turns, ...line }: (typeof lines)[number]): BoardLine => ({
    ...line,
    rows: rows
      .map((row, i) => ({ row, turn: turns[i] }))
      .sort((a, b) => a.turn - b.turn)
      .map(({ row }) => row),
  });
  return [{ part: 'lines', code: 'tries', lines: lines.map(inTurn) }];
}

/** Tries made since the last step, of all tries, student by student. */
export const laneResults = (plays: Students): { code: string; rows: ResultRow[] } => ({
  code: 'made',
  rows: plays.map(({ setup, view }, group) => ({
    group,
    members: [setup.player],
    value: view.tally.made,
    turns: view.turns[setup.player] ?? 0,
  })),
});
