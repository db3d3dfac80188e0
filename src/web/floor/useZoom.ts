import { select } from 'd3-selection';
import { type ZoomBehavior, type ZoomTransform, zoom, zoomIdentity } from 'd3-zoom';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Scale } from './scale.ts';

/** How many times nearer the floor can be looked at. */
const NEAREST = 8;

export interface Zoomed {
  scale: Scale;
  /** Handed to the drawing: wheel and pinch zoom, dragging where no piece lies pans. */
  bind: (svg: SVGSVGElement | null) => void;
  zoomed: boolean;
  by(factor: number): void;
  whole(): void;
}

/** The floor's scale with what the teacher zoomed and panned; drawn anew at every scale, so that letters keep their size. */
export function useZoom(base: Scale): Zoomed {
  const [t, setT] = useState<ZoomTransform>(zoomIdentity);
  const drawing = useRef<SVGSVGElement | null>(null);
  const behaviour = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null);
  const { width, height } = base;
  const bind = useCallback(
    (svg: SVGSVGElement | null) => {
      drawing.current = svg;
      if (!svg) return;
      behaviour.current = zoom<SVGSVGElement, unknown>()
        .scaleExtent([1, NEAREST])
        .extent([
          [0, 0],
          [width, height],
        ])
        .translateExtent([
          [0, 0],
          [width, height],
        ])
        .filter((event: Event) => {
          if (event.type === 'wheel') return true;
          const onPiece = (event.target as Element).closest('[data-piece]');
          return !onPiece && !(event as MouseEvent).button;
        })
        .on('zoom', (event) => setT(event.transform));
      select<SVGSVGElement, unknown>(svg).property('__zoom', zoomIdentity).call(behaviour.current).on('dblclick.zoom', null);
    },
    [width, height],
  );
  const call = useCallback((work: (z: ZoomBehavior<SVGSVGElement, unknown>, svg: SVGSVGElement) => void) => {
    if (drawing.current && behaviour.current) work(behaviour.current, drawing.current);
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another size of the drawing begins with the whole room
  useEffect(() => setT(zoomIdentity), [width, height]);
  const scale = useMemo<Scale>(
    () => ({
      ...base,
      k: base.k * t.k,
      x: (m) => t.x + t.k * base.x(m),
      y: (m) => t.y + t.k * base.y(m),
    }),
    [base, t],
  );
  return {
    scale: t === zoomIdentity ? base : scale,
    bind,
    zoomed: t.k > 1.001,
    by: (factor) => call((z, svg) => z.scaleBy(select(svg), factor)),
    whole: () => call((z, svg) => z.transform(select(svg), zoomIdentity)),
  };
}
