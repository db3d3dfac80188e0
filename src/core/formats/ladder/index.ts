import { seededRng } from '../../rng.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { ladderAsks } from './asks.ts';
import { ladderBoard, ladderResults } from './board.ts';
import { ladderCard, ladderRuleCard } from './card.ts';
import { ladderChecks } from './checks.ts';
import { ladderGear } from './gear.ts';
import { ladderGroups } from './group.ts';
import { ladderIdeas } from './ideas.ts';
import { ladderLayout } from './layout.ts';
import { ladderRules } from './play.ts';
import { ladderSettings } from './settings.ts';
import { LadderGame, LadderValues } from './setup.ts';
import { ladderForecast, ladderQuick, simulateLadder } from './simulate.ts';
import { ladderPlays, ladderSpan, ladderTimeline } from './timeline.ts';

/** Courts in a row for two, or two pairs: after each round winners move one court up and the top's loser comes down to court 1. */
export const ladder = defineFormat({
  id: 'ladder',
  parseSetup: (setup) => LadderGame.parse(setup),
  settings: ladderSettings,
  parseValues: (values) => parseValues(LadderValues, values),
  group: ladderGroups,
  layout: ladderLayout,
  span: ladderSpan,
  timeline: ladderTimeline,
  plays: (_, draft, timeline) => ladderPlays(draft, timeline),
  gear: ladderGear,
  checks: ladderChecks,
  ideas: ladderIdeas,
  asks: ladderAsks,
  card: ladderCard,
  rules: ladderRuleCard,
  play: ladderRules,
  simulate: (setup, { seconds, seed }) => simulateLadder(setup, seconds, seededRng(seed)),
  forecast: ladderForecast,
  quick: ladderQuick,
  tries: 'block',
  tryOne(setup, options) {
    const events = simulateLadder(setup, options.seconds, seededRng(options.seed));
    return { events, measured: measurePlay(ladderRules, setup, events, options.seconds) };
  },
  spotOf: (place) => (place === 'waiting' ? 'court-1' : place),
  board: ladderBoard,
  results: ladderResults,
});
