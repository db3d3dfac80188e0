import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { inningsAsks } from './asks.ts';
import { inningsBoard, inningsResults } from './board.ts';
import { inningsCard, inningsRuleCard } from './card.ts';
import { inningsChecks } from './checks.ts';
import { inningsGear } from './gear.ts';
import { inningsGroups } from './group.ts';
import { runInnings } from './hitters.ts';
import { inningsIdeas } from './ideas.ts';
import { inningsLayout } from './layout.ts';
import { inningsRules } from './play.ts';
import { INNINGS_UNUSED, inningsSettings } from './settings.ts';
import { InningsGame, InningsValues } from './setup.ts';
import { inningsForecast, simulateInnings } from './simulate.ts';
import { inningsPlays, inningsSpan, inningsTimeline } from './timeline.ts';

/** Hit, run, field: small shuttle games, or bases on which everybody helps everybody home. */
export const innings = defineFormat({
  id: 'innings',
  parseSetup: (setup) => InningsGame.parse(setup),
  settings: inningsSettings,
  parseValues: (values) => parseValues(InningsValues, { ...INNINGS_UNUSED, ...(values as object) }),
  group: inningsGroups,
  layout: inningsLayout,
  span: inningsSpan,
  timeline: inningsTimeline,
  plays: inningsPlays,
  gear: inningsGear,
  checks: inningsChecks,
  ideas: inningsIdeas,
  asks: inningsAsks,
  card: inningsCard,
  rules: inningsRuleCard,
  play: inningsRules,
  simulate: simulateInnings,
  forecast: inningsForecast,
  tryOne: runInnings,
  spotOf(place, play) {
    const field = `field-${play + 1}`;
    const spots: Record<string, string> = {
      bat: 'home',
      'field-1': 'base-1',
      'field-2': 'base-2',
      first: 'first',
      second: 'second',
      third: 'third',
    };
    return spots[place] ? `${field}:${spots[place]}` : field;
  },
  board: inningsBoard,
  results: inningsResults,
});
