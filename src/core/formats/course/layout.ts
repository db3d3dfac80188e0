import { loopInside } from '../../arrange/loopInside.ts';
import { memoize } from '../../memoize.ts';
import { type LaidKind, type LaidPiece, piecesOf } from '../../model/laidPiece.ts';
import { roomArea } from '../../model/room.ts';
import { lengthOf, movedTo, type PathShape, pointAlong } from '../../model/shape.ts';
import type { BlockDraft } from '../format.ts';
import { type CourseContext, inUse, startCount, startOf } from './elements.ts';
import { courseThroughput } from './forecast.ts';
import type { CourseValues } from './setup.ts';
import { elementsOfPlay } from './timeline.ts';

const loop = memoize(loopInside);

/** Metres of path that the elements need with free floor before each. */
export const neededLength = (context: CourseContext): number => inUse(context).reduce((sum, e) => sum + e.spaceM + context.values.freeM, 0);

/** Where each element begins along the path: free floor before each, the rest shared out evenly; slid so that few lie in a corner. */
function beginnings(path: PathShape, spaces: readonly number[]): number[] {
  const whole = lengthOf(path);
  const free = (whole - spaces.reduce((a, b) => a + b, 0)) / Math.max(1, spaces.length);
  const from = (slide: number) => spaces.map((_, i) => slide + spaces.slice(0, i).reduce((a, b) => a + b, 0) + i * free);
  const bends = (slide: number) =>
    from(slide).filter((at, i) => {
      const ends = [pointAlong(path, at + 0.05).turnedDeg, pointAlong(path, at + spaces[i] - 0.05).turnedDeg];
      return Math.abs(ends[0] - ends[1]) > 1;
    }).length;
  const slides = Array.from({ length: 24 }, (_, k) => (k * whole) / 24);
  return from(slides.reduce((best, s) => (bends(s) < bends(best) ? s : best)));
}

/** How many would stand before the slowest element, and which it is. */
export function queueAt(context: CourseContext, players: number): { slowest: string; queue: number } {
  const elements = elementsOfPlay(context);
  const { slowest, by, lapsPerSecond } = courseThroughput({
    elements,
    players: Array(players).fill(''),
    headwaySeconds: context.values.headwaySeconds,
    starts: Array.from({ length: startCount(context) }, (_, i) => i),
  });
  const lap = elements.reduce((sum, e) => sum + e.seconds, 0);
  return { slowest, queue: by === 'element' ? Math.max(0, Math.round(players - lapsPerSecond * lap)) : 0 };
}

/** The loop with its elements, a gate where each group starts, and the line that forms before the slowest element. */
export function courseLayout(context: CourseContext, groups: string[][]): Pick<BlockDraft<CourseValues>, 'pieces' | 'things' | 'unplaced'> {
  const { room, wallClearanceM, taken, values, placed } = context;
  const name = { id: 'course', number: 1, title: 'Course' };
  const points = loop(roomArea(room, wallClearanceM, taken), values.pathM, neededLength(context), values.spacing);
  if (!points) return { pieces: [], things: [], unplaced: [name] };
  const clockwise = values.direction === 1 ? points : [points[0], ...points.slice(1).reverse()];
  const drawn: PathShape = { shape: 'path', points: clockwise, widthM: values.pathM, closed: true };
  const path = placed.course ? (movedTo(drawn, placed.course) as PathShape) : drawn;
  const elements = inUse(context);
  const at = beginnings(
    path,
    elements.map((e) => e.spaceM),
  );
  const piece = piecesOf(name.id);
  const own = (laid: LaidKind, id: string, along: number, more: Partial<LaidPiece>): LaidPiece => {
    const { turnedDeg, ...point } = pointAlong(path, along);
    return piece(laid, id, point, { turnedDeg: Math.round(turnedDeg * 10) / 10, ...more });
  };
  const { slowest, queue } = queueAt(context, groups.flat().length);
  const slow = elements.findIndex((e) => e.id === slowest);
  const lineM = Math.min(values.freeM, 0.4 * queue + 0.4);
  return {
    pieces: [{ ...name, shape: path, taped: false, label: labelOf(path), pinned: placed.course !== undefined }],
    things: [
      ...elements.map((e, i) =>
        own('element', e.id, at[i] + e.spaceM / 2, {
          title: `${i + 1} ${e.title}`.slice(0, 40),
          widthM: values.pathM,
          lengthM: e.spaceM,
          heightM: 0.4,
        }),
      ),
      ...groups.map((_, g) =>
        own('gate', `start-${g + 1}`, at[startOf(g, groups.length, elements.length)] - 0.3, {
          group: g,
          title: `Start ${g + 1}`,
          widthM: values.pathM,
        }),
      ),
      ...(queue > 1 && slow >= 0
        ? [
            own('waiting-line', 'line', at[slow] - 0.5 - lineM / 2, {
              lengthM: lineM,
              widthM: 0.6,
              students: Math.min(queue, 12),
              bare: true,
            }),
          ]
        : []),
    ],
    unplaced: [],
  };
}

/** The number stands inside the loop, near its first corner. */
function labelOf({ points, widthM }: PathShape) {
  const [left, top] = [Math.min(...points.map((p) => p.x)), Math.max(...points.map((p) => p.y))];
  return { x: left + widthM, y: top - widthM };
}
