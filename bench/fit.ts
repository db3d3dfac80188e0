import { LESSONS } from '../src/content/demo.ts';
import { classOf, demoDesk, period } from '../src/content/desk.fixture.ts';
import { GAMES } from '../src/content/games.ts';
import { fit, fitUnweighed } from '../src/core/fit/fit.ts';
import type { FitInput } from '../src/core/fit/fitted.ts';
import { eightGames, ideaCount, weighEach } from '../src/core/fit/weighEach.fixture.ts';
import { rectPolygon } from '../src/core/geometry/point.ts';
import { Lesson } from '../src/core/model/lesson.ts';
import { newHeader } from '../src/core/model/record.ts';
import { boxOf } from '../src/core/model/shape.ts';
import { StudentPrivate } from '../src/core/model/student.ts';
import { routesAround, widestRoutes } from '../src/core/safety/routes.ts';
import { fixed, measure, said } from './measure.ts';

/** 40 rated students, six blocks, twelve stations (three of them doubled), 60 minutes; one student on wheels if asked for. */
function bigDesk(wheels: boolean): FitInput {
  const plain = (id: string, phase: string) => ({ id, phase, title: id, least: 60, most: 240, weight: 1 });
  const stations = (GAMES[0].setup as { stations: { id: string }[] }).stations.map((s) => s.id);
  const picks = [...stations, ...stations].slice(0, 12);
  const settings = { picks, areaWidthM: 3.4, areaDepthM: 2.6, gapM: 0.8, spacingM: 1.2 };
  const chosen = { gameId: GAMES[0].id, settings, placed: {} };
  const game = { id: 'game', phase: 'game', title: 'Mills', least: 0, most: 7200, weight: 10, game: chosen };
  const before = [plain('arrive', 'arrive'), plain('explain', 'explain'), plain('walk', 'walk')];
  const blocks = [...before, game, plain('water', 'water'), plain('close', 'close')];
  const students = classOf(40);
  const ratings = students.map(({ id, classId }, i) =>
    StudentPrivate.parse({
      ...newHeader('student-private', 2),
      studentId: id,
      classId,
      rating: 1 + (i % 5),
      supports: wheels && i === 3 ? [{ kind: 'power-chair' }] : [],
      ...(i % 9 === 0 ? { tags: ['first-timer'] } : {}),
    }),
  );
  const lesson = Lesson.parse({ ...LESSONS.mills, id: 'big', blocks });
  return demoDesk({ lesson, students, ratings, wishes: [], period: period('10:00', '11:00') });
}

/** The first call, a line of its own: nothing is memoize or compiled yet. */
function coldCall(call: () => unknown): number {
  const from = performance.now();
  call();
  return performance.now() - from;
}

function benchDesk(name: string, base: FitInput): void {
  const cold = coldCall(() => fitUnweighed(base));
  const { pieces } = fitUnweighed(base).blocks.find((b) => b.game)!.game!;
  console.log(`  ${name}: 40 rated students, 6 blocks, ${pieces.length} stations, 60 minutes; cold ${fixed(cold)} ms`);
  const moved = (i: number): FitInput => {
    const lesson = structuredClone(base.lesson);
    lesson.blocks[3].game!.placed[pieces[0].id] = { value: { x: 2 + ((Math.abs(i) * 37) % 499) / 100, y: 3 }, by: 'teacher', pinned: true };
    return { ...base, lesson };
  };
  const resized = (i: number): FitInput => {
    const lesson = structuredClone(base.lesson);
    lesson.blocks[3].game!.settings.areaWidthM = 3 + (Math.abs(i * 7) % 97) / 200;
    return { ...base, lesson };
  };
  const smaller = (i: number): FitInput => ({ ...base, students: base.students.filter((_, s) => s !== Math.abs(i) % 40) });
  const same = measure(40, () => fitUnweighed(base));
  const rows: [string, (i: number) => unknown][] = [
    ['station dragged', (i) => fitUnweighed(moved(i))],
    ['stations resized', (i) => fitUnweighed(resized(i))],
    ['one student away', (i) => fitUnweighed(smaller(i))],
  ];
  console.log(`    ${'same plan (the reference)'.padEnd(36)} ${said(same)}`);
  for (const [what, call] of rows) {
    const taken = measure(40, call);
    console.log(`    ${what.padEnd(36)} ${said(taken)}, ${fixed(taken.median / same.median)} × the same plan`);
  }
  const weighed = measure(20, (i) => fit(moved(i + 60)));
  const naive = measure(5, (i) => weighEach(moved(i + 90)));
  console.log(
    `    ${'dragged, every fix weighed'.padEnd(36)} ${said(weighed)}, ${fixed(weighed.median / naive.median, 2)} of the whole lesson for each idea`,
  );
}

/** Routes to every place: one field patched for each place against a field of its own for each. */
function benchRoutes(input: FitInput): void {
  const { outline } = input.room;
  const game = fitUnweighed(input).blocks.find((b) => b.game)!.game!;
  const places = (i: number) =>
    game.pieces.map((p, k) => {
      const box = boxOf(p.shape);
      return { ...box, x: k ? box.x : box.x + (Math.abs(i) % 30) / 100 };
    });
  const start = { x: 1.8, y: 0.5 };
  const patched = measure(20, (i) => routesAround(outline, [], places(i), start, 1.7));
  const each = measure(5, (i) => {
    const all = places(i + 40);
    return all.map((place, k) =>
      widestRoutes(
        outline,
        all.toSpliced(k, 1).map((p) => rectPolygon(p)),
        start,
        1.7,
      ).widthToArea(rectPolygon(place)),
    );
  });
  console.log(
    `  routes to ${game.pieces.length} places: ${said(patched)}, ${fixed(patched.median / each.median, 3)} of a field for each (${said(each)})`,
  );
}

/** Eight games over the bell: one setting changed and shown, every fix weighed, against planning the whole lesson afresh for every idea. */
function benchEight(): void {
  const base = eightGames();
  const resized = (i: number): FitInput => {
    const lesson = structuredClone(base.lesson);
    lesson.blocks[1].game!.settings.areaWidthM = 3 + (Math.abs(i * 7) % 97) / 200;
    return { ...base, lesson };
  };
  console.log(`  8 games, ${base.lesson.blocks.length} blocks, over the bell, ${ideaCount(base)} ideas`);
  const shown = measure(15, (i) => fitUnweighed(resized(i)));
  const weighed = measure(15, (i) => fit(resized(i + 30)));
  const each = measure(3, (i) => weighEach(resized(i + 60)));
  console.log(`    ${'one setting changed'.padEnd(36)} ${said(shown)}`);
  console.log(
    `    ${'changed, every fix weighed'.padEnd(36)} ${said(weighed)}, ${fixed(each.median / weighed.median)} times as fast as the whole lesson for each idea`,
  );
}

/** How long a re-fit takes, cold and warm, without and with a student on wheels, and with fixes weighed. */
export function benchFit(): void {
  benchDesk('without wheels', bigDesk(false));
  benchDesk('with wheels', bigDesk(true));
  benchRoutes(bigDesk(true));
  benchEight();
}
