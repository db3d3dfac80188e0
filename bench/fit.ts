import { LESSONS } from '../src/content/demo.ts';
import { classOf, demoDesk, period } from '../src/content/desk.fixture.ts';
import { GAMES } from '../src/content/games.ts';
import { fit, fitUnweighed } from '../src/core/fit/fit.ts';
import type { FitInput } from '../src/core/fit/fitted.ts';
import { Lesson } from '../src/core/model/lesson.ts';
import { measure, said } from './measure.ts';

/** 40 students, six blocks, twelve stations (three of them doubled), 60 minutes. */
function bigDesk(): FitInput {
  const plain = (id: string, phase: string) => ({ id, phase, title: id, least: 60, most: 240, weight: 1 });
  const stations = (GAMES[0].setup as { stations: { id: string }[] }).stations.map((s) => s.id);
  const picks = [...stations, ...stations].slice(0, 12);
  const settings = { picks, areaWidthM: 3.4, areaDepthM: 2.6, gapM: 0.8, spacingM: 1.2 };
  const game = {
    id: 'game',
    phase: 'game',
    title: 'Mills',
    least: 0,
    most: 7200,
    weight: 10,
    game: { gameId: GAMES[0].id, settings, placed: {} },
  };
  const blocks = [
    plain('arrive', 'arrive'),
    plain('explain', 'explain'),
    plain('walk', 'walk'),
    game,
    plain('water', 'water'),
    plain('close', 'close'),
  ];
  const students = classOf(40);
  const lesson = Lesson.parse({ ...LESSONS.mills, id: 'big', blocks });
  return demoDesk({ lesson, students, ratings: [], wishes: [], period: period('10:00', '11:00') });
}

/** How long a re-fit takes: the same plan again, a dragged station, another number of laps, a student less; then with fixes weighed. */
export function benchFit(): void {
  const base = bigDesk();
  const { pieces } = fitUnweighed(base).blocks.find((b) => b.game)!.game!;
  console.log(`  40 students, 6 blocks, ${pieces.length} stations, 60 minutes`);
  const moved = (i: number): FitInput => {
    const lesson = structuredClone(base.lesson);
    lesson.blocks[3].game!.placed[pieces[0].id] = { value: { x: 2 + (Math.abs(i) % 50) / 10, y: 3 }, by: 'teacher', pinned: true };
    return { ...base, lesson };
  };
  const resized = (i: number): FitInput => {
    const lesson = structuredClone(base.lesson);
    lesson.blocks[3].game!.settings.areaWidthM = 3 + (Math.abs(i * 7) % 97) / 200;
    return { ...base, lesson };
  };
  const smaller = (i: number): FitInput => ({ ...base, students: base.students.filter((_, s) => s !== Math.abs(i) % 40) });
  const rows: [string, (i: number) => unknown][] = [
    ['same plan', () => fitUnweighed(base)],
    ['station dragged', (i) => fitUnweighed(moved(i))],
    ['stations resized (packed anew)', (i) => fitUnweighed(resized(i))],
    ['one student away (dealt anew)', (i) => fitUnweighed(smaller(i))],
    ['with every fix weighed, station dragged', (i) => fit(moved(i))],
  ];
  for (const [name, call] of rows) console.log(`  ${name.padEnd(42)} ${said(measure(40, call))}`);
}
