import { describe, expect, it } from 'vitest';
import { LESSONS } from '../../content/demo.ts';
import { demoAttendance, demoDesk } from '../../content/desk.fixture.ts';
import { fitUnweighed } from '../fit/fit.ts';
import { RunEvent } from '../model/run.ts';
import { everyoneIn } from '../play/playRules.ts';
import { seededRng } from '../rng.ts';
import { foldRun, followRun } from './foldRun.ts';
import { freeze } from './freeze.ts';
import { stepsOf } from './runFold.ts';
import type { RunPlan } from './runPlan.ts';
import { whoIsWhere } from './whoIsWhere.ts';

const START = 1_700_000_000_000;
const away = demoDesk().students[2].id;
const attendance = { ...demoAttendance('p'), entries: { [away]: { status: 'absent' as const, role: 'away' as const } } };
const planOf = (lesson: keyof typeof LESSONS): RunPlan => {
  const input = demoDesk({ attendance, lesson: LESSONS[lesson] });
  return JSON.parse(JSON.stringify(freeze(input, fitUnweighed(input))));
};
const mills = planOf('mills');
const courts = planOf('bells');

let made = 0;
const event = (type: string, seconds: number, fields: object = {}): RunEvent =>
  RunEvent.parse({ id: `e${++made}`, type, at: START + Math.round(seconds * 1000), ...fields });
const game = (plan: RunPlan) => plan.blocks.find((b) => b.game)!;
const workFrom = (plan: RunPlan) => {
  const steps = stepsOf(plan);
  return steps
    .slice(
      0,
      steps.findIndex((s) => s.segment.kind === 'work'),
    )
    .reduce((sum, s) => sum + s.seconds, 0);
};
const at = (plan: RunPlan, seconds: number, log: RunEvent[] = []) => foldRun(plan, START, log, START + seconds * 1000);
const everyone = (plays: ReturnType<typeof at>['plays'][string]) => plays.flatMap(({ view }) => everyoneIn(view));
const play = (plan: RunPlan, seconds: number, inner: object, index?: number) =>
  event('play', seconds, { blockId: game(plan).id, event: inner, ...(index === undefined ? {} : { play: index }) });

describe('a run that is followed', () => {
  /** A log of every kind of event in which some come late, some are struck and some replaced. */
  function randomLog(plan: RunPlan, seed: number): RunEvent[] {
    const random = seededRng(seed);
    const ids = Object.keys(plan.names);
    const log: RunEvent[] = [];
    let t = 0;
    for (let i = 0; i < 60; i++) {
      t += random.below(70);
      const player = ids[random.below(ids.length)];
      const since = START + random.below(t + 1) * 1000;
      const target = log[random.below(log.length)]?.id ?? 'none';
      const kinds = [
        () => event('pause', t),
        () => event('resume', t),
        () => event('resume', t),
        () => event('skip', t),
        () => event('adjust', t, { seconds: random.below(41) - 20 }),
        () => play(plan, t, { type: 'points', group: random.below(9), points: 1 }),
        () => play(plan, t, { type: 'error', position: 1 + random.below(4) }, random.below(3)),
        () => play(plan, t, { type: 'box', player, why: '', release: 'rest', seconds: random.below(90) }),
        () => event('presence', t, { student: player, status: 'absent', role: 'away' }),
        () => event('presence', t, { student: player, status: 'late', role: 'plays' }),
        () => event('strike', t, { target }),
        () => event('replace', t, { target, event: { type: 'points', group: 1, points: 2 } }),
        () => event('play', t, { blockId: game(plan).id, since, event: { type: 'points', group: 0, points: 1 } }),
        () => event('note', t, { text: 'x' }),
      ];
      log.push(kinds[random.below(kinds.length)]());
    }
    return log;
  }

  it.each([
    ['stations', mills],
    ['courts', courts],
  ])('shows what the whole log folds to, event by event and tick by tick: %s', (_, plan) => {
    for (let seed = 1; seed <= 4; seed++) {
      const log = randomLog(plan, seed);
      const follow = followRun(plan, START);
      const random = seededRng(seed + 50);
      for (let i = 0; i <= log.length; i++) {
        const seen = log.slice(0, i);
        let now = (seen.at(-1)?.at ?? START) + random.below(20_000);
        for (let tick = 0; tick < 3; tick++) {
          expect(follow(seen, now), `seed ${seed}, ${i} events`).toEqual(foldRun(plan, START, seen, now));
          // Now and then the clock is set back a little, as when the server tells the time.
          now += random.below(40_000) - 5_000;
        }
      }
    }
  });

  it('follows another order of the log, and a log that got shorter', () => {
    const log = [play(mills, 700, { type: 'points', group: 2, points: 1 }), event('skip', 710), event('pause', 720)];
    const follow = followRun(mills, START);
    const orders = [log, [log[1], log[0], log[2]], log.slice(0, 1), [], log];
    for (const order of orders) expect(follow(order, START + 800_000)).toEqual(foldRun(mills, START, order, START + 800_000));
  });
});

