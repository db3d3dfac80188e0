import { todays } from '../e2e/app.ts';

export interface Request {
  method: string;
  path: string;
  body?: unknown;
}

/** What breaks programs: wrong kinds, borders of numbers and texts, names that every object has, nesting, other people's ids. */
const JUNK: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1e308,
  -1e308,
  1.5,
  2 ** 53,
  '',
  ' ',
  '0',
  'constructor',
  '__proto__',
  'toString',
  'a\0b',
  '\ud800',
  '\udfff',
  '<b>&"\'',
  '\u202e',
  'é'.normalize('NFD'),
  '../../x',
  '%00',
  'x'.repeat(5000),
  [],
  {},
  [[[]]],
  [null],
  { constructor: 1 },
  { length: 1e9 },
  { toJSON: 1 },
  Array(300).fill(0),
  Array(40).fill({ kind: 'rename', title: 'x' }),
  '2026-02-31',
  '25:61',
  'mill-gym',
  'grade-5a',
  'lesson-mills',
]; // prettier-ignore

type Random = () => number;
const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)];

/** A valid request of every kind that changes something, and those that read. */
export function validRequests(ids: { run: string; revision: number }): Request[] {
  const lesson = '/lessons/lesson-mills/edits';
  const edit = (change: object): Request => ({
    method: 'POST',
    path: lesson,
    body: { id: 'e1', revision: ids.revision, name: 'a change', edit: change },
  });
  const at = 1_790_000_000_000;
  const event = (more: object): Request => ({
    method: 'POST',
    path: `/runs/${ids.run}/events`,
    body: { events: [{ id: 'f1', at, ...more }] },
  });
  const cone = {
    id: 'c1',
    laid: 'cone',
    title: '',
    x: 5,
    y: 5,
    widthM: 0.25,
    lengthM: 0.25,
    turnedDeg: 0,
    locked: false,
    colour: 'orange',
  };
  const outline = [
    { x: 0, y: 0 },
    { x: 20, y: 0 },
    { x: 20, y: 12 },
    { x: 0, y: 12 },
  ]; // prettier-ignore
  const blockId = 'mills-game';
  const put = { value: { x: 3, y: 3 }, by: 'teacher', pinned: true };
  const block = { id: 'b1', phase: 'water', title: 'Water', least: 60, most: 120, weight: 1 };
  return [
    ...[
      '/school',
      '/classes',
      '/classes/grade-5a',
      '/rooms',
      '/gear',
      '/games',
      `/days/${todays('x').slice(2)}`,
      `/periods/${todays('mills')}/desk`,
      '/runs',
      `/runs/${ids.run}`,
      lesson,
      '/export',
      '/backups',
      '/notices',
      '/painted-lines',
      '/classes/grade-5a/met',
      `/runs/${ids.run}/entry`,
    ].map((path) => ({ method: 'GET', path })), // prettier-ignore
    { method: 'POST', path: '/classes', body: { name: 'Grade 5f', grade: '5' } },
    {
      method: 'PUT',
      path: '/classes/grade-5a',
      body: { kind: 'class', version: 1, schoolId: 'home', revision: 0, name: 'Grade 5a', grade: '5' },
    },
    { method: 'POST', path: '/classes/grade-5a/students', body: { givenName: 'Wren', familyName: 'Oak', rating: 3 } },
    {
      method: 'PUT',
      path: '/classes/grade-5a/students/grade-5a-1',
      body: { revision: 0, rating: 4, tags: ['leader'], wheels: 'walker', helper: 'Ms. Ask', calm: true },
    },
    { method: 'POST', path: '/classes/grade-5a/wishes', body: { wish: 'apart', students: ['grade-5a-3', 'grade-5a-4'] } },
    {
      method: 'POST',
      path: '/classes/grade-5a/import',
      body: { text: 'Given,Family\nWren,Oak', columns: ['given', 'family'], mode: 'add', commit: false },
    },
    {
      method: 'POST',
      path: '/rooms',
      body: {
        name: 'Shed',
        outline,
        doors: [{ id: 'd', name: 'door', wall: 0, atM: 1, widthM: 1, clearM: 1, swing: 'inwards', exit: true }],
      },
    },
    { method: 'POST', path: '/gear', body: { name: 'Hoops', gearKind: 'hoop', count: 4 } },
    {
      method: 'POST',
      path: '/periods',
      body: { date: '2026-09-10', start: '08:00', end: '08:45', classId: 'grade-5a', roomId: 'mill-gym' },
    },
    {
      method: 'POST',
      path: `/periods/${todays('weather')}/lesson`,
      body: { title: 'Storm', replace: true, from: 'lesson-mills', edits: { kind: 'rename', title: 'Storm' } },
    },
    {
      method: 'PUT',
      path: `/periods/${todays('mills')}/attendance`,
      body: { revision: 0, entries: { 'grade-5a-1': { status: 'late', role: 'plays' } } },
    },
    { method: 'POST', path: '/runs', body: { periodId: todays('mills') } },
    { method: 'POST', path: `/runs/${ids.run}/watch`, body: { window: 'abcdef', known: 0, take: true } },
    event({ type: 'pause' }),
    event({ type: 'adjust', seconds: 10 }),
    event({ type: 'count', gearKind: 'hoop', counted: 3 }),
    event({ type: 'note', text: 'a note' }),
    event({ type: 'strike', target: 'f1' }),
    event({ type: 'play', blockId, play: 0, since: at, event: { type: 'points', group: 0, points: 1 } }),
    event({ type: 'replace', target: 'f1', event: { type: 'points', group: 1, points: 1 } }),
    edit({ kind: 'rename', title: 'Mills' }),
    edit({ kind: 'insert-block', index: 0, block }),
    edit({ kind: 'set-block', blockId, patch: { title: 'Mills', note: 'x', least: 100, most: 900, weight: 2, vigour: 'vigorous' } }),
    edit({ kind: 'move-block', blockId, index: 1 }),
    edit({ kind: 'set-seconds', blockId, seconds: 900 }),
    edit({ kind: 'set-setting', blockId, key: 'workSeconds', value: 90 }),
    edit({ kind: 'place', blockId, pieceId: 'windmill', at: put }),
    edit({ kind: 'lay', blockId, put: [cone], take: [] }),
    edit({ kind: 'set-groups', blockId, groups: [['grade-5a-1', 'grade-5a-2'], ['grade-5a-3']] }),
    edit({ kind: 'set-locks', blockId, locks: { students: ['grade-5a-1'], groups: [0] } }),
    edit({ kind: 'accept', key: 'some-check', reason: 'known' }),
    edit({
      kind: 'many',
      edits: [
        { kind: 'rename', title: 'A' },
        { kind: 'rename', title: 'B' },
      ],
    }),
  ]; // prettier-ignore
}

