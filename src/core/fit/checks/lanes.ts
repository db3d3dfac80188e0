import { polygonsMeet, rectPolygon } from '../../geometry/point.ts';
import { doorsKeptClear, doorZone } from '../../model/door.ts';
import type { Noticed } from '../../model/findingCodes.ts';
import { fixedZone, OVERHEAD_M, standing } from '../../model/fixedThing.ts';
import { footprint, LAID_FACTS, type LaidPiece, laidName } from '../../model/laidPiece.ts';
import { limitsFor } from '../../model/school.ts';
import { laneRunOut } from '../../safety/floorZones.ts';
import { betweenDeg, fliesOn, flight, freeAhead, lanesMeet, overlap } from '../../safety/lanes.ts';
import { type BlockInput, type FitDraft, laidIn, type StandingBlock } from '../fitted.ts';
import { fitsRoom, laidOf, moveIdea, putIdea, turnIdea } from './laidFix.ts';

type Bare = Pick<FitDraft, 'defaults' | 'people'>;
/** Metres up to which glass behind a lane is hit. */
const GLASS_M = 12;

/** Lanes that cross, that face each other, or that lie on one another. */
function meetings(input: BlockInput, block: StandingBlock): Noticed[] {
  const lanes = laidOf(block, 'lane');
  return lanes.flatMap((a, i) =>
    lanes.slice(i + 1).flatMap((b): Noticed[] => {
      const meet = lanesMeet(a, b);
      if (!meet) return [];
      const others = (but: LaidPiece) => lanes.filter((l) => l !== but);
      const clear = (but: LaidPiece) => (l: LaidPiece) => others(but).every((o) => !lanesMeet(l, o));
      const ideas = () => [
        ...(meet === 'oppose' ? [b, a].flatMap((l) => turnIdea(input, block, l, [180], clear(l))) : []),
        ...moveIdea(input, block, b, clear(b)),
        ...moveIdea(input, block, a, clear(a)),
      ];
      return [
        {
          code: `lanes-${meet}`,
          weight: meet === 'oppose' ? 'stop' : 'caution',
          at: { block: block.id, piece: a.id, other: b.id },
          data: { a: laidName(a), b: laidName(b), use: a.use ?? 'throw', between: betweenDeg(a, b) },
          ideas,
        },
      ];
    }),
  );
}

/** Waiting lines that stand where something flies or runs. */
function linesInLanes(input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] {
  const lanes = laidOf(block, 'lane');
  const reach = (lane: LaidPiece) => flight(lane, lane.use === 'run' ? laneRunOut(lane, bare.defaults) : fliesOn(lane));
  return laidOf(block, 'waiting-line', 'home', 'adult', 'teacher').flatMap((line) =>
    lanes
      .filter((lane) => overlap(line, reach(lane)))
      .map(
        (lane): Noticed => ({
          code: 'stands-in-lane',
          weight: line.laid === 'waiting-line' ? 'stop' : 'caution',
          at: { block: block.id, piece: line.id, other: lane.id },
          data: { a: laidName(line), b: laidName(lane), use: lane.use ?? 'throw' },
          ideas: () => moveIdea(input, block, line, (m) => lanes.every((l) => !overlap(m, reach(l)))),
        }),
      ),
  );
}

