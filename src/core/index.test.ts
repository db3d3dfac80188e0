import { describe, expect, it } from 'vitest';
import * as face from './index.ts';
import { forecast, replay } from './index.ts';

describe('the public face', () => {
  it('exports what the contract names and is built, each of it real', () => {
    const built = [
      'GameRecord',
      'GearRecord',
      'RoomRecord',
      'SUPPORT_KINDS',
      'balanceTeams',
      'callList',
      'closingSpeed',
      'fitForAll',
      'fitSpots',
      'fitTime',
      'forecast',
      'mixGroups',
      'packUnits',
      'replay',
      'roleRota',
      'roundRobin',
      'runOut',
      'setOut',
      'spreadSpots',
      'stationRotation',
      'swingClearance',
    ];
    expect(Object.keys(face).sort()).toEqual(built);
  });

  it('plays the formats that are built and refuses others by name', () => {
    const stations = { groups: [['a'], ['b']], stations: [{ id: 'x', scoring: 'own' }], workSeconds: 60, moveSeconds: 10, laps: 1 };
    expect(replay('stations', stations, []).view.places['station-1']).toEqual(['a']);
    const court = { players: ['a', 'b', 'c'], positions: 2 };
    expect(replay('advance-court', court, [{ at: 8, type: 'error', position: 1 }]).view.waiting).toEqual(['a']);
    expect(forecast('advance-court', court, { seconds: 600, seed: 1 }).activeShare.mean).toBeCloseTo(2 / 3, 9);
    expect(() => replay('pods' as never, {}, [])).toThrowError(RangeError);
    expect(() => forecast('stations', stations, { seconds: -1, seed: 1 })).toThrowError('seconds');
    expect(() => forecast('stations', stations, { seconds: 60, seed: Number.NaN })).toThrowError('seed');
    expect(() => replay('stations', stations, 'events' as never)).toThrowError(RangeError);
  });

  it('ignores fields of a setup that it does not know', () => {
    const court = { players: ['a', 'b'], positions: 2, colour: 'blue' };
    expect(replay('advance-court', court, []).view.places).toEqual({ 1: ['a'], 2: ['b'] });
  });

  it('leaves its arguments alone', () => {
    const freeze = <T>(v: T): T => {
      if (v && typeof v === 'object') for (const inner of Object.values(v)) freeze(inner);
      return Object.freeze(v);
    };
    const court = freeze({ players: ['a', 'b', 'c', 'd', 'e'], positions: 3, weights: { a: 2 } });
    const events = freeze([
      { at: 1, type: 'error', position: 2 },
      { at: 2, type: 'box', player: 'c', why: 'x', release: 'restart', seconds: 5 },
      { at: 9, type: 'error', position: 1 },
    ]);
    expect(replay('advance-court', court, events).refused).toEqual([]);
    expect(forecast('advance-court', court, { seconds: 400, plays: 20, seed: 3 })).toEqual(
      forecast('advance-court', court, { seconds: 400, plays: 20, seed: 3 }),
    );
  });
});
