import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { possessionAsks } from './asks.ts';
import { possessionBoard, possessionResults } from './board.ts';
import { possessionCard, possessionRuleCard } from './card.ts';
import { runHalves } from './carriers.ts';
import { possessionChecks } from './checks.ts';
import { possessionGear } from './gear.ts';
import { possessionGroups } from './group.ts';
import { possessionIdeas } from './ideas.ts';
import { possessionLayout } from './layout.ts';
import { possessionRules } from './play.ts';
import { POSSESSION_UNUSED, possessionSettings } from './settings.ts';
import { PossessionGame, PossessionValues } from './setup.ts';
import { possessionForecast, simulatePossession } from './simulate.ts';
import { possessionPlays, possessionSpan, possessionTimeline } from './timeline.ts';

/** Sides that keep an object: passes in a row, goals, halves to cross, spots to be found. */
export const possession = defineFormat({
  id: 'possession',
  parseSetup: (setup) => PossessionGame.parse(setup),
  settings: possessionSettings,
  parseValues: (values) => parseValues(PossessionValues, { ...POSSESSION_UNUSED, ...(values as object) }),
  group: possessionGroups,
  layout: possessionLayout,
  span: possessionSpan,
  timeline: possessionTimeline,
  plays: possessionPlays,
  gear: possessionGear,
  checks: possessionChecks,
  ideas: possessionIdeas,
  clearance: ({ wallClearanceM }) => ({ metres: wallClearanceM, running: true, runM: 3 }),
  asks: possessionAsks,
  card: possessionCard,
  rules: possessionRuleCard,
  play: possessionRules,
  rolesIn: ({ guards }): Record<string, readonly string[]> => (guards ? { guard: guards } : {}),
  simulate: simulatePossession,
  forecast: possessionForecast,
  tryOne: runHalves,
  isTried: ({ mode }) => mode === 'halves',
  spotOf: (_, play) => `field-${play + 1}`,
  board: possessionBoard,
  results: possessionResults,
});
