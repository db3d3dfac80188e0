import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../../content/desk.fixture.ts';
import { speakIn } from '../../formats/speak.ts';
import { applyEdit, type Edit } from '../../model/edit.ts';
import type { Lesson } from '../../model/lesson.ts';
import { clockSeconds } from '../../model/period.ts';
import { findingWords, fixWords } from '../../words/en.ts';
import { fit } from '../fit.ts';
import type { BesideLesson, FitInput } from '../fitted.ts';

const base = demoDesk();
const start = clockSeconds(base.period.start);
const other = (change: Partial<BesideLesson> = {}): BesideLesson => ({
  to: 'Grade 3b',
  where: 'next',
  signals: ['A horn and a flag'],
  games: [{ title: 'Mill sacks', noise: 3, from: start, until: start + 3600 }],
  ...change,
});
const desk = (lesson: Lesson, beside: BesideLesson, change: Partial<FitInput> = {}): FitInput => ({
  ...demoDesk({ lesson }),
  ...change,
  day: { claims: [], floors: [], beside: [beside] },
});
const found = (input: FitInput, code: string) => fit(input).findings.filter((f) => f.code === code);

describe('two lessons in one room at the same time', () => {
  it('are told where a quiet game meets a loud one, only while they really meet', () => {
    const quiet = lessonWith('lantern-roll');
    const [noise] = found(desk(quiet, other()), 'noise-beside');
    const { what, why } = findingWords(noise, speakIn('m'));
    expect(what).toMatch(/is quiet while Grade 3b has a loud game$/);
    expect(why).toMatch(/^Grade 3b plays Mill sacks behind the curtain for \d+ min/);
    const [loud] = found(
      desk(
        lessonWith('mill-sacks'),
        other({ where: 'same', games: [{ title: 'Lantern roll', noise: 1, from: start, until: start + 3600 }] }),
      ),
      'noise-beside',
    );
    expect(findingWords(loud, speakIn('m'))).toMatchObject({
      what: expect.stringMatching(/is loud while Grade 3b has a quiet game$/),
      why: expect.stringContaining('in the same room'),
    });
    expect(
      found(desk(quiet, other({ games: [{ title: 'Mill sacks', noise: 3, from: start + 4000, until: start + 5000 }] })), 'noise-beside'),
    ).toEqual([]);
    expect(found(desk(lessonWith('nine-mills'), other()), 'noise-beside')).toEqual([]);
  });

  it('are offered another time for the quiet game, after which it is quiet', () => {
    const lesson = lessonWith('lantern-roll');
    const second = lessonWith('bridge-keepers').blocks.find((b) => b.game)!;
    const at = lesson.blocks.findIndex((b) => b.game);
    const both = { ...lesson, blocks: lesson.blocks.toSpliced(at + 1, 0, { ...second, id: 'second' as never }) };
    const input = desk(both, other({ games: [{ title: 'Mill sacks', noise: 3, from: start, until: start + 18 * 60 }] }));
    const [noise] = found(input, 'noise-beside');
    const fix = noise.fixes!.find((f) => f.code === 'trade-times')!;
    expect(fixWords(fix, speakIn('m'))).toMatch(/^Play it at the time of /);
    const done = fix.edits.reduce((now: Lesson, edit) => {
      const applied = applyEdit(now, edit as Edit);
      if (!applied.ok) throw new Error(applied.code);
      return applied.lesson;
    }, both);
    expect(found({ ...input, lesson: done }, 'noise-beside')).toEqual([]);
  });

  it('are told if both stop on one signal, however it is written, and get one of their own', () => {
    const signal = base.school.stopSignal;
    const input = desk(lessonWith('nine-mills'), other({ signals: [` ${signal.toUpperCase()}`] }));
    const [same] = found(input, 'same-signal');
    expect(findingWords(same, speakIn('m')).what).toBe('Grade 3b stops on the same signal');
    expect(same.fixes!.map((f) => f.code)).toEqual(['other-signal', 'other-signal']);
    const applied = applyEdit(input.lesson, same.fixes![0].edits[0] as Edit);
    if (!applied.ok) throw new Error(applied.code);
    expect(found({ ...input, lesson: applied.lesson }, 'same-signal')).toEqual([]);
    expect(found(desk(lessonWith('nine-mills'), other()), 'same-signal')).toEqual([]);
  });

  it('are told where a part has no way out of its own', () => {
    const closed = { ...base.room, doors: base.room.doors.map((d) => ({ ...d, exit: false })) };
    const lesson = lessonWith('nine-mills');
    const [exit] = found(desk(lesson, other(), { room: closed }), 'exit-through-other');
    expect(findingWords(exit, speakIn('m')).what).toBe('The way out of Mill Gym leads past Grade 3b');
    expect(found(desk(lesson, other()), 'exit-through-other')).toEqual([]);
    expect(found(desk(lesson, other({ where: 'same' }), { room: closed }), 'exit-through-other')).toEqual([]);
  });
});
