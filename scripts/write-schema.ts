import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { fileSchemaText } from './lib/fileSchema';

const path = fileURLToPath(new URL('../docs/rovack-file.schema.json', import.meta.url));
writeFileSync(path, fileSchemaText());
