import { readFileSync, truncateSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { SEED, stream, until } from './budget.ts';
import { School } from './school.ts';

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

describe('a server that is killed', () => {
  it('under load from three lessons has everything that it acknowledged, once', async () => {
    const school = new School();
    const random = stream(SEED);
    await school.start();
    try {
      const runs = await Promise.all(['mills', 'weather', 'orchard'].map((p) => school.run(p)));
      const stop = until(0.25);
      const taken = () => [...school.acknowledged.values()].reduce((sum, ids) => sum + ids.size, 0);
      let kills = 0;
      // On a busy machine little is acknowledged between two kills: it goes on until there is enough to lose.
      for (; kills < 3 || Date.now() < stop || (taken() <= 20 && kills < 40); kills++) {
        let alive = true;
        const load = runs.map(async (run) => {
          while (alive && (await school.tap(run, 1 + Math.floor(random() * 4)))) await pause(random() * 8);
        });
        await pause(30 + random() * 400);
        await school.kill();
        alive = false;
        await Promise.all(load);
        await school.start();
        await school.expectWhole(`kill ${kills}`);
      }
      expect(taken()).toBeGreaterThan(20);
      console.log(`${kills} kills, ${taken()} events acknowledged`);
    } finally {
      await school.end();
    }
  });

  it('starts with everything acknowledged though its journal was cut or flipped at some byte', async () => {
    const school = new School();
    const random = stream(SEED + 1);
    await school.start();
    try {
      const run = await school.run('mills');
      const stop = until(0.15);
      let damages = 0;
      for (; damages < 3 || Date.now() < stop; damages++) {
        for (let i = 0; i < 12; i++) expect(await school.tap(run, 2)).toBe(true);
        await school.kill();
        const file = path.join(school.data, 'runs.jsonl');
        const bytes = readFileSync(file);
        const at = Math.floor(random() * bytes.length);
        if (random() < 0.5) truncateSync(file, at);
        else {
          bytes[at] ^= 1 << Math.floor(random() * 8);
          writeFileSync(file, bytes);
        }
        await school.start();
        await school.expectWhole(`byte ${at} of ${bytes.length}, damage ${damages}`);
      }
      console.log(`${damages} damaged journals`);
    } finally {
      await school.end();
    }
  });
});
