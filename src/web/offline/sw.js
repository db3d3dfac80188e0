/* Keeps Side Court open without its server: the program from the last build, and what was last asked of the server. */
const VERSION = '__VERSION__';
const ASSETS = __ASSETS__;
const PROGRAM = `side-court-program-${VERSION}`;
const KNOWN = 'side-court-known';
/** Answers that are worth keeping; exports and backups are not. */
const KEEP = /^\/api\/(school|classes|rooms|painted-lines|gear|games|days|periods|lessons|runs)(\/|$)/;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(PROGRAM)
      .then((cache) => cache.addAll(ASSETS))
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener('activate', (event) => {
  const old = (names) => names.filter((name) => name.startsWith('side-court-program-') && name !== PROGRAM);
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(old(names).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  );
});

/** Answers older than this are let go: what was removed from the school does not stay in the browser. */
const MOST_DAYS = 14;
async function letGo() {
  const cache = await caches.open(KNOWN);
  const oldest = Date.now() - MOST_DAYS * 86_400_000;
  for (const request of await cache.keys()) {
    const date = (await cache.match(request))?.headers.get('date');
    if (!date || new Date(date).getTime() < oldest) await cache.delete(request);
  }
}

/** The same without what is a student's own: supports, limits, wishes, notes to sort, steps of skills and marks at them never stay in the browser. */
function withoutSupports(value) {
  if (Array.isArray(value)) return value.filter((each) => each?.type !== 'mark').map(withoutSupports);
  if (value === null || typeof value !== 'object') return value;
  const copy = Object.fromEntries(Object.entries(value).map(([key, each]) => [key, withoutSupports(each)]));
  if (copy.kind !== 'student-private') return copy;
  const {
    refined: _,
    limits: __,
    wishes: ___,
    wish: ____,
    ladders: _____,
    handYes: ______,
    band: _______,
    toSort: ________,
    ...rest
  } = copy;
  return { ...rest, supports: [] };
}

async function keep(cache, request, answer) {
  if (!/json/.test(answer.headers.get('content-type') ?? '')) return;
  const text = await answer.text();
  const kept = /"student-private"|"type":"mark"/.test(text) ? JSON.stringify(withoutSupports(JSON.parse(text))) : text;
  const headers = new Headers({ 'content-type': answer.headers.get('content-type'), date: answer.headers.get('date') ?? '' });
  await cache.put(request, new Response(kept, { status: 200, headers }));
}

/** The server's answer, kept for later; without one the last that was kept, marked as such. */
async function known(request) {
  const cache = await caches.open(KNOWN);
  try {
    const answer = await fetch(request);
    if (answer.ok) await keep(cache, request, answer.clone());
    return answer;
  } catch (error) {
    const kept = await cache.match(request);
    if (!kept) throw error;
    const headers = new Headers(kept.headers);
    headers.set('x-side-court-kept', kept.headers.get('date') ?? '');
    return new Response(await kept.blob(), { status: 200, headers });
  }
}

async function page(request) {
  try {
    return await fetch(request);
  } catch (error) {
    const kept = await caches.match('/', { cacheName: PROGRAM });
    if (!kept) throw error;
    return kept;
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (url.pathname.startsWith('/api/')) {
    if (KEEP.test(url.pathname)) event.respondWith(known(request));
  } else if (request.mode === 'navigate') {
    event.respondWith(page(request));
    event.waitUntil(letGo());
  } else event.respondWith(caches.match(request, { cacheName: PROGRAM }).then((kept) => kept ?? fetch(request)));
});
