import { demandsOf, purposeOf } from '../formats/asks.ts';
import { FORMATS, formatOf } from '../formats/registry.ts';
import type { Point } from '../geometry/point.ts';
import type { Band } from '../model/band.ts';
import type { GameDemand, PurposeAction } from '../model/demand.ts';
import { Game } from '../model/game.ts';
import type { GearKind } from '../model/gearKind.ts';
import { NEW_SCHOOL } from '../model/newSchool.ts';
import { newHeader } from '../model/record.ts';
import { plainRoom, Room } from '../model/room.ts';
import { defaultsFor, ladderOf, limitsFor } from '../model/school.ts';

/** A room for games of which nobody says where they are played, metres. */
const USUAL_FLOOR = [
  { x: 0, y: 0 },
  { x: 26, y: 0 },
  { x: 26, y: 15 },
  { x: 0, y: 15 },
];

/** What the format of a whole game's record asks of each role (or place), and what it is for; nothing if the record is not whole. */
export function askedOf(
  record: unknown,
  { band, settings = {}, players }: { band: string; settings?: Record<string, unknown>; players: readonly { id: string }[] },
  outline: readonly Point[] = USUAL_FLOOR,
  gearKinds: readonly GearKind[] = [],
): { demands: GameDemand[]; purpose: PurposeAction[] } {
  const parsed = Game.safeParse(record);
  if (!parsed.success || !(parsed.data.format in FORMATS)) return { demands: [], purpose: [] };
  const game = parsed.data;
  const room = Room.parse({ ...newHeader('room', 3), id: 'anywhere', name: 'Anywhere', ...plainRoom([...outline]) });
  const { asks } = formatOf(game.format).plan(game.setup, {
    blockId: game.id,
    gameValues: game.bands[band as Band] ?? {},
    teacherValues: settings,
    band: band as Band,
    defaults: defaultsFor(NEW_SCHOOL, band as Band),
    players: players.map(({ id }) => ({ id, rating: 3 })),
    apart: [],
    together: [],
    room,
    taken: [],
    wallClearanceM: limitsFor(NEW_SCHOOL).wallClearanceM,
    placed: {},
    cupboard: [],
    gearKinds,
    stopSignal: game.stopSignal,
    rules: { game: game.rules, teacher: [], offences: game.offences, ladder: ladderOf(NEW_SCHOOL) },
    seed: 1,
  });
  return { demands: demandsOf(asks), purpose: purposeOf(asks) };
}
