import { cpSync, rmSync } from 'node:fs';
import path from 'node:path';
import { build } from 'esbuild';
import { root } from './install.mjs';

const out = path.join(root, 'dist/server');
rmSync(out, { recursive: true, force: true });
await build({
  // The server, and what runs beside it: a thread that reads files that come in, a process that opens backups.
  entryPoints: Object.fromEntries(
    Object.entries({ main: 'main.ts', reader: 'aside/reader.ts', archive: 'aside/archive.ts' }).map(([name, file]) => [
      name,
      path.join(root, 'src/server', file),
    ]),
  ),
  outdir: out,
  bundle: true,
  // One file, so that a start reads one and not hundreds; the embedded database brings files of its own and stays outside.
  external: ['@electric-sql/pglite'],
  // Its default entry asks for its parts by names that a bundle does not have.
  alias: { 'jsonc-parser': 'jsonc-parser/lib/esm/main.js' },
  banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  platform: 'node',
  format: 'esm',
  target: 'node20',
  outExtension: { '.js': '.mjs' },
  logLevel: 'warning',
});
cpSync(path.join(root, 'src/server/migrations'), path.join(out, 'migrations'), { recursive: true });
