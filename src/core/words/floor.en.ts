import { distance, edgesOf, type Polygon, turnsLeft } from '../geometry/point.ts';

const SIDES = ['east', 'north', 'west', 'south'] as const;

/**
 * Every wall's name by the side of the room it bounds: "south wall"; where several bound one side, the longest keeps the plain
 * name and the others are told apart by number: "south wall 2". Wall 0 is the main door wall.
 */
export function wallNames(outline: Polygon): string[] {
  const inward = turnsLeft(outline) ? 1 : -1;
  const walls = edgesOf(outline).map(([a, b]) => {
    // Outward normal's quarter: 0 east, 1 north, 2 west, 3 south.
    const angle = Math.atan2(-(b.x - a.x) * inward, (b.y - a.y) * inward);
    return { side: SIDES[(Math.round(angle / (Math.PI / 2)) + 4) % 4], length: distance(a, b) };
  });
  return walls.map(({ side, length }, i) => {
    const same = walls.map((w, j) => ({ ...w, j })).filter((w) => w.side === side);
    const rank = same.sort((a, b) => b.length - a.length || a.j - b.j).findIndex((w) => w.j === i);
    return rank > 0 ? `${side} wall ${rank + 1}` : length > 0 ? `${side} wall` : '';
  });
}
