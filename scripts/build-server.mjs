import { cpSync, rmSync } from 'node:fs';
import path from 'node:path';
import { build } from 'esbuild';
import { root } from './install.mjs';

const out = path.join(root, 'dist/server');
rmSync(out, { recursive: true, force: true });
await build({
  entryPoints: [path.join(root, 'src/server/main.ts')],
  outdir: out,
  bundle: true,
  // One file, so that a start reads one and not hundreds; the embedded database brings files of its own and stays outside.
  external: ['@electric-sql/pglite'],
  banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  platform: 'node',
  format: 'esm',
  target: 'node20',
  outExtension: { '.js': '.mjs' },
  logLevel: 'warning',
});
cpSync(path.join(root, 'src/server/migrations'), path.join(out, 'migrations'), { recursive: true });
