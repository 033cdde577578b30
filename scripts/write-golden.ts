import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { goldenReadings } from './lib/golden';

// A model that changed has a new version, or a batch's frozen readings would be of a model that is no more.
const path = fileURLToPath(new URL('../tests/fixtures/golden-readings.json', import.meta.url));
const next = goldenReadings();
const before = JSON.parse(readFileSync(path, 'utf8')) as typeof next;
const isSame = JSON.stringify(before.readings) === JSON.stringify(next.readings);
if (!isSame && before.modelsVersion === next.modelsVersion) {
  process.stderr.write(
    `The readings changed: raise MODELS_VERSION (${next.modelsVersion}) in src/core/results/evaluation/types.ts first.\n`,
  );
  process.exitCode = 1;
} else writeFileSync(path, `${JSON.stringify(next, null, 1)}\n`);
