import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { GAME_FAMILIES } from '../model/game.ts';
import { askOfKinds } from './asks.ts';

const played = (id: string, values: Record<string, unknown> = {}) =>
  fitUnweighed(demoDesk({ lesson: lessonWith(id, values) })).blocks.find((b) => b.game)!.game!;

describe('what handling gear asks for', () => {
  const ask = (...kinds: string[]) => askOfKinds(kinds, GEAR_CATALOGUE);

  it('follows from what it is mostly used for, how it flies and what it weighs', () => {
    expect(ask('foam paddle')).toMatchObject({ demands: { grip: 2, swing: 2 }, purpose: ['strike'] });
    expect(ask('plastic bat').demands).toMatchObject({ grip: 3, swing: 3 });
    expect(ask('balloon').demands).toMatchObject({ 'track-slow': 1 });
    expect(ask('balloon').demands['track-fast']).toBeUndefined();
    expect(ask('large ball').demands).toMatchObject({ 'two-hands': 2, 'track-fast': 1 });
    expect(ask('hurdle')).toMatchObject({ demands: { jump: 2, jolt: 1 }, purpose: ['jump-or-land'] });
  });

  it('is the most of several kinds, each once, and nothing of kinds that nobody knows', () => {
    expect(ask('scarf', 'scarf', 'basket').purpose).toEqual(['send', 'receive', 'aim']);
    expect(ask('unheard of')).toEqual({ demands: {}, purpose: [], gearKinds: ['unheard of'] });
  });
});

describe('what games ask for', () => {
  it.each(GAMES.map((g) => [g.title, g] as const))(
    '%s asks for something at levels 1 to 3, is for something, and stands on a shelf',
    (_, game) => {
      const { asks } = played(game.id);
      expect(asks.length).toBeGreaterThan(0);
      for (const { demands } of asks) {
        expect(Object.keys(demands).length).toBeGreaterThan(2);
        for (const level of Object.values(demands)) expect([1, 2, 3]).toContain(level);
      }
      expect(asks.flatMap((a) => a.purpose).length).toBeGreaterThan(0);
      expect(game.families.length).toBeGreaterThan(0);
      for (const family of game.families) expect(GAME_FAMILIES).toContain(family);
    },
  );

  it('changes with the settings: dim light, bounces, stations in use, a touch', () => {
    const most = (id: string, demand: 'dim-light' | 'track-fast' | 'bear-touch' | 'remember-steps', values = {}) =>
      Math.max(0, ...played(id, values).asks.map((a) => a.demands[demand] ?? 0));
    expect([most('wind-and-leaves', 'dim-light'), most('wind-and-leaves', 'dim-light', { dim: true })]).toEqual([0, 1]);
    expect(most('nine-mills', 'remember-steps')).toBe(3);
    expect(most('nine-mills', 'remember-steps', { picks: ['gate-lanes', 'bell-toss'] })).toBe(1);
    expect(most('wind-and-leaves', 'bear-touch')).toBe(2);
  });

  it('asks at each station for its own things, and of hunters and runners what each does', () => {
    const stations = played('nine-mills');
    expect(stations.asks.map((a) => a.place).sort()).toEqual(stations.pieces.map((p) => p.id).sort());
    const roles = played('wind-and-leaves').asks.map((a) => [a.role, a.purpose.includes('chase'), a.purpose.includes('dodge-or-flee')]);
    expect(roles).toEqual([
      ['hunter', true, false],
      ['runner', false, true],
    ]);
  });
});
