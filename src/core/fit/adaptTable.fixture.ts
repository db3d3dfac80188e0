import { DEMO_CUPBOARD } from '../../content/cupboard.ts';
import { GAMES } from '../../content/games.ts';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import type { Game } from '../model/game.ts';
import type { AdaptStudent, SupportKind } from '../model/support.ts';
import { seededRng } from '../rng.ts';
import { CLASS, ROOM } from './fitForAll.fixture.ts';
import { fitForAll } from './fitForAll.ts';

/** Thirty profiles of one student: every kind of support that changes a demand much, alone or as it often comes. */
export const PROFILES: readonly (readonly SupportKind[])[] = [
  ['plays-seated'],
  ['wheelchair'],
  ['power-chair', 'weak-swing'],
  ['walker'],
  ['crutches'],
  ['artificial-limb'],
  ['stands-with-support'],
  ['balance'],
  ['one-handed'],
  ['weak-grip'],
  ['wheelchair', 'weak-grip'],
  ['short-reach'],
  ['low-vision'],
  ['blind'],
  ['sees-one-side'],
  ['hard-of-hearing'],
  ['deaf', 'signs'],
  ['speaks-by-device'],
  ['slow-tracking'],
  ['one-step'],
  ['cards'],
  ['stops-late'],
  ['mouths-things'],
  ['stamina'],
  ['noise', 'crowd'],
  ['touch'],
  ['waiting'],
  ['losing'],
  ['latex'],
  ['no-jump', 'no-jolt'],
  ['no-roll', 'no-head-down'],
  ['light-activity'],
];

/** Forty pairs of profiles, drawn by a fixed seed. */
export const PAIRS: readonly (readonly [number, number])[] = (() => {
  const random = seededRng(40);
  return Array.from({ length: 40 }, () => [random.below(PROFILES.length), random.below(PROFILES.length)] as const);
})();

const BAND = '4-5';
const students = (profiles: readonly number[]): AdaptStudent[] =>
  profiles.map((p, i) => ({ id: `s${i}`, supports: PROFILES[p].map((kind) => ({ kind })) }));

/** A game with one or two students with supports in a class of a dozen others, the demo's closet, one adult. */
export function solveCase(game: Game, profiles: readonly number[], gear: readonly unknown[] = DEMO_CUPBOARD) {
  const some = students(profiles);
  const players = [...some.map((s) => s.id), ...CLASS].map((id) => ({ id }));
  return fitForAll({
    students: some,
    blocks: [{ id: 'block', game, band: BAND, players, from: 0, until: 600 }],
    ...{ gear, adults: [{ id: 'adult' }], room: ROOM, kinds: GEAR_CATALOGUE },
    facts: { block: { boutSeconds: 40 } },
  });
}

export interface TableRow {
  game: string;
  cases: number;
  untouched: number;
  planned: number;
  gaps: number;
  kept: number;
}

/** Every game against every profile and every pair: how many plans keep the purpose, how many gaps are named. */
export function adaptTable(games: readonly Game[] = GAMES): TableRow[] {
  return games.map((game) => {
    const row: TableRow = { game: game.title, cases: 0, untouched: 0, planned: 0, gaps: 0, kept: 0 };
    for (const profiles of [...PROFILES.map((_, i) => [i]), ...PAIRS]) {
      const { plans, gaps } = solveCase(game, profiles);
      for (const plan of plans) {
        row.cases++;
        const isGap = gaps.some((g) => g.student === plan.student);
        if (isGap) row.gaps++;
        else if (plan.dials.length === 0) row.untouched++;
        else row.planned++;
        if (plan.keepsPurpose) row.kept++;
      }
    }
    return row;
  });
}
