import highsLoader from 'highs';
import { GAMES } from '../src/content/games.ts';
import { GEAR_CATALOGUE } from '../src/content/gearKinds.ts';
import { abilityOf } from '../src/core/adapt/abilityOf.ts';
import { plainBlock } from '../src/core/adapt/block.fixture.ts';
import { matchAll } from '../src/core/adapt/matchAll.ts';
import { minimalSets, type Option } from '../src/core/adapt/minimalSets.ts';
import { openTo, takesOf } from '../src/core/adapt/openTo.ts';
import type { MatchRequest } from '../src/core/adapt/place.ts';
import { type Thing, thingOf } from '../src/core/adapt/things.ts';
import { adaptTable, PROFILES } from '../src/core/fit/adaptTable.fixture.ts';
import { CLASS, gear, ROOM } from '../src/core/fit/fitForAll.fixture.ts';
import { fitForAll } from '../src/core/fit/fitForAll.ts';
import type { Gear } from '../src/core/model/gear.ts';
import { seededRng } from '../src/core/rng.ts';
import { fixed, measure, said } from './measure.ts';

/** Plans for students with supports: the table of every game, a large lesson, and the exact optimum of the same cost on 200 small cases. */
export async function benchAdapt(): Promise<void> {
  console.log('  game                cases  as it is  changed  gaps  purpose kept');
  for (const r of adaptTable())
    console.log(
      `  ${r.game.padEnd(18)} ${String(r.cases).padStart(6)} ${String(r.untouched).padStart(9)} ${String(r.planned).padStart(8)} ${String(r.gaps).padStart(5)} ${fixed((100 * r.kept) / r.cases, 1).padStart(10)}%`,
    );
  large();
  await againstExact();
}

/** 40 students, 8 with supports, 6 blocks, every kind of the catalogue. */
function large(): void {
  const students = [0, 1, 9, 10, 12, 13, 19, 28].map((p, i) => ({ id: `s${i}`, supports: PROFILES[p].map((kind) => ({ kind })) }));
  const players = Array.from({ length: 40 }, (_, i) => ({ id: i < 8 ? `s${i}` : `c${i}`, group: i % 8 }));
  const blocks = GAMES.slice(3, 9).map((game, i) => ({ id: `b${i}`, game, band: '4-5', players, from: i * 400, until: i * 400 + 400 }));
  const closet = GEAR_CATALOGUE.map((k, i) => gear(`g${i}`, k.kind, 1 + (i % 4)));
  const request = { students, blocks, gear: closet, adults: [{ id: 'a' }, { id: 'b' }], room: ROOM, kinds: GEAR_CATALOGUE };
  const taken = measure(12, () => fitForAll(request));
  console.log(
    `  ${players.length} students, ${students.length} with supports, ${blocks.length} blocks, ${closet.length} kinds: ${said(taken)}`,
  );
}

const UNMET = 1000;
const LOST = 200;

/** A small case drawn by chance: two to four students in one block with demands and a few scarce things. */
function smallCase(seed: number): MatchRequest {
  const random = seededRng(seed);
  const pick = <T>(list: readonly T[]) => list[random.below(list.length)];
  const count = 2 + random.below(3);
  const students = Array.from({ length: count }, (_, i) => ({ id: `s${i}`, supports: pick(PROFILES).map((kind) => ({ kind })) }));
  const demands = [
    'stand',
    'travel',
    'grip',
    'swing',
    'track-fast',
    'see-contrast',
    'two-hands',
    'remember-steps',
    'reach',
    'wait',
  ] as const;
  const levels = Object.fromEntries(demands.filter(() => random.below(3) > 0).map((d) => [d, 1 + random.below(3)]));
  const kinds = [
    'bell ball',
    'film balloon',
    'foam paddle',
    'hand glove with face',
    'bright ball',
    'light ball',
    'sounding target',
    'ramp',
  ];
  const things: Thing[] = kinds
    .filter(() => random.below(3) > 0)
    .map((kind) => thingOf(gear(kind.replaceAll(' ', '-'), kind) as unknown as Gear, GEAR_CATALOGUE));
  const facts = plainBlock(['send', 'strike', 'aim']);
  const parts = students.map((s) => ({ student: s.id, levels }));
  return {
    ...{ students, things, adults: [{ id: 'adult' }], accepted: [], refused: [] },
    blocks: [{ facts, parts, classmates: CLASS.slice(0, random.below(3)).map((id) => ({ id })) }],
  };
}

