import type { Answer, BoardAction, BoardPart, BoardZones, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { TossPlaySetup } from './setup.ts';

type Tosses = readonly Playing<TossPlaySetup>[];

/** Whoever may strike in this round: the next of those present after the one who began. */
function strikerOf({ setup, view }: Playing<TossPlaySetup>, side: string, round: number): string | undefined {
  const here = view.places[side] ?? [];
  const first = Math.max(0, here.indexOf(setup.striker?.[side] ?? ''));
  return here.length ? here[(first + round) % here.length] : undefined;
}

/** Every lane's zones with what lies in each: a tap adds the next object, two taps move one that was knocked on. */
export function tossBoard([playing]: Tosses): BoardPart[] {
  if (!playing) return [];
  const { setup, view, sheet } = playing;
  const [round] = sheet['@round'] ?? [0];
  const lying = Object.entries(sheet).filter(([id]) => id !== '@round');
  const zones: (number | null)[] = [...setup.zones.keys(), null];
  const sides = setup.sides.map(({ id: side }, group): BoardZones => {
    const own = lying.filter(([, [of]]) => of === group);
    const ids = Array.from({ length: setup.objectsEach }, (_, k) => `${group + 1}-${k + 1}`);
    const next = ids.find((id) => !own.some(([object]) => object === id));
    const rest = (code: string, object: string | undefined, zone?: number | null): BoardAction => ({
      ...{ code, play: 0, enabled: !view.done && object !== undefined },
      event: { type: 'rest', side, object, ...(zone === undefined ? {} : { zone }) },
    });
    const elsewhere = (from: number | null): Answer[] =>
      zones
        .filter((zone) => zone !== from)
        .map((zone) => (zone === null ? { value: null, code: 'outside' } : { value: zone, code: `zone-${zone + 1}` }));
    const striker = setup.striker && strikerOf(playing, side, round);
    return {
      ...{ group, side, value: view.scores[side], now: view.tally[side], left: setup.objectsEach - own.length },
      ...(striker === undefined ? {} : { note: { code: 'striker', data: { player: striker } } }),
      cells: zones.map((zone) => {
        const here = own.filter(([, [, lies]]) => lies === (zone ?? -1));
        return {
          points: zone === null ? null : setup.zones[zone],
          count: here.length,
          add: rest('rest', next, zone),
          move: { ...rest('moved', here.at(-1)?.[0]), ask: { field: 'zone', among: elsewhere(zone) } },
        };
      }),
    };
  });
  return [{ part: 'zones', code: 'points', sides }];
}

/** Points of every side, the most first. */
export function tossResults([playing]: Tosses): { code: string; rows: ResultRow[] } {
  const { setup, view } = playing;
  const rows = setup.sides.map(({ id }, group) => ({ group, members: view.places[id] ?? [], value: view.scores[id] }));
  return { code: 'points', rows: rows.sort((a, b) => b.value - a.value) };
}
