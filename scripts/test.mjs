import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { installPackages, root } from './install.mjs';

const CHROMIUM = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

/** Chromium from Debian's packages, where neither it nor CHROMIUM_PATH is there. */
function installChromium() {
  if (process.env.CHROMIUM_PATH || CHROMIUM.some((p) => existsSync(p))) return;
  console.log("Installing Chromium from Debian's packages …");
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const run = (...args) => {
    const [command, ...rest] = [...sudo, ...args];
    execFileSync(command, rest, { stdio: ['ignore', 'ignore', 'inherit'], env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  };
  try {
    run('apt-get', 'update', '-qq');
    run('apt-get', 'install', '-y', '-qq', '--no-install-recommends', 'chromium');
  } catch {
    console.error('Chromium could not be installed. Install it, or set CHROMIUM_PATH, then run npm test again.');
    process.exit(1);
  }
}

let passed = 0;
let failed = 0;
let skipped = 0;
const npx = (...args) => spawnSync('npx', ['--no-install', ...args], { cwd: root, stdio: 'inherit' }).status === 0;

/** A check that counts as one: it passes or it fails. */
function check(name, ...commands) {
  console.log(`\n— ${name}`);
  const good = commands.every((command) => npx(...command));
  if (good) passed += 1;
  else failed += 1;
  return good;
}

/** A suite that counts by its tests; one that breaks before it reports counts as a failure. */
function suite(name, ...args) {
  console.log(`\n— ${name}`);
  mkdirSync(path.join(root, '.tmp'), { recursive: true });
  const report = path.join(root, '.tmp', `${name}.json`);
  rmSync(report, { force: true });
  const good = npx('vitest', 'run', ...args, '--reporter=default', '--reporter=json', `--outputFile.json=${report}`);
  try {
    const { numPassedTests, numFailedTests, numPendingTests = 0 } = JSON.parse(readFileSync(report, 'utf8'));
    passed += numPassedTests;
    failed += numFailedTests;
    skipped += numPendingTests;
    if (!good && numFailedTests === 0) failed += 1;
  } catch {
    failed += 1;
  }
}

installPackages();
installChromium();
check('types', ['concurrently', '-m', '2', '--raw', ...['web', 'server', 'core', 'e2e'].map((part) => `tsc -p tsconfig.${part}.json`)]);
check('format and lint', ['biome', 'check']);
check('import rules', ['depcruise', '--config', '.dependency-cruiser.cjs', 'src']);
suite('unit');
const built =
  check('build', ['vite', 'build', '--logLevel=warn']) &&
  spawnSync(process.execPath, ['scripts/build-server.mjs'], { cwd: root, stdio: 'inherit' }).status === 0;
if (built) {
  suite('e2e', '--config', 'vitest.e2e.config.ts');
  // Two minutes of it; npm run torture gives it ten.
  process.env.SIDE_COURT_TORTURE ??= '120';
  suite('torture', '--config', 'vitest.torture.config.ts');
} else failed += 1;
// Told, not counted: an advisory of others without a mend must not stop a landing.
console.log('\n— advisories of packages that run (for reading)');
spawnSync('npm', ['audit', '--omit=dev', '--loglevel=error', '--fetch-retries=0'], { cwd: root, stdio: 'inherit', timeout: 15_000 });
console.log(`\n${passed} passed, ${failed} failed, ${skipped} skipped`);
process.exit(failed ? 1 : 0);
