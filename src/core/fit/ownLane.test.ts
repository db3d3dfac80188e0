import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { freeFloor } from '../geometry/freeFloor.ts';
import { applyEdit } from '../model/edit.ts';
import type { BlockId } from '../model/ids.ts';
import { footprint } from '../model/laidPiece.ts';
import { roomArea } from '../model/room.ts';
import { outlineOf } from '../model/shape.ts';
import { fitUnweighed } from './fit.ts';
import { OWN_LANE, ownLane, ownLanes } from './ownLane.ts';

const input = demoDesk({ lesson: lessonWith('nine-mills') });
const block = fitUnweighed(input).blocks.find((b) => b.game)!;
const wish = { id: 'lane', widthM: 1.5, lengthM: 3, purpose: ['send' as const] };
const clearance = input.school.limits?.wallClearanceM ?? 1;

const free = freeFloor(
  roomArea(
    input.room,
    clearance,
    block.game!.pieces.map((p) => outlineOf(p.shape)),
  ),
);

describe('a lane of one’s own', () => {
  it('lies on free floor, as near to its place as can be, and says what goes along it', () => {
    const middleOf = (place: string) => {
      const lane = ownLane(block, input.room, clearance, { ...wish, place })!;
      const [a, b, , d] = footprint(lane);
      for (let i = 0; i <= 10; i++)
        for (let j = 0; j <= 10; j++) {
          const along = { x: a.x + ((b.x - a.x) * i) / 10, y: a.y + ((b.y - a.y) * i) / 10 };
          const point = { x: along.x + ((d.x - a.x) * j) / 10, y: along.y + ((d.y - a.y) * j) / 10 };
          expect(free.slack(point), place).toBeGreaterThan(-1e-6);
        }
      return lane;
    };
    const [first, last] = [block.game!.pieces[0], block.game!.pieces[4]].map((p) => middleOf(p.id));
    expect(first).toMatchObject({ laid: 'lane', title: OWN_LANE, use: 'throw', widthM: 1.5, lengthM: 3 });
    expect([first.x, first.y]).not.toEqual([last.x, last.y]);
    expect(ownLane(block, input.room, clearance, { ...wish, purpose: ['travel'] })!.use).toBe('run');
  });

  it('is nowhere if no floor is free', () => {
    expect(ownLane(block, input.room, clearance, { ...wish, widthM: 14, lengthM: 25 })).toBeUndefined();
  });

  it('is taped, checked and counted like any piece of the lesson', () => {
    const lane = ownLane(block, input.room, clearance, wish)!;
    const laid = applyEdit(input.lesson, { kind: 'lay', blockId: block.id as BlockId, put: [lane], take: [] });
    if (!laid.ok) throw new Error(laid.code);
    const fitted = fitUnweighed({ ...input, lesson: laid.lesson });
    const now = fitted.blocks.find((b) => b.id === block.id)!;
    expect(ownLanes(now)).toBe(1);
    expect(fitted.findings.filter((f) => f.at.piece === lane.id && f.weight === 'stop')).toEqual([]);
  });
});
