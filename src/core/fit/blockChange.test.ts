import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith, period } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { speakIn } from '../formats/speak.ts';
import { moversBetween } from '../groups/continueGroups.ts';
import { freeze } from '../live/freeze.ts';
import { applyEdit, gesture } from '../model/edit.ts';
import { HOUSE_FLOOR_CHANGE } from '../model/floorChangeFigures.ts';
import type { BlockId } from '../model/ids.ts';
import { Block, type Lesson } from '../model/lesson.ts';
import { findingWords, fixWords } from '../words/en.ts';
import { fit } from './fit.ts';
import type { FitInput } from './fitted.ts';

const speak = speakIn('m');
const plain = (id: string, phase: 'arrive' | 'water', seconds: number) =>
  Block.parse({ id, phase, title: id, least: seconds, most: seconds, weight: 1 });
/** A block with a game of that lesson. */
const game = (id: string, gameId: string, settings: Record<string, unknown> = {}) => {
  const block = lessonWith(gameId, settings).blocks.find((b) => b.game)!;
  return { ...block, id: id as BlockId, title: GAMES.find((g) => g.id === gameId)!.title };
};
const lessonOf = (...blocks: Lesson['blocks']): Lesson => ({ ...lessonWith('nine-mills'), blocks });
const desk = (lesson: Lesson, change: Partial<FitInput> = {}) => demoDesk({ lesson, period: period('09:00', '10:30'), ...change });
const two = (...between: Lesson['blocks']) => lessonOf(game('mills', 'nine-mills'), ...between, game('bridges', 'bridge-keepers'));
const between = (input: FitInput) => fit(input).findings.filter((f) => f.code === 'floor-change-between');

describe('the floor between two games of a lesson', () => {
  it('takes its minutes at the start of the second one, on the strip and in the sum', () => {
    const fitted = fit(desk(two()));
    const block = fitted.blocks[1];
    expect(block.change).toMatchObject({ from: 'Nine mills' });
    expect(block.change!.work.tapeOutM).toBeGreaterThan(50);
    expect(block.change!.floorSeconds).toBeGreaterThan(120);
    expect(block.segments.slice(0, 2).map((s) => s.code)).toEqual(['regroup', 'floor-change']);
    expect(block.segments.reduce((sum, s) => sum + s.until - s.at, 0)).toBe(block.seconds);
    expect(block.game!.timeline.bouts[0].at).toBeGreaterThanOrEqual(block.change!.floorSeconds + block.change!.regroupSeconds);
    expect(fitted.blocks.reduce((sum, b) => sum + b.seconds, 0) + fitted.spareSeconds).toBe(90 * 60);
    expect(fitted.blocks[0].change).toBeUndefined();
  });

  it('is told with fixes that each leave no more than the school allows', () => {
    const input = desk(two());
    const [finding] = between(input);
    expect(finding).toMatchObject({ weight: 'caution', at: { block: 'bridges' } });
    expect(findingWords(finding, speak).what).toMatch(/^Changing the floor after Nine mills takes \d+ min/);
    const said = finding.fixes!.map((f) => fixWords(f, speak));
    expect(said).toContain('Use cones for tape in Bridge keepers and Nine mills');
    for (const fix of finding.fixes!) {
      const mended = applyEdit(input.lesson, gesture(fix.edits));
      if (!mended.ok) throw new Error('not applied');
      const after = fit({ ...input, lesson: mended.lesson }).blocks.find((b) => b.change);
      expect(after?.change?.floorSeconds ?? 0).toBeLessThanOrEqual(HOUSE_FLOOR_CHANGE.mostSeconds);
    }
  });

  it('is laid before the lesson where both find room, and takes no time of it then', () => {
    const [one, two] = [3, 4].map((courtM) => game(courtM === 3 ? 'one' : 'two', 'bridge-keepers', { groups: 3, courtM }));
    const at = (x: number) => ({ value: { x, y: 1 }, by: 'teacher' as const, pinned: true });
    // Both along the south wall: the north half of the gym is free.
    const placed = { 'court-1': at(4), 'court-2': at(9), 'court-3': at(19) };
    const onWall = (block: Block) => ({ ...block, game: { ...block.game!, placed } });
    const school = { ...demoDesk().school, floorChange: { mostSeconds: 30 } };
    const input = desk(lessonOf(onWall(one), onWall(two)), { school });
    const [finding] = between(input);
    const both = finding?.fixes?.find((f) => f.code === 'lay-both');
    expect(both && fixWords(both, speak)).toBe('Put it beside Bridge keepers and lay both before the lesson');
    const mended = applyEdit(input.lesson, gesture(both!.edits));
    if (!mended.ok) throw new Error('not applied');
    const change = fit({ ...input, lesson: mended.lesson }).blocks[1].change;
    expect(change?.work.tapeInM ?? 0).toBe(0);
    expect(change?.work.tapeOutM ?? 0).toBe(0);
  });

  it('goes on during blocks without a floor, faster with more hands, by the figures of the school', () => {
    const seconds = (lesson: Lesson, floorChange = {}) =>
      fit(desk(lesson, { school: { ...demoDesk().school, floorChange } })).blocks.find((b) => b.change)!.change!;
    const alone = seconds(two());
    expect(seconds(two(plain('water', 'water', 120))).floorSeconds).toBe(Math.max(0, alone.floorSeconds - 120));
    expect(seconds(two(), { adults: 3 }).work.seconds).toBeLessThan(alone.work.seconds / 2);
    expect(seconds(two(), { secondsPerTapeM: 8 }).work.seconds).toBeGreaterThan(alone.work.seconds * 1.5);
  });

  it('is nothing where the same floor goes on', () => {
    const fitted = fit(desk(lessonOf(game('one', 'nine-mills'), plain('water', 'water', 60), game('two', 'nine-mills'))));
    expect(fitted.blocks[2].change).toBeUndefined();
    expect(fitted.blocks[2].game!.groups).toEqual(fitted.blocks[0].game!.groups);
  });
});

