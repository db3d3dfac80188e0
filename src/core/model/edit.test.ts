import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LESSONS } from '../../content/demo.ts';
import { editName } from '../words/edits.en.ts';
import { applyEdit, Edit } from './edit.ts';
import { piles, type Step } from './history.ts';
import { type LaidPiece, newLaid } from './laidPiece.ts';
import type { Lesson } from './lesson.ts';

const lesson = LESSONS.orchard;
const ids = [...lesson.blocks.map((b) => b.id as string), 'nobody'];
const block = fc.constantFrom(...ids);
const single = fc.oneof(
  fc.record({ kind: fc.constant('rename'), title: fc.constantFrom('Bell round', 'Two mills') }),
  fc.record({ kind: fc.constant('remove-block'), blockId: block }),
  fc.record({ kind: fc.constant('move-block'), blockId: block, index: fc.integer({ min: 0, max: 6 }) }),
  fc.record({
    kind: fc.constant('insert-block'),
    index: fc.integer({ min: 0, max: 6 }),
    block: fc.record({
      id: fc.constantFrom('new-1', 'new-2', ids[0]),
      phase: fc.constant('water'),
      title: fc.constant('Water'),
      least: fc.constant(60),
      most: fc.constant(120),
      weight: fc.constant(1),
    }),
  }),
  fc.record({ kind: fc.constant('set-block'), blockId: block, patch: fc.record({ least: fc.integer({ min: 0, max: 500 }) }) }),
  fc.record({ kind: fc.constant('set-block'), blockId: block, patch: fc.record({ note: fc.constantFrom('', 'Shoes') }) }),
  fc.record({ kind: fc.constant('set-seconds'), blockId: block, seconds: fc.option(fc.integer({ min: 0, max: 900 })) }),
  fc.record({
    kind: fc.constant('set-setting'),
    blockId: block,
    key: fc.constantFrom('laps', 'gapM'),
    value: fc.option(fc.integer({ min: 1, max: 4 })),
  }),
  fc.record({
    kind: fc.constant('place'),
    blockId: block,
    pieceId: fc.constantFrom('sorting', 'other'),
    at: fc.option(fc.constant({ value: { x: 1, y: 2 }, by: 'teacher', pinned: true })),
  }),
  fc.record({
    kind: fc.constant('lay'),
    blockId: block,
    put: fc.uniqueArray(
      fc
        .record({ id: fc.constantFrom('c1', 'a2', 'b3'), x: fc.integer({ min: 0, max: 9 }) })
        .map(({ id, x }) => newLaid('cone', id, { x, y: 2 })),
      { selector: (p) => p.id, maxLength: 3 },
    ),
    take: fc.uniqueArray(fc.constantFrom('c1', 'a2', 'nothing'), { maxLength: 2 }),
  }),
  fc.record({ kind: fc.constant('set-groups'), blockId: block, groups: fc.option(fc.constant([['s1'], ['s2']])) }),
  fc.record({
    kind: fc.constant('set-locks'),
    blockId: block,
    locks: fc.option(
      fc.record({ students: fc.constantFrom<string[]>([], ['s1'], ['s2', 's1']), groups: fc.constantFrom<number[]>([], [0], [1, 0]) }),
    ),
  }),
  fc.record({ kind: fc.constant('accept'), key: fc.constantFrom('a|b', 'c'), reason: fc.constantFrom('fine', 'small') }),
  fc.record({ kind: fc.constant('unaccept'), key: fc.constantFrom('a|b', 'c') }),
);
const edits = fc.array(
  fc.oneof(single, fc.record({ kind: fc.constant('many'), edits: fc.array(single, { minLength: 1, maxLength: 4 }) })),
  {
    maxLength: 8,
  },
);

