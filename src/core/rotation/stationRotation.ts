import type { SharedFinding } from '../model/findingCodes.ts';
import { type RotationRound, rotationRounds } from './rounds.ts';

export interface StationRotationRequest {
  groups: number;
  stations: number;
  workSeconds: number;
  moveSeconds: number;
  laps: number;
  direction?: 1 | -1;
}

function wholeFrom1(name: string, value: number): void {
  if (!Number.isInteger(value) || value < 1) throw new RangeError(`invalid ${name}: ${value}`);
}

/**
 * Who works where in every bout. The cycle has max(groups, stations) slots; a group in a slot beyond the stations is in
 * overflow (−1). R = slots × laps bouts; totalSeconds = R·w + (R − 1)·m. Finding 'rotation-overflow' where groups wait.
 */
export function stationRotation(request: StationRotationRequest): {
  rounds: RotationRound[];
  totalSeconds: number;
  findings: SharedFinding[];
} {
  const { groups, stations, workSeconds, moveSeconds, laps, direction = 1 } = request;
  wholeFrom1('groups', groups);
  wholeFrom1('stations', stations);
  wholeFrom1('laps', laps);
  if (!Number.isFinite(workSeconds) || workSeconds <= 0) throw new RangeError(`invalid workSeconds: ${workSeconds}`);
  if (!Number.isFinite(moveSeconds) || moveSeconds < 0) throw new RangeError(`invalid moveSeconds: ${moveSeconds}`);
  if (direction !== 1 && direction !== -1) throw new RangeError(`invalid direction: ${direction}`);
  const rounds = rotationRounds({ groups, stations, workOfLap: Array(laps).fill(workSeconds), moveSeconds, direction });
  const overflow = Math.max(0, groups - stations);
  const findings: SharedFinding[] = overflow
    ? [{ code: 'rotation-overflow', weight: 'caution', at: {}, data: { groups, stations, overflow } }]
    : [];
  return { rounds, totalSeconds: rounds.length * workSeconds + (rounds.length - 1) * moveSeconds, findings };
}
