import type { Scale } from './scale.ts';

/** To ten centimetres. */
export const snap = (v: number) => Math.round(v * 10) / 10;
/** Nothing typed for this long ends a run of arrow keys: one gesture, one edit. */
export const SETTLE_MS = 500;

/** Metres that an arrow key steps: ten centimetres, fifty with shift; undefined for another key. */
export function arrowStep(event: React.KeyboardEvent): [dx: number, dy: number] | undefined {
  const by = event.shiftKey ? 0.5 : 0.1;
  const steps: Record<string, [number, number]> = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] };
  return steps[event.key];
}

/** Where the pointer is in the room, metres. */
export function pointIn(event: React.PointerEvent<SVGGElement | SVGSVGElement>, scale: Scale): { x: number; y: number } {
  const element = event.currentTarget;
  const frame = (element.ownerSVGElement ?? element).getBoundingClientRect();
  return { x: (event.clientX - frame.left - scale.x(0)) / scale.k, y: (scale.y(0) - (event.clientY - frame.top)) / scale.k };
}
