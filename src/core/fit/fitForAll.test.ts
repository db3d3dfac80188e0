import { describe, expect, it } from 'vitest';
import { canHit } from '../adapt/compatible.ts';
import { HOUSE_FIGURES } from '../adapt/figures.ts';
import { SUPPORT_KINDS } from '../model/support.ts';
import { block, CLASS, codes, game, gear, solved, student } from './fitForAll.fixture.ts';
import { fitForAll } from './fitForAll.ts';

const RALLY = game({ stand: 1, travel: 2, grip: 2, swing: 2, 'track-fast': 3, reach: 2, 'see-contrast': 2 }, ['strike', 'send', 'aim']);
const CHASE = game({ stand: 1, travel: 3, turn: 2, 'see-contrast': 3, judge: 2, 'bear-touch': 2, 'be-among-many': 2 }, [
  'dodge-or-flee',
  'chase',
  'travel',
  'decide',
]);
const ROLL = game({ 'see-contrast': 2, 'track-slow': 2 }, ['send', 'receive', 'aim']);
const P = ['a', 'b', ...CLASS];

describe('one student', () => {
  it('needs nothing where nothing is exceeded: equal is enough', () => {
    const { plans, gaps, conflicts } = solved({
      students: [student('a', ['latex', 'noise', { kind: 'weak-grip', degree: 1 }])],
      blocks: [block(game({ travel: 3, grip: 2, 'bear-noise': 1 }, ['travel']), P)],
    });
    expect(plans).toHaveLength(1);
    expect(plans[0]).toMatchObject({ dials: [], cautions: [], keepsPurpose: true, leaves: false });
    expect([gaps, conflicts]).toEqual([[], []]);
  });

  it('with a weak grip and heavy bats alone pushes off, told what would keep striking; a foam paddle keeps it', () => {
    const ask = { students: [student('a', ['plays-seated', 'weak-grip'])], blocks: [block(RALLY, P)] };
    const heavy = solved({ ...ask, gear: [gear('bat', 'plastic bat', 20), gear('ball', 'playground ball', 20)] });
    expect(heavy.plans[0].dials.flatMap((d) => d.uses ?? [])).toEqual([]);
    expect(heavy.plans[0].keepsPurpose).toBe(false);
    expect(heavy.conflicts[0]).toMatchObject({ code: 'purpose-lost', data: { lost: ['strike'] } });
    expect(heavy.conflicts[0].data.needs).toContain('lighter-implement');
    const light = solved({
      ...ask,
      gear: [gear('bat', 'plastic bat', 20), gear('foam', 'foam paddle', 4), gear('ball', 'playground ball', 20)],
    });
    expect(light.plans[0].dials.some((d) => d.uses?.some((u) => u.gearId === 'foam'))).toBe(true);
    expect(light.plans[0].keepsPurpose).toBe(true);
  });

  it('with low vision gets a ball that stands out from the floor: yellow on maple does not', () => {
    const ask = {
      students: [student('a', [{ kind: 'low-vision', degree: 2 }])],
      blocks: [block(game({ 'see-contrast': 2 }, ['send', 'receive']), P)],
    };
    const balls = [gear('maple', 'foam ball', 9, { colour: 'yellow' }), gear('deep', 'foam ball', 2, { colour: 'dark blue' })];
    const { plans } = solved({ ...ask, gear: balls });
    expect(plans[0].dials).toMatchObject([{ to: 'brighter-object', uses: [{ gearId: 'deep', count: 1 }] }]);
    const { plans: dull } = solved({ ...ask, gear: balls.slice(0, 1) });
    expect(dull[0].dials.flatMap((d) => d.uses ?? [])).toEqual([]);
    const { plans: dark } = solved({
      ...ask,
      gear: balls,
      room: {
        outline: [
          { x: 0, y: 0 },
          { x: 9, y: 0 },
          { x: 9, y: 9 },
        ],
        floorKind: 'asphalt',
      },
    });
    expect(dark[0].dials[0].uses).toEqual([{ gearId: 'maple', count: 1 }]);
  });

  it('who is blind runs in a chase with a guide, after walking the area, the adult if no classmate is there', () => {
    const ask = { students: [student('a', ['blind'])], adults: [{ id: 'ask' }] };
    const { plans } = solved({ ...ask, blocks: [block(CHASE, P)] });
    expect(plans[0].dials).toMatchObject([{ to: 'partner-guides', peerId: 'b' }]);
    expect(plans[0].cautions).toEqual(expect.arrayContaining(['walk-the-area-first', 'guide-by-the-arm', 'clear-floor']));
    const { plans: alone } = solved({ ...ask, blocks: [block(CHASE, ['a'])] });
    expect(alone[0].dials).toMatchObject([{ to: 'adult-guides', adultId: 'ask' }]);
    expect(alone[0].keepsPurpose).toBe(true);
  });

  it('in a power chair gets gaps as wide as the chair and 0.2 m', () => {
    const { plans } = solved({
      students: [student('a', [{ kind: 'power-chair', widthM: 0.78 }])],
      blocks: [block(CHASE, P, { settings: { gapM: 0.8 } })],
    });
    expect(plans[0].dials).toContainEqual(expect.objectContaining({ to: 'wider-gaps', data: { fromM: 0.8, toM: 0.98 } }));
    expect(plans[0].cautions).toContain('agreed-speed');
    expect(codes(plans[0])).not.toContain('seated');
  });

  it('plays 45 s and rests in a role where bouts are 90 s; a bout of 40 s needs no change', () => {
    const ask = (seconds: number) =>
      solved({
        students: [student('a', [{ kind: 'stamina', seconds: 45, restSeconds: 20 }])],
        blocks: [block(game({ travel: 2, breath: 2 }, ['travel']), P, { settings: { boutSeconds: seconds } })],
      }).plans[0].dials;
    expect(ask(90)).toMatchObject([{ to: 'shorter-bouts', data: { workSeconds: 45, restSeconds: 20 } }]);
    expect(ask(40)).toEqual([]);
  });

  it('who signs or hears poorly gets the signal seen too; who neither sees nor hears it feels it', () => {
    const ask = (kinds: Parameters<typeof student>[1]) =>
      solved({ students: [student('a', kinds)], blocks: [block(game({ 'hear-signal': 2 }, ['travel']), P)] }).plans[0];
    expect(codes(ask(['hard-of-hearing']))).toEqual(['seen-signal']);
    expect(codes(ask(['deaf', 'blind']))).toEqual(['partner-feels-signal']);
  });

  it('standing with a spotter stays their way to play: the spotter first, the chair if the adult is away', () => {
    const { plans } = solved({
      students: [student('a', ['walker', { kind: 'stands-with-support', side: 'left' }])],
      blocks: [block(game({ stand: 3, balance: 1, swing: 1 }, ['strike', 'send']), P)],
      adults: [{ id: 'ask', can: ['spot'] }],
    });
    expect(plans[0].dials).toMatchObject([{ to: 'adult-spots', adultId: 'ask' }]);
    expect(plans[0].cautions).toEqual(
      expect.arrayContaining(['spotter-does-nothing-else', 'spotter-on-the-weaker-side', 'device-in-reach']),
    );
    expect(codes({ dials: plans[0].withoutAdult ?? [] })).toContain('seated');
  });

  it('plays with one hand where an implement wants two, one step at a time over nine stations', () => {
    const one = solved({
      students: [student('a', ['one-handed'])],
      blocks: [block(game({ 'two-hands': 3, grip: 2, swing: 2 }, ['strike', 'send']), P)],
      gear: [gear('mallet', 'mallet', 12), gear('paddle', 'paddle', 6)],
    });
    expect(one.plans[0].dials).toMatchObject([{ to: 'lighter-implement', uses: [{ gearId: 'paddle', count: 1 }] }]);
    const steps = solved({ students: [student('a', ['one-step'])], blocks: [block(game({ 'remember-steps': 3 }, ['travel']), P)] });
    expect(codes(steps.plans[0])).toEqual(['one-step-at-a-time']);
  });
});

