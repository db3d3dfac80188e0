import Drawing from 'dxf-writer';
import { type FloorDrawing, LAYERS, type LayerName } from './floorDrawing.ts';

/** The package hands its class over inside its namespace in some builds. */
const Writer = ((Drawing as unknown as { default?: typeof Drawing }).default ?? Drawing) as typeof Drawing;

/** Colour numbers of the format: 7 ink, 8 grey, 5 blue, 1 red. */
const COLOUR: Record<LayerName, number> = { room: 7, doors: 8, fixed: 8, painted: 8, tape: 5, pieces: 7, marks: 1, names: 7 };

/** The floor as a DXF text: metres, room coordinates, one layer for each of LAYERS, closed outlines as closed polylines. */
export function floorDxf(drawing: FloorDrawing): string {
  const file = new Writer();
  file.setUnits('Meters');
  for (const layer of LAYERS) file.addLayer(layer, COLOUR[layer], 'CONTINUOUS');
  for (const { layer, points, closed } of drawing.paths) {
    file.setActiveLayer(layer);
    file.drawPolyline(
      points.map((p) => [p.x, p.y] as [number, number]),
      closed,
    );
  }
  for (const { layer, at, text, sizeM } of drawing.texts) {
    file.setActiveLayer(layer);
    file.drawText(at.x, at.y, sizeM, 0, text);
  }
  return file.toDxfString();
}
