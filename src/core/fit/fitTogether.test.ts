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