describe('limits', () => {
  const BALLOONS = game({ 'touch-latex': 1, 'track-slow': 1 }, ['strike', 'send']);

  it('hold for the whole room: no latex for anyone beside a student who may not touch it', () => {
    const { plans } = solved({
      students: [student('a', ['latex']), student('b', [{ kind: 'slow-tracking', degree: 3 }])],
      blocks: [block(game({ 'touch-latex': 1, 'track-fast': 2 }, ['strike', 'send']), P)],
      gear: [gear('latex', 'balloon', 20), gear('film', 'film balloon', 4), gear('mystery', 'balloon', 4, { latex: 'unknown' })],
    });
    const used = plans.flatMap((p) => p.dials.flatMap((d) => d.uses ?? []).map((u) => u.gearId));
    expect(new Set(used)).toEqual(new Set(['film']));
  });

  it('are a gap that says what it would take, and the student is not in a game that breaks them', () => {
    const { plans, gaps } = solved({
      students: [student('a', ['latex'])],
      blocks: [block(BALLOONS, P)],
      gear: [gear('latex', 'balloon', 20)],
    });
    expect(gaps).toEqual([{ student: 'a', block: 'block', demand: 'touch-latex', needs: ['latex-free-object'] }]);
    expect(plans[0]).toMatchObject({ leaves: true, keepsPurpose: false });
  });

  it('are not lifted by a refinement, a spotter or an adult; the disagreement is told', () => {
    const { plans, conflicts } = solved({
      students: [student('a', ['no-roll'], { refined: { roll: 3 } })],
      blocks: [block(game({ roll: 2 }, ['travel']), P)],
      adults: [{ id: 'ask' }],
    });
    expect(conflicts).toContainEqual(expect.objectContaining({ code: 'limit-holds', at: { student: 'a', demand: 'roll' } }));
    expect(codes(plans[0])).toEqual(['another-way-through']);
  });

  it('keep small things, bells and balloons from a room with somebody who puts things into the mouth', () => {
    const { plans } = solved({
      students: [student('a', ['mouths-things']), student('b', ['blind'])],
      blocks: [block(ROLL, P)],
      gear: [gear('bell', 'bell ball', 2), gear('tiny', 'beeping ball', 1, { diameterM: 0.03 }), gear('big', 'beeping ball', 1)],
    });
    expect(plans[1].dials.flatMap((d) => d.uses ?? [])).toEqual([{ gearId: 'big', count: 1 }]);
  });
});

