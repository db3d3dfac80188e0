import type { BoardAction, BoardObjects, BoardPart, BoardRow, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { ClashPlaySetup } from './setup.ts';

type Clash = readonly Playing<ClashPlaySetup>[];

/** A row for each side: its score, its targets or who feeds and guards, and what just happened with one tap. */
export function clashBoard([{ setup, view }]: Clash): BoardPart[] {
  const isOn = !view.done;
  const ids = setup.sides.map((s) => s.id);
  const act = (code: string, event: BoardAction['event'], enabled = isOn): BoardAction => ({ code, play: 0, event, enabled });
  const reset = act('reset', { type: 'reset' });
  const posts = (place: 'feeder' | 'guard', members: readonly string[]) => (view.places[place] ?? []).filter((p) => members.includes(p));
  const known = new Map(setup.sides.map((s) => [s.id, s.members]));
  const noteOf = (side: string): BoardRow['note'] => {
    const members = [...(known.get(side) ?? []), ...(view.places[side] ?? [])];
    return { code: 'side', data: { feeders: posts('feeder', members), guards: posts('guard', members) } };
  };
  if (setup.mode === 'topple' || setup.mode === 'protect') {
    const sides = ids.map((side, group): BoardObjects => {
      const standing = view.tally[side];
      return {
        group,
        side,
        value: view.scores[side],
        count: setup.targets,
        standing,
        note: noteOf(side),
        down: act('down', { type: 'down', side }, isOn && standing > 0),
        up: act('up', { type: 'up', side }, isOn && standing < setup.targets),
      };
    });
    return [{ part: 'objects', code: 'points', sides, actions: [reset] }];
  }
  const of = (side: string): BoardAction => {
    if (setup.mode === 'drive') return act('goal', { type: 'goal', side });
    const others = ids.filter((id) => id !== side);
    const through = act('through', { type: 'through', by: side });
    return others.length === 1
      ? { ...through, event: { ...through.event, of: others[0] } }
      : { ...through, ask: { field: 'of', among: others.map((value) => ({ value })) } };
  };
  const rows = ids.map((side, group): BoardRow => ({ side, group, value: view.scores[side], note: noteOf(side), actions: [of(side)] }));
  return [{ part: 'tally', code: 'points', rows, actions: [reset] }];
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
