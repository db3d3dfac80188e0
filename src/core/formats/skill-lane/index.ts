import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { laneAsks } from './asks.ts';
import { laneAttempts } from './attempts.ts';
import { laneBoard, laneResults } from './board.ts';
import { laneCard, laneRuleCard } from './card.ts';
import { laneFormatChecks } from './checks.ts';
import { laneForecast } from './forecast.ts';
import { laneGear } from './gear.ts';
import { laneGroups } from './group.ts';
import { laneIdeas } from './ideas.ts';
import { laneLayout } from './layout.ts';
import { laneRules } from './play.ts';
import { laneSettings } from './settings.ts';
import { SkillLaneGame, SkillLaneValues } from './setup.ts';
import { simulateLane } from './simulate.ts';
import { lanePlays, laneSpan, laneTimeline } from './timeline.ts';

/** Lanes for one or two, a ladder of steps, tries made or missed with the help they had. */
export const skillLane = defineFormat({
  id: 'skill-lane',
  parseSetup: (setup) => SkillLaneGame.parse(setup),
  settings: laneSettings,
  parseValues: (values) => parseValues(SkillLaneValues, values),
  group: laneGroups,
  layout: laneLayout,
  span: laneSpan,
  timeline: laneTimeline,
  plays: lanePlays,
  gear: laneGear,
  checks: laneFormatChecks,
  ideas: laneIdeas,
  asks: laneAsks,
  card: laneCard,
  rules: laneRuleCard,
  play: laneRules,
  simulate: simulateLane,
  forecast: laneForecast,
  latePlay: ([first], player) => first && { ...first, player, ownSeconds: undefined, lane: undefined, order: undefined, of: undefined },
  tries: 'block',
  spotOf(_, play, { groups }) {
    const ends = groups.map((_, g) => groups.slice(0, g + 1).reduce((sum, m) => sum + m.length, 0));
    const lane = ends.findIndex((end) => play < end);
    const nth = play - (ends[lane - 1] ?? 0);
    return `lane-${lane + 1}:${nth === 0 ? 'stand' : nth === 1 ? 'partner' : 'lane'}`;
  },
  board: laneBoard,
  results: laneResults,
  stages: ({ ladder }) => ladder.map(({ id, title }) => ({ id, title })),
  attempts: laneAttempts,
});
