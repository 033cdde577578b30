import { readFileSync, writeFileSync } from 'node:fs';
import { readWorkshopFile } from '../src/storage/file/read';
import { writeWorkshopFile } from '../src/storage/file/write';
import { seedRandom } from './lib/random';
import { sampleQuality } from './lib/sampleQuality';

// Writes the documents, the logbook and the stability plan of the sample workshop again: npm run sample:quality.
const SEED = 2511;
seedRandom(SEED);
const path = new URL('../demo/orrin-quay.rovack.json', import.meta.url);
const result = readWorkshopFile(readFileSync(path, 'utf8'));
if (!result.ok) throw new Error(result.problem.message);
const { workshop } = result;
const { documents, logbook, stabilityPlans } = sampleQuality(workshop);
const contents = {
  ...workshop,
  documents: [...documents],
  logbook: [...logbook],
  stabilityPlans: [...stabilityPlans],
};
writeFileSync(path, writeWorkshopFile(contents, workshop.exportedAt));
process.stdout.write(`${documents.length} documents, ${logbook.length} entries\n`);
