import type { BoardAction, BoardPart, BoardStudent, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import { boutCount } from './play.ts';
import type { IntervalPlaySetup } from './setup.ts';

type Intervals = readonly Playing<IntervalPlaySetup>[];

/** Repetitions that can be chosen at once. */
const MOST_REPS = 40;

/** The bout, and everyone where they are: a tap on one who exercises asks how many repetitions they had. */
export function intervalBoard([playing]: Intervals): BoardPart[] {
  if (!playing) return [];
  const { setup, view } = playing;
  const isOn = !view.done;
  const reps = (player: string): BoardAction => ({
    ...{ code: 'reps', play: 0, event: { type: 'reps', player }, enabled: isOn },
    ask: { field: 'count', among: Array.from({ length: MOST_REPS }, (_, i) => ({ value: i + 1 })) },
  });
  const busy = setup.exercises.flatMap((id) => view.places[id] ?? []);
  const person = (player: string, action?: BoardAction): BoardStudent => ({
    ...{ player, value: view.scores[player] ?? 0, more: [] },
    ...(action ? { action } : {}),
  });
  return [
    {
      part: 'tally',
      code: 'round',
      rows: [{ label: 'bout', value: view.tally.bout, note: { code: 'of', data: { of: boutCount(setup) } }, actions: [] }],
    },
    {
      part: 'roster',
      code: 'reps',
      sections: [
        { code: 'exercises', students: busy.map((id) => person(id, reps(id))) },
        { code: 'run', students: (view.places.run ?? []).map((id) => person(id)) },
      ],
      actions: [],
    },
  ];
}

/** Repetitions of everyone, with the bouts that they ran. */
export function intervalResults([playing]: Intervals): { code: string; rows: ResultRow[] } {
  const { setup, view } = playing ?? { setup: { pairs: [] as string[][] }, view: { scores: {}, turns: {} as Record<string, number> } };
  const rows = Object.entries(view.scores).map(([id, value]) => ({
    group: Math.max(
      0,
      setup.pairs.findIndex((p) => p.includes(id)),
    ),
    ...{ members: [id], value, turns: view.turns[id] ?? 0 },
  }));
  return { code: 'reps', rows };
}
