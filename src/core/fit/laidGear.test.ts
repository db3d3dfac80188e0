import { describe, expect, it } from 'vitest';
import { demoDesk } from '../../content/desk.fixture.ts';
import { speakIn } from '../formats/speak.ts';
import { kindOfLaid, laidNeeds } from '../gear/laidNeeds.ts';
import { freeze } from '../live/freeze.ts';
import { gearToCount } from '../live/gearCounts.ts';
import { applyEdit, gesture } from '../model/edit.ts';
import type { GearId } from '../model/ids.ts';
import { type LaidKind, newLaid } from '../model/laidPiece.ts';
import { fixWords } from '../words/en.ts';
import { fit } from './fit.ts';
import type { FitInput } from './fitted.ts';

const speak = speakIn('m');
const pieces = (kind: LaidKind, count: number) =>
  Array.from({ length: count }, (_, i) => newLaid(kind, `${kind}-${i + 1}`, { x: 2 + (i % 9), y: 2 + Math.floor(i / 9) }));
const item = (gearKind: string, count: number) => ({
  ...demoDesk().cupboard[0],
  id: `g-${gearKind}` as GearId,
  name: gearKind,
  gearKind,
  count,
});

/** A lesson of one block without a game, on whose floor pieces lie, and a closet. */
function floorOf(laid: ReturnType<typeof pieces>, cupboard: FitInput['cupboard']): FitInput {
  const input = demoDesk({ cupboard });
  const plain = input.lesson.blocks.find((b) => !b.game)!;
  return { ...input, lesson: { ...input.lesson, blocks: [{ ...plain, laid }] } };
}
const short = (input: FitInput) => fit(input).findings.filter((f) => f.code === 'gear-short');

describe('what a teacher lays out', () => {
  it('is gear of the closet: the first of its kinds that is there; a gate is two cones; tape and people are none', () => {
    const laid = [...pieces('cone', 3), ...pieces('gate', 2), ...pieces('lane', 1), ...pieces('teacher', 1), ...pieces('spot', 1)];
    expect(laidNeeds(laid, [{ gearKind: 'dome marker', count: 9 }])).toMatchObject([
      { gearKind: 'dome marker', count: 7 },
      { gearKind: 'floor spot', count: 1 },
    ]);
    expect(kindOfLaid('cone', [])).toEqual({ gearKind: 'cone', each: 1 });
    expect(
      laidNeeds(
        pieces('cone', 2).map((p) => ({ ...p, by: 'fit' as const })),
        [],
      ),
    ).toEqual([]);
  });

  it('is short where there are 25 cones of 20, with ways out that are fixes', () => {
    const input = floorOf(pieces('cone', 25), [item('cone', 20), item('floor spot', 8)]);
    const [finding, ...more] = short(input);
    expect(more).toEqual([]);
    expect(finding).toMatchObject({ weight: 'stop', data: { gearKind: 'cone', need: 25, have: 20, short: 5 } });
    expect(finding.fixes!.map((f) => fixWords(f, speak)).sort()).toEqual(['Remove 5 cones', 'Use 5 floor spots for 5 cones']);
    for (const fix of finding.fixes!) {
      const mended = applyEdit(input.lesson, gesture(fix.edits));
      expect(mended.ok && short({ ...input, lesson: mended.lesson })).toEqual([]);
    }
  });

  it('is not replaced by what is not there either, and not removed where it is locked', () => {
    const few = [item('cone', 20), item('floor spot', 4)];
    expect(short(floorOf(pieces('cone', 25), few))[0].fixes!.map((f) => f.code)).toEqual(['lay-fewer']);
    expect(
      short(
        floorOf(
          pieces('cone', 25).map((p) => ({ ...p, locked: true })),
          few,
        ),
      )[0].fixes,
    ).toEqual([]);
  });

  it('is counted together with what the game needs, and on Whistle', () => {
    const bare = demoDesk();
    const game = bare.lesson.blocks.findIndex((b) => b.game);
    const need = fit(bare).gear.find((l) => l.gearKind === 'cone')?.need ?? 0;
    const blocks = bare.lesson.blocks.map((b, i) =>
      i === game ? { ...b, laid: pieces('cone', 4) } : i === 0 ? { ...b, laid: pieces('hoop', 2) } : b,
    );
    const input = { ...bare, lesson: { ...bare.lesson, blocks } };
    const fitted = fit(input);
    expect(fitted.gear.find((l) => l.gearKind === 'cone' && l.blockId === blocks[game].id)?.need).toBe(need + 4);
    const counts = gearToCount(freeze(input, fitted));
    expect(counts.find((g) => g.gearKind === 'cone')?.need).toBe(need + 4);
    expect(counts.find((g) => g.gearKind === 'hoop')!.need).toBeGreaterThanOrEqual(2);
  });
});
