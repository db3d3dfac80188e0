import type { Ask, BoardAction, BoardPart, BoardSection, BoardStudent, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { ChasePlaySetup } from './setup.ts';

type Chase = readonly Playing<ChasePlaySetup>[];

const HELD = ['frozen', 'jail', 'task'];

/** Everyone by what they are now: a tap on somebody free is a catch, on somebody held a release; who did it is asked if there is a choice. */
export function chaseBoard([play]: Chase): BoardPart[] {
  if (!play) return [];
  const { setup, view } = play;
  const at = (place: string) => view.places[place] ?? [];
  const hunters = at('hunter');
  const free = setup.zones ? setup.zones.flatMap((zone) => at(`zone:${zone}`)) : at('free');
  const isOn = !view.done;
  const isPair = setup.hunters[0]?.how === 'together';
  const act = (code: string, event: BoardAction['event'], enabled = isOn): BoardAction => ({ code, play: 0, event, enabled });
  const asked = (action: BoardAction, field: string, ids: readonly string[], many = false): BoardAction => {
    if (ids.length === 1 && !many) return { ...action, event: { ...action.event, [field]: ids[0] } };
    const ask: Ask = { field, among: ids.map((id) => ({ value: id, player: id })), ...(many ? { many } : {}) };
    return { ...action, ask, enabled: action.enabled && ids.length > 0 };
  };
  const caught = (who: string) =>
    asked(act('caught', { type: 'caught', who }), 'by', setup.everyoneHunts ? free.filter((p) => p !== who) : hunters, isPair);
  const helpers = free.filter((p) => !setup.rescuers || setup.rescuers.includes(p));
  const backIn = (who: string, place: string): BoardAction | undefined => {
    if (place === 'task' || setup.release === 'task') return act('task-done', { type: 'taskDone', who });
    if (setup.release === 'touch') return asked(act('freed', { type: 'freed', who }), 'by', helpers);
    return setup.release === 'escort' ? asked(act('escort', { type: 'escort', who }), 'by', helpers) : undefined;
  };
  const student = (player: string, more: Partial<BoardStudent> = {}): BoardStudent => ({
    player,
    value: view.turns[player] ?? 0,
    more: [],
    ...more,
  });
  const runner = (who: string) =>
    student(who, {
      action: caught(who),
      more: [
        ...(setup.zones ? [act('across', { type: 'across', who })] : []),
        ...(setup.safeSpots?.length ? [act('safe', { type: 'safe', who })] : []),
        ...(setup.objective && !view.places['@carrier'] ? [act('take', { type: 'take', who })] : []),
        ...(setup.objective && at('@carrier').includes(who) ? [act('objective', { type: 'objective', who })] : []),
      ],
    });
  const sections: BoardSection[] = [
    { code: 'free', students: free.map(runner) },
    ...HELD.map((place) => ({ code: place, students: at(place).map((p) => student(p, { action: backIn(p, place) })) })),
    {
      code: 'escort',
      students: pairsOf(at('escort')).flatMap(([by, who]) => [
        student(by, { action: act('home', { type: 'home', by, who }), more: [act('lost', { type: 'lost', by, who })] }),
        student(who),
      ]),
    },
    { code: 'safe', students: at('safe').map((who) => student(who, { action: act('unsafe', { type: 'unsafe', who }) })) },
    { code: 'across', students: at('across').map((p) => student(p)) },
    { code: 'hunter', students: hunters.map((p) => student(p, { value: view.scores[p] ?? 0 })) },
    { code: 'out', students: at('out').map((p) => student(p)) },
  ];
  const calls = setup.zones
    ? [...typeCalls(play), ...setup.zones.map((to) => act(`call-${to}`, { type: 'call', to }))]
    : setup.release === 'call'
      ? [act('call', { type: 'call' })]
      : [];
  return [{ part: 'roster', code: 'chase', sections, actions: calls }];
}

/** A call for each kind, to the line that fewer of its students are at. */
function typeCalls({ setup: { callsTypes, types = {}, zones = [] }, view }: Playing<ChasePlaySetup>): BoardAction[] {
  if (!callsTypes) return [];
  return [...new Set(Object.values(types))].map((typeCalled) => {
    const there = zones.map((zone) => (view.places[`zone:${zone}`] ?? []).filter((id) => types[id] === typeCalled).length);
    const to = zones[there.lastIndexOf(Math.min(...there))];
    return { code: 'call', title: typeCalled, play: 0, event: { type: 'call', typeCalled, to }, enabled: !view.done };
  });
}

/** Escorts stand in pairs, who leads before the captive. */
const pairsOf = (ids: readonly string[]): [string, string][] =>
  ids.flatMap((id, i) => (i % 2 === 0 && ids[i + 1] ? [[id, ids[i + 1]] as [string, string]] : []));

/** Catches of those who hunted, then how often the others were caught; everyone once. */
export function chaseResults([play]: Chase): { code: string; rows: ResultRow[] } {
  if (!play) return { code: 'catches', rows: [] };
  const { view } = play;
  const rows = Object.keys(view.turns).map((id) => ({ group: 0, members: [id], value: view.scores[id] ?? 0, turns: view.turns[id] }));
  return { code: 'catches', rows: rows.sort((a, b) => b.value - a.value) };
}