describe('a student who sits out', () => {
  const from = workFrom(courts);
  const [player] = at(courts, from + 5).plays[game(courts).id][0].view.places['1'];
  const box = play(courts, from + 5, { type: 'box', player, why: '', release: 'rest', seconds: 10 }, 0);
  const places = (seconds: number, log = [box]) => at(courts, seconds, log).plays[game(courts).id][0];

  it('is back after ten seconds without any event', () => {
    expect(places(from + 14.9).view.places.box).toEqual([player]);
    expect(places(from + 15).view.places.box).toBeUndefined();
    expect(places(from + 15).view.waiting.at(-1)).toBe(player);
  });

  it('does not come back sooner for a hold: its seconds do not count', () => {
    const held = [box, event('pause', from + 8)];
    expect(places(from + 60, held).view.places.box).toEqual([player]);
    const on = [...held, event('resume', from + 68)];
    expect(places(from + 74.9, on).view.places.box).toEqual([player]);
    expect(places(from + 75, on).view.places.box).toBeUndefined();
  });

  it('says until which second of the block', () => {
    const { box: boxed, at: second } = places(from + 7);
    expect(boxed[0].until! - second).toBeCloseTo(8);
  });
});

describe('presence while a lesson runs', () => {
  const from = workFrom(courts);
  const id = game(courts).id;
  const leaver = at(courts, from + 5).plays[id][1].view.places['2'][0];

  it('takes a student who leaves out of the play that holds them, and puts a latecomer into the smallest', () => {
    const gone = event('presence', from + 10, { student: leaver, status: 'absent', role: 'away' });
    const { plays } = at(courts, from + 11, [gone]);
    expect(everyone(plays[id])).not.toContain(leaver);
    const sizes = plays[id].map((p) => everyone([p]).length);
    const late = event('presence', from + 20, { student: away, status: 'late', role: 'plays' });
    const after = at(courts, from + 21, [gone, late]).plays[id].map((p) => everyone([p]));
    expect(after[sizes.indexOf(Math.min(...sizes))]).toContain(away);
    expect(after.flat().length).toBe(sizes.reduce((a, b) => a + b, 0) + 1);
  });

  it('holds from the start of every later block, also when said before it began', () => {
    const early = event('presence', 5, { student: leaver, status: 'absent', role: 'away' });
    const late = event('presence', 6, { student: away, status: 'late', role: 'plays' });
    const there = everyone(at(courts, from + 5, [early, late]).plays[id]);
    expect(there).not.toContain(leaver);
    expect(there.filter((p) => p === away)).toHaveLength(1);
  });

  it('knows the frozen class alone', () => {
    const stranger = event('presence', from + 10, { student: 'nobody-known', status: 'late', role: 'plays' });
    expect(at(courts, from + 30, [stranger]).plays).toEqual(at(courts, from + 30).plays);
  });

  it('lists every student once: playing with the play that holds them, sitting out with the time left, or out', () => {
    const gone = event('presence', from + 10, { student: leaver, status: 'absent', role: 'away' });
    const boxed = at(courts, from + 5).plays[id][0].view.places['1'][0];
    const box = play(courts, from + 11, { type: 'box', player: boxed, why: '', release: 'rest', seconds: 30 }, 0);
    const { playing, sittingOut, out } = whoIsWhere(courts, at(courts, from + 21, [gone, box]));
    expect(sittingOut).toEqual([{ student: boxed, play: 0, release: 'rest', secondsLeft: 20 }]);
    expect(out.sort()).toEqual([away, leaver].sort());
    expect([...playing.map((p) => p.student), boxed, ...out].sort()).toEqual(Object.keys(courts.names).sort());
    const before = whoIsWhere(courts, at(courts, 5, [event('presence', 4, { student: away, status: 'late', role: 'plays' })]));
    expect(before.out, 'before the first game').toEqual([]);
  });

  it('is undone like anything else', () => {
    const gone = event('presence', from + 10, { student: leaver, status: 'absent', role: 'away' });
    const { undoable, ...struck } = at(courts, from + 30, [gone, event('strike', from + 12, { target: gone.id })]);
    const { undoable: _, ...never } = at(courts, from + 30);
    expect(struck).toEqual(never);
    expect(undoable).toEqual([]);
  });
});
