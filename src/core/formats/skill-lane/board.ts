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
  const lines = new Map<string, number[]>();
  plays.forEach(({ setup: { lane } }, i) => {
    const key = lane === undefined ? `alone ${i}` : `lane-${lane + 1}`;
    lines.set(key, [...(lines.get(key) ?? []), i]);
  });
  /** Turns until a student's next one. */
  const turnsLeft = (i: number) => {
    const { order = 0, of = 1 } = plays[i].setup;
    return (((order - round) % of) + of) % of;
  };
  const lineOf = ([key, members]: [string, number[]]): BoardLine => ({
    ...(plays[members[0]].setup.lane === undefined ? {} : { place: key }),
    rows: members.sort((a, b) => turnsLeft(a) - turnsLeft(b)).map((i) => rowOf(plays[i], i)),
  });
  return [{ part: 'lines', code: 'tries', lines: [...lines].map(lineOf) }];
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
