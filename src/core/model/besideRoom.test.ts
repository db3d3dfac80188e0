import { describe, expect, it } from 'vitest';
import { MILL_GYM, UPPER_YARD } from '../../content/demo.ts';
import { areaOf, boundsOf } from '../geometry/point.ts';
import { besideOf, originIn } from './besideRoom.ts';
import { RoomId } from './ids.ts';
import { partRoom } from './partRoom.ts';
import { Room } from './room.ts';

const [curtain] = MILL_GYM.curtains;
const part = (side: 0 | 1): Room => Room.parse({ ...MILL_GYM, id: RoomId.parse(`part-${side}`), ...partRoom(MILL_GYM, curtain, side)! });
const [one, two] = [part(0), part(1)];

describe('rooms beside one another', () => {
  it('are the same, a part and its whole, or two sides of a curtain; others have nothing to do with one another', () => {
    expect(besideOf(MILL_GYM, MILL_GYM)).toBe('same');
    expect(besideOf(MILL_GYM, one)).toBe('part');
    expect(besideOf(one, MILL_GYM)).toBe('whole');
    expect(besideOf(one, two)).toBe('next');
    expect(besideOf(MILL_GYM, UPPER_YARD)).toBeUndefined();
    expect(besideOf(one, UPPER_YARD)).toBeUndefined();
  });
  it('lie where their curtain puts them: both parts together are the whole room', () => {
    const boxes = [one, two].map((room) => {
      const { x, y } = originIn(room, MILL_GYM)!;
      const box = boundsOf(room.outline);
      return { ...box, x: box.x + x, y: box.y + y };
    });
    const whole = boundsOf(MILL_GYM.outline);
    expect(Math.min(...boxes.map((b) => b.x))).toBeCloseTo(whole.x, 2);
    expect(Math.max(...boxes.map((b) => b.x + b.width))).toBeCloseTo(whole.x + whole.width, 2);
    expect(areaOf(one.outline) + areaOf(two.outline)).toBeCloseTo(areaOf(MILL_GYM.outline), 1);
    expect(originIn(UPPER_YARD, MILL_GYM)).toBeUndefined();
  });
});
