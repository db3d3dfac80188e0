import { z } from 'zod';
import { type FormatId, Game } from '../model/game.ts';

/** A field of a game's setup, as a page asks for it: read from the format's schema. */
export type Field = { key: string; isOptional: boolean } & (
  | { kind: 'text'; most: number }
  | { kind: 'gear' }
  | { kind: 'choice'; options: string[] }
  | { kind: 'number'; least: number; most: number; isWhole: boolean }
  | { kind: 'switch' }
  | { kind: 'list'; of: Field; least: number; most: number }
  | { kind: 'part'; fields: Field[] }
);

interface Schema {
  type?: string;
  properties?: Record<string, Schema>;
  required?: string[];
  items?: Schema;
  prefixItems?: Schema[];
  enum?: unknown[];
  minItems?: number;
  maxItems?: number;
  minimum?: number;
  maximum?: number;
  exclusiveMinimum?: number;
  maxLength?: number;
}

/** Keys whose text is a kind of gear, and those that the page does not ask for: names within the game, and what few games need. */
const GEAR = new Set(['objects', 'implement', 'gearKind', 'marker', 'home', 'hoop']);
const LEFT_OUT = new Set(['id', 'needs', 'cell', 'skill', 'share', 'instead']);

function fieldOf(key: string, schema: Schema, isOptional: boolean): Field {
  const base = { key, isOptional };
  if (schema.prefixItems) {
    const count = schema.prefixItems.length;
    return { ...base, kind: 'list', of: fieldOf(key, schema.prefixItems[0], false), least: count, most: count };
  }
  if (schema.type === 'array')
    return { ...base, kind: 'list', of: fieldOf(key, schema.items ?? {}, false), least: schema.minItems ?? 0, most: schema.maxItems ?? 40 };
  if (schema.type === 'object') return { ...base, kind: 'part', fields: fieldsIn(schema) };
  if (schema.enum) return { ...base, kind: 'choice', options: schema.enum.map(String) };
  if (schema.type === 'boolean') return { ...base, kind: 'switch' };
  if (schema.type === 'integer' || schema.type === 'number')
    return {
      ...base,
      kind: 'number',
      least: schema.minimum ?? schema.exclusiveMinimum ?? 0,
      most: schema.maximum ?? 1000,
      isWhole: schema.type === 'integer',
    };
  return GEAR.has(key) ? { ...base, kind: 'gear' } : { ...base, kind: 'text', most: schema.maxLength ?? 240 };
}

const fieldsIn = ({ properties = {}, required = [] }: Schema): Field[] =>
  Object.entries(properties).flatMap(([key, each]) => (LEFT_OUT.has(key) ? [] : [fieldOf(key, each, !required.includes(key))]));

const known = new Map<string, Field[]>();

/** The fields of a format's setup, in the order of its schema. */
export function setupFields(format: FormatId): Field[] {
  const made = known.get(format);
  if (made) return made;
  const option = Game.options.find((o) => o.shape.format.value === format)!;
  const fields = fieldsIn(z.toJSONSchema(option.shape.setup, { io: 'input', unrepresentable: 'any' }) as Schema);
  known.set(format, fields);
  return fields;
}

type Value = unknown;
const asObject = (value: Value) => (value ?? {}) as Record<string, Value>;
const asList = (value: Value) => (Array.isArray(value) ? (value as Value[]) : []);

/** A new value of a field: no words yet, the first of its choices, the least of its numbers. */
export function emptyValue(field: Field, idOf: () => string): Value {
  switch (field.kind) {
    case 'text':
    case 'gear':
      return '';
    case 'choice':
      return field.options[0];
    case 'number':
      return field.least;
    case 'switch':
      return false;
    case 'list':
      return Array.from({ length: field.least }, () => emptyValue(field.of, idOf));
    case 'part':
      return { id: idOf(), ...Object.fromEntries(field.fields.flatMap((f) => (f.isOptional ? [] : [[f.key, emptyValue(f, idOf)]]))) };
  }
}

/** A value with every text in it changed; gear, choices and numbers stay. */
function withTexts(field: Field, value: Value, change: (text: string) => string): Value {
  if (value === undefined) return value;
  switch (field.kind) {
    case 'text':
      return change(String(value));
    case 'list':
      return asList(value).map((each) => withTexts(field.of, each, change));
    case 'part':
      return {
        ...asObject(value),
        ...Object.fromEntries(
          field.fields.flatMap((f) =>
            asObject(value)[f.key] === undefined ? [] : [[f.key, withTexts(f, asObject(value)[f.key], change)]],
          ),
        ),
      };
    default:
      return value;
  }
}

