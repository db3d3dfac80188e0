import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { adaptationPage } from '../src/content/adaptationPage.ts';

writeFileSync(path.join(import.meta.dirname, '../docs/adaptation.md'), adaptationPage());
