import type { Gear } from '../../core/model/gear.ts';

/** "4 red" or "red 4". */
const COUNT_FIRST = /^(?<count>\d{1,3})\s+(?<colour>\D+)$/;
const COUNT_LAST = /^(?<colour>\D+?)\s*:?\s+(?<count>\d{1,3})$/;

/** Counts by color as they were typed: "4 red, 6 blue" or "red 4, blue 6"; undefined for an empty text. Throws with the part that cannot be read. */
export function readColours(text: string): Gear['byColour'] {
  const parts = text
    .split(/[,;]/)
    .map((p) => p.trim())
    .filter(Boolean);
  if (parts.length === 0) return undefined;
  return parts.map((part) => {
    const { count, colour } = (part.match(COUNT_FIRST) ?? part.match(COUNT_LAST))?.groups ?? {};
    if (!(Number(count) >= 1)) throw new Error(`"${part}" has no count and color. Write 4 red, 6 blue.`);
    return { colour: colour.trim(), count: Number(count) };
  });
}
