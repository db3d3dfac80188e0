import { describe, expect, it } from 'vitest';
import { RunEvent } from '../../../core/model/run.ts';
import { afterRefusal, afterSuccess, batchOf, FRESH, MOST_CHARACTERS, nextBatch } from './outbox.ts';

const pause = (i: number) => RunEvent.parse({ id: `e${i}`, at: i, type: 'pause' });
const many = (n: number) => Array.from({ length: n }, (_, i) => pause(i));
const refused = (status: number, issues: { path: (string | number)[]; code: string }[] = [], code = 'bad-input') => ({
  status,
  code,
  issues,
});

/** Sends everything to a server that answers by `serve`, as Whistle does; what arrived and what was set aside, by id. */
function sendAll(waiting: RunEvent[], serve: (batch: RunEvent[]) => ReturnType<typeof refused> | undefined) {
  let left = waiting;
  let sending = FRESH;
  const [arrived, aside]: [string[], string[]] = [[], []];
  for (let turn = 0; left.length && turn < 300; turn++) {
    const batch = nextBatch(left, sending);
    const answer = serve(batch);
    const refusal = answer && afterRefusal(batch, answer, sending);
    const gone = refusal?.aside ?? afterSuccess(batch, left, sending);
    if (!answer) arrived.push(...batch.map((e) => e.id));
    sending = refusal?.next ?? FRESH;
    aside.push(...gone.map((a) => a.event.id));
    left = left.filter((e) => !gone.some((a) => a.event === e) && (answer || !batch.includes(e)));
  }
  return { arrived, aside, left: left.length };
}

describe('events on their way to the server', () => {
  it('go in requests that it takes, in order, however many wait', () => {
    const sizes: number[] = [];
    const { arrived, left } = sendAll(many(1234), (batch) => {
      sizes.push(batch.length);
      return batch.length > 500 ? refused(400, [{ path: ['events'], code: 'too-many' }]) : undefined;
    });
    expect(left).toBe(0);
    expect(arrived).toEqual(many(1234).map((e) => e.id));
    expect(Math.max(...sizes)).toBeLessThanOrEqual(500);
  });

  it('fit by size too, and one that is larger than all goes alone', () => {
    const note = (i: number, length: number) => RunEvent.parse({ id: `n${i}`, at: i, type: 'note', text: 'x'.repeat(length) });
    const batch = batchOf(Array.from({ length: 300 }, (_, i) => note(i, 1900)));
    expect(JSON.stringify(batch).length).toBeLessThan(MOST_CHARACTERS + 2000);
    expect(batch.length).toBeGreaterThan(50);
    const giant = {
      ...pause(0),
      type: 'play',
      blockId: 'b',
      event: { type: 'x', text: 'y'.repeat(MOST_CHARACTERS) },
    } as unknown as RunEvent;
    expect(batchOf([giant, pause(1)])).toEqual([giant]);
  });

  it('that are refused are set aside alone, and the rest goes on', () => {
    const bad = new Set(['e7', 'e450', 'e451']);
    const serve = (batch: RunEvent[]) => {
      const issues = batch.flatMap((e, i) => (bad.has(e.id) ? [{ path: ['events', i, 'text'], code: 'characters' }] : []));
      return issues.length ? refused(400, issues) : undefined;
    };
    const { arrived, aside } = sendAll(many(900), serve);
    expect(aside).toEqual(['e7', 'e450', 'e451']);
    expect(arrived).toEqual(many(900).flatMap((e) => (bad.has(e.id) ? [] : [e.id])));
  });

  it('are halved until the one at fault stands alone if the answer names none', () => {
    const serve = (batch: RunEvent[]) => (batch.some((e) => e.id === 'e123') ? refused(413, [], 'too-large') : undefined);
    const { arrived, aside, left } = sendAll(many(400), serve);
    expect([aside, left, arrived.length]).toEqual([['e123'], 0, 399]);
  });

  it('wait while the server is away, busy, full or fails at everything, and are never set aside for that', () => {
    for (const status of [0, 403, 404, 409, 429, 500, 503, 507]) {
      const { arrived, aside, left } = sendAll(many(3), () => refused(status));
      expect([arrived, aside, left], `${status}`).toEqual([[], [], 3]);
    }
  });

  it('get several tries when the server itself fails, and then cost only the one that makes it fail', () => {
    let calls = 0;
    const { arrived, aside, left } = sendAll(many(40), (batch) => {
      calls += 1;
      return batch.some((e) => e.id === 'e9') ? refused(500, [], 'server') : undefined;
    });
    expect([aside, left, arrived.length]).toEqual([['e9'], 0, 39]);
    expect(calls).toBeGreaterThan(4);
    const once = sendAll(many(40), () => (calls++ % 3 ? undefined : refused(500, [], 'server')));
    expect([once.aside, once.left]).toEqual([[], 0]);
  });
});
