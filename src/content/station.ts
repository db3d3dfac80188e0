import type { Station, StationGear } from '../core/formats/stations/setup.ts';

type Use = [kind: string, count: number, per: StationGear['per'], use?: StationGear['use'], where?: string];

/** A station written in one line of data; the tests parse every one. */
export function station(
  id: string,
  title: string,
  task: string,
  cues: string[],
  gear: Use[],
  more: Partial<Pick<Station, 'scoring' | 'pairs' | 'runM' | 'resetBy'>> & Pick<Station, 'easier' | 'harder' | 'shone'>,
): Station {
  const uses = gear.map(([gearKind, count, per, use = 'stays', where]) => ({ gearKind, count, per, use, ...(where ? { where } : {}) }));
  return { id, title, task, cues, gear: uses, scoring: 'own', pairs: false, runM: 0, resetBy: 'group', ...more };
}