/** Every least set of every student, not only the first few; the exact choice among them by a mixed-integer program. */
async function exactWeight(highs: Awaited<ReturnType<typeof highsLoader>>, request: MatchRequest): Promise<number> {
  const [block] = request.blocks;
  const all: Option[][] = block.parts.map((part, i) => {
    const student = request.students[i];
    const others = request.students.filter((s) => s !== student).map(abilityOf);
    const given = { student, abilities: abilityOf(student), levels: part.levels, block: block.facts, others, refused: new Set<string>() };
    return minimalSets(openTo({ ...given, things: request.things, adults: request.adults }).request, 400);
  });
  const x = (s: number, o: number) => `x${s}_${o}`;
  const limits = new Map<string, { limit: number; terms: string[] }>();
  const stock = (name: string) =>
    name === 'classmate'
      ? block.classmates.length
      : name.startsWith('gear:')
        ? (request.things.find((t) => `gear:${t.id}` === name)?.count ?? 0)
        : 1;
  for (const [s, options] of all.entries())
    for (const [o, option] of options.entries())
      for (const [name, count] of takesOf(option)) {
        const row = limits.get(name) ?? { limit: stock(name), terms: [] };
        row.terms.push(`${count} ${x(s, o)}`);
        limits.set(name, row);
      }
  // Cost alone: wishes are not drawn, and a program wants no negative weight.
  const objective = all.flatMap((options, s) => options.map((option, o) => `${option.weight.toFixed(4)} ${x(s, o)}`)).join(' + ');
  const rows = [
    ...all.map((options, s) => ` one${s}: ${options.map((_, o) => x(s, o)).join(' + ')} = 1`),
    ...[...limits.values()].map(({ limit, terms }, i) => ` cap${i}: ${terms.join(' + ')} <= ${limit}`),
  ];
  const names = all.flatMap((options, s) => options.map((_, o) => x(s, o)));
  const answer = highs.solve(`Minimize\n obj: ${objective}\nSubject To\n${rows.join('\n')}\nBinary\n ${names.join('\n ')}\nEnd`, {
    mip_rel_gap: 0,
  });
  return answer.ObjectiveValue;
}

async function againstExact(): Promise<void> {
  const highs = await highsLoader();
  let same = 0;
  let worst = 0;
  let ours = 0;
  let theirs = 0;
  const CASES = 200;
  for (let seed = 1; seed <= CASES; seed++) {
    const request = smallCase(seed);
    let at = performance.now();
    const { plans, gaps } = matchAll(request);
    ours += performance.now() - at;
    const found =
      plans.reduce(
        (sum, p) =>
          sum + p.dials.filter((d) => d.to !== 'another-task').reduce((s, d) => s + d.cost, 0) + (p.keepsPurpose || p.leaves ? 0 : LOST),
        0,
      ) +
      gaps.length * UNMET;
    at = performance.now();
    const best = await exactWeight(highs, request);
    theirs += performance.now() - at;
    if (found <= best + 0.011) same++;
    worst = Math.max(worst, best > 0 ? found / best - 1 : 0);
  }
  console.log(
    `  against the exact optimum (HiGHS) on ${CASES} small cases: the same in ${same}, at worst ${fixed(100 * worst, 1)}% dearer`,
  );
  console.log(`  time of the exact program: ${fixed(theirs / ours, 1)} × ours`);
}
