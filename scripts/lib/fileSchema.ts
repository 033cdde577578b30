import { z } from 'zod';
import { STORED_VERSION } from '../../src/storage/upgrades/version';
import { workshopFileSchema } from '../../src/storage/file/schema';

/** The JSON Schema of an exported workshop, written from the schema the application itself reads files with. */
export function fileSchemaText(): string {
  const schema = z.toJSONSchema(workshopFileSchema, { reused: 'ref' });
  const named = { title: `Rovack workshop file, format ${STORED_VERSION}`, ...schema };
  return `${JSON.stringify(named, null, 1)}\n`;
}
