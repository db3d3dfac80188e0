import { describe, expect, it } from 'vitest';
import { beyondBounds, readJson } from './jsonText.ts';

const bytes = (text: string) => new TextEncoder().encode(text);
const BOUNDS = { values: 10, depth: 4 };

describe('readJson', () => {
  it.each([
    ['{"a":[1,2,3],"b":"x,y,z,[[[[[["}', { a: [1, 2, 3], b: 'x,y,z,[[[[[[' }],
    ['"a \\" , \\\\"', 'a " , \\'],
    ['\uFEFF"é"'.slice(1), 'é'],
  ])('reads %s', (text, value) => expect(readJson(bytes(text), BOUNDS)).toEqual({ ok: true, value }));

  it.each([
    ['too many values', `[\n${'1,\n'.repeat(20)}1]`, 'too-many', 11],
    ['too deep a text', '\n[[\n[[[\n]]]]]', 'too-deep', 3],
    ['a missing value', '{\n"a": 1,\n"b": }', 'no-json', 3],
    ['a text that ends early', '{\n"a": [1,\n2', 'no-json', 3],
    ['comments', '// mills\n1', 'no-json', 1],
    ['a quote that is never closed', '["mill', 'no-json', 1],
    ['nothing', '', 'no-json', 1],
  ])('says of %s on which line it is', (_, text, code, line) =>
    expect(readJson(bytes(text), BOUNDS)).toEqual({ ok: false, fault: { code, line } }),
  );

  it('counts before anything is made: as many values as JSON.parse finds', () => {
    const text = JSON.stringify(Array.from({ length: 9 }, (_, i) => i));
    expect(beyondBounds(bytes(text), { values: 9, depth: 1 })).toBeUndefined();
    expect(beyondBounds(bytes(text), { values: 8, depth: 1 })).toMatchObject({ code: 'too-many' });
  });
});
