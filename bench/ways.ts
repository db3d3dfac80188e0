import { LESSONS } from '../src/content/demo.ts';
import { demoDesk } from '../src/content/desk.fixture.ts';
import { fitUnweighed } from '../src/core/fit/fit.ts';
import type { FitInput } from '../src/core/fit/fitted.ts';
import { searchWays } from '../src/core/fit/ways.ts';
import type { Attendance } from '../src/core/model/period.ts';
import { fixed, measure } from './measure.ts';

/** How long the ways of each game block take for the class of 31 with three absent, against as many fits of the plan as it stands. */
export function benchWays(): void {
  console.log('  block                 tried  kept     ways   plain fits  ways/plain');
  for (const lesson of Object.values(LESSONS)) {
    const base = demoDesk({ lesson });
    const entries = Object.fromEntries(base.students.slice(0, 3).map((s) => [s.id, { status: 'absent' as const, role: 'away' as const }]));
    const input: FitInput = { ...base, attendance: { entries } as Attendance };
    for (const block of lesson.blocks.filter((b) => b.game)) {
      let tried = 0;
      let kept = 0;
      const ways = measure(3, () => {
        const search = searchWays(input, block.id);
        let step = search.next();
        while (!step.done) step = search.next();
        ({ tried } = step.value);
        kept = step.value.ways.length;
      });
      const plain = measure(3, () => {
        for (let i = 0; i < tried; i++) fitUnweighed(input);
      });
      console.log(
        `  ${block.title.padEnd(20)} ${String(tried).padStart(6)} ${String(kept).padStart(5)} ${fixed(ways.median).padStart(6)} ms ${fixed(plain.median).padStart(9)} ms ${fixed(ways.median / plain.median, 1).padStart(11)}`,
      );
    }
  }
}
