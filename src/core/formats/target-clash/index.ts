import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { clashAsks } from './asks.ts';
import { clashBoard, clashResults } from './board.ts';
import { clashCard, clashRuleCard } from './card.ts';
import { clashChecks } from './checks.ts';
import { clashGear } from './gear.ts';
import { clashGroups } from './group.ts';
import { clashIdeas } from './ideas.ts';
import { clashLayout } from './layout.ts';
import { clashRules } from './play.ts';
import { CLASH_UNUSED, clashSettings } from './settings.ts';
import { TargetClashGame, TargetClashValues } from './setup.ts';
import { clashForecast, simulateClash } from './simulate.ts';
import { clashPlays, clashSpan, clashTimeline } from './timeline.ts';

/** Sides behind no-cross lines and many small objects. */
export const targetClash = defineFormat({
  id: 'target-clash',
  parseSetup: (setup) => TargetClashGame.parse(setup),
  settings: clashSettings,
  parseValues: (values) => parseValues(TargetClashValues, { ...CLASH_UNUSED, ...(values as object) }),
  group: clashGroups,
  layout: clashLayout,
  span: clashSpan,
  timeline: clashTimeline,
  plays: clashPlays,
  gear: clashGear,
  checks: clashChecks,
  ideas: clashIdeas,
  clearance: ({ values }) => ({ metres: values.edgeM, running: false, runM: 0 }),
  asks: clashAsks,
  card: clashCard,
  rules: clashRuleCard,
  play: clashRules,
  rolesIn: ({ sides }) => ({ feeder: sides.flatMap((s) => s.feeders ?? []), guard: sides.flatMap((s) => s.guards ?? []) }),
  simulate: simulateClash,
  forecast: clashForecast,
  spotOf(place, _, { pieces }) {
    if (place === 'feeder') return 'side-1:feeders';
    if (place === 'guard') return 'side-1:guards';
    return place === 'box' ? 'side-1:box' : pieces.find((p) => p.title === place)?.id;
  },
  board: clashBoard,
  results: clashResults,
  // At the end of a break, or of a round if there are no breaks, everything stands again and guards move on.
  clockEvents: (segment, rounds, setup) => {
    const isLast = (segment.round ?? 0) >= rounds - 1;
    return segment.code === 'break' || (!setup.breaks && segment.kind === 'work' && !isLast) ? [{ type: 'reset' }] : [];
  },
});
