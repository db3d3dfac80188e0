/** How many answers are kept. */
const KEPT = 300;

/** A map that forgets what was used longest ago. */
export class Recent<K, V> {
  readonly #most: number;
  readonly #known = new Map<K, V>();
  constructor(most: number) {
    this.#most = most;
  }
  get(key: K): V | undefined {
    const hit = this.#known.get(key);
    if (hit !== undefined) {
      this.#known.delete(key);
      this.#known.set(key, hit);
    }
    return hit;
  }
  /** The value known for the key, made if there is none. */
  of(key: K, make: () => V): V {
    const hit = this.get(key);
    if (hit !== undefined) return hit;
    const made = make();
    if (this.#known.size >= this.#most) this.#known.delete(this.#known.keys().next().value!);
    this.#known.set(key, made);
    return made;
  }
}

/**
 * The same pure function, its last answers kept by the text of their arguments: a re-fit asks for the same packing many
 * times while fixes are weighed. `kept`: fewer if they are large. Answers are shared, so callers must not change them.
 */
export function memoize<A extends readonly unknown[], R>(fn: (...args: A) => R, kept = KEPT): (...args: A) => R {
  const known = new Recent<string, R>(kept);
  return (...args) => known.of(JSON.stringify(args), () => fn(...args));
}

/**
 * Numbers for the content of plain data: equal content has the same number as long as it is among the `kept` last ones. The
 * data must not change afterwards.
 */
export function contentIds(kept: number): (value: object | null) => number {
  const numbers = new WeakMap<object, number>();
  const texts = new Recent<string, number>(kept);
  let last = 0;
  return (value) => {
    if (value === null) return 0;
    const known = numbers.get(value);
    if (known !== undefined) return known;
    const id = texts.of(JSON.stringify(value), () => ++last);
    numbers.set(value, id);
    return id;
  };
}
