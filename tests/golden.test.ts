import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';
import { goldenReadings } from '../scripts/lib/golden';

const KEPT = JSON.parse(
  readFileSync(fileURLToPath(new URL('./fixtures/golden-readings.json', import.meta.url)), 'utf8'),
) as ReturnType<typeof goldenReadings>;

it('every reading of ten formulas is what it was, or the models have a new version (npm run golden)', () => {
  const now = goldenReadings();
  expect(now.modelsVersion).toBe(KEPT.modelsVersion);
  expect(Object.keys(now.readings)).toHaveLength(10);
  for (const [name, readings] of Object.entries(now.readings))
    expect(readings, name).toEqual(KEPT.readings[name]);
});
