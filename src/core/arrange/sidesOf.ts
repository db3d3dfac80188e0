import type { Rect } from '../geometry/point.ts';

/** The part of a field that one side has, and the direction in which the others are: 0° up the room, 90° to the right. */
export interface SideArea extends Rect {
  facesDeg: 0 | 90 | 180 | 270;
}

/** A field parted among two to four sides, mirrored: two halves across its longer side with a neutral strip between them, three strips, or four quarters. */
export function sidesOf(field: Rect, sides: number, neutralM: number): SideArea[] {
  const isFlat = field.width >= field.depth;
  const gap = Math.max(0, Math.min(neutralM, (isFlat ? field.width : field.depth) / 3));
  if (sides === 4) {
    const [w, d] = [(field.width - gap) / 2, (field.depth - gap) / 2];
    return [0, 1, 2, 3].map((i) => ({
      x: field.x + (i % 2) * (w + gap),
      y: field.y + (i < 2 ? 1 : 0) * (d + gap),
      width: w,
      depth: d,
      facesDeg: i % 2 ? 270 : 90,
    }));
  }
  const length = ((isFlat ? field.width : field.depth) - gap * (sides - 1)) / sides;
  return Array.from({ length: sides }, (_, i) => {
    const at = i * (length + gap);
    const isFirst = i < sides / 2;
    return isFlat
      ? { x: field.x + at, y: field.y, width: length, depth: field.depth, facesDeg: isFirst ? 90 : 270 }
      : { x: field.x, y: field.y + at, width: field.width, depth: length, facesDeg: isFirst ? 0 : 180 };
  });
}

/** Points on a straight line inside a rectangle, evenly, half a step from its ends: across it (constant x) or along it (constant y). */
export function spotsAlong(area: Rect, count: number, along: 'x' | 'y', share = 0.5): { x: number; y: number }[] {
  return Array.from({ length: count }, (_, i) => {
    const t = (i + 0.5) / count;
    return along === 'y'
      ? { x: area.x + area.width * share, y: area.y + area.depth * t }
      : { x: area.x + area.width * t, y: area.y + area.depth * share };
  });
}
