import { visit } from 'jsonc-parser';

/** How much a JSON text may hold. */
export interface JsonBounds {
  values: number;
  depth: number;
}
export interface JsonFault {
  code: 'no-json' | 'too-many' | 'too-deep';
  /** From 1. */
  line: number;
}

const [QUOTE, BACKSLASH, COMMA, NEWLINE] = [0x22, 0x5c, 0x2c, 0x0a];
const [OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [0x5b, 0x5d, 0x7b, 0x7d];

/**
 * What a text in UTF-8 has more of than `bounds` allows, with its line, or undefined. Counts commas and brackets outside of texts
 * in one pass and makes no value: 39 MB of numbers become a gigabyte of them before anything else could count.
 */
export function beyondBounds(bytes: Uint8Array, { values, depth }: JsonBounds): JsonFault | undefined {
  let [line, commas, open] = [1, 0, 0];
  for (let i = 0; i < bytes.length; i++) {
    switch (bytes[i]) {
      case QUOTE:
        for (i += 1; i < bytes.length && bytes[i] !== QUOTE; i++) if (bytes[i] === BACKSLASH) i += 1;
        break;
      case NEWLINE:
        line += 1;
        break;
      case COMMA:
        commas += 1;
        if (commas >= values) return { code: 'too-many', line };
        break;
      case OPEN_LIST:
      case OPEN_OBJECT:
        open += 1;
        if (open > depth) return { code: 'too-deep', line };
        break;
      case CLOSE_LIST:
      case CLOSE_OBJECT:
        open -= 1;
    }
  }
  return undefined;
}

/** The line on which a text stops being JSON. */
function lineOfError(text: string): number {
  let first: number | undefined;
  const onError = (_code: number, _offset: number, _length: number, line: number) => {
    first ??= line + 1;
  };
  visit(text, { onError }, { disallowComments: true });
  return first ?? 1;
}

/** The value of a JSON text within bounds, or what is wrong with it and on which line. */
export function readJson(bytes: Uint8Array, bounds: JsonBounds): { ok: true; value: unknown } | { ok: false; fault: JsonFault } {
  const fault = beyondBounds(bytes, bounds);
  if (fault) return { ok: false, fault };
  const text = new TextDecoder().decode(bytes);
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch {
    return { ok: false, fault: { code: 'no-json', line: lineOfError(text) } };
  }
}
