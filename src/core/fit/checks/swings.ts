import { distance, distanceToSegment, edgesOf, polygonDistance } from '../../geometry/point.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import { footprint, type LaidPiece, laidName } from '../../model/laidPiece.ts';
import { LONG_IMPLEMENT_M } from '../../model/limits.ts';
import { limitsFor } from '../../model/school.ts';
import { circlePolygon } from '../../model/shape.ts';
import { swingAt } from '../../safety/floorZones.ts';
import { closingSpeed } from '../../safety/runOut.ts';
import { type BlockInput, type FitDraft, laidIn, type StandingBlock } from '../fitted.ts';
import { laidOf, moveIdea, putIdea } from './laidFix.ts';

type Bare = Pick<FitDraft, 'defaults' | 'people'>;

/** Swing circles that touch each other or a wall, and waiting lines behind a swing. */
function swings(input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] {
  const swinging = laidIn(block).filter((p) => (p.implementM ?? 0) > 0);
  const radius = (p: LaidPiece) => swingAt(p, bare.defaults);
  const limits = limitsFor(input.school);
  const walls = edgesOf(input.room.outline).filter((_, i) => input.room.walls[i] !== 'open side');
  const toWall = (p: LaidPiece) => Math.min(...walls.map((w) => distanceToSegment(p, w)), 99);
  const lines = laidOf(block, 'waiting-line');
  const behind = (p: LaidPiece) => ((p.implementM ?? 0) >= LONG_IMPLEMENT_M ? Math.max(radius(p), limits.behindSwingM) : radius(p));
  const gap = (line: LaidPiece, p: LaidPiece) => polygonDistance(footprint(line), circlePolygon(p, 0.01));
  const right = (but: LaidPiece) => (m: LaidPiece) =>
    swinging.every((s) => s.id === but.id || distance(m, s) >= radius(m) + radius(s) - 1e-6) && toWall(m) >= radius(m);
  return [
    ...swinging.flatMap((a, i) =>
      swinging.slice(i + 1).flatMap((b): Noticed[] => {
        const [found, wanted] = [distance(a, b), radius(a) + radius(b)];
        if (found >= wanted - 1e-6) return [];
        return [
          {
            code: 'swings-touch',
            weight: found < Math.max(radius(a), radius(b)) ? 'stop' : 'caution',
            at: { block: block.id, piece: a.id, other: b.id },
            data: { a: laidName(a), b: laidName(b), found, wanted },
            ideas: () => [...moveIdea(input, block, b, right(b)), ...moveIdea(input, block, a, right(a))],
          },
        ];
      }),
    ),
    ...swinging
      .filter((p) => toWall(p) < radius(p) - 1e-6)
      .map(
        (p): Noticed => ({
          code: 'swing-at-wall',
          weight: 'caution',
          at: { block: block.id, piece: p.id },
          data: { name: laidName(p), found: toWall(p), wanted: radius(p) },
          ideas: () => moveIdea(input, block, p, right(p)),
        }),
      ),
    ...lines.flatMap((line) =>
      swinging
        .filter((p) => gap(line, p) < behind(p) - 0.02)
        .map(
          (p): Noticed => ({
            code: 'line-behind-swing',
            weight: 'stop',
            at: { block: block.id, piece: line.id, other: p.id },
            data: { a: laidName(line), b: laidName(p), found: gap(line, p), wanted: behind(p) },
            ideas: () => moveIdea(input, block, line, (m) => swinging.every((s) => gap(m, s) >= behind(s))),
          }),
        ),
    ),
  ];
}

/** Further than this a home marker belongs to no object, metres. */
const NEAR_M = 10;

/** Starts round an object that is grabbed: not so far that they collide at speed, not so near that heads meet, not too many. */
function starts(input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] {
  const limits = limitsFor(input.school);
  const { acceleration } = bare.defaults;
  /** From this distance two reach each other at the speed that is allowed. */
  const most = limits.closingSpeedMs ** 2 / (8 * acceleration);
  const objects = laidOf(block, 'hoop').filter((h) => h.grab);
  const homes = laidOf(block, 'home');
  const nearest = (home: LaidPiece, among: LaidPiece[]) =>
    among.reduce<LaidPiece | undefined>((best, o) => (!best || distance(home, o) < distance(home, best) ? o : best), undefined);
  return objects.flatMap((object): Noticed[] => {
    const mine = homes.filter((h) => nearest(h, objects) === object && distance(h, object) <= NEAR_M);
    const students = mine.reduce((sum, h) => sum + (h.students ?? 1), 0);
    const at = { block: block.id, piece: object.id };
    const towards = (h: LaidPiece, to: number): LaidPiece => {
      const far = Math.max(distance(h, object), 1e-6);
      const share = to / far;
      return { ...h, x: object.x + (h.x - object.x) * share, y: object.y + (h.y - object.y) * share };
    };
    const wrong = mine.filter((h) => distance(h, object) > most + 1e-6 || distance(h, object) < limits.leastStartM - 1e-6);
    const found: Noticed[] = wrong.slice(0, 1).map((h) => {
      const far = distance(h, object);
      const tooFar = far > most;
      const to = tooFar ? Math.floor(most * 10) / 10 : Math.ceil(limits.leastStartM * 10) / 10;
      const put = wrong.filter((w) => !w.locked).map((w) => towards(w, distance(w, object) > most ? Math.floor(most * 10) / 10 : to));
      return {
        code: tooFar ? 'start-too-far' : 'start-too-near',
        weight: 'caution',
        at,
        data: {
          name: laidName(object),
          found: far,
          wanted: tooFar ? most : limits.leastStartM,
          speed: closingSpeed(far, acceleration),
          count: wrong.length,
        },
        ideas: put.length ? [putIdea(block, put, 'start-at', { metres: to, count: put.length })] : [],
      };
    });
    if (students > limits.mostAtOnce) {
      const spare = [...mine].sort((a, b) => distance(b, object) - distance(a, object)).slice(0, Math.ceil(mine.length / 2));
      const middle = { x: mean(spare.map((h) => h.x)), y: mean(spare.map((h) => h.y)) };
      const another: LaidPiece = { ...object, id: `${object.id.slice(0, 56)}-too`, x: middle.x, y: middle.y, locked: false };
      const fair = (o: LaidPiece) =>
        [object, o].every(
          (x) => homes.filter((h) => nearest(h, [...objects, o]) === x).reduce((s, h) => s + (h.students ?? 1), 0) <= limits.mostAtOnce,
        );
      const idea = (): Idea[] =>
        fair(another)
          ? [putIdea(block, [another], 'another-object', {})]
          : moveIdea(input, block, another, fair).map(({ data, edits }) => ({ code: 'another-object', data, edits }));
      found.push({
        code: 'too-many-dash',
        weight: 'stop',
        at,
        data: { name: laidName(object), count: students, most: limits.mostAtOnce },
        ideas: idea,
      });
    }
    return found;
  });
}

const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;

/** Implements that swing, and dashes to one object. */
export function swingChecks(input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] {
  return block.laid.length ? [...swings(input, bare, block), ...starts(input, bare, block)] : [];
}
