import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { intervalAsks } from './asks.ts';
import { intervalBoard, intervalResults } from './board.ts';
import { intervalCard, intervalRuleCard } from './card.ts';
import { intervalChecks } from './checks.ts';
import { intervalGear } from './gear.ts';
import { intervalGroups } from './group.ts';
import { intervalIdeas } from './ideas.ts';
import { intervalLayout } from './layout.ts';
import { intervalRules } from './play.ts';
import { intervalSettings } from './settings.ts';
import { IntervalPairsGame, IntervalPairsValues } from './setup.ts';
import { intervalForecast, simulateInterval } from './simulate.ts';
import { intervalPlays, intervalSpan, intervalTimeline } from './timeline.ts';

/** One of each pair runs, the other exercises; they swap, then both move on. */
export const intervalPairs = defineFormat({
  id: 'interval-pairs',
  parseSetup: (setup) => IntervalPairsGame.parse(setup),
  settings: intervalSettings,
  parseValues: (values) => parseValues(IntervalPairsValues, values),
  group: intervalGroups,
  layout: intervalLayout,
  span: intervalSpan,
  timeline: intervalTimeline,
  canBePlace: false,
  plays: intervalPlays,
  gear: intervalGear,
  checks: intervalChecks,
  ideas: intervalIdeas,
  asks: intervalAsks,
  card: intervalCard,
  rules: intervalRuleCard,
  play: intervalRules,
  simulate: simulateInterval,
  forecast: intervalForecast,
  spotOf: (place) => (place === 'run' ? 'track' : place),
  board: intervalBoard,
  results: intervalResults,
  clockEvents: (segment) => (segment.kind === 'work' ? [{ type: 'switch' }] : []),
});
