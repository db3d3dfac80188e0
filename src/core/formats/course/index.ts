import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { courseAsks } from './asks.ts';
import { courseBoard, courseResults } from './board.ts';
import { courseCard, courseRuleCard } from './card.ts';
import { courseChecks } from './checks.ts';
import { courseForecast, courseQuick } from './forecast.ts';
import { courseGear } from './gear.ts';
import { courseGroups } from './group.ts';
import { courseIdeas } from './ideas.ts';
import { courseLayout } from './layout.ts';
import { courseRules } from './play.ts';
import { courseSettings } from './settings.ts';
import { CourseGame, CourseValues } from './setup.ts';
import { simulateCourse } from './simulate.ts';
import { coursePlays, courseSpan, courseTimeline } from './timeline.ts';
import { courseFrames, tryCourse } from './tryOut.ts';

/** One loop of elements in order; laps counted on over rounds and rests. */
export const course = defineFormat({
  id: 'course',
  canBePlace: false,
  parseSetup: (setup) => CourseGame.parse(setup),
  settings: courseSettings,
  parseValues: (values) => parseValues(CourseValues, values),
  group: courseGroups,
  layout: courseLayout,
  span: courseSpan,
  timeline: courseTimeline,
  plays: coursePlays,
  gear: courseGear,
  checks: courseChecks,
  ideas: courseIdeas,
  asks: courseAsks,
  card: courseCard,
  rules: courseRuleCard,
  play: courseRules,
  simulate: simulateCourse,
  forecast: courseForecast,
  quick: courseQuick,
  tryOne: tryCourse,
  frames: courseFrames,
  board: courseBoard,
  results: courseResults,
  // A rest begins when a round ends that another one follows, and ends with it.
  clockEvents: (segment, rounds) =>
    (segment.kind === 'work' && (segment.round ?? 0) < rounds - 1) || segment.code === 'break' ? [{ type: 'bout' }] : [],
});
