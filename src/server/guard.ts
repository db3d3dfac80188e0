import type { RequestHandler } from 'express';

/** The longest one answer may take, ms; restoring a backup is the slowest. */
const MOST_MS = 60_000;

/** "127.0.0.1:4600" → "127.0.0.1"; "[::1]:4600" → "[::1]". */
const nameOf = (host: string) => host.replace(/:\d+$/, '');
const HERE = new Set(['127.0.0.1', 'localhost', '[::1]']);

/**
 * Lets through what this computer's own pages ask. A foreign Host is a page elsewhere whose name was pointed here; a foreign
 * Origin is a page elsewhere that asks over the teacher's browser: both get 403. No Origin at all (a script of this computer's
 * own, a plain address typed in) may ask.
 */
export const onlyFromHere: RequestHandler = (req, res, next) => {
  const host = req.headers.host ?? '';
  const { origin } = req.headers;
  const foreign =
    !HERE.has(nameOf(host)) || (origin !== undefined && origin !== `http://${host}`) || req.headers['sec-fetch-site'] === 'cross-site';
  if (foreign) res.status(403).json({ code: 'foreign', issues: [] });
  else next();
};

/** Work that goes on whether or not somebody waits for it: what comes of it is told later. */
const GOES_ON = /^\/backups(\/|$)/;

/** Ends an answer that takes too long with 503 instead of leaving the page waiting; says so if the work goes on all the same. */
export const inTime: RequestHandler = (req, res, next) => {
  const code = req.method === 'POST' && GOES_ON.test(req.path) ? 'still-working' : 'too-slow';
  const timer = setTimeout(() => {
    if (!res.headersSent) res.status(503).json({ code, issues: [] });
  }, MOST_MS);
  res.on('close', () => clearTimeout(timer));
  next();
};
