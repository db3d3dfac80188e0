import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { gamesFileSchema } from '../src/core/exchange/gamesFile.ts';
import { schoolFileSchema } from '../src/core/exchange/schoolFile.ts';

const SHAPES = { 'export.schema.json': schoolFileSchema(), 'games.schema.json': gamesFileSchema() };

/** Writes the published shapes of the school file and of files of games; tests compare them with what the server tells. */
for (const [name, schema] of Object.entries(SHAPES))
  writeFileSync(path.join(import.meta.dirname, `../docs/${name}`), `${JSON.stringify(schema, null, 1)}\n`);