/** What is past the end of a running lane, what hangs over a lofted one, glass that is aimed at. */
function endings(input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] {
  const limits = limitsFor(input.school);
  const things = standing(input.room);
  const zones = things.map(fixedZone);
  const kind = (wall: number | undefined) => (wall === undefined ? undefined : input.room.walls[wall]);
  const hanging = input.room.fixed.filter((f) => f.undersideM >= OVERHEAD_M && f.undersideM < limits.loftM);
  return laidOf(block, 'lane').flatMap((lane): Noticed[] => {
    const at = { block: block.id, piece: lane.id };
    const name = laidName(lane);
    if (lane.use === 'run') {
      const wanted = laneRunOut(lane, bare.defaults);
      const shortIn = (l: LaidPiece) => {
        const ahead = freeAhead(l, input.room.outline, zones);
        return kind(ahead.wall) === 'open side' ? 0 : laneRunOut(l, bare.defaults) - ahead.metres;
      };
      const ahead = freeAhead(lane, input.room.outline, zones);
      if (kind(ahead.wall) === 'open side' || ahead.metres >= wanted - 1e-6) return [];
      const right = (l: LaidPiece) => shortIn(l) <= 1e-6;
      const shorter = () =>
        [1, 2, 3, 4, 5, 6]
          .map((less) => flight(lane, -less))
          .filter((l) => l.lengthM >= 2 && right(l))
          .slice(0, 1);
      return [
        {
          code: 'run-out-short',
          weight: ahead.metres < limits.leastRunOutM ? 'stop' : 'caution',
          at,
          data: {
            name,
            found: ahead.metres,
            wanted,
            runM: lane.lengthM,
            wall: kind(ahead.wall) ?? '',
            what: ahead.thing === undefined ? 'wall' : things[ahead.thing].name,
          },
          ideas: () => [
            ...moveIdea(input, block, lane, right),
            ...shorter().map((l) => putIdea(block, [l], 'shorten-piece', { lengthM: l.lengthM })),
            ...turnIdea(input, block, lane, [180, 90, 270], right),
          ],
        },
      ];
    }
    const found: Noticed[] = [];
    const air = flight(lane, fliesOn(lane));
    const under = (l: LaidPiece) =>
      hanging.find((f) => polygonsMeet(footprint(l), rectPolygon({ x: f.xM, y: f.yM, width: f.widthM, depth: f.depthM })));
    const beam = lane.lofted ? under(air) : undefined;
    if (beam)
      found.push({
        code: 'overhead-lofted',
        weight: 'caution',
        at: { ...at, near: beam.id },
        data: { name, what: beam.name, undersideM: beam.undersideM },
        ideas: () => [
          ...moveIdea(input, block, lane, (l) => !under(flight(l, fliesOn(l)))),
          putIdea(block, [{ ...lane, lofted: false }], 'keep-low', {}),
        ],
      });
    const glassy = (l: LaidPiece) => {
      const ahead = freeAhead(l, input.room.outline, zones);
      return kind(ahead.wall) === 'glass' && ahead.metres <= GLASS_M;
    };
    if (lane.use !== 'roll' && glassy(lane))
      found.push({
        code: 'aimed-at-glass',
        weight: 'caution',
        at,
        data: { name },
        ideas: () => turnIdea(input, block, lane, [180, 90, 270], (l) => !glassy(l)),
      });
    return found;
  });
}

/** Every piece inside the room and on nothing that stands in it; the floor before doors kept free. */
function lying(input: BlockInput, block: StandingBlock): Noticed[] {
  const doors = doorsKeptClear(input.room).map((d) => ({ door: d, floor: doorZone(input.room, d) }));
  const at = (p: LaidPiece) => doors.find((d) => polygonsMeet(footprint(p), d.floor));
  // Pieces that fit put in a place are checked with the place, unless the teacher has moved them on their own.
  const placed = new Set(Object.keys(input.lesson.blocks.find((b) => b.id === block.id)?.game?.placed ?? {}));
  const lying = laidIn(block).filter((p) => p.by !== 'fit' || placed.has(p.id));
  const inDoors = lying
    .filter((p) => LAID_FACTS[p.laid].layer !== 'people')
    .flatMap((p): Noticed[] => {
      const near = at(p);
      if (!near) return [];
      return [
        {
          code: 'laid-at-door',
          weight: 'stop',
          at: { block: block.id, piece: p.id, near: near.door.id },
          data: { name: laidName(p), door: near.door.name, exit: near.door.exit },
          ideas: () => moveIdea(input, block, p, (m) => !at(m)),
        },
      ];
    });
  const outside = lying
    .filter((p) => !fitsRoom(input, p))
    .map(
      (p): Noticed => ({
        code: 'laid-outside',
        weight: 'stop',
        at: { block: block.id, piece: p.id },
        data: { name: laidName(p) },
        ideas: () => moveIdea(input, block, p, () => true),
      }),
    );
  return [...outside, ...inDoors];
}

/** What lanes do to each other, to who stands near, and to what is at their ends. */
export function laneChecks(input: BlockInput, bare: Bare, block: StandingBlock): Noticed[] {
  if (!laidIn(block).length) return [];
  return [...lying(input, block), ...meetings(input, block), ...linesInLanes(input, bare, block), ...endings(input, bare, block)];
}