/** Every place in a value, as the keys that lead there. */
function placesIn(value: unknown, path: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [path];
  const inner = Object.entries(value).flatMap(([key, each]) => placesIn(each, [...path, Array.isArray(value) ? Number(key) : key]));
  return [path, ...inner];
}

/** One change at one place of a body: another value, a key gone, doubled, renamed or added. */
function changed(body: unknown, random: Random): unknown {
  const copy = structuredClone(body);
  const place = pick(placesIn(copy), random);
  if (!place.length) return pick(JUNK, random);
  const holder = place.slice(0, -1).reduce<unknown>((at, key) => (at as Record<string | number, unknown>)[key], copy) as Record<
    string | number,
    unknown
  >;
  const key = place[place.length - 1];
  const kind = random();
  if (kind < 0.6) holder[key] = structuredClone(pick(JUNK, random));
  else if (kind < 0.75) delete holder[key];
  else if (Array.isArray(holder)) holder.push(...Array.from({ length: 1 + Math.floor(random() * 200) }, () => structuredClone(holder[0])));
  else {
    const name = pick(['constructor', 'extra', 'revision', 'id', 'kind', 'toString', 'a\0b'], random);
    Object.defineProperty(holder, name, { value: pick(JUNK, random), enumerable: true, configurable: true, writable: true });
  }
  return copy;
}

/** A request near a valid one: its body changed in one to three places, its path bent, its text cut or nested. */
export function nearlyValid(valid: readonly Request[], random: Random): { method: string; path: string; text?: string } {
  const { method, path, body } = pick(valid, random);
  const bent = random() < 0.15;
  const parts = path.split('/');
  if (bent)
    parts[1 + Math.floor(random() * (parts.length - 1))] = encodeURIComponent(
      String(pick(JUNK, random))
        .replace(/\p{Cs}/gu, '?')
        .slice(0, 80),
    );
  const where = random() < 0.03 ? `${path}/%E0%A4%A` : parts.join('/');
  if (body === undefined) return { method: random() < 0.1 ? pick(['POST', 'PUT', 'DELETE'], random) : method, path: where };
  let next: unknown = body;
  for (let n = Math.floor(random() * 4); n > 0; n--) next = changed(next, random);
  let text = JSON.stringify(next) ?? 'null';
  if (random() < 0.03) text = text.slice(0, Math.floor(random() * text.length));
  if (random() < 0.02) text = `${'{"edit":['.repeat(3000)}${text}`;
  return { method, path: where, text };
}
