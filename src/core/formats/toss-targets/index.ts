import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { tossAsks } from './asks.ts';
import { tossBoard, tossResults } from './board.ts';
import { tossCard, tossRuleCard } from './card.ts';
import { tossChecks } from './checks.ts';
import { tossGear } from './gear.ts';
import { tossGroups } from './group.ts';
import { tossIdeas } from './ideas.ts';
import { tossLayout } from './layout.ts';
import { tossRules } from './play.ts';
import { tossSettings } from './settings.ts';
import { TossTargetsGame, TossTargetsValues } from './setup.ts';
import { simulateToss, tossForecast } from './simulate.ts';
import { tossPlays, tossSpan, tossTimeline } from './timeline.ts';

/** Equal objects and a target of nested zones for every side: where they lie in the end counts. */
export const tossTargets = defineFormat({
  id: 'toss-targets',
  parseSetup: (setup) => TossTargetsGame.parse(setup),
  settings: tossSettings,
  parseValues: (values) => parseValues(TossTargetsValues, values),
  group: tossGroups,
  layout: tossLayout,
  span: tossSpan,
  timeline: tossTimeline,
  plays: tossPlays,
  gear: tossGear,
  checks: tossChecks,
  ideas: tossIdeas,
  asks: tossAsks,
  card: tossCard,
  rules: tossRuleCard,
  play: tossRules,
  rolesIn: ({ striker }): Record<string, readonly string[]> => (striker ? { striker: Object.values(striker) } : {}),
  simulate: simulateToss,
  forecast: tossForecast,
  spotOf: (place, _, { pieces }) => pieces.find((p) => `${p.title} ${p.number}` === place)?.id,
  board: tossBoard,
  results: tossResults,
  // What lies there when a round's time is over counts.
  clockEvents: (segment) => (segment.kind === 'work' ? [{ type: 'endRound' }] : []),
});
