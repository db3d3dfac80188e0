import { existsSync } from 'node:fs';
import path from 'node:path';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { ZodError } from 'zod';
import type { Database } from './database.ts';
import { inTime, onlyFromHere } from './guard.ts';
import { type Journal, noJournal } from './journal.ts';
import type { Notices } from './notices.ts';
import { plainJson } from './plainJson.ts';
import { Problem } from './problem.ts';
import { adaptationRoutes } from './routes/adaptations.ts';
import { backupRoutes } from './routes/backups.ts';
import { classRoutes } from './routes/classes.ts';
import { demoRoutes } from './routes/demo.ts';
import { exchangeRoutes } from './routes/exchange.ts';
import { factRoutes } from './routes/facts.ts';
import { gameRoutes } from './routes/games.ts';
import { gearRoutes } from './routes/gear.ts';
import { guestRoutes } from './routes/guest.ts';
import { importRoutes } from './routes/imports.ts';
import { ladderRoutes } from './routes/ladders.ts';
import { planRoutes } from './routes/plans.ts';
import { removalRoutes } from './routes/removals.ts';
import { runRoutes } from './routes/runs.ts';
import type { Backups } from './store.ts';

/** Where it went wrong, without what was being written: messages of the database carry names and notes. */
function traceOf(error: unknown): string {
  if (!(error instanceof Error)) return 'a request failed';
  const code = (error.cause as { code?: string } | undefined)?.code;
  const frames = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
  return [`a request failed: ${error.name}${code ? ` ${code}` : ''}`, ...frames.slice(0, 8)].join('\n');
}

/** True if there was no room left to write: by the system's own code, or the database's (53100). */
function isDiskFull(error: unknown): boolean {
  const { code, cause } = error as { code?: string; cause?: { code?: string } };
  return code === 'ENOSPC' || code === '53100' || cause?.code === '53100';
}

const answerProblem: ErrorRequestHandler = (error, _req, res, _next) => {
  if (error instanceof Problem) res.status(error.status).json({ code: error.code, issues: error.issues, ...error.more });
  else if (error?.type === 'entity.too.large') res.status(413).json({ code: 'too-large', issues: [{ path: [], code: 'too-large' }] });
  else if (error?.type === 'entity.parse.failed' || error?.type === 'encoding.unsupported' || error?.type === 'charset.unsupported')
    res.status(400).json({ code: 'not-json', issues: [{ path: [], code: 'not-json' }] });
  // Express and its readers say by a status what a request got wrong: an address that is no text, a body cut off.
  else if (error?.status >= 400 && error.status < 500) res.status(error.status).json({ code: 'bad-request', issues: [] });
  else if (isDiskFull(error)) res.status(507).json({ code: 'disk-full', issues: [] });
  else {
    const damaged = error instanceof ZodError;
    console.error(damaged ? 'a stored record does not have its shape' : traceOf(error));
    res.status(500).json({ code: damaged ? 'damaged-record' : 'server', issues: [] });
  }
};

/** The most that one request's body may be; a browser sends what waits in parts of at most half of it. */
const BODY_LIMIT = '512kb';

/** The whole server as an express app: the interface under /api, the built web beside it. `now` is the only clock it has. */
export function makeApp(
  db: Database,
  options: { webDir?: string; now: () => number; journal?: Journal; backups?: Backups; notices?: Notices },
): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(onlyFromHere);
  app.use(compression());
  app.use(
    helmet({
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          // A teacher's own music file stays in the browser and is played from there.
          mediaSrc: ["'self'", 'blob:'],
          imgSrc: ["'self'", 'data:'],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          connectSrc: ["'self'"],
        },
      },
    }),
  );
  app.use('/api', inTime, exchangeRoutes(db));
  app.use('/api', express.json({ limit: BODY_LIMIT, strict: true }), plainJson);
  app.use(
    '/api',
    factRoutes(db),
    gameRoutes(db),
    gearRoutes(db),
    classRoutes(db),
    importRoutes(db, options.now),
    removalRoutes(db, options.now),
    demoRoutes(db, options.now, options.backups),
    planRoutes(db, options.now),
    adaptationRoutes(db),
    ladderRoutes(db),
    guestRoutes(db, options.now),
    runRoutes(db, options.now, options.journal ?? noJournal(db)),
  );
  if (options.backups && options.notices) app.use('/api', backupRoutes(options.backups, options.notices));
  app.get('/api/health', (_req, res) => void res.json({ ok: true }));
  app.use('/api', (_req, res) => void res.status(404).json({ code: 'unknown-route', issues: [] }));
  const { webDir } = options;
  if (webDir && existsSync(webDir)) {
    // Pages and the worker are asked for anew each time; everything else carries its version in its name.
    const fresh = (file: string) => (/(index\.html|sw\.js)$/.test(file) ? 'no-cache' : 'public, max-age=31536000, immutable');
    app.use(express.static(webDir, { index: false, setHeaders: (res, file) => res.setHeader('cache-control', fresh(file)) }));
    app.get(/.*/, (_req, res) => void res.sendFile(path.join(webDir, 'index.html'), { headers: { 'cache-control': 'no-cache' } }));
  }
  app.use(answerProblem);
  return app;
}
