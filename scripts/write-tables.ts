import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { tablesDoc } from './lib/tablesDoc';

writeFileSync(fileURLToPath(new URL('../docs/tables.md', import.meta.url)), tablesDoc());
