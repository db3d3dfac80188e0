import { aroundPinned } from '../../arrange/aroundPinned.ts';
import { unitsInBlock } from '../../arrange/grid.ts';
import { legsOf, loopOrder, settleLoop, unitsOnLoop } from '../../arrange/loop.ts';
import { rectPiece, rectPlaces } from '../../arrange/rectPlaces.ts';
import { straighten } from '../../arrange/straighten.ts';
import { roomAround } from '../../arrange/validate.ts';
import type { Area } from '../../geometry/area.ts';
import type { Placement, UnitSize } from '../../geometry/packRows.ts';
import { memoize } from '../../memoize.ts';
import type { Piece } from '../../model/piece.ts';
import { roomArea } from '../../model/room.ts';
import { boxOf } from '../../model/shape.ts';
import { runOut, speedOver } from '../../safety/runOut.ts';
import type { BlockDraft } from '../format.ts';
import type { StationsContext } from './group.ts';
import { grownForGames, hostedThings } from './hosted.ts';
import { picked } from './picked.ts';
import type { StationsValues } from './setup.ts';

/** Stations along the walls with a free middle, or in one block of rows; in walking order both ways. */
const LAYOUTS = {
  wide: memoize(unitsOnLoop),
  close: memoize((area: Area, unit: UnitSize, count: number) => loopOrder(unitsInBlock(area, unit, count))),
};
const settled = memoize(settleLoop);
const straight = memoize(straighten<Placement>);

/** Metres of floor that a station's number and title take. */
const LABEL_M = 1;

/** Metres a station wants to walls and fixed things: the static clearance, or the run-out where students run towards its edge. */
export function stationClearance(context: StationsContext, pieceId: string): { metres: number; running: boolean; runM: number } {
  const runM = picked(context).find((p) => p.id === pieceId)?.station.runM ?? 0;
  if (runM === 0) return { metres: context.wallClearanceM, running: false, runM };
  const { acceleration, braking, sprint } = context.defaults;
  const stop = runOut(speedOver(runM, acceleration, sprint * 1.2), braking, 0.3);
  return { metres: Math.max(context.wallClearanceM, Math.round(stop * 100) / 100), running: true, runM };
}

/** Stations on a walking loop, numbers in walking order; the loop is turned so that running stations get the room they want. */
export function stationsLayout(
  context: StationsContext,
  groups: string[][],
): Pick<BlockDraft<StationsValues>, 'pieces' | 'things' | 'unplaced'> {
  const { values, room, wallClearanceM, placed, taken } = context;
  const list = picked(context);
  const wants = list.map(({ id }) => stationClearance(context, id).metres);
  const size = { width: values.areaWidthM, depth: values.areaDepthM, gap: values.gapM };
  const loopIn = LAYOUTS[values.spacing];
  const wide = loopIn(roomArea(room, Math.max(...wants), taken), size, list.length);
  const loop = wide.length === list.length ? wide : loopIn(roomArea(room, wallClearanceM, taken), size, list.length);
  const area = roomArea(room, 0, taken);
  const free = loop.map((unit) => roomAround(area, unit));
  const trouble = (from: number) => free.filter((metres, i) => metres < wants[(i + loop.length - from) % loop.length] - 1e-6).length;
  const turns = loop.length === list.length ? loop.map((_, from) => ({ from, count: trouble(from) })) : [{ from: 0, count: 0 }];
  const { from } = turns.reduce((best, t) => (t.count < best.count ? t : best));
  const turned = loop.map((_, i) => loop[(i + from) % loop.length]);
  const mine = wants.slice(0, turned.length);
  const spots = straight(area, settled(area, turned, mine, values.gapM), mine, values.gapM, context.roundM);
  const titled = list.map(({ id, station }) => ({ id, title: station.title }));
  const { places, unplaced } = rectPlaces(titled, size, spots, placed);
  const clear = aroundPinned(
    area,
    places,
    places.map((p) => wants[p.number - 1]),
    values.gapM,
  );
  const isGame = (id: string) => list.some((p) => p.id === id && p.host);
  // The game's own tape fills its station: number and title stand above it, if there is a gap for them.
  const pieces = grownForGames(context, area, clear, wants, groups).map((p) => {
    const above = isGame(p.id) && values.gapM >= LABEL_M ? { label: { x: p.x, y: p.y + p.depth + LABEL_M } } : {};
    return { ...rectPiece(p, true), ...above };
  });
  return { pieces, things: hostedThings(context, pieces, groups), unplaced };
}

/** Seconds a move takes: the longest walk to the next station at the band's pace, plus settling, to the next 5 s. */
export function stationsPace(context: StationsContext, pieces: readonly Piece[]): { moveSeconds: number; walkM: number } {
  const ordered = context.values.direction === 1 ? [...pieces] : [...pieces].reverse();
  const walkM = pieces.length > 1 ? Math.max(...legsOf(ordered.map((p) => boxOf(p.shape)))) : 0;
  const needed = Math.ceil((walkM / context.defaults.moveSpeed + context.defaults.settleSeconds) / 5) * 5;
  return { moveSeconds: context.values.moveSeconds ?? needed, walkM };
}
