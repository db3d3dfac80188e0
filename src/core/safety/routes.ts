import { type FreeFloor, freeFloor } from '../geometry/freeFloor.ts';
import { boundsOf, type Point, type Polygon } from '../geometry/point.ts';

/** Metres between two looks at how wide the floor is. */
const CELL_M = 0.25;
/** Looks within one cell, each way: where a narrow way runs between two looks it is found to some centimetres. */
const FINE = 5;

/** How wide the widest way from a start to everywhere is: the narrowest place that must be passed. */
export interface Ways {
  /** Metres of clear width of the widest way to a point (0 where none leads there), at most `mostM`. */
  widthTo(p: Point): number;
  /** Metres of clear width of the widest way to anywhere on a piece of floor. */
  widthToArea(area: Polygon): number;
}

/** Side of the tiles whose floor is looked at with the solids near it alone, metres. */
const TILE_M = 1;

/** The free floor round a point: that of its tile, with only the solids that lie within `reach` of it; farther ones do not count there. */
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

/**
 * The widest ways from a point through the free floor: a person or chair as wide as `width` passes where walls and solids leave
 * that much. `mostM`: wider is not looked at. Widths are right to about five centimetres.
 */
export function widestWays(outline: Polygon, solids: readonly Polygon[], start: Point, mostM: number): Ways {
  const box = boundsOf(outline);
  const most = mostM / 2;
  const floorAt = nearFloors(outline, solids, most + CELL_M);
  const columns = Math.ceil(box.width / CELL_M);
  const rows = Math.ceil(box.depth / CELL_M);
  const middle = (i: number): Point => ({
    x: box.x + ((i % columns) + 0.5) * CELL_M,
    y: box.y + (Math.floor(i / columns) + 0.5) * CELL_M,
  });
  const half = new Float32Array(columns * rows).map((_, i) => {
    const p = middle(i);
    const floor = floorAt(p);
    const slack = floor.slack(p);
    if (slack >= most) return most;
    // No point of the cell can be freer than this: only narrow ways are looked at closely.
    if (slack < -CELL_M) return 0;
    let best = slack;
    for (let a = 0; a < FINE && best < most; a++)
      for (let b = 0; b < FINE; b++) {
        const off = (k: number) => (k / (FINE - 1) - 0.5) * CELL_M;
        best = Math.max(best, floor.slack({ x: p.x + off(a), y: p.y + off(b) }));
      }
    return Math.max(0, Math.min(most, best));
  });
  const cellAt = (p: Point) => {
    const c = Math.max(0, Math.min(columns - 1, Math.floor((p.x - box.x) / CELL_M)));
    const r = Math.max(0, Math.min(rows - 1, Math.floor((p.y - box.y) / CELL_M)));
    return r * columns + c;
  };
  const way = new Float32Array(columns * rows);
  // The doorway itself is as wide as a door is: the way begins at the floor before it.
  const first = cellAt(start);
  way[first] = most;
  // The widest reached cell goes on first; buckets of a centimetre stand for a heap.
  const buckets: number[][] = Array.from({ length: Math.ceil(most * 100) + 1 }, () => []);
  const put = (i: number, w: number) => buckets[Math.floor(w * 100)].push(i);
  put(first, most);
  for (let level = buckets.length - 1; level > 0; level--) {
    const bucket = buckets[level];
    while (bucket.length) {
      const i = bucket.pop()!;
      const w = way[i];
      if (Math.floor(w * 100) > level) continue;
      const [c, r] = [i % columns, Math.floor(i / columns)];
      for (let dr = -1; dr <= 1; dr++)
        for (let dc = -1; dc <= 1; dc++) {
          const [nc, nr] = [c + dc, r + dr];
          if (nc < 0 || nr < 0 || nc >= columns || nr >= rows) continue;
          const j = nr * columns + nc;
          const next = Math.min(w, half[j]);
          if (next > way[j] + 1e-6) {
            way[j] = next;
            put(j, next);
          }
        }
    }
  }
  const widthTo = (p: Point) => 2 * way[cellAt(p)];
  return {
    widthTo,
    widthToArea(area) {
      const { x, y, width, depth } = boundsOf(area);
      let best = 0;
      for (let px = x - CELL_M; px <= x + width + CELL_M; px += CELL_M)
        for (let py = y - CELL_M; py <= y + depth + CELL_M; py += CELL_M) best = Math.max(best, widthTo({ x: px, y: py }));
      return best;
    },
  };
}
