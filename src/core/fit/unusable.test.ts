import { describe, expect, it } from 'vitest';
import { LESSONS } from '../../content/demo.ts';
import { demoDesk } from '../../content/desk.fixture.ts';
import { speakIn } from '../formats/speak.ts';
import { freeze } from '../live/freeze.ts';
import { applyEdit } from '../model/edit.ts';
import { findingWords, fixWords } from '../words/en.ts';
import { fit } from './fit.ts';
import type { FitInput } from './fitted.ts';

const speak = speakIn('m');

/** The lesson with the court game, a stored setting changed past every door. */
function withStored(settings: Record<string, unknown>): FitInput {
  const lesson = structuredClone(LESSONS.bridges);
  const { game } = lesson.blocks.find((b) => b.game)!;
  game!.settings = { ...game!.settings, ...settings };
  return demoDesk({ lesson });
}
const unusable = (input: FitInput) => fit(input).findings.filter((f) => f.code === 'setting-unusable');
const settledAt = (input: FitInput, key: string) => fit(input).blocks.find((b) => b.game)!.game!.values[key];

describe('a stored setting that cannot be used', () => {
  it('is a finding with its bounds, and the lesson opens with the default', () => {
    const input = withStored({ courtM: 9.5 });
    const usual = settledAt(withStored({}), 'courtM');
    const [finding] = unusable(input);
    expect(finding).toMatchObject({ weight: 'caution', at: { setting: 'courtM' }, data: { value: 9.5, least: 2, most: 9, used: usual } });
    expect(settledAt(input, 'courtM')).toBe(usual);
    expect(findingWords(finding, speak)).toEqual({
      what: expect.stringMatching(/: 9.5 m cannot be used$/),
      why: `It can be 2 m to 9 m. Until you change it, ${usual} m is used.`,
    });
  });

  it('is mended by each of its fixes: the nearest bound, the default', () => {
    const input = withStored({ courtM: 9.5 });
    const fixes = unusable(input)[0].fixes!;
    expect(fixes.map((f) => f.code)).toContain('setting-default');
    for (const each of fixes) {
      expect(fixWords(each, speak)).toMatch(/^Set “.+” to [\d.]+ m$/);
      const applied = applyEdit(input.lesson, { kind: 'many', edits: [...each.edits] });
      if (!applied.ok) throw new Error('not applied');
      expect(unusable({ ...input, lesson: applied.lesson })).toEqual([]);
    }
  });

  it.each([
    ['of another kind', { positions: 'four', object: 7 }],
    ['not in the list of choices', { contact: 'throw' }],
    ['several at once', { positions: 99, bouts: -1, workSeconds: 1e9, lineTask: null }],
  ])('%s never keeps the lesson closed', (_, settings) => {
    const wrong = Object.entries(settings).filter(([, value]) => value !== null);
    const found = unusable(withStored(settings));
    expect(found.map((f) => f.at.setting).sort()).toEqual(wrong.map(([key]) => key).sort());
    for (const finding of found) expect(findingWords(finding, speak).why).toMatch(/is used\.$/);
  });

  it('that no setting has any more changes nothing', () => {
    expect(unusable(withStored({ ribbons: 12 }))).toEqual([]);
  });
});

describe('the task of those who wait', () => {
  it('is frozen with a run whatever its format calls it', () => {
    const input = withStored({ lineTask: 'Count the passes aloud' });
    const game = freeze(input, fit(input)).blocks.find((b) => b.game)!.game!;
    expect(game.waitingTask).toBe('Count the passes aloud');
    const mills = demoDesk();
    expect(freeze(mills, fit(mills)).blocks.find((b) => b.game)!.game!.waitingTask).toMatch(/scarf/);
  });
});
