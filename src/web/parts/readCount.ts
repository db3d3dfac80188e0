/** A count as it was typed; anything else is refused with an example. `of`: the field, where the message stands apart from it. */
export function readCount(text: string, of?: string): number {
  if (!/^\d+$/.test(text.trim())) throw new Error(`${of ? `${of}: ` : ''}"${text}" is not a count. Write 12.`);
  return Number(text);
}
