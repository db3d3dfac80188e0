import { seededRng } from '../../rng.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { courtAsks } from './asks.ts';
import { courtBoard, courtResults } from './board.ts';
import { courtCard, courtRuleCard } from './card.ts';
import { courtChecks } from './checks.ts';
import { courtForecast } from './forecast.ts';
import { courtGear } from './gear.ts';
import { courtGroups } from './group.ts';
import { courtIdeas } from './ideas.ts';
import { courtLayout } from './layout.ts';
import { courtRules } from './play.ts';
import { advanceSettings } from './settings.ts';
import { AdvanceCourtGame, AdvanceCourtValues } from './setup.ts';
import { simulateCourt } from './simulate.ts';
import { courtPlays, courtSpan, courtTimeline } from './timeline.ts';

/** Courts of k ranked places: an error sends its maker to the end of the line, those below move up, the line's head comes in at 1. */
export const advanceCourt = defineFormat({
  id: 'advance-court',
  parseSetup: (setup) => AdvanceCourtGame.parse(setup),
  settings: advanceSettings,
  parseValues: (values) => parseValues(AdvanceCourtValues, values),
  group: courtGroups,
  layout: courtLayout,
  span: courtSpan,
  timeline: courtTimeline,
  plays: (_, draft, timeline) => courtPlays(draft, timeline),
  gear: courtGear,
  checks: courtChecks,
  ideas: courtIdeas,
  asks: courtAsks,
  card: courtCard,
  rules: courtRuleCard,
  faults: { error: 'error' },
  play: courtRules,
  simulate: (setup, { seconds, seed }) => simulateCourt(setup, seconds, seededRng(seed)).events,
  forecast: courtForecast,
  tryOne(setup, options) {
    const { events } = simulateCourt(setup, options.seconds, seededRng(options.seed));
    return { events, measured: measurePlay(courtRules, setup, events, options.seconds) };
  },
  spotOf: (place, play) => `court-${play + 1}:${place === 'waiting' ? 'line' : `cell-${place}`}`,
  board: courtBoard,
  results: courtResults,
});