describe('applyEdit', () => {
  it('every edit is undone by its inverse, in any order, and a refused one changes nothing', () => {
    let refused = 0;
    let applied = 0;
    fc.assert(
      fc.property(edits, (list) => {
        let now: Lesson = lesson;
        for (const raw of list) {
          const edit = Edit.parse(raw);
          const before = structuredClone(now);
          const result = applyEdit(now, edit);
          expect(now).toEqual(before);
          expect(editName(edit, now)).toBeTruthy();
          if (!result.ok) {
            refused++;
            continue;
          }
          applied++;
          const back = applyEdit(result.lesson, result.inverse);
          if (!back.ok) throw new Error(back.code);
          const order = (l: Lesson) => ({ ...l, accepted: [...l.accepted].sort((a, b) => (a.key < b.key ? -1 : 1)) });
          // A note that was not there comes back as an empty one: the same to everybody who reads it.
          const noted = (l: Lesson) => ({ ...order(l), blocks: l.blocks.map((b) => ({ ...b, note: b.note ?? '' })) });
          expect(noted(back.lesson)).toEqual(noted(now));
          now = result.lesson;
        }
      }),
      { numRuns: 300, seed: 12 },
    );
    expect(applied).toBeGreaterThan(400);
    expect(refused).toBeGreaterThan(100);
  });

  it('says what does not apply', () => {
    const b = lesson.blocks[0].id;
    expect(applyEdit(lesson, { kind: 'place', blockId: b, pieceId: 'x', at: null })).toEqual({
      ok: false,
      code: 'not-a-game',
      path: 'blockId',
    });
    expect(applyEdit(lesson, { kind: 'unaccept', key: 'q' })).toMatchObject({ ok: false, code: 'unknown-key' });
    expect(applyEdit(lesson, { kind: 'set-block', blockId: b, patch: { least: 900, most: 10 } })).toMatchObject({ code: 'bad-field' });
  });
});

describe('piles', () => {
  const step = (revision: number, more: Partial<Step> = {}): Step => ({
    revision,
    name: `e${revision}`,
    undoes: null,
    redoes: null,
    ...more,
  });
  const names = (log: Step[]) => {
    const { undo, redo } = piles(log);
    return [undo.map((s) => s.name).join(' '), redo.map((s) => s.name).join(' ')];
  };
  it('undo carries over, redo carries back, a new edit clears what could be redone', () => {
    const log = [step(1), step(2), step(3, { undoes: 2 })];
    expect(names(log)).toEqual(['e1', 'e2']);
    expect(names([...log, step(4, { undoes: 1 })])).toEqual(['', 'e2 e1']);
    expect(names([...log, step(4, { redoes: 2 })])).toEqual(['e1 e2', '']);
    expect(names([...log, step(4)])).toEqual(['e1 e4', '']);
  });
});

describe('the name of an edit', () => {
  const [game] = lesson.blocks.filter((b) => b.game);
  const cone = (id: string) => newLaid('cone', id, { x: 1, y: 1 });
  const lay = (put: LaidPiece[], take: string[] = []): Edit => ({ kind: 'lay', blockId: game.id, put, take });
  const laidOut = (edit: Edit): Lesson => {
    const applied = applyEdit(lesson, edit);
    if (!applied.ok) throw new Error(applied.code);
    return applied.lesson;
  };
  it('tells pieces by kind and count, or by their own title', () => {
    expect(editName(lay([cone('a'), cone('b'), cone('c')]), lesson)).toBe('add 3 cones');
    expect(editName(lay([{ ...cone('a'), title: 'Gate of the mill' }]), lesson)).toBe('add Gate of the mill');
    expect(editName(lay([cone('a'), newLaid('lane', 'l', { x: 3, y: 3 })]), lesson)).toBe('add 2 pieces');
    const there = laidOut(lay([cone('a'), cone('b')]));
    expect(editName(lay([{ ...cone('a'), x: 4 }]), there)).toBe('move cone');
    expect(editName(lay([], ['a', 'b']), there)).toBe('remove 2 cones');
  });
  it('refuses what cannot be laid and changes nothing', () => {
    const there = laidOut(lay([cone('a')]));
    expect(applyEdit(there, lay([], ['b']))).toMatchObject({ ok: false, code: 'unknown-key' });
    expect(applyEdit(there, lay([cone('a')], ['a']))).toMatchObject({ ok: false, code: 'unknown-key' });
    expect(applyEdit(there, lay([cone('x'), cone('x')]))).toMatchObject({ ok: false, code: 'bad-field' });
    expect(applyEdit(there, { ...lay([cone('x')]), blockId: 'nobody' } as Edit)).toMatchObject({ ok: false, code: 'unknown-block' });
    const full = Array.from({ length: 120 }, (_, i) => cone(`f${i}`));
    expect(applyEdit(there, lay(full))).toMatchObject({ ok: false, code: 'bad-field' });
  });
});
