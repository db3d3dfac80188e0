import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { spotAsks } from './asks.ts';
import { spotBoard, spotResults } from './board.ts';
import { spotCard, spotRuleCard } from './card.ts';
import { spotChecks } from './checks.ts';
import { spotGear } from './gear.ts';
import { spotGroups } from './group.ts';
import { spotIdeas } from './ideas.ts';
import { spotLayout } from './layout.ts';
import { spotRules } from './play.ts';
import { SPOT_UNUSED, spotSettings } from './settings.ts';
import { SpotCollectGame, SpotValues } from './setup.ts';
import { simulateSpots, spotForecast } from './simulate.ts';
import { spotPlays, spotSpan, spotTimeline } from './timeline.ts';

/** Shooting spots around a target: picked up, staying, or one target that is struck. */
export const spotCollect = defineFormat({
  id: 'spot-collect',
  parseSetup: (setup) => SpotCollectGame.parse(setup),
  settings: spotSettings,
  parseValues: (values) => parseValues(SpotValues, { ...SPOT_UNUSED, ...(values as object) }),
  group: spotGroups,
  layout: spotLayout,
  span: spotSpan,
  timeline: spotTimeline,
  plays: spotPlays,
  gear: spotGear,
  checks: spotChecks,
  ideas: spotIdeas,
  asks: spotAsks,
  card: spotCard,
  rules: spotRuleCard,
  play: spotRules,
  simulate: simulateSpots,
  forecast: spotForecast,
  spotOf: (_, play) => `field-${play + 1}`,
  board: spotBoard,
  results: spotResults,
});
