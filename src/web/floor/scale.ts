import { type RefObject, useEffect, useRef, useState } from 'react';
import { boundsOf } from '../../core/geometry/point.ts';
import type { Room } from '../../core/model/room.ts';

/** Room metres to drawing pixels: y grows away from the main door wall, so upwards on the screen. */
export interface Scale {
  /** Pixels per metre. */
  k: number;
  width: number;
  height: number;
  x(metres: number): number;
  y(metres: number): number;
}

/** The largest scale at which the room fits with a margin of `pad` pixels (more above, for the measure, and beside, for what stands there). */
export function scaleFor(room: Pick<Room, 'outline'>, width: number, height: number, pad: number, above = pad, beside = pad): Scale {
  const box = boundsOf(room.outline);
  const k = Math.max(2, Math.min((width - 2 * beside) / box.width, (height - pad - above) / box.depth));
  const left = (width - box.width * k) / 2 - box.x * k;
  const top = above + (height - pad - above - box.depth * k) / 2;
  return { k, width, height, x: (m) => left + m * k, y: (m) => top + (box.y + box.depth - m) * k };
}

/** The element's inner size in pixels, kept up to date. */
export function useSize(): [RefObject<HTMLDivElement | null>, { width: number; height: number }] {
  const ref = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => setSize({ width: entry.contentRect.width, height: entry.contentRect.height }));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size];
}
