import { type FreeFloor, freeFloor } from '../geometry/freeFloor.ts';
import { boundsOf, type Point, type Polygon, type Rect } from '../geometry/point.ts';
import { memoize } from '../memoize.ts';

/** Metres between two looks at how wide the floor is. */
const CELL_M = 0.25;
/** Looks within one cell, each way: a narrow gap between two looks is found to some centimetres. */
const FINE = 5;
const LOOKS = FINE * FINE;
/** Side of the tiles whose floor is looked at with the solids near it alone, metres. */
const TILE_M = 1;

/** How wide the widest route from a start to everywhere is: the narrowest place that must be passed. */
export interface Routes {
  /** Metres of clear width of the widest route to a point (0 if none leads there), at most `mostM`. */
  widthTo(p: Point): number;
  /** Metres of clear width of the widest route to anywhere on a piece of floor. */
  widthToArea(area: Polygon): number;
}

/** Cells over a floor's bounds, row by row. */
interface Cells {
  box: Rect;
  columns: number;
  rows: number;
}

const cellsOf = (outline: Polygon): Cells => {
  const box = boundsOf(outline);
  return { box, columns: Math.ceil(box.width / CELL_M), rows: Math.ceil(box.depth / CELL_M) };
};
const middle = ({ box, columns }: Cells, i: number): Point => ({
  x: box.x + ((i % columns) + 0.5) * CELL_M,
  y: box.y + (Math.floor(i / columns) + 0.5) * CELL_M,
});
const cellAt = ({ box, columns, rows }: Cells, p: Point): number => {
  const c = Math.max(0, Math.min(columns - 1, Math.floor((p.x - box.x) / CELL_M)));
  const r = Math.max(0, Math.min(rows - 1, Math.floor((p.y - box.y) / CELL_M)));
  return r * columns + c;
};
const offset = (k: number) => (k / (FINE - 1) - 0.5) * CELL_M;

/** The free floor around a point: that of its tile, with only the solids within `reach` of it; farther ones do not count there. */
function nearFloors(outline: Polygon, solids: readonly Polygon[], reach: number): (p: Point) => FreeFloor {
  const boxes = solids.map(boundsOf);
  const tiles = new Map<number, FreeFloor>();
  const floors = new Map<string, FreeFloor>();
  return ({ x, y }) => {
    const [column, row] = [Math.floor(x / TILE_M), Math.floor(y / TILE_M)];
    const at = column * 100_000 + row;
    let floor = tiles.get(at);
    if (floor) return floor;
    const [left, low] = [column * TILE_M - reach, row * TILE_M - reach];
    const size = TILE_M + 2 * reach;
    const near = boxes.flatMap((b, i) =>
      b.x <= left + size && b.x + b.width >= left && b.y <= low + size && b.y + b.depth >= low ? [i] : [],
    );
    const key = near.join();
    floor = floors.get(key) ?? freeFloor({ outline, keepOut: near.map((i) => solids[i]) });
    floors.set(key, floor);
    tiles.set(at, floor);
    return floor;
  };
}

/** What a room leaves free without the places of a game: the same for every layout of them, so it is looked at once. */
interface BareFloor {
  cells: Cells;
  /** Half the clear width at each cell's middle, `most` at the most. */
  slack: Float32Array;
  /** Half the clear width at the looks within a cell. */
  looks(cell: number): Float32Array;
  /** Half the clear width in a cell without any places. */
  alone(cell: number): number;
}

/** Floors that are kept: the looks of one take half a megabyte. */
const KEPT_FLOORS = 6;

