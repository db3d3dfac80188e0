import { describe, expect, it } from 'vitest';
import { GRADE_5A } from '../../content/demo.ts';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { HOME_MADE } from '../../content/homeMade.ts';
import type { AdaptationFor } from '../model/adaptation.ts';
import type { StudentPrivate } from '../model/student.ts';
import { adaptLesson, type PlacePlan } from './adaptLesson.ts';
import { fitUnweighed } from './fit.ts';
import type { FitInput } from './fitted.ts';

const [first, second] = GRADE_5A.students;

/** The demo class in a game; the first students with these supports, everyone else with none. */
function adapted(
  game: string,
  supports: readonly StudentPrivate['supports'][],
  more: Partial<FitInput> = {},
  chosen: AdaptationFor[] = [],
) {
  const ratings = GRADE_5A.ratings.map((r, i) => ({
    ...r,
    supports: supports[i] ?? [],
    limits: undefined,
    wishes: undefined,
    refined: undefined,
  }));
  const input = demoDesk({ lesson: lessonWith(game), ratings, ...more });
  return adaptLesson({ fitted: fitUnweighed(input), input, adults: [{ id: 'ask' }], homeMade: HOME_MADE, chosen });
}
const changed = (plans: readonly PlacePlan[]) => plans.filter((p) => p.dials.some((d) => d.cost > 0));

