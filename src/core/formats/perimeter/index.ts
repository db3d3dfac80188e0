import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { wholeClass } from '../wholeClass.ts';
import { perimeterAsks } from './asks.ts';
import { perimeterBoard, perimeterResults } from './board.ts';
import { perimeterCard, perimeterRuleCard } from './card.ts';
import { perimeterChecks } from './checks.ts';
import { perimeterGear } from './gear.ts';
import { perimeterIdeas } from './ideas.ts';
import { perimeterLayout } from './layout.ts';
import { perimeterRules } from './play.ts';
import { PERIMETER_UNUSED, perimeterSettings } from './settings.ts';
import { PerimeterGame, PerimeterValues } from './setup.ts';
import { perimeterForecast, simulatePerimeter } from './simulate.ts';
import { perimeterClock, perimeterPlays, perimeterSpan, perimeterTimeline } from './timeline.ts';

/** Everyone around one way, to a shared hoop at the stop; or two rings against one another. */
export const perimeter = defineFormat({
  id: 'perimeter',
  parseSetup: (setup) => PerimeterGame.parse(setup),
  settings: perimeterSettings,
  parseValues: (values) => parseValues(PerimeterValues, { ...PERIMETER_UNUSED, ...(values as object) }),
  group: wholeClass,
  layout: perimeterLayout,
  span: perimeterSpan,
  timeline: perimeterTimeline,
  canBePlace: false,
  plays: perimeterPlays,
  gear: perimeterGear,
  checks: perimeterChecks,
  ideas: perimeterIdeas,
  asks: perimeterAsks,
  card: perimeterCard,
  rules: perimeterRuleCard,
  play: perimeterRules,
  rolesIn(setup): Record<string, readonly string[]> {
    const { free } = perimeterRules.start(setup).rings;
    return free.length ? { free } : {};
  },
  simulate: simulatePerimeter,
  forecast: perimeterForecast,
  spotOf: (place, _, { pieces }) => (place === 'inner' ? (pieces[1] ?? pieces[0]) : pieces[0])?.id,
  board: perimeterBoard,
  results: perimeterResults,
  clockEvents: perimeterClock,
});
