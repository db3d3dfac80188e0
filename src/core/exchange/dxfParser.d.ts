/** The part of dxf-parser that is used, declared here so that no Node type comes in with it (tsconfig maps the package to this file). */
export interface DxfEntity {
  type: string;
  layer: string;
  /** Of polylines and lines. */
  vertices?: { x: number; y: number; bulge?: number }[];
  /** Closed. */
  shape?: boolean;
  /** Of texts. */
  text?: string;
  startPoint?: { x: number; y: number };
}
export interface DxfDrawing {
  header: Record<string, unknown>;
  entities: DxfEntity[];
  tables: { layer: { layers: Record<string, unknown> } };
}
export default class DxfParser {
  parseSync(text: string): DxfDrawing | null;
}
