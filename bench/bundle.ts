import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { fixed } from './measure.ts';

const dist = path.join(import.meta.dirname, '../dist/web');
/** The first screen's script may weigh this much, kB gzipped. */
export const MOST_KB = 200;

/** Script files that the page loads before anything is clicked: the entry and what it imports statically. */
export function firstScripts(): { name: string; kb: number }[] {
  const page = readFileSync(path.join(dist, 'index.html'), 'utf8');
  const wanted = [...page.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((m) => m[1]);
  const seen = new Set<string>();
  for (let file = wanted.pop(); file; file = wanted.pop()) {
    if (seen.has(file)) continue;
    seen.add(file);
    const text = readFileSync(path.join(dist, file), 'utf8');
    for (const [, other] of text.matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g)) wanted.push(`assets/${other}`);
    // The entry brings the application in two imports of its own; what screens import later is not the first screen's.
    if (/index-[^/]*$/.test(file))
      for (const [, other] of text.matchAll(/import\((?:"|`)\.\/((?:client|start)-[^"`]+\.js)/g)) wanted.push(`assets/${other}`);
  }
  return [...seen].map((name) => ({ name, kb: gzipSync(readFileSync(path.join(dist, name))).length / 1000 }));
}

export function benchBundle(): void {
  if (!existsSync(dist)) {
    console.log('  nothing built yet: npm run build');
    return;
  }
  const first = firstScripts();
  const total = first.reduce((sum, f) => sum + f.kb, 0);
  console.log(
    `  first screen ${fixed(total)} kB gzipped in ${first.length} files (at most ${MOST_KB}): ${fixed(total / MOST_KB, 2)} of it`,
  );
  const all = readdirSync(path.join(dist, 'assets')).filter((f) => f.endsWith('.js'));
  for (const file of all) {
    const kb = gzipSync(readFileSync(path.join(dist, 'assets', file))).length / 1000;
    if (kb > 5) console.log(`  ${file.padEnd(34)} ${fixed(kb).padStart(7)} kB`);
  }
}
