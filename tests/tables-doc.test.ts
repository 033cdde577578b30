import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';
import { tablesDoc } from '../scripts/lib/tablesDoc';

it('docs/tables.md says what the tables say; npm run tables writes it again', () => {
  const path = fileURLToPath(new URL('../docs/tables.md', import.meta.url));
  expect(readFileSync(path, 'utf8')).toBe(tablesDoc());
});
