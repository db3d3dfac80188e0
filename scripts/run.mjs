import { spawn } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { installPackages, root, run } from './install.mjs';

const [task, ...rest] = process.argv.slice(2);
installPackages();

/** Time of the newest file below a folder. */
function newest(dir) {
  let latest = 0;
  for (const entry of readdirSync(dir, { withFileTypes: true, recursive: true })) {
    if (entry.isFile()) latest = Math.max(latest, statSync(path.join(entry.parentPath ?? entry.path, entry.name)).mtimeMs);
  }
  return latest;
}

/** What is measured is what runs: the benchmarks are built as the server is, with packages left outside. */
async function buildBench() {
  const { build } = await import('esbuild');
  const out = path.join(root, 'dist/bench/main.mjs');
  await build({
    entryPoints: [path.join(root, 'bench/main.ts')],
    outfile: out,
    bundle: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    target: 'node20',
    define: { 'import.meta.dirname': JSON.stringify(path.join(root, 'bench')) },
    logLevel: 'warning',
  });
  return out;
}

if (task === 'bench') {
  run(process.execPath, [await buildBench(), ...rest]);
} else {
  const built = path.join(root, 'dist/server/main.mjs');
  const page = path.join(root, 'dist/web/index.html');
  if (!existsSync(built) || !existsSync(page) || statSync(built).mtimeMs < newest(path.join(root, 'src'))) {
    console.log('Building …');
    run('npm', ['run', '--silent', 'build']);
  }
  const args = ['--liftoff-only', built, ...(task === 'demo' ? ['--demo'] : []), ...rest];
  const child = spawn(process.execPath, args, { cwd: root, stdio: 'inherit' });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code) => process.exit(code ?? 1));
}
