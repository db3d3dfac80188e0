import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { schoolFileSchema } from '../src/core/exchange/schoolFile.ts';

/** Writes the published shape of the school file; a test compares it with what the server tells. */
writeFileSync(path.join(import.meta.dirname, '../docs/export.schema.json'), `${JSON.stringify(schoolFileSchema(), null, 1)}\n`);
