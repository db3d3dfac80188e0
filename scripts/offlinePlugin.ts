import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Plugin } from 'vite';

/** Writes sw.js with the list of what the build made and a version of it, so that a new build replaces the old one whole. */
export function offlinePlugin(): Plugin {
  return {
    name: 'side-court-offline',
    apply: 'build',
    generateBundle(_, bundle) {
      const files = Object.keys(bundle).filter((name) => /\.(js|css|woff2)$/.test(name) && name !== 'sw.js');
      const assets = ['/', '/pennant.svg', ...files.map((name) => `/${name}`)].sort();
      const version = createHash('sha256').update(assets.join('\n')).digest('hex').slice(0, 12);
      const source = readFileSync(path.join(import.meta.dirname, '../src/web/offline/sw.js'), 'utf8')
        .replace('__VERSION__', version)
        .replace('__ASSETS__', JSON.stringify(assets));
      this.emitFile({ type: 'asset', fileName: 'sw.js', source });
    },
  };
}
