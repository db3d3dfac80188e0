import type { BoardAction, BoardMatch, BoardPart, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import { crossOvers, openSlot, slotsOf } from './play.ts';
import { refereesIn } from './schedule.ts';
import type { TournamentPlaySetup } from './setup.ts';
import { type Result, ranked, standingsOf } from './standings.ts';

type Tournaments = readonly Playing<TournamentPlaySetup>[];

/** The most that a team is said to have scored by one tap. */
const MOST = 20;

/** The results so far, as the sheet has them: index of both teams and what each scored. */
const resultsOf = ({ setup, sheet }: Playing<TournamentPlaySetup>): Result[] =>
  Object.values(sheet).map(([a, b, x, y]) => ({ a: setup.teams[a], b: setup.teams[b], score: [x, y] }));

/** The matches that are on and next with their results, and the cross table: a tap on a match, or on a cell, asks for what each scored. */
export function tournamentBoard([playing]: Tournaments): BoardPart[] {
  if (!playing) return [];
  const { setup, view } = playing;
  const results = resultsOf(playing);
  const state = { results, gone: [] };
  const slots = slotsOf(setup, state);
  const open = openSlot(slots, state);
  const now = open < 0 ? Math.max(0, slots.length - 1) : open;
  const found = (a: string, b: string): [number, number] | null => {
    const result = results.find((r) => (r.a === a && r.b === b) || (r.a === b && r.b === a));
    if (!result) return null;
    return result.a === a ? [...result.score] : [result.score[1], result.score[0]];
  };
  const groupOf = (team: string) => setup.teams.indexOf(team);
  const among = Array.from({ length: MOST + 1 }, (_, value) => ({ value }));
  const told = (a: string, b: string): BoardAction => {
    const score = found(a, b);
    return {
      ...{ code: score ? 'correct' : 'result', play: 0, event: { type: 'result', a, b }, enabled: !view.done },
      ask: {
        field: 'score',
        among: [],
        each: [
          { place: a, title: a, group: groupOf(a), among },
          { place: b, title: b, group: groupOf(b), among },
        ],
        chosen: score ? { 0: score[0], 1: score[1] } : {},
      },
    };
  };
  const teamOf = (name: string) => ({ name, group: groupOf(name) });
  const matchesOf = (slot: number): BoardMatch[] =>
    (slots[slot]?.matches ?? []).map(([a, b], court) => ({
      place: `court-${court + 1}`,
      teams: [a, b].map(teamOf),
      score: found(a, b),
      action: told(a, b),
    }));
  const keepers = setup.referees ? (refereesIn(setup.teams, slots)[now] ?? []) : [];
  const table = standingsOf(setup.teams, results, setup.points);
  const order = ranked(setup.teams, results, setup.points, setup.tieBreak);
  const isPair = (a: string, b: string) =>
    slots.some(({ matches }) => matches.some((m) => m.includes(a) && m.includes(b))) ||
    crossOvers(setup, state).some((m) => m.includes(a) && m.includes(b));
  return [
    {
      ...{ part: 'matches', code: 'matches', slot: now + 1, slots: slots.length, now: matchesOf(now), next: matchesOf(now + 1) },
      referees: keepers.map(teamOf),
      resting: (slots[now]?.resting ?? []).filter((name) => !keepers.includes(name)).map(teamOf),
      order: setup.tieBreak.map((by) => `by-${by}`),
      table: order.flatMap((tied, i) =>
        tied.map((name) => ({
          ...{ name, group: groupOf(name), rank: 1 + order.slice(0, i).flat().length },
          ...table[name],
          cells: setup.teams.map((other) =>
            other === name || !isPair(name, other) ? null : { score: found(name, other), action: told(name, other) },
          ),
        })),
      ),
    },
  ];
}

/** Table points of the teams, the first first. */
export function tournamentResults([playing]: Tournaments): { code: string; rows: ResultRow[] } {
  const { setup, view } = playing;
  const order = ranked(setup.teams, resultsOf(playing), setup.points, setup.tieBreak).flat();
  return {
    code: 'table',
    rows: order.map((team) => ({ group: setup.teams.indexOf(team), members: setup.members?.[team] ?? [], value: view.scores[team] })),
  };
}
