import { describe, expect, it } from 'vitest';
import { demoDesk, lessonWith } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { holesIn } from '../formats/holes.ts';
import { formatOf } from '../formats/registry.ts';
import { speakIn } from '../formats/speak.ts';
import { BANDS } from '../model/band.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import type { BlockId } from '../model/ids.ts';
import { type OwnRule, REQUIRED_RULES, RULE_KINDS, type Rule } from '../model/rule.ts';
import { findingWords, fixWords } from '../words/en.ts';
import { readAloudSeconds, ruleWords } from '../words/rules.en.ts';
import { fit, fitUnweighed } from './fit.ts';
import { type FitInput, laidIn } from './fitted.ts';

const GRADE_OF = { 'pre-k': 'Pre-K', 'k-1': '1', '2-3': '3', '4-5': '5', '6-8': '7', '9-12': '10' } as const;
const cases = GAMES.flatMap((game) => BANDS.map((band) => [`${game.title} in ${band}`, game, band] as const));
const desk = (gameId: string, settings: Record<string, unknown> = {}, more: Record<string, unknown> = {}) =>
  demoDesk({ lesson: lessonWith(gameId, settings, more) });

function ruled(input: FitInput) {
  const block = fitUnweighed(input).blocks.find((b) => b.game)!;
  const { rules, format, gameId } = block.game!;
  const game = input.games.find((g) => g.id === gameId)!;
  const on = {
    named: [...game.offences.map((o) => o.what), ...Object.values(formatOf(format).faults)],
    things: laidIn(block).map((t) => t.laid),
    gearKinds: input.cupboard.map((g) => g.gearKind as string),
  };
  return { rules, format, on };
}

describe('the rules of every game in every band', () => {
  it.each(cases)('%s: none is missing, and taking away a required kind or a named fault makes exactly one hole', (_, game, band) => {
    const base = desk(game.id);
    const { rules, on } = ruled({ ...base, schoolClass: { ...base.schoolClass, grade: GRADE_OF[band] } });
    expect(holesIn(rules, on)).toEqual([]);
    for (const kind of REQUIRED_RULES) {
      const holes = holesIn(
        rules.filter((r) => r.kind !== kind),
        on,
      );
      expect(holes.map((h) => [h.code, h.about])).toEqual([['rule-missing', kind]]);
    }
    for (const fault of on.named) {
      const holes = holesIn(
        rules.filter((r) => r.kind !== 'fault' || r.fault !== fault),
        on,
      );
      expect(holes.map((h) => [h.code, h.about])).toEqual([['fault-missing', fault]]);
    }
  });

  it.each(GAMES.map((g) => [g.title, g] as const))(
    '%s: every rule has words, in reading order, and is short enough to read aloud',
    (_, game) => {
      const { rules, format } = ruled(desk(game.id));
      for (const rule of rules) {
        const { label, text } = ruleWords(rule, format);
        expect(label, rule.say.code).toMatch(/\S/);
        expect(text, rule.say.code).toMatch(/^[A-Z0-9“].*[.!?…]$/);
      }
      const order = rules.map((r) => RULE_KINDS.indexOf(r.kind));
      expect(order).toEqual([...order].sort((a, b) => a - b));
      expect(readAloudSeconds(rules, format)).toBeGreaterThan(15);
      expect(readAloudSeconds(rules, format)).toBeLessThan(180);
    },
  );

  it.each(GAMES.map((g) => [g.title, g] as const))('%s: a rule names only settings that its game has', (_, game) => {
    const keys = formatOf(game.format)
      .settings(game.setup)
      .map((m) => m.key);
    for (const rule of ruled(desk(game.id)).rules) for (const key of rule.by) expect(keys).toContain(key);
  });
});

describe('a setting', () => {
  const wording = (gameId: string, settings: Record<string, unknown>) => {
    const { rules, format } = ruled(desk(gameId, settings));
    return rules.map((rule) => ({ by: rule.by, text: ruleWords(rule, format).text }));
  };
  it.each([
    ['wind-and-leaves', 'safeSpots', 3, '3 green hoops'],
    ['bridge-keepers', 'bounces', 0, 'None.'],
    ['mill-sacks', 'to', 5, 'first side with 5'],
    ['bridge-run', 'headwaySeconds', 9, 'One every 9 s'],
    ['nine-mills', 'laps', 2, undefined],
  ] as const)('of %s, %s, changes only the rules that it is said to decide', (gameId, key, value, words) => {
    const before = wording(gameId, {}).map((r) => r.text);
    const changed = wording(gameId, { [key]: value }).filter((r) => !before.includes(r.text));
    for (const rule of changed) expect(rule.by).toContain(key);
    if (words) expect(changed.map((r) => r.text).join(' ')).toContain(words);
  });
});

