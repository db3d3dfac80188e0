/** The public face of the core (contract.ts): what is exported is real. */

export type { Accepted } from './adapt/accepted.ts';
export type { Dial } from './adapt/candidate.ts';
export type { Gap, StudentPlan } from './adapt/place.ts';
export { type SetOutStep, setOut } from './arrange/setOut.ts';
export { type AdaptBlock, type FitForAllRequest, fitForAll, GameRecord, GearRecord, RoomRecord } from './fit/fitForAll.ts';
export type { Area } from './geometry/area.ts';
export { fitSpots } from './geometry/fitSpots.ts';
export { type Placement, packUnits } from './geometry/packUnits.ts';
export type { Point, Polygon } from './geometry/point.ts';
export { spreadSpots } from './geometry/spreadSpots.ts';
export { balanceTeams, type TeamRequest, type TeamResult } from './groups/balanceTeams.ts';
export { type MixRequest, mixGroups } from './groups/mixGroups.ts';
export type { Ability, Demand, PurposeAction } from './model/demand.ts';
export type { Finding } from './model/finding.ts';
export { type AdaptStudent, SUPPORT_KINDS, type SupportKind } from './model/support.ts';
export { callList } from './rotation/callList.ts';
export { fitTime } from './rotation/fitTime.ts';
export { roleRota } from './rotation/roleRota.ts';
export { roundRobin } from './rotation/roundRobin.ts';
export { stationRotation } from './rotation/stationRotation.ts';
export { closingSpeed, runOut, swingClearance } from './safety/runOut.ts';

import { formatOf } from './formats/registry.ts';
import type { Finding } from './model/finding.ts';
import type { FormatId } from './model/game.ts';
import { foldEvents } from './play/foldPlay.ts';
import type { Forecast, ForecastOptions } from './play/forecast.ts';
import type { PlayEvent, PlayView } from './play/playRules.ts';

export type { Forecast, ForecastOptions, FormatId, PlayEvent, PlayView };

/** Folds events over a setup (plays.ts); refused ones come back as findings. RangeError for an unknown format or a broken setup. */
export function replay(format: string, setup: unknown, events: readonly PlayEvent[]): { view: PlayView; refused: Finding[] } {
  return foldEvents(formatOf(format).open(setup), events);
}

/** How a block of `options.seconds` is expected to go for its players. RangeError for an unknown format or a broken setup. */
export function forecast(format: string, setup: unknown, options: ForecastOptions): Forecast {
  return formatOf(format).forecast(setup, options);
}
