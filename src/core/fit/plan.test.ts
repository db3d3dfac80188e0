import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith, period } from '../../content/desk.fixture.ts';
import { shapesApart, validateLayout } from '../arrange/validate.ts';
import { roundsOf } from '../formats/bouts.ts';
import { boxed } from '../model/boxed.fixture.ts';
import { roomArea } from '../model/room.ts';
import { meetingPoint } from '../model/shape.ts';
import { stationRotation } from '../rotation/stationRotation.ts';
import { fit } from './fit.ts';

const planned = (settings: Record<string, unknown> = {}, more: Record<string, unknown> = {}) => {
  const input = demoDesk({ lesson: lessonWith('nine-mills', settings, more) });
  const block = fit(input).blocks.find((b) => b.game)!;
  return { input, block, game: block.game! };
};

describe('a stations block', () => {
  it('spends L·S·w + (L·S − 1)·m and its phases, to the second', () => {
    for (const laps of [1, 2]) {
      const { block, game } = planned({ laps, walkSeconds: 60, rehearseSeconds: 30, resetSeconds: 60 });
      const n = 9 * laps;
      const bouts = n * game.timeline.workSeconds + (n - 1) * game.moveSeconds;
      const reset = game.timeline.segments.at(-1)!;
      expect(60 + 30 + bouts + (reset.until - reset.at)).toBe(block.seconds);
      expect(reset.until - reset.at).toBeGreaterThanOrEqual(60);
      const { rounds, totalSeconds } = stationRotation({
        groups: 9,
        stations: 9,
        workSeconds: game.timeline.workSeconds,
        moveSeconds: game.moveSeconds,
        laps,
      });
      expect(totalSeconds).toBe(bouts);
      expect(roundsOf(game.groups, game.timeline.bouts)).toEqual(rounds.map((r) => r.stationOf));
    }
  });

  it('changes the second lap alone', () => {
    const { game } = planned({
      laps: 2,
      laterLap: 'work',
      laterLapSeconds: 45,
      workSeconds: 60,
      picks: ['windmill', 'bell-toss', 'low-net'],
    });
    const lengths = game.timeline.bouts.map((r) => r.until - r.at);
    expect(lengths).toEqual([60, 60, 60, 45, 45, 45]);
  });

  it('moves at the pace of the longest walk and settles', () => {
    const { game } = planned();
    const walk = game.walkM / 1.2 + 12;
    expect(game.moveSeconds).toBeGreaterThanOrEqual(walk);
    expect(game.moveSeconds).toBeLessThan(walk + 5);
    expect(planned({ moveSeconds: 40 }).game.moveSeconds).toBe(40);
  });

  it('stands on the floor clear, apart and in walking order', () => {
    const { input, game } = planned();
    const wants = game.pieces.map((p) => game.clearances[p.id].metres);
    expect(validateLayout(roomArea(input.room, 0), boxed(game.pieces), wants, 1)).toEqual([]);
    expect(game.pieces.map((p) => p.number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9]);
    const middle = (i: number) => meetingPoint(game.pieces[i].shape);
    const walk = (order: number[]) =>
      order.reduce(
        (sum, p, i) => sum + Math.hypot(middle(p).x - middle(order[(i + 1) % 9]).x, middle(p).y - middle(order[(i + 1) % 9]).y),
        0,
      );
    const own = walk([0, 1, 2, 3, 4, 5, 6, 7, 8]);
    for (let i = 0; i < 9; i++)
      for (let j = i + 1; j < 9; j++) {
        const order = [0, 1, 2, 3, 4, 5, 6, 7, 8];
        [order[i], order[j]] = [order[j], order[i]];
        expect(walk(order)).toBeGreaterThanOrEqual(own - 1e-9);
      }
  });

  it('leaves what the teacher put down where it is', () => {
    const at = { value: { x: 11, y: 6 }, by: 'teacher', pinned: true };
    const { game } = planned({}, { placed: { windmill: at } });
    expect(boxed(game.pieces).find((p) => p.id === 'windmill')).toMatchObject({ x: 11, y: 6, pinned: true });
    expect(game.pieces.filter((p) => p.pinned)).toHaveLength(1);
  });

  it('doubles a station under a name of its own, with gear of its own', () => {
    const { game } = planned({ picks: ['windmill', 'windmill', 'bell-toss'] });
    expect(game.pieces.map((p) => p.id)).toEqual(['windmill', 'windmill~2', 'bell-toss']);
    expect(game.needs.filter((n) => n.gearKind === 'scarf').map((n) => n.pieceId)).toEqual(['windmill', 'windmill~2']);
    expect(shapesApart(game.pieces[0].shape, game.pieces[1].shape)).toBeGreaterThanOrEqual(1);
  });

  it('shares gear by two with half of each group at it, and forecasts that', () => {
    const alone = planned({ picks: ['windmill', 'bell-toss'] }).game;
    const shared = planned({ picks: ['windmill', 'bell-toss'], sharing: { windmill: 2 } }).game;
    const scarves = (g: typeof alone) => g.needs.find((n) => n.gearKind === 'scarf')!.count;
    expect(scarves(shared)).toBeLessThan(scarves(alone));
    expect(shared.forecast.activeShare.mean).toBeLessThan(alone.forecast.activeShare.mean);
    expect(shared.cards[0].lines.map((l) => l.code)).toContain('share');
  });

  it('lets groups that are one too many wait with their task', () => {
    const { game } = planned({ picks: ['windmill', 'bell-toss', 'low-net'], overflow: 1 });
    expect(game.groups).toHaveLength(4);
    for (const bout of game.timeline.bouts) expect(bout.stays.filter((s) => s.piece < 0)).toHaveLength(1);
    expect(game.timeline.bouts).toHaveLength(4);
    expect(game.forecast.longestWait.mean).toBe(game.timeline.workSeconds);
  });

  it('says at the switch what stays, comes off, goes along', () => {
    const verbs = planned().game.calls.map((c) => `${c.pieceId} ${c.verb} ${c.gearKind}`.trim());
    expect(verbs).toEqual(
      expect.arrayContaining(['two-catch take-off pinnie', 'disc-to-hand carry disc', 'stone-slide stays sliding stone', 'windmill reset']),
    );
  });

  it('is shorter in a shorter period and never below the band', () => {
    const work = (end: string) =>
      fit(demoDesk({ lesson: lessonWith('nine-mills'), period: period('10:00', end) })).blocks.find((b) => b.game)!.game!.timeline
        .workSeconds;
    expect(work('10:40')).toBeLessThanOrEqual(work('10:50'));
    expect(work('10:32')).toBeGreaterThanOrEqual(90);
  });
});
