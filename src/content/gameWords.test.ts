import { describe, expect, it } from 'vitest';
import { fitUnweighed } from '../core/fit/fit.ts';
import { cardLineWords, ruleWords } from '../core/words/rules.en.ts';
import { demoDesk, lessonWith } from './desk.fixture.ts';
import { GAMES } from './games.ts';

/** Everything that is read aloud or posted of a game: its whole card of rules, its places' cards, what the game itself says. */
function saidIn(gameId: string): string[] {
  const block = fitUnweighed(demoDesk({ lesson: lessonWith(gameId) })).blocks.find((b) => b.game)!.game!;
  const { story, questions } = GAMES.find((g) => g.id === gameId)!;
  const lines = [
    // A fault says what is wrong, and a signal what is done at once wherever one is: neither is what the game asks for.
    ...block.rules.filter((rule) => rule.kind !== 'fault' && rule.kind !== 'signal').map((rule) => ruleWords(rule, block.format).text),
    ...block.cards.flatMap((card) => card.lines.map((line) => cardLineWords(line, block.format).text)),
    story ?? '',
    ...questions,
  ];
  return lines.flatMap((line) => line.split(/(?<=[.;:!?])\s+/));
}

/** "pulling", "pulls", "pull" are one verb. */
const stem = (verb: string) => verb.toLowerCase().replace(/(?:ning|ing|ed|es|s)$/, '');
const NOT = /\b(?:no|never|not|nobody|don’t|without|stop|instead of)\b/i;
/** What is forbidden outright: "no pulling", "never pull". With a "who", a "where" or a "to" behind it only that is. */
const forbidden = (line: string): string[] =>
  [...line.matchAll(/\b(?:no ([a-z]+ing)|never ([a-z]+))(?=[.,;!]|$)/gi)].map((m) => stem(m[1] ?? m[2]));

describe('the words of a game', () => {
  it.each(GAMES.map((g) => [g.title, g.id as string]))('forbid nothing that they ask for: %s', (_, id) => {
    const lines = saidIn(id);
    const against = lines.flatMap((line) =>
      forbidden(line).flatMap((verb) =>
        lines
          .filter((other) => !NOT.test(other) && new RegExp(`\\b${verb}(?:s|es|ed|ing)?\\b`, 'i').test(other))
          .map((other) => `${line} ↔ ${other}`),
      ),
    );
    expect(against).toEqual([]);
  });

  it('catches a card that forbids pulling and asks for it', () => {
    expect(forbidden('A touch on the shoe, no pulling')).toEqual(['pull']);
    expect(forbidden('Lead, never pull')).toEqual(['pull']);
    expect(forbidden('Never run where others throw')).toEqual([]);
  });

  it('leave numbers to the settings: no story has one', () => {
    const NUMBER = /\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|\d+)\b/i;
    expect(GAMES.filter((g) => NUMBER.test(g.story ?? '')).map((g) => `${g.title}: ${g.story}`)).toEqual([]);
  });
});
