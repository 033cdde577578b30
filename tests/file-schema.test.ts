import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';
import { fileSchemaText } from '../scripts/lib/fileSchema';

it('docs/rovack-file.schema.json is the schema files are read with; npm run schema writes it again', () => {
  const path = fileURLToPath(new URL('../docs/rovack-file.schema.json', import.meta.url));
  expect(readFileSync(path, 'utf8')).toBe(fileSchemaText());
});