const bareFloor = memoize((outline: Polygon, solids: readonly Polygon[], most: number): BareFloor => {
  const cells = cellsOf(outline);
  const floorAt = nearFloors(outline, solids, most + CELL_M);
  const slackAt = (p: Point, floor: FreeFloor) => Math.min(most, floor.slack(p));
  const slack = new Float32Array(cells.columns * cells.rows).map((_, i) => slackAt(middle(cells, i), floorAt(middle(cells, i))));
  const known: (Float32Array | undefined)[] = [];
  const halves = new Float32Array(slack.length).fill(-1);
  const floor: BareFloor = {
    cells,
    slack,
    alone(cell) {
      if (halves[cell] < 0) halves[cell] = halfIn(floor, cell, [], most);
      return halves[cell];
    },
    looks(cell) {
      const before = known[cell];
      if (before) return before;
      const p = middle(cells, cell);
      const floor = floorAt(p);
      const looks = new Float32Array(LOOKS);
      for (let a = 0; a < FINE; a++)
        for (let b = 0; b < FINE; b++) looks[a * FINE + b] = slackAt({ x: p.x + offset(a), y: p.y + offset(b) }, floor);
      known[cell] = looks;
      return looks;
    },
  };
  return floor;
}, KEPT_FLOORS);

/** Metres from a point to a rectangle along the axes; negative inside of it. */
function toRect({ x, y, width, depth }: Rect, px: number, py: number): number {
  const dx = Math.max(x - px, px - x - width);
  const dy = Math.max(y - py, py - y - depth);
  return dx > 0 && dy > 0 ? Math.sqrt(dx * dx + dy * dy) : Math.max(dx, dy);
}

/** Half the clear width in a cell among places: at its middle, and if that is narrow at the best of the looks within it. */
function halfIn(floor: BareFloor, cell: number, places: readonly Rect[], most: number): number {
  const p = middle(floor.cells, cell);
  let slack = floor.slack[cell];
  for (const place of places) slack = Math.min(slack, toRect(place, p.x, p.y));
  if (slack >= most) return most;
  // No point of the cell can be freer than this: only narrow gaps are looked at closely.
  if (slack < -CELL_M) return 0;
  const looks = floor.looks(cell);
  let best = slack;
  for (let a = 0; a < FINE && best < most; a++)
    for (let b = 0; b < FINE; b++) {
      let look = looks[a * FINE + b];
      if (look <= best) continue;
      for (const place of places) look = Math.min(look, toRect(place, p.x + offset(a), p.y + offset(b)));
      best = Math.max(best, look);
    }
  return Math.max(0, Math.min(most, best));
}

/** Calls for every cell within `reach` of a rectangle. */
function eachCellNear({ box, columns, rows }: Cells, area: Rect, reach: number, call: (cell: number) => void): void {
  const column = (x: number) => Math.max(0, Math.min(columns - 1, Math.floor((x - box.x) / CELL_M)));
  const row = (y: number) => Math.max(0, Math.min(rows - 1, Math.floor((y - box.y) / CELL_M)));
  const [left, right] = [column(area.x - reach), column(area.x + area.width + reach)];
  for (let r = row(area.y - reach); r <= row(area.y + area.depth + reach); r++) for (let c = left; c <= right; c++) call(r * columns + c);
}

/**
 * The widest route to every cell, spread from the given cells on: the widest reached goes on first, buckets of a centimetre
 * stand for a heap. Only what gets wider is touched, so that it goes on from a route that is known already. Changes `route`.
 */
function spread({ columns, rows }: Cells, half: Float32Array, route: Float32Array, from: readonly number[], most: number): void {
  const buckets: number[][] = Array.from({ length: Math.ceil(most * 100) + 1 }, () => []);
  for (const cell of from) buckets[Math.floor(route[cell] * 100)].push(cell);
  for (let level = buckets.length - 1; level > 0; level--) {
    const bucket = buckets[level];
    while (bucket.length) {
      const i = bucket.pop()!;
      const w = route[i];
      if (Math.floor(w * 100) > level) continue;
      const [c, r] = [i % columns, Math.floor(i / columns)];
      for (let nr = Math.max(0, r - 1); nr <= Math.min(rows - 1, r + 1); nr++)
        for (let nc = Math.max(0, c - 1); nc <= Math.min(columns - 1, c + 1); nc++) {
          const j = nr * columns + nc;
          const next = Math.min(w, half[j]);
          if (next > route[j] + 1e-6) {
            route[j] = next;
            buckets[Math.floor(next * 100)].push(j);
          }
        }
    }
  }
}

