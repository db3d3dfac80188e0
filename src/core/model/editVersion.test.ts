import { describe, expect, it } from 'vitest';
import { Edit } from './edit.ts';
import { EDIT_UPGRADES, EDIT_VERSION, upgradeEdit } from './editVersion.ts';
import { newestKey } from './findingCodes.ts';
import { newestOf, upgrade } from './record.ts';

describe('a stored edit', () => {
  const old = { kind: 'accept', key: 'way-narrow|block=b1|piece=p2', reason: 'fine' };
  const now = { ...old, key: 'route-narrow|block=b1|piece=p2' };

  it('has the codes of today, alone and deep inside gestures of many', () => {
    const many = {
      kind: 'many',
      edits: [
        { kind: 'rename', title: 'Mills' },
        { kind: 'many', edits: [old] },
      ],
    };
    expect(upgradeEdit(old, 1)).toEqual(now);
    expect(upgradeEdit(many, 1)).toEqual({ kind: 'many', edits: [many.edits[0], { kind: 'many', edits: [now] }] });
    expect(Edit.safeParse(upgradeEdit(many, 1)).success).toBe(true);
  });

  it('of today is left as it is, and what is no edit too', () => {
    expect(upgradeEdit(old, EDIT_VERSION)).toBe(old);
    expect(upgradeEdit(null, 1)).toBeNull();
    expect(upgradeEdit('accept', 1)).toBe('accept');
  });

  it('climbs every step, each single edit by itself, and says which step is missing', () => {
    const ladder = {
      1: (edit: Record<string, unknown>) => ({ ...edit, one: true }),
      2: (edit: Record<string, unknown>) => ({ ...edit, two: true }),
    };
    const many = { kind: 'many', edits: [{ kind: 'a' }] };
    expect(upgradeEdit(many, 1, ladder, 3)).toEqual({ kind: 'many', edits: [{ kind: 'a', one: true, two: true }] });
    expect(() => upgradeEdit({ kind: 'a' }, 3, ladder, 4)).toThrowError('no upgrade for edits of version 3');
    expect(Object.keys(EDIT_UPGRADES).map(Number)).toEqual(Object.keys(EDIT_UPGRADES).map((_, i) => i + 1));
  });
});

describe('a check that is kept as is', () => {
  it('stays so when its code changes', () => {
    const lesson = {
      kind: 'lesson',
      version: 1,
      accepted: [
        { key: 'way-out-narrow|block=b1', reason: 'fine' },
        { key: 'time-left', reason: 'ok' },
      ],
    };
    expect(upgrade(lesson, newestOf('lesson'))).toMatchObject({
      version: 2,
      accepted: [
        { key: 'exit-route-narrow|block=b1', reason: 'fine' },
        { key: 'time-left', reason: 'ok' },
      ],
    });
    expect(newestKey('too-near|block=a')).toBe('too-near|block=a');
  });
});
