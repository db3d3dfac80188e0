import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { FORMATS } from './formats/registry.ts';

const root = path.join(import.meta.dirname, '..');
const files = readdirSync(root, { recursive: true, encoding: 'utf8' })
  .filter((f) => /\.tsx?$/.test(f) && !f.endsWith('.d.ts'))
  .map((f) => ({ name: f.replaceAll('\\', '/'), text: readFileSync(path.join(root, f), 'utf8') }));
const isTest = (name: string) => name.endsWith('.test.ts');
const core = files.filter((f) => f.name.startsWith('core/') && !isTest(f.name));
const hits = (list: typeof files, pattern: RegExp) => list.filter((f) => pattern.test(f.text)).map((f) => f.name);

describe('the house', () => {
  it('is read at all', () => {
    expect(core.length).toBeGreaterThan(50);
    expect(hits(files, /makeApp/)).toContain('server/app.ts');
  });

  it('has no clock and no unseeded chance in core', () => {
    expect(hits(core, /Date\.now|new Date\(|Math\.random|performance\.now|setTimeout/)).toEqual([]);
  });

  it('asks a format instead of asking which format it is', () => {
    const asking = /switch \([\w.]*format(Id)?\)|format(Id)? === ['"]|['"](stations|advance-court)['"] === /;
    const free = files.filter((f) => !isTest(f.name) && !f.name.startsWith('core/formats/') && !f.name.startsWith('content/'));
    expect(hits(free, asking)).toEqual([]);
  });

  it('names no format on a screen', () => {
    expect(
      hits(
        files.filter((f) => f.name.startsWith('web/')),
        new RegExp(`['"\`](${Object.keys(FORMATS).join('|')})['"\`]`),
      ),
    ).toEqual([]);
  });

  it('keeps files short enough to be read in one go', () => {
    const long = files.filter((f) => !f.name.startsWith('content/') && !f.name.endsWith('.fixture.ts') && f.text.split('\n').length > 251);
    expect(long.map((f) => f.name)).toEqual([]);
  });

  it('runs every test: none focused, none skipped (the linter takes the verb fit for a focused test)', () => {
    const tests = files.filter((f) => isTest(f.name));
    expect(tests.length).toBeGreaterThan(5);
    expect(hits(tests, /\b(it|test|describe)\.(only|skip|todo)\b|\bfdescribe\(|\bxit\(/)).toEqual([]);
  });

  it('knows a format outside its folder in three places alone: the registry, the games, the words', () => {
    const homes = ['core/formats/registry.ts', 'core/model/game.ts', 'core/words/formats.en.ts'];
    for (const format of Object.keys(FORMATS)) {
      const outside = files.filter(
        (f) => !isTest(f.name) && !f.name.endsWith('.fixture.ts') && !f.name.startsWith(`core/formats/${format}/`),
      );
      const knows = outside.filter((f) => new RegExp(`from '[^']*/${format}/`).test(f.text)).map((f) => f.name);
      expect(
        knows.filter((name) => !name.startsWith('content/')),
        format,
      ).toEqual(expect.arrayContaining(homes));
      expect(
        knows.filter((name) => !homes.includes(name) && !name.startsWith('content/')),
        format,
      ).toEqual([]);
    }
  });

  it('types what checks notice and offer by the codes that there are words for', () => {
    const checks = files.filter((f) => /^core\/(fit\/checks|formats\/[a-z-]+)\//.test(f.name) && !isTest(f.name));
    expect(checks.length).toBeGreaterThan(60);
    expect(hits(checks, /\b(FindingDraft|FixIdea)\b/)).toEqual([]);
  });

  it('has no folder for whatever', () => {
    expect(files.filter((f) => /(^|\/)(utils?|helpers?|common|types|misc)(\/|\.tsx?$)/.test(f.name)).map((f) => f.name)).toEqual([]);
  });
});