/** Entries that a blank game keeps of a list of parts, so that its floor can be drawn. */
const KEPT = 2;

/** A value without its words: lists of words as short as may be, lists of parts with their first two. */
function blanked(field: Field, value: Value): Value {
  if (value === undefined) return value;
  if (field.kind === 'text') return '';
  if (field.kind === 'part')
    return {
      ...asObject(value),
      ...Object.fromEntries(
        field.fields.flatMap((f) => (asObject(value)[f.key] === undefined ? [] : [[f.key, blanked(f, asObject(value)[f.key])]])),
      ),
    };
  if (field.kind !== 'list') return value;
  const { of, least } = field;
  const keep =
    of.kind === 'part'
      ? Math.max(least, KEPT)
      : of.kind === 'text'
        ? Math.max(least, Math.min(1, asList(value).length))
        : asList(value).length;
  return asList(value)
    .slice(0, keep)
    .map((each) => blanked(of, each));
}

/** A game of a format without words, rules or settings, on the floor and with the gear of another one. */
export function blankGame(like: Game): Game {
  const fields = setupFields(like.format);
  const setup = Object.fromEntries(
    fields.flatMap((f) => (asObject(like.setup)[f.key] === undefined ? [] : [[f.key, blanked(f, asObject(like.setup)[f.key])]])),
  );
  return {
    ...like,
    ...{ title: '', aim: '', story: '', attentionCall: '', stopSignal: '' },
    ...{ families: [], rules: [], offences: [], questions: [], demands: [], purpose: [], bands: {} },
    own: true,
    madeFrom: undefined,
    setup: { ...(like.setup as object), ...setup },
  } as unknown as Game;
}

/** A game whose empty texts say "…", so that its floor can be drawn before its words are there. */
export function filledGame(game: Game): Game {
  const fill = (text: string) => text.trim() || '…';
  const setup = Object.fromEntries(setupFields(game.format).map((f) => [f.key, withTexts(f, asObject(game.setup)[f.key], fill)]));
  return { ...game, title: fill(game.title), aim: fill(game.aim), setup: { ...(game.setup as object), ...setup } } as unknown as Game;
}

/** Where a game still has no words or no gear: the keys and numbers that lead there. */
export function emptyFields(game: Game): (string | number)[][] {
  const found: (string | number)[][] = [];
  const look = (field: Field, value: Value, path: (string | number)[]): void => {
    if (value === undefined && field.isOptional) return;
    if ((field.kind === 'text' || field.kind === 'gear') && !String(value ?? '').trim()) found.push(path);
    if (field.kind === 'list') for (const [i, each] of asList(value).entries()) look(field.of, each, [...path, i]);
    if (field.kind === 'part') for (const f of field.fields) look(f, asObject(value)[f.key], [...path, f.key]);
  };
  if (!game.title.trim()) found.push(['title']);
  if (!game.aim.trim()) found.push(['aim']);
  for (const field of setupFields(game.format)) look(field, asObject(game.setup)[field.key], [field.key]);
  // Where something may be empty its schema says so.
  const parsed = Game.safeParse(game);
  if (parsed.success) return [];
  const faulty = new Set(parsed.error.issues.map((issue) => issue.path.filter((p) => p !== 'setup').join('.')));
  return found.filter((path) => faulty.has(path.join('.')));
}

/** Something in which a game differs from the one it was made from. */
export interface GameChange {
  path: (string | number)[];
  was: unknown;
  is: unknown;
}

/** How a copy differs from its original: settings by band, setup, words; single values, in the order of the record. */
export function gameChanges(original: Game, copy: Game): GameChange[] {
  const found: GameChange[] = [];
  const compare = (was: unknown, is: unknown, path: (string | number)[]): void => {
    if (JSON.stringify(was) === JSON.stringify(is)) return;
    const isDeep = (v: unknown) => typeof v === 'object' && v !== null;
    if (!isDeep(was) || !isDeep(is) || Array.isArray(was) !== Array.isArray(is)) {
      found.push({ path, was, is });
      return;
    }
    const keys = [...new Set([...Object.keys(was as object), ...Object.keys(is as object)])];
    for (const key of keys)
      compare((was as Record<string, unknown>)[key], (is as Record<string, unknown>)[key], [
        ...path,
        Array.isArray(was) ? Number(key) : key,
      ]);
  };
  const told = [
    'title',
    'aim',
    'families',
    'noise',
    'outdoors',
    'story',
    'attentionCall',
    'stopSignal',
    'bands',
    'setup',
    'rules',
    'offences',
    'questions',
  ] as const;
  for (const key of told) compare(original[key], copy[key], [key]);
  return found;
}
