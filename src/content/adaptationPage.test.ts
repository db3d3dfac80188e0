import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { SUPPORT_KINDS } from '../core/model/support.ts';
import { adaptationPage } from './adaptationPage.ts';

describe('docs/adaptation.md', () => {
  it('is what the tables say today, with every kind of support', () => {
    const page = readFileSync(path.join(import.meta.dirname, '../../docs/adaptation.md'), 'utf8');
    expect(page).toBe(adaptationPage());
    for (const kind of SUPPORT_KINDS) expect(page).toContain(`\`${kind}\``);
  });
});
