import { describe, expect, it } from 'vitest';
import { demoDesk } from '../../content/desk.fixture.ts';
import { GAMES } from '../../content/games.ts';
import { FORMATS } from '../formats/registry.ts';
import { type FormatId, Game } from '../model/game.ts';
import { changeWords, FIELD_LABELS } from '../words/gameFields.en.ts';
import { blankGame, emptyFields, emptyValue, type Field, filledGame, gameChanges, setupFields } from './gameFields.ts';
import { previewGame } from './preview.ts';

const { lesson: _, ...period } = demoDesk();
const formats = Object.keys(FORMATS) as FormatId[];
const first = (format: string) => GAMES.find((g) => g.format === format)!;
const keysIn = (field: Field): string[] => [
  field.key,
  ...(field.kind === 'part' ? field.fields.flatMap(keysIn) : field.kind === 'list' ? keysIn(field.of) : []),
];

describe.each(formats)('a game made from %s', (format) => {
  it('has a word for every field that is asked for', () => {
    const keys = setupFields(format).flatMap(keysIn);
    expect(keys.filter((key) => !FIELD_LABELS[key])).toEqual([]);
  });

  it('begins without words on a floor that can be drawn, lists what is empty and what its rules leave open', () => {
    const blank = blankGame(first(format));
    expect(Game.safeParse(blank).success).toBe(false);
    const empty = emptyFields(blank);
    expect(empty).toContainEqual(['title']);
    expect(empty.length).toBeGreaterThan(3);
    const { row, rules, holes, settings } = previewGame(period, filledGame(blank));
    expect(row.pieces.length).toBeGreaterThan(0);
    expect(rules.length).toBeGreaterThan(4);
    expect(settings.length).toBeGreaterThan(5);
    expect(holes.some((h) => h.code === 'rule-missing')).toBe(true);
  });

  it('is whole once its words are there, and has no hole once its rules are', () => {
    const filled = filledGame(blankGame(first(format)));
    expect(emptyFields(filled)).toEqual([]);
    const usual = ['boundary', 'restart', 'tie', 'calm-down', 'start', 'aim'] as const;
    const ruled = { ...filled, rules: [...usual.map((kind) => ({ kind, text: '' })), ...faultsOf(filled)] } as Game;
    expect(Game.safeParse(ruled).success).toBe(true);
    expect(previewGame(period, ruled).holes.filter((h) => h.code !== 'rule-no-gear')).toEqual([]);
  });
});

/** Rules for faults that the board names. */
const faultsOf = (game: Game) =>
  Object.values(FORMATS[game.format].faults).map((fault) => ({ kind: 'fault' as const, fault, does: '', next: '', back: '' }));

describe('a copy with other settings', () => {
  const carts = GAMES.find((g) => g.id === 'mill-carts')!;

  it('is told as its difference from the original', () => {
    const copy = { ...carts, title: 'Carts at dusk', bands: { ...carts.bands, '4-5': { turnsEach: 3 } } } as Game;
    const changes = gameChanges(carts, copy);
    expect(changes.map((c) => changeWords(c, carts.format))).toEqual([
      'Title: Carts at dusk, was Carts and sacks',
      '4–5, Turns each in a stage: 3, was nothing',
    ]);
    expect(gameChanges(carts, carts)).toEqual([]);
  });

  it('tells changes of lists and parts by their place', () => {
    if (carts.format !== 'open-floor') throw new Error('another format');
    const stages = carts.setup.stages.map((s, i) => (i === 1 ? { ...s, text: 'Another way' } : s));
    const copy: Game = { ...carts, setup: { ...carts.setup, stages, objects: ['beanbag'] } };
    expect(gameChanges(carts, copy).map((c) => c.path)).toEqual([
      ['setup', 'objects', 1],
      ['setup', 'objects', 2],
      ['setup', 'stages', 1, 'text'],
    ]);
  });

  it('has new entries with an id of their own', () => {
    const stage = setupFields('open-floor').find((f) => f.key === 'stages')!;
    if (stage.kind !== 'list') throw new Error('no list');
    expect(emptyValue(stage.of, () => 'new-1')).toEqual({ id: 'new-1', title: '', kind: 'implement', text: '' });
  });
});
