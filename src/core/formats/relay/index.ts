import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { relayAsks } from './asks.ts';
import { relayBoard, relayResults } from './board.ts';
import { relayCard, relayRuleCard } from './card.ts';
import { relayChecks } from './checks.ts';
import { relayGear } from './gear.ts';
import { relayGroups } from './group.ts';
import { relayIdeas } from './ideas.ts';
import { relayLayout } from './layout.ts';
import { relayRules } from './play.ts';
import { RELAY_UNUSED, relaySettings } from './settings.ts';
import { RelayGame, RelayValues } from './setup.ts';
import { relayForecast, simulateRelay, tryRelay } from './simulate.ts';
import { relayPlays, relaySpan, relayTimeline } from './timeline.ts';

/** Lines that go in turn: a race, without end, until it is made, across, overhead, or bay by bay. */
export const relay = defineFormat({
  id: 'relay',
  parseSetup: (setup) => RelayGame.parse(setup),
  settings: relaySettings,
  parseValues: (values) => parseValues(RelayValues, { ...RELAY_UNUSED, ...(values as object) }),
  group: relayGroups,
  layout: relayLayout,
  span: relaySpan,
  timeline: relayTimeline,
  plays: relayPlays,
  gear: relayGear,
  checks: relayChecks,
  ideas: relayIdeas,
  asks: relayAsks,
  card: relayCard,
  rules: relayRuleCard,
  play: relayRules,
  rolesIn({ mode, lines }): Record<string, readonly string[]> {
    const longest = Math.max(...lines.map((l) => l.length));
    const isCounted = mode === 'race' || mode === 'passing';
    return isCounted ? { twice: lines.flatMap((l) => (l.length ? l.slice(0, longest - l.length) : [])) } : {};
  },
  simulate: simulateRelay,
  forecast: relayForecast,
  tryOne: tryRelay,
  spotOf: (place) => place.replace('line-', 'lane-'),
  board: relayBoard,
  results: relayResults,
  // Bays shift by the clock.
  clockEvents: (segment, _, { mode }) => (mode === 'bay-shift' && segment.kind === 'work' ? [{ type: 'rotate' }] : []),
});
