import { describe, expect, it } from 'vitest';
import { readOutline } from '../src/core/exchange/outlineFile.ts';
import { damagedPlans } from '../src/core/exchange/planDamage.fixture.ts';
import { SEED, stream } from './budget.ts';
import { nearlyValid, validRequests } from './requests.ts';
import { School } from './school.ts';

const REQUESTS = 3_000;
const PLANS = 1_000;
/** Milliseconds that an answer, or reading a plan, may take: far more than either needs. */
const PATIENCE_MS = 10_000;

describe('requests near valid ones', () => {
  it('are never answered with 500 nor left waiting, and what was acknowledged is there after the next start', async () => {
    const school = new School();
    const random = stream(SEED);
    await school.start();
    try {
      const run = await school.run('orchard');
      const desk = (await (await fetch(`${school.base}/api/lessons/lesson-mills/edits`)).json()) as unknown[];
      const valid = validRequests({ run, revision: desk.length });
      const seen: Record<number, number> = {};
      for (let i = 0; i < REQUESTS; i++) {
        const { method, path, text } = nearlyValid(valid, random);
        const answer = await fetch(`${school.base}/api${path}`, {
          method,
          headers: { 'content-type': 'application/json' },
          body: text,
          signal: AbortSignal.timeout(PATIENCE_MS),
        });
        await answer.arrayBuffer();
        seen[answer.status] = (seen[answer.status] ?? 0) + 1;
        expect(answer.status, `request ${i} of seed ${SEED}: ${method} ${path} ${text?.slice(0, 400)}`).toBeLessThan(500);
        if (i % 50 === 0) expect(await school.tap(run, 2), `after request ${i}`).toBe(true);
      }
      expect(seen[200], 'some of them are right').toBeGreaterThan(REQUESTS / 10);
      expect(seen[400], 'and many wrong').toBeGreaterThan(REQUESTS / 5);
      console.log(
        `${REQUESTS} requests: ${Object.entries(seen)
          .map(([status, n]) => `${status} × ${n}`)
          .join(', ')}`,
      ); // prettier-ignore
      await school.again();
      await school.expectWhole('after the requests');
      for (const path of ['/export?private=yes', '/runs', '/classes', '/lessons/lesson-mills/edits', '/school'])
        expect((await fetch(`${school.base}/api${path}`)).status, path).toBe(200);
    } finally {
      await school.end();
    }
  });
});

describe('damaged plans', () => {
  it('are read or refused with a place, each in a moment', () => {
    let [read, slowest] = [0, 0];
    for (const { name, text } of damagedPlans(PLANS, SEED)) {
      const from = performance.now();
      const outline = readOutline(text, 1);
      slowest = Math.max(slowest, performance.now() - from);
      expect(slowest, name).toBeLessThan(PATIENCE_MS);
      if (outline.ok) read += 1;
      else expect(outline.problem.code, name).toMatch(/^[a-z-]+$/);
    }
    console.log(`${PLANS} plans: ${read} read, ${PLANS - read} refused, the slowest in ${Math.round(slowest)} ms`);
  });
});
