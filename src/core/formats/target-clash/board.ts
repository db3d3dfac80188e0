import type { BoardAction, BoardPart, BoardRow, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { ClashPlaySetup } from './setup.ts';

type Clash = readonly Playing<ClashPlaySetup>[];

/** A row for each side: its score, what still stands or who feeds and guards, and what just happened with one tap. */
export function clashBoard([{ setup, view }]: Clash): BoardPart[] {
  const isOn = !view.done;
  const ids = setup.sides.map((s) => s.id);
  const act = (code: string, event: BoardAction['event'], enabled = isOn): BoardAction => ({ code, play: 0, event, enabled });
  const of = (side: string): BoardAction[] => {
    const others = ids.filter((id) => id !== side);
    switch (setup.mode) {
      case 'drive':
        return [act('goal', { type: 'goal', side })];
      case 'pen': {
        const through = act('through', { type: 'through', by: side });
        return others.length === 1
          ? [{ ...through, event: { ...through.event, of: others[0] } }]
          : [{ ...through, ask: { field: 'of', among: others.map((value) => ({ value })) } }];
      }
      default:
        return [
          act('down', { type: 'down', side }, isOn && view.tally[side] > 0),
          act('up', { type: 'up', side }, isOn && view.tally[side] < setup.targets),
        ];
    }
  };
  const posts = (place: 'feeder' | 'guard', members: readonly string[]) => (view.places[place] ?? []).filter((p) => members.includes(p));
  const known = new Map(setup.sides.map((s) => [s.id, s.members]));
  const rows = ids.map((side, group): BoardRow => {
    const members = [...(known.get(side) ?? []), ...(view.places[side] ?? [])];
    const hasRows = setup.mode === 'topple' || setup.mode === 'protect';
    return {
      side,
      group,
      value: view.scores[side],
      note: {
        code: hasRows ? 'row' : 'side',
        data: { up: view.tally[side], targets: setup.targets, feeders: posts('feeder', members), guards: posts('guard', members) },
      },
      actions: of(side),
    };
  });
  return [{ part: 'tally', code: 'points', rows, actions: [act('reset', { type: 'reset' })] }];
}

/** Points of every side, in their order. */
export function clashResults([{ setup, view }]: Clash): { code: string; rows: ResultRow[] } {
  const first = new Map(setup.sides.flatMap((s, g) => s.members.map((id) => [id, g] as const)));
  const members = (side: string, group: number) => {
    const known = setup.sides[group].members;
    return [...known, ...Object.keys(view.turns).filter((id) => !first.has(id) && (view.places[side] ?? []).includes(id))];
  };
  return { code: 'points', rows: setup.sides.map(({ id }, group) => ({ group, members: members(id, group), value: view.scores[id] })) };
}
