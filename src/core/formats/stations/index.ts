import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { stationsAsks } from './asks.ts';
import { stationsBoard, stationsResults } from './board.ts';
import { stationsCard, stationsRuleCard } from './card.ts';
import { stationsChecks } from './checks.ts';
import { stationsForecast } from './forecast.ts';
import { activeShare, stationsCalls, stationsGear } from './gear.ts';
import { stationsGroup } from './group.ts';
import { hostedAt } from './hosted.ts';
import { stationsIdeas } from './ideas.ts';
import { stationClearance, stationsLayout, stationsPace } from './layout.ts';
import { picked } from './picked.ts';
import { stationsRules, stationsRules1 } from './play.ts';
import { stationsSettings } from './settings.ts';
import { StationsGame, StationsValues } from './setup.ts';
import { simulateStations } from './simulate.ts';
import { playSetup, stationsSpan, stationsTimeline } from './timeline.ts';

/** S numbered stations, one group at each, all move on at the signal. */
export const stations = defineFormat({
  id: 'stations',
  parseSetup: (setup) => StationsGame.parse(setup),
  settings: stationsSettings,
  parseValues: (values) => parseValues(StationsValues, values),
  group: stationsGroup,
  layout: stationsLayout,
  pace: (context, draft) => stationsPace(context, draft.pieces),
  span: stationsSpan,
  timeline: stationsTimeline,
  hosted: (context, draft, piece, students) => hostedAt(context, draft.pieces, picked(context)[piece]?.id ?? '', students),
  plays(context, draft, timeline, activeAt) {
    const list = picked(context).map(({ id, station }, i) => ({
      id,
      scoring: station.scoring,
      active: Math.max(0.01, activeAt[i] ?? activeShare(context, station.id)),
    }));
    return [playSetup(draft, timeline, list)];
  },
  gear: stationsGear,
  calls: stationsCalls,
  checks: stationsChecks,
  ideas: stationsIdeas,
  clearance: stationClearance,
  asks: stationsAsks,
  card: stationsCard,
  rules: stationsRuleCard,
  play: stationsRules,
  olderPlay: [stationsRules1],
  simulate: simulateStations,
  forecast: stationsForecast,
  tries: 'block',
  spotOf: (place, _, { pieces }) => pieces[Number(place.match(/^station-(\d+)$/)?.[1]) - 1]?.id,
  board: stationsBoard,
  results: stationsResults,
  // A bout's points may still be written while groups walk: it ends with the move after it, the last one by itself.
  clockEvents: (segment, rounds) =>
    segment.kind === 'move' || (segment.kind === 'work' && segment.round === rounds - 1) ? [{ type: 'rotate' }] : [],
});
