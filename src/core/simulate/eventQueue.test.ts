import { describe, expect, it } from 'vitest';
import { seededRng } from '../rng.ts';
import { eventQueue } from './eventQueue.ts';

describe('an event queue', () => {
  it('gives the earliest first, those of one second as they were put in, as a stable sort does', () => {
    const random = seededRng(3);
    for (let run = 0; run < 20; run++) {
      const all = Array.from({ length: random.below(200) }, (_, i) => ({ at: random.below(15), what: i }));
      const queue = eventQueue<number>();
      const taken: number[] = [];
      all.forEach(({ at, what }, i) => {
        queue.put(at, what);
        if (i % 7 === 6) queue.put(99, -1);
      });
      for (let next = queue.take(); next && next.at < 99; next = queue.take()) taken.push(next.what);
      expect(taken).toEqual([...all].sort((a, b) => a.at - b.at).map(({ what }) => what));
    }
  });
  it('is empty at the end', () => expect(eventQueue().take()).toBeUndefined());
});
