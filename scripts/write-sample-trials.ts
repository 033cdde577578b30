import { readFileSync, writeFileSync } from 'node:fs';
import { readWorkshopFile } from '../src/storage/file/read';
import { writeWorkshopFile } from '../src/storage/file/write';
import { seedRandom } from './lib/random';
import { sampleTrials } from './lib/sampleTrials';

// Writes the trials of the sample workshop again, its batches as they are: npm run sample:trials.
const SEED = 1404;
seedRandom(SEED);
const path = new URL('../demo/orrin-quay.rovack.json', import.meta.url);
const result = readWorkshopFile(readFileSync(path, 'utf8'));
if (!result.ok) throw new Error(result.problem.message);
const { workshop } = result;
const { trials, ladders, batches } = sampleTrials(workshop);
const contents = {
  ...workshop,
  batches: [...batches],
  trials: [...trials],
  ladders: [...ladders],
};
writeFileSync(path, writeWorkshopFile(contents, workshop.exportedAt));
process.stdout.write(`${trials.length} trials, ${ladders.length} set\n`);
