import { seededRng } from '../../rng.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { ringAsks } from './asks.ts';
import { ringBoard, ringResults } from './board.ts';
import { ringCard, ringRuleCard } from './card.ts';
import { ringChecks } from './checks.ts';
import { ringGear } from './gear.ts';
import { ringGroups } from './group.ts';
import { ringIdeas } from './ideas.ts';
import { ringLayout } from './layout.ts';
import { winnersRingRules } from './play.ts';
import { ringSettings } from './settings.ts';
import { WinnersRingGame, WinnersRingValues } from './setup.ts';
import { ringForecast, ringQuick, simulateRing } from './simulate.ts';
import { ringPlays, ringSpan, ringTimeline } from './timeline.ts';

/** Bays in a ring with two teams each: first to a number of points, the winner walks one bay on, the loser stays. */
export const winnersRing = defineFormat({
  id: 'winners-ring',
  parseSetup: (setup) => WinnersRingGame.parse(setup),
  settings: ringSettings,
  parseValues: (values) => parseValues(WinnersRingValues, values),
  group: ringGroups,
  layout: ringLayout,
  span: ringSpan,
  timeline: ringTimeline,
  plays: ringPlays,
  gear: ringGear,
  checks: ringChecks,
  ideas: ringIdeas,
  asks: ringAsks,
  card: ringCard,
  rules: ringRuleCard,
  play: winnersRingRules,
  simulate: (setup, { seconds, seed }) => simulateRing(setup, seconds, seededRng(seed)),
  forecast: ringForecast,
  quick: ringQuick,
  tryOne(setup, { seconds, seed }) {
    const events = simulateRing(setup, seconds, seededRng(seed));
    return { events, measured: measurePlay(winnersRingRules, setup, events, seconds) };
  },
  spotOf: (place) => (place === 'walking' ? undefined : place.endsWith('-line') ? `${place.slice(0, -5)}:line` : place),
  board: ringBoard,
  results: ringResults,
});
