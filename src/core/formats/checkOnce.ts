/** Throws RangeError if an id is listed twice in a field of a setup. */
export function checkOnce(field: string, ids: readonly string[]): void {
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  if (twice !== undefined) throw new RangeError(`invalid setup ${field}: ${JSON.stringify(twice)} is there twice`);
}
