import { describe, expect, it } from 'vitest';
import { block, CLASS, codes, game, gear, solved, student } from './fitForAll.fixture.ts';

const RALLY = game({ stand: 1, travel: 2, grip: 2, swing: 2, 'track-fast': 3, reach: 2, 'see-contrast': 2 }, ['strike', 'send', 'aim']);
const ROLL = game({ 'see-contrast': 2, 'track-slow': 2 }, ['send', 'receive', 'aim']);
const P = ['a', 'b', ...CLASS];

describe('several students', () => {
  it('share the only sounding ball by giving it to one, said, and named plans or gaps for both', () => {
    const ask = {
      students: [student('a', ['blind']), student('b', ['blind'])],
      blocks: [block(ROLL, P)],
      gear: [gear('only', 'beeping ball', 1)],
    };
    const { plans, conflicts } = solved(ask);
    expect(plans.filter((p) => p.dials.some((d) => d.uses?.some((u) => u.gearId === 'only')))).toHaveLength(1);
    expect(codes(plans[0])).toEqual(['sounding-object']);
    expect(conflicts).toContainEqual(
      expect.objectContaining({
        code: 'wanted-twice',
        at: { student: 'b', block: 'block' },
        data: { what: 'gear', id: 'only', has: ['a'] },
      }),
    );
    const given = plans[1].alternatives.find((o) => o.dials.some((d) => d.uses?.length));
    const after = solved({ ...ask, accepted: [{ student: 'b', block: 'block', dials: given!.dials }] });
    expect(codes(after.plans[1])).toEqual(['sounding-object']);
    expect(codes(after.plans[0])).not.toContain('sounding-object');
  });

  it('of different times may have the same thing and the same adult; of the same time never', () => {
    const students = [
      student('a', [{ kind: 'stands-with-support', degree: 3 }]),
      student('b', [{ kind: 'stands-with-support', degree: 3 }]),
    ];
    const standing = game({ stand: 2 }, ['send']);
    const one = (id: string, who: string, from: number) => block(standing, [who, ...CLASS], { id, from, until: from + 60 });
    const adults = [{ id: 'ask', can: ['spot'] as const }];
    const turns = solved({ students, adults, blocks: [one('first', 'a', 0), one('second', 'b', 60)] });
    expect(turns.plans.map((p) => p.dials[0].adultId)).toEqual(['ask', 'ask']);
    const atOnce = solved({ students, adults, blocks: [one('first', 'a', 0), one('second', 'b', 30)] });
    expect(atOnce.plans.filter((p) => p.dials.some((d) => d.adultId))).toHaveLength(1);
    expect(atOnce.conflicts).toContainEqual(expect.objectContaining({ code: 'wanted-twice' }));
  });

  it('are not made worse for one another: no loud ball beside somebody whom noise hurts', () => {
    const ask = (other: Parameters<typeof student>[1]) =>
      solved({
        students: [student('a', ['blind']), student('b', other)],
        blocks: [block(ROLL, P)],
        gear: [gear('bell', 'bell ball', 1), gear('rattle', 'rattle ball', 1)],
      });
    expect(ask([{ kind: 'noise', degree: 2 }]).plans[0].dials[0].uses).toEqual([{ gearId: 'rattle', count: 1 }]);
    expect(ask([{ kind: 'noise', degree: 3 }]).plans[0].dials.flatMap((d) => d.uses ?? [])).toEqual([]);
  });

  it('ask classmates in turn, never the same one twice at once, never one with supports', () => {
    const students = ['a', 'b', 'c00'].map((id) => student(id, [{ kind: 'partner-keeps-track', degree: 3 }]));
    const { plans } = solved({ students, blocks: [block(game({ 'remember-steps': 2 }, ['travel']), P)] });
    const peers = plans.flatMap((p) => p.dials.flatMap((d) => d.peerId ?? []));
    expect(new Set(peers).size).toBe(3);
    for (const id of ['a', 'b', 'c00']) expect(peers).not.toContain(id);
  });
});

