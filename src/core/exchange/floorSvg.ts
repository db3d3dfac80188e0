import { millimetres } from '../geometry/point.ts';
import { type FloorDrawing, LAYERS, type LayerName } from './floorDrawing.ts';

const STROKE: Record<LayerName, [colour: string, widthM: number]> = {
  room: ['#182230', 0.08],
  doors: ['#6A7580', 0.03],
  fixed: ['#6A7580', 0.04],
  painted: ['#6A7580', 0.05],
  tape: ['#1B4FB3', 0.05],
  pieces: ['#182230', 0.03],
  marks: ['#A3201D', 0.03],
  names: ['#182230', 0],
};
const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
/** White around the room on the page, metres of the room. */
export const PAGE_MARGIN_M = 0.5;

/**
 * The floor as an SVG text, true to scale: a page of the room's size at 1 : `scale`, one group a layer (id = its name), user
 * units metres with y away from the main door wall turned down, as the format has it.
 */
export function floorSvg(drawing: FloorDrawing, scale: number): string {
  if (!Number.isFinite(scale) || scale <= 0) throw new RangeError(`invalid scale: ${scale}`);
  const margin = PAGE_MARGIN_M;
  const { x, y, width, depth } = drawing.bounds;
  const [w, h] = [width + 2 * margin, depth + 2 * margin];
  const flip = (p: { x: number; y: number }) => `${millimetres(p.x - x + margin)} ${millimetres(y + depth - p.y + margin)}`;
  const page = (m: number) => `${millimetres((m * 1000) / scale)}mm`;
  const layers = LAYERS.map((layer) => {
    const [colour, stroke] = STROKE[layer];
    const paths = drawing.paths
      .filter((p) => p.layer === layer)
      .map((p) => `<path d="M${p.points.map(flip).join(' L')}${p.closed ? ' Z' : ''}"/>`);
    const texts = drawing.texts
      .filter((t) => t.layer === layer)
      .map((t) => {
        const [tx, ty] = flip(t.at).split(' ');
        return `<text x="${tx}" y="${ty}" font-size="${t.sizeM}" fill="${colour}" stroke="none" font-family="sans-serif">${escaped(t.text)}</text>`;
      });
    return `<g id="${layer}" fill="none" stroke="${colour}" stroke-width="${stroke}">\n${[...paths, ...texts].join('\n')}\n</g>`;
  });
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${page(w)}" height="${page(h)}" viewBox="0 0 ${millimetres(w)} ${millimetres(h)}">
<title>${escaped(drawing.name)}, 1 : ${scale}</title>
${layers.join('\n')}
</svg>
`;
}
