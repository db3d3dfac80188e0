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

if (task === 'bench') {
  run('npx', ['tsx', 'bench/main.ts', ...rest]);
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
