import { defineFormat } from '../format.ts';
import { parseValues } from '../setting.ts';
import { tournamentAsks } from './asks.ts';
import { tournamentBoard, tournamentResults } from './board.ts';
import { tournamentCard, tournamentRuleCard } from './card.ts';
import { tournamentChecks } from './checks.ts';
import { tournamentGear } from './gear.ts';
import { tournamentGroups } from './group.ts';
import { tournamentIdeas } from './ideas.ts';
import { tournamentLayout } from './layout.ts';
import { tournamentRules } from './play.ts';
import { tournamentSettings } from './settings.ts';
import { TournamentGame, TournamentValues } from './setup.ts';
import { simulateTournament, tournamentForecast } from './simulate.ts';
import { tournamentPlays, tournamentSpan, tournamentTimeline } from './timeline.ts';

/** Short matches of small teams over courts by one clock, with a table. */
export const tournament = defineFormat({
  id: 'tournament',
  parseSetup: (setup) => TournamentGame.parse(setup),
  settings: tournamentSettings,
  parseValues: (values) => parseValues(TournamentValues, values),
  group: tournamentGroups,
  layout: tournamentLayout,
  span: tournamentSpan,
  timeline: tournamentTimeline,
  canBePlace: false,
  plays: tournamentPlays,
  gear: tournamentGear,
  checks: tournamentChecks,
  ideas: tournamentIdeas,
  asks: tournamentAsks,
  card: tournamentCard,
  rules: tournamentRuleCard,
  play: tournamentRules,
  simulate: simulateTournament,
  forecast: tournamentForecast,
  tries: 'block',
  spotOf: (place) => (place === 'waiting' ? 'court-1' : place),
  board: tournamentBoard,
  results: tournamentResults,
});
