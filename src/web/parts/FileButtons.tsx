import { Printer } from 'lucide-react';
import { useState } from 'react';
import type { SetOutMark } from '../../core/arrange/setOutList.ts';
import { floorDrawing } from '../../core/exchange/floorDrawing.ts';
import { floorSvg, PAGE_MARGIN_M } from '../../core/exchange/floorSvg.ts';
import type { LaidPiece } from '../../core/model/laidPiece.ts';
import type { Piece } from '../../core/model/piece.ts';
import type { Room } from '../../core/model/room.ts';
import { download } from './download.ts';

/** The scale of the drawing's page: a room of 26 m is 27 cm wide. */
const SCALE = 100;
/** Dots of the picture a metre. */
const DOTS = 60;

/** The drawing as a picture, painted by the browser itself. */
async function picture(svg: string, widthM: number, depthM: number): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round((widthM + 2 * PAGE_MARGIN_M) * DOTS);
  canvas.height = Math.round((depthM + 2 * PAGE_MARGIN_M) * DOTS);
  const paper = canvas.getContext('2d')!;
  paper.fillStyle = '#FFFFFF';
  paper.fillRect(0, 0, canvas.width, canvas.height);
  paper.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, fail) => canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('no picture'))), 'image/png'));
}

/** The floor as a file: on paper, or true to scale for other programs. */
export function FileButtons({
  room,
  pieces,
  laid = [],
  marks,
  name,
  paper,
}: {
  room: Room;
  pieces: readonly Piece[];
  laid?: readonly LaidPiece[];
  marks: readonly SetOutMark[];
  name: string;
  /** With a button to print the page. */
  paper?: boolean;
}) {
  const [problem, setProblem] = useState('');
  const file = name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');
  const save = async (kind: 'svg' | 'dxf' | 'png') => {
    const drawing = floorDrawing(room, pieces, marks, laid);
    try {
      if (kind === 'svg') download(new Blob([floorSvg(drawing, SCALE)], { type: 'image/svg+xml' }), `${file}.svg`);
      else if (kind === 'png') download(await picture(floorSvg(drawing, SCALE), drawing.bounds.width, drawing.bounds.depth), `${file}.png`);
      else {
        const { floorDxf } = await import('../../core/exchange/floorDxf.ts');
        download(new Blob([floorDxf(drawing)], { type: 'application/dxf' }), `${file}.dxf`);
      }
      setProblem('');
    } catch {
      setProblem(`The ${kind.toUpperCase()} file could not be made. Load the page again, then try once more.`);
    }
  };
  return (
    <>
      {problem && (
        <span role="alert" className="text-stop">
          {problem}
        </span>
      )}
      {(['svg', 'dxf', 'png'] as const).map((kind) => (
        <button key={kind} type="button" className="btn px-2.5" onClick={() => void save(kind)}>
          {kind.toUpperCase()}
        </button>
      ))}
      {paper && (
        <button type="button" className="btn btn-ink flex items-center gap-2" onClick={() => window.print()}>
          <Printer size={16} aria-hidden="true" /> Print
        </button>
      )}
    </>
  );
}