describe('what a teacher and a student said', () => {
  const ask = { students: [student('a', ['one-step'])], blocks: [block(game({ 'remember-steps': 3 }, ['travel']), P)] };

  it('is kept: what was accepted stays, what was refused is not proposed again', () => {
    const { plans: first } = solved(ask);
    const other = first[0].alternatives[0];
    const { plans: kept } = solved({ ...ask, accepted: [{ student: 'a', block: 'block', dials: other.dials }] });
    expect(kept[0].dials).toEqual(other.dials);
    const { plans: refused } = solved({ ...ask, refused: [{ student: 'a', block: 'block', to: first[0].dials[0].to }] });
    expect(codes(refused[0])).not.toEqual(codes(first[0]));
    expect(codes(refused[0])).not.toContain(first[0].dials[0].to);
  });

  it('ranks the wish of the student before the cost, and never proposes what they refuse', () => {
    const [wish] = ask.students;
    const liking = solved({ ...ask, students: [{ ...wish, wishes: { likes: ['partner-keeps-track'] } }] });
    expect(codes(liking.plans[0])).toEqual(['partner-keeps-track']);
    const refusing = solved({ ...ask, students: [{ ...wish, wishes: { refuses: ['one-step-at-a-time', 'picture-card'] } }] });
    for (const plan of [refusing.plans[0], ...refusing.plans[0].alternatives])
      expect(codes(plan).filter((c) => c === 'picture-card' || c === 'one-step-at-a-time')).toEqual([]);
  });

  it('is dropped with a word if what it takes is gone, and another plan stands there', () => {
    const rally = { students: [student('a', ['weak-grip'])], blocks: [block(RALLY, P)] };
    const things = [gear('foam', 'foam paddle', 1), gear('glove', 'hand glove with face', 1)];
    const { plans } = solved({ ...rally, gear: things });
    const [used] = plans[0].dials.flatMap((d) => d.uses ?? []);
    const left = things.filter((g) => g.id !== used.gearId);
    const after = solved({ ...rally, gear: left, accepted: [{ student: 'a', block: 'block', dials: plans[0].dials }] });
    expect(after.conflicts).toContainEqual(expect.objectContaining({ code: 'accepted-not-there' }));
    expect(after.plans[0].dials.flatMap((d) => d.uses ?? []).map((u) => u.gearId)).toEqual([left[0].id]);
  });
});

describe('what one change brings', () => {
  it('is not eased by another: nobody deaf gets a sounding ball, whatever signals are seen', () => {
    const { plans, gaps } = solved({
      students: [student('a', ['deaf', { kind: 'low-vision', degree: 3 }])],
      blocks: [block(game({ 'see-contrast': 1, 'hear-signal': 1 }, ['send', 'receive']), P)],
      gear: [gear('bell', 'bell ball', 3)],
    });
    for (const plan of [plans[0], ...plans[0].alternatives]) expect(codes(plan)).not.toContain('sounding-object');
    expect(gaps.length + plans[0].dials.length).toBeGreaterThan(0);
  });

  it('is not at the cost of somebody else: no silent signal in a room with a student who cannot see it', () => {
    const ask = (other: Parameters<typeof student>[1]) =>
      solved({
        students: [student('a', ['noise']), student('b', other)],
        blocks: [block(game({ 'bear-noise': 2 }, ['travel']), P)],
      }).plans[0];
    expect(codes(ask(['balance']))).toEqual(['quiet-signal']);
    expect(codes(ask(['blind']))).not.toContain('quiet-signal');
  });

  it('holds in every block of the room at the time: latex beside it is not taken', () => {
    const swat = game({ 'track-fast': 2 }, ['strike', 'send']);
    const ask = (from: number) =>
      solved({
        students: [student('a', ['latex']), student('b', [{ kind: 'slow-tracking', degree: 3 }])],
        blocks: [
          block(game({ travel: 1 }, ['travel']), ['a', ...CLASS], { id: 'one', from: 0, until: 60 }),
          block(swat, ['b', ...CLASS], { id: 'two', from, until: from + 60 }),
        ],
        gear: [gear('latex', 'balloon', 20), gear('film', 'film balloon', 4)],
      }).plans.find((p) => p.student === 'b')!;
    const used = (plan: ReturnType<typeof ask>) =>
      [plan, ...plan.alternatives].flatMap((p) => p.dials.flatMap((d) => d.uses ?? []).map((u) => u.gearId));
    expect(used(ask(30))).not.toContain('latex');
    expect(used(ask(60))).toContain('latex');
  });
});

describe('from grade 6 on', () => {
  it('balloons come after a change of rule, unless the student likes them', () => {
    const swat = game({ 'track-fast': 2 }, ['strike', 'send']);
    const ask = (band: string, likes: string[] = []) =>
      solved({
        students: [student('a', [{ kind: 'slow-tracking', degree: 3 }], { wishes: { likes } })],
        blocks: [block(swat, P, { band })],
        gear: [gear('film', 'film balloon', 4)],
      }).plans[0];
    expect(codes(ask('2-3'))).toEqual(['slower-object']);
    expect(codes(ask('6-8'))).not.toContain('slower-object');
    expect(codes(ask('6-8', ['slower-object']))).toEqual(['slower-object']);
  });
});

describe('a classmate who was said yes to', () => {
  it('stays, as long as they are there', () => {
    const ask = {
      students: [student('a', [{ kind: 'partner-keeps-track', degree: 3 }])],
      blocks: [block(game({ 'remember-steps': 2 }, ['travel']), P)],
    };
    const [first] = solved(ask).plans[0].dials;
    expect(first.peerId).toBe('b');
    const accepted = [{ student: 'a', block: 'block', dials: [{ ...first, peerId: 'c07' }] }];
    expect(solved({ ...ask, accepted }).plans[0].dials[0].peerId).toBe('c07');
    const without = P.filter((id) => id !== 'c07');
    expect(solved({ ...ask, blocks: [block(game({ 'remember-steps': 2 }, ['travel']), without)], accepted }).plans[0].dials[0].peerId).toBe(
      'b',
    );
  });
});
