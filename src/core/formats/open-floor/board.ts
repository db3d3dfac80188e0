import type { BoardAction, BoardPart, BoardStudent, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { OpenFloorPlaySetup } from './setup.ts';

type OpenFloors = readonly Playing<OpenFloorPlaySetup>[];

/** The stage and the bout, what ends each, and everyone by what they do now: a tap on one without an object says from whom they took one. */
export function openFloorBoard([playing]: OpenFloors): BoardPart[] {
  if (!playing) return [];
  const { setup, view, sheet } = playing;
  const { stage, bout } = view.tally;
  const isOn = !view.done;
  const at = (place: string) => view.places[place] ?? [];
  const next = setup.stages[stage];
  const stages = setup.stages.map((s, i) => ({
    title: s.title ?? s.id,
    is: i + 1 < stage || view.done ? ('done' as const) : i + 1 === stage ? ('now' as const) : ('next' as const),
  }));
  const bouts = setup.stages[stage - 1].bouts;
  const isLastBout = bout >= bouts;
  const actions: BoardAction[] = [
    { code: 'switch', play: 0, event: { type: 'switch' }, usual: !isLastBout, enabled: isOn },
    { code: next ? 'stage' : 'stage-last', play: 0, event: { type: 'stage' }, usual: isLastBout, enabled: isOn },
  ];
  const all = Object.keys(sheet);
  const person = (player: string, value: number, more: Partial<BoardStudent> = {}): BoardStudent => ({ player, value, more: [], ...more });
  const steal = (by: string): BoardAction => {
    const notFrom = all[sheet[by]?.[1] ?? -1];
    const among = at('with').filter((id) => id !== notFrom);
    return {
      ...{ code: 'steal', play: 0, event: { type: 'steal', by }, enabled: isOn && among.length > 0 },
      ask: { field: 'from', among: among.map((id) => ({ value: id, player: id })) },
    };
  };
  const withdraw = (from: string): BoardAction => ({ code: 'withdraw', play: 0, event: { type: 'withdraw', from }, enabled: isOn });
  const defends = at('@defenders');
  const resting = at('resting').filter((id) => !defends.includes(id));
  const sections = setup.thieves
    ? [
        { code: 'without', students: at('without').map((id) => person(id, sheet[id]?.[0] ?? 0, { action: steal(id) })) },
        { code: 'with', students: at('with').map((id) => person(id, sheet[id]?.[0] ?? 0, { more: [withdraw(id)] })) },
      ]
    : [
        { code: 'active', students: at('active').map((id) => person(id, view.turns[id] ?? 0)) },
        { code: 'defends', students: defends.map((id) => person(id, view.turns[id] ?? 0)) },
        { code: 'resting', students: resting.map((id) => person(id, view.turns[id] ?? 0)) },
      ];
  return [
    { part: 'stages', code: 'stages', stages, count: bout, of: Math.max(bout, bouts), actions },
    { part: 'roster', code: setup.thieves ? 'steals' : 'turns', sections, actions: [] },
  ];
}

/** Turns each, or objects taken; everyone once. */
export function openFloorResults([playing]: OpenFloors): { code: string; rows: ResultRow[] } {
  if (!playing) return { code: 'turns', rows: [] };
  const { setup, view, sheet } = playing;
  // Where nobody shares the class is one group.
  const isShared = setup.groups.some((g) => g.length > 1);
  const rows = Object.keys(view.turns).map((id) => ({
    group: isShared
      ? Math.max(
          0,
          setup.groups.findIndex((g) => g.includes(id)),
        )
      : 0,
    members: [id],
    value: setup.thieves ? (sheet[id]?.[0] ?? 0) : view.turns[id],
    turns: view.turns[id],
  }));
  return { code: setup.thieves ? 'steals' : 'turns', rows };
}