describe('groups between two games', () => {
  it('keep as many pennants as they can, and who changes is told and frozen with the run', () => {
    const input = desk(two());
    const fitted = fit(input);
    const [mills, bridges] = fitted.blocks.map((b) => b.game!.groups);
    const alone = fit({ ...input, lesson: lessonOf(game('bridges', 'bridge-keepers')) }).blocks[0].game!.groups;
    const { movers } = fitted.blocks[1].change!;
    expect(movers).toEqual(moversBetween(mills, bridges));
    expect(movers.length).toBeLessThanOrEqual(moversBetween(mills, alone).length);
    expect(bridges.map((g) => [...g].sort().join()).sort()).toEqual(alone.map((g) => [...g].sort().join()).sort());
    expect(freeze(input, fitted).blocks[1].change?.movers).toEqual(movers);
  });

  it('are those that the teacher chose, where they were chosen', () => {
    const input = desk(two());
    const chosen = fit(input).blocks[1].game!.groups.toReversed();
    const edit = { kind: 'set-groups' as const, blockId: 'bridges' as BlockId, groups: chosen as never };
    const set = applyEdit(input.lesson, edit);
    expect(set.ok && fit({ ...input, lesson: set.lesson }).blocks[1].game!.groups).toEqual(chosen);
  });
});

describe('cones for tape', () => {
  it('mark every corner, are needed as gear, and leave no tape', () => {
    const coned = (gameId: string) => fit(desk(lessonOf({ ...game('g', gameId), marks: 'cones' as const })));
    for (const gameId of ['nine-mills', 'bridge-keepers']) {
      const block = coned(gameId).blocks[0].game!;
      const plainly = fit(desk(lessonOf(game('g', gameId)))).blocks[0].game!;
      expect(block.pieces.map((p) => ({ ...p, taped: true }))).toEqual(plainly.pieces.map((p) => ({ ...p, taped: true })));
      expect(block.pieces.every((p) => !p.taped)).toBe(true);
      const cones = block.things.filter((t) => t.laid === 'cone' && /:corner-/.test(t.id));
      expect(cones.length).toBeGreaterThanOrEqual(4 * block.pieces.length);
      const need = coned(gameId).gear.find((l) => l.gearKind === 'cone')!.need;
      const before = fit(desk(lessonOf(game('g', gameId)))).gear.find((l) => l.gearKind === 'cone')?.need ?? 0;
      expect(need).toBe(before + cones.length);
    }
  });

  it('are undone to tape', () => {
    const lesson = two();
    const set = applyEdit(lesson, { kind: 'set-block', blockId: 'mills' as BlockId, patch: { marks: 'cones' } });
    if (!set.ok) throw new Error('not set');
    expect(set.lesson.blocks[0].marks).toBe('cones');
    const undone = applyEdit(set.lesson, set.inverse);
    expect(undone.ok && undone.lesson.blocks[0].marks).toBe('tape');
  });
});
