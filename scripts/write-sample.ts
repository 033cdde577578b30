import { writeFileSync } from 'node:fs';
import type { Batch } from '../src/core/batches/records/schema';
import { USUAL_REQUEST } from '../src/core/work/scaling/request';
import { moldHolding } from '../src/core/work/scaling/molds';
import type { ScaleRequest } from '../src/core/work/scaling/requestSchema';
import type { Family } from '../src/core/formula/model/schema';
import { USUAL_SETTINGS } from '../src/core/workshop/settings/settings';
import type { Settings } from '../src/core/workshop/settings/settingsSchema';
import { writeWorkshopFile } from '../src/storage/file/write';
import { seedRandom } from './lib/random';
import { checkStock, makeBatch, moldFor } from './lib/sampleBatches';
import { sampleFormulas } from './lib/sampleFormulas';
import { sampleLots, sampleMaterials, sampleMolds, sampleTools } from './lib/sampleShelf';
import { SAMPLE_NOW } from './lib/sampleTime';
import { sampleRooms, sampleYear } from './lib/sampleYear';

/**
 * Writes demo/orrin-quay.rovack.json: a made-up workshop, made by the application's own core,
 * so that its records are what the bench would have written. The same file comes out every time.
 */
seedRandom(20260418);

const formulas = sampleFormulas();
const { quince, ebb, bow, slack, bilge, fog, split } = formulas;
const lots = sampleLots();
const year = sampleYear(formulas);
const rooms = sampleRooms(year.map(({ day }) => day));
const batches = year.reduce<Batch[]>(
  (before, made) => [...before, makeBatch(made, before, lots, rooms)],
  [],
);
checkStock(batches, lots);

const molds = sampleMolds();
const planned = [quince, ebb, bow, slack, bilge, fog, split];
const settings: Settings = {
  ...USUAL_SETTINGS,
  humidityPct: 46,
  tempC: 19.5,
  makers: ['Maud', 'Teo'],
  makerInHand: 'Maud',
  requests: Object.fromEntries(
    planned.map(({ id, body }) => [id, { ...USUAL_REQUEST, ...shelfMoldFor(body.family) }]),
  ),
  costings: Object.fromEntries(
    planned.map(({ id, body }) => [
      id,
      {
        packagingEach: body.family === 'cleaning-fizzy' ? 0.04 : 0.32,
        laborMinutes: body.family === 'bath-bomb' ? 95 : 60,
      },
    ]),
  ),
};
const file = writeWorkshopFile(
  {
    documents: [],
    documentFiles: [],
    logbook: [],
    stabilityPlans: [],
    materials: sampleMaterials(),
    formulas: Object.values(formulas),
    batches,
    lots,
    molds,
    tools: sampleTools(),
    rooms,
    photos: [],
    trials: [],
    ladders: [],
    packaging: [],
    units: [],
    goods: [],
    orders: [],
    settings,
  },
  SAMPLE_NOW,
);
writeFileSync(new URL('../demo/orrin-quay.rovack.json', import.meta.url), file);
process.stdout.write(`${batches.length} batches, ${Math.round(file.length / 1024)} kB\n`);

/** The mold of the shelf for a family, of the volume its water fill says. */
function shelfMoldFor(family: Family): Pick<ScaleRequest, 'mold' | 'moldId'> {
  const found = molds.find(({ mold }) => mold.shape === moldFor(family).shape);
  if (!found) return { mold: moldFor(family), moldId: null };
  const { id, mold, waterFillMl } = found;
  return { mold: waterFillMl === null ? mold : moldHolding(mold, waterFillMl), moldId: id };
}
