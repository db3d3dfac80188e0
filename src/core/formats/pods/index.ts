import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { podAsks } from './asks.ts';
import { podBoard, podResults } from './board.ts';
import { podCard, podRuleCard } from './card.ts';
import { podChecks } from './checks.ts';
import { podGear } from './gear.ts';
import { podGroups } from './group.ts';
import { podIdeas } from './ideas.ts';
import { podLayout } from './layout.ts';
import { leaderOf, podsRules } from './play.ts';
import { PODS_UNUSED, podsSettings } from './settings.ts';
import { PodsGame, PodsValues } from './setup.ts';
import { podsForecast, simulatePods } from './simulate.ts';
import { podPlays, podSpan, podTimeline } from './timeline.ts';

/** Two to four around one object: they exercise while music plays, and take it, or hold a balance, when it stops. */
export const pods = defineFormat({
  id: 'pods',
  parseSetup: (setup) => PodsGame.parse(setup),
  settings: podsSettings,
  parseValues: (values) => parseValues(PodsValues, { ...PODS_UNUSED, ...(values as object) }),
  group: podGroups,
  layout: podLayout,
  span: podSpan,
  timeline: podTimeline,
  plays: podPlays,
  gear: podGear,
  checks: podChecks,
  ideas: podIdeas,
  asks: podAsks,
  card: podCard,
  rules: podRuleCard,
  play: podsRules,
  rolesIn: ({ pods: all, leading, rounds }): Record<string, readonly string[]> =>
    leading === 'follow'
      ? { leader: all.flatMap((pod) => Array.from({ length: rounds }, (_, r) => leaderOf(pod, r + 1) ?? '').filter(Boolean)) }
      : {},
  simulate: simulatePods,
  forecast: podsForecast,
  spotOf: (place) => place,
  board: podBoard,
  results: podResults,
});
