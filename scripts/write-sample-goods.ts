import { readFileSync, writeFileSync } from 'node:fs';
import { readWorkshopFile } from '../src/storage/file/read';
import { writeWorkshopFile } from '../src/storage/file/write';
import { seedRandom } from './lib/random';
import { sampleGoods } from './lib/sampleGoods';

// Writes the goods and orders of the sample workshop again, its batches as they are: npm run sample:goods.
const SEED = 1505;
/** Maud by day, Teo in the afternoons. */
const SAMPLE_PLAN = {
  hours: [
    { name: 'Maud', from: '08:00', to: '16:00', days: [1, 2, 3, 4, 5], away: [] },
    { name: 'Teo', from: '12:00', to: '18:00', days: [1, 2, 4, 6], away: [] },
  ],
  locks: [],
  humidityPct: null,
};
seedRandom(SEED);
const path = new URL('../demo/orrin-quay.rovack.json', import.meta.url);
const result = readWorkshopFile(readFileSync(path, 'utf8'));
if (!result.ok) throw new Error(result.problem.message);
const { workshop } = result;
const { maker, lots, packaging, units, goods, orders } = sampleGoods(workshop);
const contents = {
  ...workshop,
  lots: [...lots],
  packaging: [...packaging],
  units: [...units],
  goods: [...goods],
  orders: [...orders],
  settings: workshop.settings && { ...workshop.settings, maker, plan: SAMPLE_PLAN },
};
writeFileSync(path, writeWorkshopFile(contents, workshop.exportedAt));
process.stdout.write(`${goods.length} moves, ${orders.length} orders, ${units.length} units\n`);