describe('rules that a teacher says', () => {
  const own = (rules: OwnRule[], gameId = 'mill-sacks') => ruled(desk(gameId, {}, { rules }));
  const find = (rules: readonly Rule[], kind: Rule['kind']) => rules.filter((r) => r.kind === kind);

  it('replace the game’s of the same kind, and stand beside those of which there may be several', () => {
    const { rules, format } = own([
      { kind: 'tie', text: 'Both mills win' },
      { kind: 'in-play', text: 'Left hand only' },
    ]);
    expect(find(rules, 'tie').map((r) => ruleWords(r, format).text)).toEqual(['Both mills win.']);
    const plays = find(rules, 'in-play').map((r) => ruleWords(r, format).text);
    expect(plays).toContain('Left hand only.');
    expect(plays.length).toBe(find(own([]).rules, 'in-play').length + 1);
  });

  it('keep what the format knows of a fault, and its ladder', () => {
    const { rules, format } = own([{ kind: 'fault', fault: 'cross', does: 'Stepping over', next: '', back: '' }]);
    const [fault] = find(rules, 'fault').filter((r) => r.kind === 'fault' && r.fault === 'cross');
    expect(ruleWords(fault, format).text).toMatch(/^Stepping over\. Sit in the side box.* Back in: at the next restart\.$/);
    expect(fault).toMatchObject({ ladder: ['word', 'restart', 'rest'], from: 'teacher' });
  });

  it('can be given back: the edit that undoes it leaves the lesson as it was', () => {
    const input = desk('mill-sacks');
    const block = input.lesson.blocks.find((b) => b.game)!;
    const edit: Edit = { kind: 'set-rules', blockId: block.id as BlockId, rules: [{ kind: 'tie', text: 'Both mills win' }] };
    const done = applyEdit(input.lesson, edit);
    if (!done.ok) throw new Error(done.code);
    const undone = applyEdit(done.lesson, done.inverse);
    expect(undone.ok && undone.lesson).toEqual(input.lesson);
  });
});

describe('a hole in the rules', () => {
  const speak = speakIn('m');
  const withoutRules = (gameId: string, drop: (rule: OwnRule) => boolean) => {
    const input = desk(gameId);
    const games = input.games.map((g) => (g.id === gameId ? { ...g, rules: g.rules.filter((r) => !drop(r)) } : g)) as FitInput['games'];
    return { ...input, games };
  };
  it.each([
    ['rule-missing', 'A tie', withoutRules('nine-mills', (r) => r.kind === 'tie'), /^No rule for a tie$/, /^Use “Play the point again”$/],
    [
      'fault-missing',
      'an offense',
      withoutRules('wind-and-leaves', (r) => r.kind === 'fault'),
      /^No rule for an offense/,
      /^Use “Breaking a safety rule”$/,
    ],
    [
      'no-way-back',
      'a fault',
      desk('bell-tower', {}, { rules: [] }),
      /^No way back in after “Throwing wild”$/,
      /^Use “At the next restart”$/,
    ],
    [
      'signal-one-sense',
      'a signal',
      desk('mill-sacks', {}, { rules: [{ kind: 'signal', signal: 'stop', heard: 'One whistle', seen: '' }] }),
      /^The stop signal can only be heard$/,
      /^Use the usual signal/,
    ],
  ] as const)('%s is a finding in words, with a fix that fills it', (code, _, given, what, fixed) => {
    const games =
      code === 'no-way-back'
        ? (given.games.map((g) =>
            g.id === 'bell-tower'
              ? { ...g, rules: [...g.rules, { kind: 'fault', fault: 'wild', does: 'Throwing wild', next: 'Sit out', back: '' }] }
              : g,
          ) as FitInput['games'])
        : given.games;
    const input = { ...given, games };
    const finding = fit(input).findings.find((f) => f.code === code)!;
    expect(findingWords(finding, speak).what).toMatch(what);
    const [fix] = finding.fixes!;
    expect(fixWords(fix, speak)).toMatch(fixed);
    const done = applyEdit(input.lesson, { kind: 'many', edits: [...fix.edits] });
    expect(done.ok && fitUnweighed({ ...input, lesson: done.lesson }).findings.filter((f) => f.code === code)).toEqual([]);
  });

  it('is a thing on the floor or gear that a rule counts on and that is not there', () => {
    const { rules, on } = ruled(desk('mill-sacks'));
    expect(holesIn(rules, { ...on, things: [] }).map((h) => h.code)).toContain('rule-not-on-floor');
    expect(holesIn(rules, { ...on, gearKinds: [] }).map((h) => h.code)).toContain('rule-no-gear');
    const unscored = rules.map((r) => (r.kind === 'scoring' ? { ...r, counts: 'none' as const } : r));
    const byScore = unscored.map((r) => (r.kind === 'end' ? { ...r, at: 'score' as const } : r));
    expect(holesIn(byScore, on).map((h) => h.code)).toEqual(['end-unscored']);
  });
});
