import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { foldEvents } from '../play/foldPlay.ts';
import type { PlayEvent, PlayView } from '../play/playRules.ts';
import { FORMATS, formatOf } from './registry.ts';

interface Golden {
  game: string;
  format: string;
  version: number;
  setup: unknown;
  events: PlayEvent[];
  view: PlayView;
}

/** A play of each game as it was written down once, a line each. Lines are added with a new version of a format's rules, and never changed. */
const lines = readFileSync(path.join(import.meta.dirname, '../../server/frozen/plays1.ndjson'), 'utf8')
  .trim()
  .split('\n');
const golden = lines.map((line) => JSON.parse(line) as Golden);

describe('plays that were written down', () => {
  it.each(golden.map((g) => [g.game, g] as const))(
    '%s: comes to the same by the rules of its version',
    (_, { format, version, setup, events, view }) => {
      const fold = foldEvents(formatOf(format).open(setup, version), events);
      expect(fold.refused).toEqual([]);
      expect(JSON.parse(JSON.stringify(fold.view))).toEqual(view);
      expect(events.length).toBeGreaterThan(0);
    },
  );

  it('are there for every format in the version of today', () => {
    const known = golden.map(({ format, version }) => `${format} ${version}`);
    for (const [id, { playVersion }] of Object.entries(FORMATS)) expect(known).toContain(`${id} ${playVersion}`);
  });
});
