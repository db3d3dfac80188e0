/** A number as it was typed, with a point or a comma; anything else is refused. */
export function readNumber(text: string): number {
  const value = Number(text.replace(',', '.'));
  if (!text.trim() || !Number.isFinite(value)) throw new Error(`"${text}" is not a number.`);
  return value;
}

/** The same above zero. */
export function readAboveZero(text: string): number {
  const value = Number(text.replace(',', '.'));
  if (!text.trim() || !Number.isFinite(value) || value <= 0) throw new Error(`"${text}" is not a number above zero.`);
  return value;
}

/** A least and a most as they were typed, "90–180"; anything else is refused with the example. */
export function readSpan(text: string, example: string): [number, number] {
  const match = text.match(/^\s*(\d+(?:\.\d+)?)\s*(?:–|-|to)\s*(\d+(?:\.\d+)?)\s*$/);
  if (!match || Number(match[1]) > Number(match[2])) throw new Error(`"${text}" is not a span. Write ${example}.`);
  return [Number(match[1]), Number(match[2])];
}