describe('a lesson for all', () => {
  it('has a cell for each student with supports in each game, none for the others', () => {
    const { cells } = adapted('nine-mills', [[{ kind: 'blind' }], [{ kind: 'noise', degree: 1 }]]);
    expect(cells.map((c) => [c.student, c.state])).toEqual([
      [first.id, 'open'],
      [second.id, 'fits'],
    ]);
  });

  it('plans each station for the time when the group is there, in the order of time, and takes one thing around', () => {
    const [{ plans }] = adapted('nine-mills', [[{ kind: 'blind' }]]).cells;
    expect(plans).toHaveLength(9);
    expect(new Set(plans.map((p) => p.place)).size).toBe(9);
    for (let i = 1; i < plans.length; i++) expect(plans[i].from).toBeGreaterThanOrEqual(plans[i - 1].until);
    const balls = changed(plans).filter((p) => p.dials.some((d) => d.uses?.some((u) => u.gearId === 'gear-21')));
    expect(balls.length).toBeGreaterThan(1);
  });

  it('is adapted once every change is in use, and open again when what it takes is gone', () => {
    const supports = [[{ kind: 'blind' as const }]];
    const [{ plans, student, block }] = adapted('nine-mills', supports).cells;
    const chosen = changed(plans).map(
      (p): AdaptationFor => ({ student, block, place: p.place, accepted: p.dials as AdaptationFor['accepted'], refused: [] }),
    );
    const [after] = adapted('nine-mills', supports, {}, chosen).cells;
    expect(after.state).toBe('adapted');
    expect(changed(after.plans).map((p) => p.dials.map((d) => d.to))).toEqual(changed(plans).map((p) => p.dials.map((d) => d.to)));
    const cupboard = demoDesk().cupboard.filter((g) => g.id !== 'gear-21');
    const [gone] = adapted('nine-mills', supports, { cupboard }, chosen).cells;
    expect(gone.state).toBe('open');
    const lost = gone.plans.filter((p) => p.conflicts.some((c) => c.code === 'accepted-not-there'));
    expect(lost.length).toBeGreaterThan(0);
    for (const plan of lost) expect(plan.isAccepted).toBe(false);
  });

  it('refuses at one place what it may propose at another', () => {
    const supports = [[{ kind: 'blind' as const }]];
    const [{ plans, student, block }] = adapted('nine-mills', supports).cells;
    const [one, other] = changed(plans).filter((p) => p.dials.some((d) => d.to === 'sounding-object'));
    const chosen: AdaptationFor[] = [{ student, block, place: one.place, accepted: null, refused: [{ to: 'sounding-object', why: '' }] }];
    const [after] = adapted('nine-mills', supports, {}, chosen).cells;
    const codes = (place: string | undefined) => after.plans.find((p) => p.place === place)!.dials.map((d) => d.to);
    expect(codes(one.place)).not.toContain('sounding-object');
    expect(codes(other.place)).toContain('sounding-object');
  });

  it('counts attendance for the day: light activity, no suitable shoes', () => {
    const entries = { [first.id]: { status: 'light', role: 'light' }, [second.id]: { status: 'no-shoes', role: 'plays' } };
    const attendance = { kind: 'attendance', version: 1, schoolId: 'home', revision: 1, periodId: 'period-of-tests', entries } as never;
    const { cells } = adapted('wind-and-leaves', [], { attendance });
    expect(cells.map((c) => c.student).sort()).toEqual([first.id, second.id].sort());
    for (const { plans } of cells) expect(plans[0].dials.length).toBeGreaterThan(0);
  });

  it('asks again once a day has passed, and lifts nothing by itself', () => {
    const { conflicts, cells } = adapted('bridge-run', [[{ kind: 'no-jump', until: '2026-09-06' }]]);
    expect(conflicts).toContainEqual(expect.objectContaining({ code: 'date-passed', at: { student: first.id, support: 'no-jump' } }));
    const later = adapted('bridge-run', [[{ kind: 'no-jump', until: '2026-09-08' }]]);
    expect(later.conflicts).toEqual([]);
    expect(cells.map((c) => c.plans.map((p) => p.exceeds))).toEqual(later.cells.map((c) => c.plans.map((p) => p.exceeds)));
  });

  it('asks about a note that came with the roster, whoever has one, without its words', () => {
    const ratings = demoDesk().ratings.map((r) => ({ ...r, supports: [], ...(r.studentId === second.id && { toSort: 'marked words' }) }));
    const { cells, conflicts } = adapted('bridge-run', [], { ratings });
    expect(cells).toEqual([]);
    expect(conflicts).toEqual([{ code: 'note-to-sort', weight: 'caution', at: { student: second.id }, data: {} }]);
  });

  it('names a gap where gear may have latex, and closes it once its label was read', () => {
    const supports = [[{ kind: 'latex' as const }]];
    const [{ state, plans }] = adapted('weather-round', supports).cells;
    expect(state).toBe('gap');
    expect(plans.flatMap((p) => p.gaps).map((g) => [g.demand, g.needs])).toEqual([['touch-latex', ['latex-free-gear']]]);
    const cupboard = demoDesk().cupboard.map((g) => (g.gearKind === 'mat' ? { ...g, latex: 'no' as const } : g));
    expect(adapted('weather-round', supports, { cupboard }).cells[0].state).toBe('fits');
  });

  it('plans a chase for each role that a student has, each with what that role asks', () => {
    const [{ plans }] = adapted('wind-and-leaves', [[{ kind: 'wheelchair' }, { kind: 'slow-tracking', degree: 2 }]]).cells;
    expect(plans.map((p) => p.role).sort()).toEqual(['hunter', 'runner']);
    expect(plans.map((p) => p.place)).toEqual(plans.map((p) => p.role));
    const [hunter, runner] = ['hunter', 'runner'].map((role) => plans.find((p) => p.role === role)!);
    expect(hunter.purpose).toContain('chase');
    expect(runner.purpose).toContain('dodge-or-flee');
    const choice: AdaptationFor = {
      ...{ student: first.id, block: hunter.block, place: 'hunter', refused: [] },
      accepted: hunter.dials as AdaptationFor['accepted'],
    };
    const [after] = adapted('wind-and-leaves', [[{ kind: 'wheelchair' }, { kind: 'slow-tracking', degree: 2 }]], {}, [choice]).cells;
    expect(after.plans.filter((p) => p.isAccepted).map((p) => p.role)).toEqual(['hunter']);
  });

  it('keeps a choice of before games were planned by role, for every role', () => {
    const supports = [[{ kind: 'wheelchair' as const }]];
    const [{ plans }] = adapted('wind-and-leaves', supports).cells;
    const old: AdaptationFor = {
      ...{ student: first.id, block: plans[0].block, refused: [] },
      accepted: plans[0].dials as AdaptationFor['accepted'],
    };
    const [after] = adapted('wind-and-leaves', supports, {}, [old]).cells;
    expect(after.plans.map((p) => p.isAccepted)).toEqual([true, true]);
    const refused: AdaptationFor = {
      student: first.id,
      block: plans[0].block,
      place: 'hunter',
      accepted: null,
      refused: [{ to: 'room-around', why: '' }],
    };
    const [both] = adapted('wind-and-leaves', supports, {}, [old, refused]).cells;
    expect(both.plans.filter((p) => p.isAccepted).map((p) => p.role)).toEqual(['runner']);
  });
});
