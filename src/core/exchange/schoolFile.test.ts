import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { Gear } from '../model/gear.ts';
import { upgradeEntry } from './schoolFile.ts';

const [old] = JSON.parse(readFileSync(path.join(import.meta.dirname, '../../server/frozen/gear1.json'), 'utf8')) as Record<
  string,
  unknown
>[];

describe('an entry of an older file', () => {
  it('has the newest names of kinds of gear, whatever its version', () => {
    for (const gear of [
      { ...old, gearKind: 'bib' },
      { ...(upgradeEntry(old) as object), gearKind: 'bib' },
    ])
      expect(Gear.parse(upgradeEntry(gear)).gearKind).toBe('pinnie');
    expect(Gear.parse(upgradeEntry(old)).gearKind).toBe('disc');
  });
});
