import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { openFloorAsks } from './asks.ts';
import { openFloorBoard, openFloorResults } from './board.ts';
import { openFloorCard, openFloorRuleCard } from './card.ts';
import { openFloorChecks } from './checks.ts';
import { openFloorGear } from './gear.ts';
import { openFloorGroups } from './group.ts';
import { openFloorIdeas } from './ideas.ts';
import { openFloorLayout } from './layout.ts';
import { openFloorRules } from './play.ts';
import { OPEN_FLOOR_UNUSED, openFloorSettings } from './settings.ts';
import { OpenFloorGame, OpenFloorValues } from './setup.ts';
import { openFloorForecast, simulateOpenFloor } from './simulate.ts';
import { runSteals } from './thieves.ts';
import { openFloorClock, openFloorPlays, openFloorSpan, openFloorTimeline, stagesReached } from './timeline.ts';

/** All at once inside one boundary, with an object each or one for two or three, stage by stage. */
export const openFloor = defineFormat({
  id: 'open-floor',
  parseSetup: (setup) => OpenFloorGame.parse(setup),
  settings: openFloorSettings,
  parseValues: (values) => parseValues(OpenFloorValues, { ...OPEN_FLOOR_UNUSED, ...(values as object) }),
  group: openFloorGroups,
  layout: openFloorLayout,
  span: openFloorSpan,
  timeline: openFloorTimeline,
  canBePlace: false,
  plays: openFloorPlays,
  gear: openFloorGear,
  checks: openFloorChecks,
  ideas: openFloorIdeas,
  clearance: ({ values }) => ({ metres: values.edgeM, running: true, runM: 4 }),
  asks: openFloorAsks,
  card: openFloorCard,
  rules: openFloorRuleCard,
  play: openFloorRules,
  rolesIn: ({ thieves }): Record<string, readonly string[]> => (thieves ? { thief: thieves } : {}),
  simulate: simulateOpenFloor,
  forecast: openFloorForecast,
  tryOne: runSteals,
  isTried: ({ thieves }) => thieves !== undefined,
  spotOf(place, _, { pieces, things, groups }, student) {
    if (place !== 'resting') return pieces[0]?.id;
    const group = groups.findIndex((g) => g.includes(student));
    return (
      things.find((t) => t.id === `field:home-${group + 1}`)?.id ??
      things.find((t) => t.id === `field:hoop-${group + 1}`)?.id ??
      pieces[0]?.id
    );
  },
  board: openFloorBoard,
  results: openFloorResults,
  stages: ({ stages }) => stages,
  stagesMet: stagesReached,
  clockEvents: (segment, _, setup) => openFloorClock(segment, setup),
});
