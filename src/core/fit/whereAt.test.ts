import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { formatOf } from '../formats/registry.ts';
import { fitUnweighed } from './fit.ts';
import type { FittedBlock } from './fitted.ts';
import { samplePlay, triedSeconds } from './tryOut.ts';
import { whereAt } from './whereAt.ts';

const blockOf = (id: string): FittedBlock => fitUnweighed(demoDesk({ lesson: lessonWith(id) })).blocks.find((b) => b.game)!;

describe('where everyone is', () => {
  it.each(GAMES.map((g) => [g.title, g.id as string] as const))(
    '%s: one answer for every student at every second, of the plan and of a simulated play',
    (_, id) => {
      const block = blockOf(id);
      const game = block.game!;
      const students = game.groups.flat().sort();
      const pieces = new Set(game.pieces.map((p) => p.id));
      /** Who is missing or too many, or in no place of the floor; `isPlaced`: everybody must be in one. */
      const wrong = (where: ReturnType<typeof whereAt>, isPlaced: boolean) => [
        ...(Object.keys(where).sort().join() === students.join() ? [] : ['who']),
        ...Object.entries(where).flatMap(([student, w]) => {
          const isRight = w.at === 'place' ? pieces.has(w.pieceId) : !isPlaced;
          return isRight ? [] : [student];
        }),
      ];
      const seconds = Array.from({ length: block.seconds + 1 }, (_, second) => second);
      expect(seconds.filter((second) => wrong(whereAt(block, second), false).length)).toEqual([]);
      const sample = samplePlay(game, 2);
      const first = game.timeline.bouts[0].at;
      let folds = sample.plays.map((p) => formatOf(game.format).open(p.setup));
      const next = sample.plays.map(() => 0);
      for (let second = 0; second < Math.min(triedSeconds(game), game.timeline.bouts[0].until - first); second++) {
        folds = folds.map((fold, i) => {
          let now = fold;
          const { events } = sample.plays[i];
          for (; next[i] < events.length && events[next[i]].at <= second; next[i]++) now = now.step(events[next[i]]);
          return now;
        });
        const where = whereAt(
          block,
          first + second,
          folds.map((f) => f.view()),
        );
        if (wrong(where, true).length) throw new Error(`second ${second}: ${wrong(where, true).join()}`);
      }
    },
  );

  it('says whose turn it is at a lane and who helps there, in every round', () => {
    const lanes = blockOf('lantern-roll');
    const { timeline, groups } = lanes.game!;
    for (const [r, bout] of timeline.bouts.entries()) {
      const where = whereAt(lanes, bout.at + 1);
      const roles = groups.map((members) => members.map((id) => (where[id] as { as?: string }).as));
      roles.forEach((list, g) => {
        expect(list[r % groups[g].length]).toBe('turn');
        expect(list.filter((role) => role === 'turn')).toHaveLength(1);
      });
    }
  });

  it('says who hunts, and who moves from where to where', () => {
    const chase = blockOf('wind-and-leaves');
    const { plays, timeline, format } = chase.game!;
    const view = formatOf(format).open(plays[0]).view();
    const roles = Object.values(whereAt(chase, timeline.bouts[0].at + 1, [view])).map((w) => (w.at === 'place' ? w.as : ''));
    expect(roles.filter((r) => r === 'hunter').length).toBe(view.places.hunter.length);
    const planned = Object.entries(whereAt(chase, timeline.bouts[0].at + 1)).flatMap(([id, w]) =>
      w.at === 'place' && w.as === 'hunter' ? [id] : [],
    );
    expect(planned.sort(), 'the plan knows who hunts').toEqual([...view.places.hunter].sort());
    const mills = blockOf('nine-mills');
    const move = mills.segments.find((s) => s.kind === 'move')!;
    const [student] = mills.game!.groups[0];
    expect(whereAt(mills, move.at + 1)[student]).toEqual({ at: 'moving', from: mills.game!.pieces[0].id, to: mills.game!.pieces[1].id });
    expect(whereAt(mills, 0)[student]).toEqual({ at: 'together' });
    expect(() => whereAt(mills, mills.seconds + 1)).toThrowError('invalid second');
  });
});
