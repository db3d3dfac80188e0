import type { GearFamily } from '../../../core/model/gearKind.ts';

/** One thing as it stands on a shelf, seen from the front: its outline (y = 0 is the board, up is negative), how wide it is, how far the next one stands. */
export interface GearShape {
  d: string;
  width: number;
  step: number;
  /** No more of them are drawn. */
  most: number;
}

const round = (x: number, y: number, rx: number, ry = rx) => `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0`;
const box = (x: number, width: number, height: number, foot = 0) => `M${x} ${-foot}h${width}v${-height}h${-width}z`;
const shape = (d: string, width: number, step = width + 2, most = 6): GearShape => ({ d, width, step, most });

const BALL = shape(`${round(13, -13, 13)}M4 -20q9 6 18 0`, 26);
const CONE = shape('M1 0h18M5 0l3 -26h4l3 26', 20, 26);
const FLAT = shape(`${round(17, -5, 16, 4.5)}`, 34, 24);
const RING = shape(round(19, -19, 18), 38, 13);
const PADDLE = shape(`${round(12, -34, 11, 12)}M10 -22v22h4v-22`, 24, 22, 5);
const STICK = shape('M4 0v-46h4v46zM1 0h10v-7h-10z', 12, 16);
const BOX = shape(box(1, 24, 18), 26, 29);
const MAT = shape(`${box(1, 62, 7)}${box(1, 62, 7, 8)}`, 64, 68, 2);
const BENCH = shape('M0 -20h72v-5h-72zM7 0v-20M65 0v-20M4 0h7M61 0h7', 72, 78, 2);
const CLOTH = shape('M1 0h36v-6h-36zM3 -6h32v-6h-32zM5 -12h28v-6h-28z', 38, 42, 3);
const ROPE = shape(`${round(18, -10, 17, 9)}${round(18, -10, 12, 6)}${round(18, -10, 7, 3)}`, 36, 40, 4);
const BELL = shape('M2 0h18M4 0c0 -14 1 -20 7 -20s7 6 7 20M11 -20v-6', 22, 27);
const NET = shape('M4 0v-40M68 0v-40M0 0h8M64 0h8M4 -38h64M4 -30h64M4 -22h64M20 -38v16M36 -38v16M52 -38v16', 72, 80, 2);
const BASKET = shape('M1 -26h32l-5 26h-22zM3 -18h28M4 -9h26M12 -26l1 26M22 -26l-1 26', 34, 39, 4);
const TARGET = shape(`${round(20, -20, 19)}${round(20, -20, 12)}${round(20, -20, 5)}`, 40, 44, 4);
const GATE = shape('M3 0v-28h30v28M0 0h6M30 0h6', 36, 40, 4);
const CART = shape(`M0 -10h40v-5h-40z${round(8, -5, 4.5)}${round(32, -5, 4.5)}`, 40, 45, 4);
const CARD = shape(`${box(1, 22, 30)}M6 -22h12M6 -15h12M6 -8h8`, 24, 20);
const WORN = shape('M3 0h26v-19l6 -4l-6 -9h-6q-7 7 -14 0h-6l-6 9l6 4z', 36, 32, 5);
const BALLOON = shape(`${round(12, -26, 11, 13)}M12 -13l-3 3h6zM12 -10q4 5 0 10`, 24, 26);
const RAMP = shape('M0 0h60v-30z', 60, 66, 2);
const PIN = shape('M3 0h10c3 -12 -2 -16 -2 -22c0 -9 -6 -9 -6 0c0 6 -5 10 -2 22z', 16, 21);

const BY_FAMILY: Record<GearFamily, GearShape> = {
  ball: BALL,
  balloon: BALLOON,
  'striking implement': PADDLE,
  'thrown object': FLAT,
  target: TARGET,
  goal: BASKET,
  barrier: NET,
  marker: CONE,
  'mat or support': MAT,
  'climbing or crawling': GATE,
  'scooter or wheeled': CART,
  'cloth or rope': CLOTH,
  sound: BELL,
  wearable: WORN,
  card: CARD,
  other: BOX,
};
/** Words of a kind that tell its shape better than its family does. */
const BY_WORD: [RegExp, GearShape][] = [
  [/hoop|^ring$/, RING],
  [/cone/, CONE],
  [/spot|dome|disc|arrow|stone|cushion/, FLAT],
  [/beanbag|cube|block|dart|rocket/, BOX],
  [/gate|goal|hurdle|frame|tunnel/, GATE],
  [/bat|stick|pole|mallet|tube/, STICK],
  [/bench|beam|chair/, BENCH],
  [/rope|cord|ribbon|line|measuring/, ROPE],
  [/ramp|wedge/, RAMP],
  [/pin$|cup$/, PIN],
];

/** How a kind stands on a shelf. */
export const shapeOf = (kind: string, family: GearFamily): GearShape =>
  BY_WORD.find(([word]) => word.test(kind) && family !== 'ball')?.[1] ?? BY_FAMILY[family];
