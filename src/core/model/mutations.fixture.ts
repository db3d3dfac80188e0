type Json = unknown;
type Path = (string | number)[];
type Random = () => number;

const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)];

/** What breaks readers, by what stands there: borders of numbers, wrong kinds, names that every object has, other people's ids. */
const FOR = {
  number: [-1, 0, 1.5, 1e308, -1e308, 2 ** 53, 86_401, null, '5', [], {}, true],
  string: ['', 'x'.repeat(5000), 'constructor', '__proto__', 'toString', 'nobody', '🔔', null, 7, [], {}],
  boolean: [null, 0, 'yes', {}],
  null: [0, '', [], {}],
  list: [[], null, {}, 'list', [null], [[]], [0, 0, 0], 7],
  object: [{}, null, [], 'object', 7, { length: 1e9 }],
};
const kindOf = (value: Json): keyof typeof FOR =>
  value === null ? 'null' : Array.isArray(value) ? 'list' : (typeof value as 'number' | 'string' | 'boolean' | 'object');

/** Every place inside a JSON value, the value itself left out. */
export function pathsIn(value: Json, at: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [];
  const keys: Path = Array.isArray(value) ? [...value.keys()] : Object.keys(value);
  return keys.flatMap((key) => [[...at, key], ...pathsIn((value as Record<string | number, Json>)[key], [...at, key])]);
}

/** One representative of places that differ by their indices alone, so that rare fields come up as often as common ones. */
export function shapesOf(paths: readonly Path[], random: Random): Path[] {
  const byShape = new Map<string, Path[]>();
  for (const path of paths) {
    const shape = path.map((p) => (typeof p === 'number' ? '#' : p)).join('.');
    byShape.set(shape, [...(byShape.get(shape) ?? []), path]);
  }
  return [...byShape.values()].map((list) => pick(list, random));
}

/**
 * A copy of a JSON value with the thing at `path` changed: another value of its kind or of another, left out, doubled, or taken
 * from somewhere else in the same value.
 */
export function mutatedAt(value: Json, path: Path, random: Random): { value: Json; what: string } {
  const copy = structuredClone(value) as Record<string | number, Json>;
  const [last] = path.slice(-1);
  let holder = copy;
  for (const key of path.slice(0, -1)) holder = holder[key] as Record<string | number, Json>;
  const way = random();
  const name = path.join('.');
  if (way < 0.15) {
    if (Array.isArray(holder)) holder.splice(Number(last), 1);
    else delete holder[last];
    return { value: copy, what: `${name} left out` };
  }
  if (way < 0.25 && Array.isArray(holder)) {
    holder.push(structuredClone(holder[Number(last)]));
    return { value: copy, what: `${name} twice` };
  }
  const replacement = structuredClone(pick(FOR[kindOf(holder[last])], random));
  holder[last] = replacement;
  return { value: copy, what: `${name} = ${JSON.stringify(replacement)?.slice(0, 40)}` };
}
