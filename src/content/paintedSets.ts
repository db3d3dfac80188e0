import type { PaintedKind, PaintedMark, PaintedSet } from '../core/model/painted.ts';

type At = [x: number, y: number];
const path = (...points: At[]): PaintedMark => ({ mark: 'line', points: points.map(([x, y]) => ({ x, y })) });
const box = (x: number, y: number, width: number, depth: number) =>
  path([x, y], [x + width, y], [x + width, y + depth], [x, y + depth], [x, y]);
const arc = (x: number, y: number, radiusM: number, fromDeg: number, sweepDeg: number): PaintedMark => ({
  mark: 'arc',
  x,
  y,
  radiusM,
  fromDeg,
  sweepDeg,
});
const ring = (x: number, y: number, radiusM: number) => arc(x, y, radiusM, 0, 360);

/** A court cut in two by a net across its middle, with a line on either side of it. */
const netCourt = (key: string, name: string, widthM: number, depthM: number, fromNetM: number): PaintedKind => ({
  key,
  name,
  widthM,
  depthM,
  marks: [
    box(0, 0, widthM, depthM),
    path([widthM / 2, 0], [widthM / 2, depthM]),
    path([widthM / 2 - fromNetM, 0], [widthM / 2 - fromNetM, depthM]),
    path([widthM / 2 + fromNetM, 0], [widthM / 2 + fromNetM, depthM]),
  ],
});

/** The small net court with its inner side, front and back lines. */
const smallNetCourt: PaintedKind = {
  key: 'small-net-court',
  name: 'Small net court',
  widthM: 13.4,
  depthM: 6.1,
  marks: [
    box(0, 0, 13.4, 6.1),
    path([0, 0.46], [13.4, 0.46]),
    path([0, 5.64], [13.4, 5.64]),
    path([0.76, 0], [0.76, 6.1]),
    path([12.64, 0], [12.64, 6.1]),
    path([4.72, 0], [4.72, 6.1]),
    path([8.68, 0], [8.68, 6.1]),
    path([0, 3.05], [4.72, 3.05]),
    path([8.68, 3.05], [13.4, 3.05]),
  ],
};

/** A court with a centre circle, a key of 5.8 × 4.9 m and a far arc at either end. */
const ringCourt = (widthM: number, depthM: number): PaintedKind => {
  const mid = depthM / 2;
  const hub = 1.575;
  const far = Math.min(6.75, mid - 0.9);
  const half = 90;
  return {
    key: `ring-court-${widthM}`,
    name: 'Wall ring court',
    widthM,
    depthM,
    marks: [
      box(0, 0, widthM, depthM),
      path([widthM / 2, 0], [widthM / 2, depthM]),
      ring(widthM / 2, mid, 1.8),
      box(0, mid - 2.45, 5.8, 4.9),
      box(widthM - 5.8, mid - 2.45, 5.8, 4.9),
      arc(5.8, mid, 1.8, -90, 180),
      arc(widthM - 5.8, mid, 1.8, 90, 180),
      path([0, mid - far], [hub, mid - far]),
      arc(hub, mid, far, -half, 2 * half),
      path([hub, mid + far], [0, mid + far]),
      path([widthM, mid - far], [widthM - hub, mid - far]),
      arc(widthM - hub, mid, far, half, 2 * half),
      path([widthM - hub, mid + far], [widthM, mid + far]),
    ],
  };
};

/** A court with goals 3 m wide and a 6 m line before each. */
const goalCourt = (widthM: number, depthM: number): PaintedKind => {
  const low = depthM / 2 - 1.5;
  const high = depthM / 2 + 1.5;
  return {
    key: `goal-court-${widthM}`,
    name: 'Goal court',
    widthM,
    depthM,
    marks: [
      box(0, 0, widthM, depthM),
      path([widthM / 2, 0], [widthM / 2, depthM]),
      arc(0, low, 6, -90, 90),
      path([6, low], [6, high]),
      arc(0, high, 6, 0, 90),
      arc(widthM, low, 6, 180, 90),
      path([widthM - 6, low], [widthM - 6, high]),
      arc(widthM, high, 6, 90, 90),
    ],
  };
};

/** Lanes side by side, 1.22 m each. */
const lanes = (count: number, lengthM: number): PaintedKind => ({
  key: `lanes-${count}-${lengthM}`,
  name: `${count} lanes`,
  widthM: lengthM,
  depthM: count * 1.22,
  marks: [
    ...Array.from({ length: count + 1 }, (_, i) => path([0, i * 1.22], [lengthM, i * 1.22])),
    path([0, 0], [0, count * 1.22]),
    path([lengthM, 0], [lengthM, count * 1.22]),
  ],
});

const circle = (across: number): PaintedKind => ({
  key: `circle-${across}`,
  name: 'Circle',
  widthM: across,
  depthM: across,
  marks: [ring(across / 2, across / 2, across / 2)],
});

/** What is commonly painted on school floors, by size: public court dimensions. */
export const PAINTED_KINDS: readonly PaintedKind[] = [
  netCourt('net-court', 'Net court', 18, 9, 3),
  smallNetCourt,
  netCourt('yard-net-court', 'Long net court', 23.77, 8.23, 6.4),
  ringCourt(24, 13),
  ringCourt(28, 15),
  goalCourt(40, 20),
  goalCourt(36, 18),
  lanes(6, 20),
  circle(3.6),
  circle(9),
];

/** A set of this kind as it lies in a room. RangeError for a kind that is not in the catalogue. */
export function paintedSet(key: string, place: Pick<PaintedSet, 'id' | 'colour' | 'xM' | 'yM'> & { turnedDeg?: number }): PaintedSet {
  const kind = PAINTED_KINDS.find((k) => k.key === key);
  if (!kind) throw new RangeError(`unknown painted set: ${key}`);
  return { turnedDeg: 0, ...place, name: kind.name, marks: kind.marks };
}
