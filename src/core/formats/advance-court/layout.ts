import { aroundPinned } from '../../arrange/aroundPinned.ts';
import { unitsInRows } from '../../arrange/grid.ts';
import { ontoPaint } from '../../arrange/ontoPaint.ts';
import { tapedRect } from '../../arrange/setOutUnit.ts';
import { paintedGuides } from '../../arrange/snapTo.ts';
import { remembered } from '../../geometry/remembered.ts';
import type { Piece } from '../../model/piece.ts';
import { roomArea } from '../../model/room.ts';
import type { Draft } from '../format.ts';
import { type CourtContext, courtUnit } from './group.ts';
import type { AdvanceCourtValues } from './setup.ts';

const rows = remembered(unitsInRows);

/** Courts in rows, each with its waiting line along the lower edge, clear of the court by the chosen gap; on painted lines where one is near. */
export function courtLayout(context: CourtContext, groups: string[][]): Pick<Draft<AdvanceCourtValues>, 'pieces' | 'unplaced'> {
  const { values, room, wallClearanceM, placed, taken } = context;
  const { lineM, ...unit } = courtUnit(context);
  const spots = rows(roomArea(room, wallClearanceM, taken), unit, groups.length);
  const all = groups.map((members, i) => {
    const id = `court-${i + 1}`;
    const at = placed[id] ?? (i < spots.length ? { x: spots[i].x, y: spots[i].y } : undefined);
    return { id, number: i + 1, title: context.setup.court, at, cells: Math.max(2, Math.min(values.positions, members.length)) };
  });
  const pieces = all.flatMap(({ at, ...c }): Piece[] =>
    at
      ? [
          {
            ...c,
            piece: 'court',
            x: at.x,
            y: at.y,
            width: unit.width,
            depth: unit.depth,
            lineM,
            turned: 0,
            pinned: placed[c.id] !== undefined,
          },
        ]
      : [],
  );
  const settled = aroundPinned(
    roomArea(room, 0, taken),
    pieces,
    pieces.map(() => wallClearanceM),
    unit.gap,
  );
  const onPaint = ontoPaint(
    roomArea(room, 0, taken),
    settled,
    tapedRect,
    paintedGuides(room),
    settled.map(() => wallClearanceM),
    unit.gap,
  );
  return { pieces: onPaint, unplaced: all.filter((c) => !c.at).map(({ id, number, title }) => ({ id, number, title })) };
}
