import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { callUpAsks } from './asks.ts';
import { callUpBoard, callUpResults } from './board.ts';
import { callUpCard, callUpRuleCard } from './card.ts';
import { callUpChecks } from './checks.ts';
import { callUpGear } from './gear.ts';
import { callUpGroups } from './group.ts';
import { callUpIdeas } from './ideas.ts';
import { callUpLayout } from './layout.ts';
import { callUpRules } from './play.ts';
import { callUpSettings } from './settings.ts';
import { CallUpGame, CallUpValues } from './setup.ts';
import { callUpForecast, simulateCallUp } from './simulate.ts';
import { callUpPlays, callUpSpan, callUpTimeline } from './timeline.ts';

/** Two sides along the sidelines, numbered off: whoever's number is called plays for a few seconds. */
export const callUp = defineFormat({
  id: 'call-up',
  parseSetup: (setup) => CallUpGame.parse(setup),
  settings: callUpSettings,
  parseValues: (values) => parseValues(CallUpValues, values),
  group: callUpGroups,
  layout: callUpLayout,
  span: callUpSpan,
  timeline: callUpTimeline,
  plays: callUpPlays,
  gear: callUpGear,
  checks: callUpChecks,
  ideas: callUpIdeas,
  clearance: ({ values }) => ({ metres: values.edgeM, running: true, runM: 4 }),
  asks: callUpAsks,
  card: callUpCard,
  rules: callUpRuleCard,
  play: callUpRules,
  simulate: simulateCallUp,
  forecast: callUpForecast,
  spotOf(place, play, { pieces, groups }, student) {
    if (place === 'in') return `side-${2 * play + 1}:caller`;
    const side = groups.findIndex((g) => g.includes(student));
    return pieces[side < 0 ? 2 * play : side]?.id;
  },
  board: callUpBoard,
  results: callUpResults,
});
