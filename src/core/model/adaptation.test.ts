import { describe, expect, it } from 'vitest';
import { AdaptationEdit, choiceFor, choicesAfter, NO_CHOICE } from './adaptation.ts';

const dial = { dial: 'rule', to: 'one-hand-way', data: {}, keeps: [], cost: 7 } as const;
const edit = (student: string, accepted: boolean, more: object = {}) =>
  AdaptationEdit.parse({
    ...{ id: `e-${student}`, name: 'use', lessonRevision: 0, student, block: 'b' },
    after: { accepted: accepted ? [dial] : null, refused: [] },
    ...more,
  });

describe('choices after a log', () => {
  it('are the last for each student, block and place; none where nothing is chosen any more', () => {
    const log = [edit('ada', true), edit('bo', true), edit('ada', true, { place: 's1' }), edit('bo', false)];
    const choices = choicesAfter(log);
    expect(choices.map((c) => [c.student, c.place])).toEqual([
      ['ada', undefined],
      ['ada', 's1'],
    ]);
    expect(choiceFor(choices, { student: 'ada', block: 'b', place: 's1' }).accepted).toEqual([dial]);
    expect(choiceFor(choices, { student: 'bo', block: 'b' })).toEqual(NO_CHOICE);
  });

  it('keep what was only refused', () => {
    const refused = edit('ada', false, { after: { accepted: null, refused: [{ to: 'seated', why: 'not today' }] } });
    expect(choicesAfter([refused])).toHaveLength(1);
  });
});

describe('a step of the log', () => {
  it('is refused with an unknown axis, too many changes, or words without end', () => {
    const parse = (after: object) => AdaptationEdit.safeParse({ ...edit('ada', true), after });
    expect(parse({ accepted: [{ ...dial, dial: 'magic' }], refused: [] }).success).toBe(false);
    expect(parse({ accepted: Array.from({ length: 9 }, () => dial), refused: [] }).success).toBe(false);
    expect(parse({ accepted: null, refused: [{ to: 'seated', why: 'x'.repeat(161) }] }).success).toBe(false);
    expect(parse({ accepted: [dial], refused: [] }).success).toBe(true);
  });
});
