import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { circleAsks } from './asks.ts';
import { circleBoard, circleResults } from './board.ts';
import { circleCard, circleRuleCard } from './card.ts';
import { circleChecks } from './checks.ts';
import { circleGear } from './gear.ts';
import { circleGroups } from './group.ts';
import { circleIdeas } from './ideas.ts';
import { circleLayout } from './layout.ts';
import { circleRules } from './play.ts';
import { circleSettings, circleUnused } from './settings.ts';
import { CircleGame, CircleValues } from './setup.ts';
import { circleForecast, simulateCircle } from './simulate.ts';
import { circlePlays, circleSpan, circleTimeline } from './timeline.ts';

/** The whole group around one cloth or ring: sequences, chains, a barrier, crews, a leader. */
export const circle = defineFormat({
  id: 'circle',
  parseSetup: (setup) => CircleGame.parse(setup),
  settings: circleSettings,
  parseValues: (values) => parseValues(CircleValues, { ...circleUnused(['object']), ...(values as object) }),
  group: circleGroups,
  layout: circleLayout,
  span: circleSpan,
  timeline: circleTimeline,
  plays: circlePlays,
  gear: circleGear,
  checks: circleChecks,
  ideas: circleIdeas,
  asks: circleAsks,
  card: circleCard,
  rules: circleRuleCard,
  play: circleRules,
  rolesIn(setup): Record<string, readonly string[]> {
    if (setup.mode === 'crews') return { taker: setup.takers, rescuer: setup.rescuers };
    if (setup.mode === 'leader') return { leader: setup.players.slice(0, 1) };
    return setup.mode === 'keep-up' && setup.centre ? { centre: [setup.centre] } : {};
  },
  simulate: simulateCircle,
  forecast: circleForecast,
  spotOf(_, play, { groups, pieces }, student) {
    // One play for all circles: everyone stands in their own group's.
    const ring = groups.findIndex((g) => g.includes(student));
    const isOne = pieces.length === groups.length && ring >= 0;
    return `ring-${(isOne ? ring : play) + 1}`;
  },
  board: circleBoard,
  results: circleResults,
});