describe('pieces', () => {
  const { implementG } = HOUSE_FIGURES;
  const thing = (more: object) => ({ id: 't', count: 1, family: 'ball' as const, uses: [], limits: {}, ...more });

  it('work together: a light face with a light object, a narrow face with a large one, the hand with what is light and soft', () => {
    const face = (more: object) => thing({ family: 'striking implement', massG: 150, ...more });
    const figures = { figures: HOUSE_FIGURES };
    expect(canHit(face({ massG: 50 }), thing({ massG: 250 }), figures)).toBe(false);
    expect(canHit(face({ massG: 50 }), thing({ massG: 10 }), figures)).toBe(true);
    expect(canHit(face({ faceWidthM: 0.06 }), thing({ diameterM: 0.17 }), figures)).toBe(false);
    expect(canHit(face({ faceWidthM: 0.06 }), thing({ diameterM: 0.18 }), figures)).toBe(true);
    expect(canHit(face({ limits: { hits: ['balloon'] } }), thing({}), figures)).toBe(false);
    expect(canHit(face({}), thing({ tether: 'in the hand' }), figures)).toBe(false);
    expect(canHit('hand', thing({ massG: 60, firmness: 'soft' }), figures)).toBe(true);
    expect(canHit('hand', thing({ massG: 60, firmness: 'hard' }), figures)).toBe(false);
    expect(implementG).toEqual([120, 220]);
  });

  it('are made if their materials are there, and use those up', () => {
    const { plans } = solved({
      students: [student('a', ['weak-grip'])],
      blocks: [block(RALLY, P)],
      gear: [gear('tube', 'cone', 1)],
      made: [
        {
          ...thing({ family: 'striking implement', uses: ['hit with'], massG: 100, gripMm: 50 }),
          id: 'made',
          homeMade: 'handle',
          materials: [{ gearId: 'tube', count: 1 }],
        },
      ],
    });
    expect(plans[0].dials).toContainEqual(expect.objectContaining({ homeMade: 'handle', uses: [{ gearId: 'tube', count: 1 }] }));
  });
});

describe('input', () => {
  it('is refused with the field where a kind of support or a demand is unknown, an empty closet is none', () => {
    const ask = (s: unknown, demands: Record<string, number> = { stand: 1 }) =>
      fitForAll({ students: [s], blocks: [block(game(demands, ['send']), ['a'])], gear: [], adults: [], room: null });
    expect(() => ask({ id: 'a', supports: [{ kind: 'hovercraft' }] })).toThrow(/invalid students\[0\]\.supports\.0\.kind: "hovercraft"/);
    expect(() => ask(student('a', []), { telepathy: 1 })).toThrow(RangeError);
    expect(() => ask(student('a', []), { stand: 7 })).toThrow(/level: 7/);
    expect(ask(student('a', ['walker'])).plans).toHaveLength(1);
    expect(SUPPORT_KINDS).toHaveLength(54);
  });

  it('in another order, or under other ids in the same order, gives the same plans', () => {
    const kinds = ['blind', 'weak-grip', 'walker', 'noise', 'one-step', 'latex'] as const;
    const students = kinds.map((k, i) => student(`s${i}`, [k]));
    const players = [...students.map((s) => s.id), ...CLASS];
    const things = [gear('rattle', 'rattle ball', 1), gear('foam', 'foam paddle', 1), gear('film', 'film balloon', 2)];
    const ask = {
      blocks: [block(RALLY, players), block(CHASE, players, { id: 'chase', from: 60, until: 120 })],
      gear: things,
      adults: [{ id: 'ask' }],
    };
    const sorted = (r: ReturnType<typeof solved>) => [...r.plans].sort((a, b) => (a.student + a.block < b.student + b.block ? -1 : 1));
    const once = sorted(solved({ ...ask, students }));
    const turned = { ...ask, blocks: ask.blocks.map((b) => ({ ...b, players: [...b.players].reverse() })), gear: [...things].reverse() };
    expect(sorted(solved({ ...turned, students: [...students].reverse() }))).toEqual(once);
    const renamed = (id: string) => `z${id}`;
    const again = solved({
      ...ask,
      students: students.map((s) => ({ ...s, id: renamed(s.id) })),
      blocks: ask.blocks.map((b) => ({ ...b, players: b.players.map((p) => ({ ...p, id: renamed(p.id) })) })),
    });
    expect(JSON.parse(JSON.stringify(sorted(again)).replaceAll('"zs', '"s').replaceAll('"zc', '"c'))).toEqual(once);
  });
});
