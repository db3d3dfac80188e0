import type { BoardAction, BoardPart, BoardRow, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { LanePlaySetup } from './setup.ts';

type Students = readonly Playing<LanePlaySetup>[];

const alone = { type: 'try', made: true, prompt: 'alone' };
/** How many fell: one to all of them. */
const upTo = (most: number) => Array.from({ length: most }, (_, i) => ({ value: i + 1 }));

/** A row for each student: made or missed alone with one tap, with help, with a form or with how many fell with two, and the step up or down when it is suggested. */
export function laneBoard(plays: Students): BoardPart[] {
  const rows = plays.map(({ setup, view }, play): BoardRow => {
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
  });
  return [{ part: 'tally', code: 'tries', rows }];
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
