import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { wholeClass } from '../wholeClass.ts';
import { chaseAsks } from './asks.ts';
import { chaseBoard, chaseResults } from './board.ts';
import { chaseCard, chaseRuleCard } from './card.ts';
import { chaseChecks } from './checks.ts';
import { chaseGear } from './gear.ts';
import { chaseIdeas } from './ideas.ts';
import { chaseLayout } from './layout.ts';
import { chaseRules } from './play.ts';
import { CHASE_UNUSED, chaseSettings } from './settings.ts';
import { ChaseGame, ChaseValues } from './setup.ts';
import { chaseForecast, chaseQuick, simulateChase, tryChase } from './simulate.ts';
import { chasePlays, chaseSpan, chaseTimeline } from './timeline.ts';

/** Some hunt, the others flee: one engine, set by data. */
export const chase = defineFormat({
  id: 'chase',
  parseSetup: (setup) => ChaseGame.parse(setup),
  settings: chaseSettings,
  parseValues: (values) => parseValues(ChaseValues, { ...CHASE_UNUSED, ...(values as object) }),
  group: wholeClass,
  layout: chaseLayout,
  span: chaseSpan,
  timeline: chaseTimeline,
  plays: chasePlays,
  gear: chaseGear,
  checks: chaseChecks,
  ideas: chaseIdeas,
  clearance: ({ values }) => ({ metres: values.edgeM, running: true, runM: 6 }),
  asks: chaseAsks,
  card: chaseCard,
  rules: chaseRuleCard,
  faults: { caught: 'caught' },
  play: chaseRules,
  rolesIn: ({ roundHunters, hunters }) => ({ hunter: roundHunters?.flat() ?? hunters.map((h) => h.id) }),
  simulate: simulateChase,
  forecast: chaseForecast,
  quick: chaseQuick,
  tryOne: tryChase,
  board: chaseBoard,
  results: chaseResults,
  // New hunters when the break between two rounds is over; without breaks when the round is.
  clockEvents: (segment, rounds, setup) => {
    const isLast = (segment.round ?? 0) >= rounds - 1;
    return segment.code === 'break' || (!setup.breaks && segment.kind === 'work' && !isLast) ? [{ type: 'round' as const }] : [];
  },
});
