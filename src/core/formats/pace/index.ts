import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { wholeClass } from '../wholeClass.ts';
import { paceAsks } from './asks.ts';
import { paceBoard, paceResults } from './board.ts';
import { paceCard, paceRuleCard } from './card.ts';
import { paceChecks } from './checks.ts';
import { paceGear } from './gear.ts';
import { paceIdeas } from './ideas.ts';
import { paceLayout } from './layout.ts';
import { paceRules } from './play.ts';
import { paceSettings } from './settings.ts';
import { PaceGame, PaceValues } from './setup.ts';
import { paceForecast, simulatePace } from './simulate.ts';
import { pacePlays, paceSpan, paceTimeline } from './timeline.ts';

/** Laps from a cone of one's own in a target time: closest is best, not fastest. */
export const pace = defineFormat({
  id: 'pace',
  parseSetup: (setup) => PaceGame.parse(setup),
  settings: paceSettings,
  parseValues: (values) => parseValues(PaceValues, values),
  group: wholeClass,
  layout: paceLayout,
  span: paceSpan,
  timeline: paceTimeline,
  canBePlace: false,
  plays: pacePlays,
  gear: paceGear,
  checks: paceChecks,
  ideas: paceIdeas,
  asks: paceAsks,
  card: paceCard,
  rules: paceRuleCard,
  play: paceRules,
  simulate: simulatePace,
  forecast: paceForecast,
  tries: 'block',
  spotOf: (_, __, { pieces }) => pieces[0]?.id,
  board: paceBoard,
  results: paceResults,
});
