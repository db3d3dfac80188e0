import { describe, expect, it } from 'vitest';
import { paceRules } from '../formats/pace/play.ts';
import { playLog } from './playLog.ts';

const setup = paceRules.parse({ players: ['a'], lapMetres: 40, trials: [{ laps: 1, targetSeconds: 20 }] });
const finish = { type: 'finish', player: 'a', trial: 0, seconds: 21 } as const;

describe('the log of a simulated play', () => {
  it('keeps what the rules allow, with where play stands then', () => {
    const log = playLog(paceRules, setup);
    expect(log.take(3, { type: 'go', trial: 0 })).toBe(true);
    expect(log.take(21, finish)).toBe(true);
    expect(log.events).toEqual([
      { at: 3, type: 'go', trial: 0 },
      { at: 21, ...finish },
    ]);
    expect(log.state.turns).toEqual({ a: 1 });
  });

  it('takes nothing that they refuse, and nothing once play is over', () => {
    const log = playLog(paceRules, setup);
    expect(log.take(5, { type: 'in', player: 'a' })).toBe(false);
    expect([log.isOver(), log.events]).toEqual([false, []]);
    log.take(21, finish);
    expect(log.isOver()).toBe(true);
    expect(log.take(30, { type: 'go', trial: 0 })).toBe(false);
    expect(log.events).toHaveLength(1);
  });
});
