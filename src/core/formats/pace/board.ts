import type { BoardAction, BoardPart, BoardWatch, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import type { PacePlaySetup } from './setup.ts';

type Paces = readonly Playing<PacePlaySetup>[];

/** A stopwatch for everyone: one tap starts all of them, one on a name stops that one. */
export function paceBoard([playing]: Paces, _: unknown, round = 0): BoardPart[] {
  if (!playing) return [];
  const { setup, view, sheet, at } = playing;
  const [on, since] = sheet['@on'] ?? [-1, 0];
  const timeOf = (player: string, trial: number) => sheet[player]?.[trial] ?? -1;
  const here = view.places.play ?? [];
  const everyoneIs = (trial: number) => here.every((id) => timeOf(id, trial) >= 0);
  const next = on < 0 ? Math.min(round, setup.trials.length - 1) : everyoneIs(on) ? on + 1 : on;
  const rows = here.map((player): BoardWatch => {
    const took = on < 0 ? -1 : timeOf(player, on);
    const isRunning = on >= 0 && took < 0 && !view.done;
    const last = view.tally[player];
    return {
      player,
      value: setup.trials.filter((_, trial) => timeOf(player, trial) >= 0).length,
      ...(isRunning ? { from: since } : {}),
      ...(last === undefined || isRunning ? {} : { note: { code: 'off', data: { off: last } } }),
      action: { code: 'in', play: 0, event: { type: 'in', player }, enabled: isRunning },
    };
  });
  const trial = setup.trials[next];
  const go: BoardAction = {
    ...{ code: on === next ? 'go-again' : 'go', play: 0, event: { type: 'go', trial: next } },
    ...{ enabled: !view.done && trial !== undefined, usual: on !== next },
  };
  return [{ part: 'watch', code: 'trial', at, rows, actions: trial ? [go] : [] }];
}

/** Seconds off the targets in all, the closest first; those who finished nothing last. */
export function paceResults([playing]: Paces): { code: string; rows: ResultRow[] } {
  if (!playing) return { code: 'off', rows: [] };
  const { view } = playing;
  const rows = Object.keys(view.turns).map((id) => ({
    group: 0,
    ...{ members: [id], value: Math.round((view.scores[id] ?? 0) * 10) / 10, turns: view.turns[id] },
  }));
  return { code: 'off', rows: rows.sort((a, b) => Number(b.turns > 0) - Number(a.turns > 0) || a.value - b.value) };
}
