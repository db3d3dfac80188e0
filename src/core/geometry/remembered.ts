/** How many answers are kept. */
const KEPT = 300;

/**
 * The same pure function, its last answers kept by the text of their arguments: a re-fit asks for the same packing many
 * times while fixes are weighed. `kept`: fewer if they are large. Answers are shared, so callers must not change them.
 */
export function remembered<A extends readonly unknown[], R>(fn: (...args: A) => R, kept = KEPT): (...args: A) => R {
  const known = new Map<string, R>();
  return (...args) => {
    const key = JSON.stringify(args);
    const hit = known.get(key);
    if (hit !== undefined) return hit;
    const made = fn(...args);
    if (known.size >= kept) known.delete(known.keys().next().value!);
    known.set(key, made);
    return made;
  };
}