/** The widest route to anywhere on an area, by its bounds. */
function widthOn(cells: Cells, route: Float32Array, area: Rect): number {
  let best = 0;
  for (let x = area.x - CELL_M; x <= area.x + area.width + CELL_M; x += CELL_M)
    for (let y = area.y - CELL_M; y <= area.y + area.depth + CELL_M; y += CELL_M) best = Math.max(best, 2 * route[cellAt(cells, { x, y })]);
  return best;
}

/** Routes from the start over a whole floor. The doorway itself is as wide as a door is: a route begins at the floor before it. */
function wholeField(floor: BareFloor, half: Float32Array, start: Point, most: number): Float32Array {
  const route = new Float32Array(half.length);
  const first = cellAt(floor.cells, start);
  route[first] = most;
  spread(floor.cells, half, route, [first], most);
  return route;
}

/**
 * The widest routes from a point through the free floor: a person or chair as wide as `width` passes where walls and solids
 * leave that much. `mostM`: wider is not looked at. Widths are right to about five centimetres.
 */
export function widestRoutes(outline: Polygon, solids: readonly Polygon[], start: Point, mostM: number): Routes {
  const most = mostM / 2;
  const floor = bareFloor(outline, solids, most);
  const half = floor.slack.map((_, cell) => floor.alone(cell));
  const route = wholeField(floor, half, start, most);
  return {
    widthTo: (p) => 2 * route[cellAt(floor.cells, p)],
    widthToArea: (area) => widthOn(floor.cells, route, boundsOf(area)),
  };
}

/**
 * Metres of clear width of the widest route to each place while all the others are in the way, as if each were asked for with
 * widestRoutes. The field with all places is made once; for each place only the cells near it are looked at again, and routes
 * that get wider there spread on.
 */
export function routesAround(outline: Polygon, solids: readonly Polygon[], places: readonly Rect[], start: Point, mostM: number): number[] {
  const most = mostM / 2;
  const floor = bareFloor(outline, solids, most);
  const { cells } = floor;
  const count = cells.columns * cells.rows;
  // Where somebody stands who starts, nothing is in the way: a place over the door is left out.
  const blocking = places.map((place) => toRect(place, start.x, start.y) > 0);
  /** Places near each cell, as indices. */
  const near = new Map<number, number[]>();
  const note = (cell: number, i: number) => {
    const there = near.get(cell);
    if (there) there.push(i);
    else near.set(cell, [i]);
  };
  places.forEach((place, i) => {
    if (blocking[i]) eachCellNear(cells, place, most + CELL_M, (cell) => note(cell, i));
  });
  const halfWithout = (cell: number, but: number) => {
    const others: Rect[] = [];
    for (const i of near.get(cell) ?? []) if (i !== but) others.push(places[i]);
    return halfIn(floor, cell, others, most);
  };
  const half = new Float32Array(count);
  for (let cell = 0; cell < count; cell++) half[cell] = near.has(cell) ? halfWithout(cell, -1) : floor.alone(cell);
  const route = wholeField(floor, half, start, most);
  return places.map((place, i) => {
    if (!blocking[i]) return widthOn(cells, route, place);
    const [opened, wider] = [half.slice(), route.slice()];
    const around: number[] = [];
    eachCellNear(cells, place, most + CELL_M, (cell) => {
      opened[cell] = halfWithout(cell, i);
    });
    eachCellNear(cells, place, most + 3 * CELL_M, (cell) => {
      if (wider[cell] > 0) around.push(cell);
    });
    spread(cells, opened, wider, around, most);
    return widthOn(cells, wider, place);
  });
}
