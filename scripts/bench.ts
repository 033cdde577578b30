import { Bench } from 'tinybench';
import { USUAL_CONDITIONS } from '../src/core/results/conditions/types';
import { evaluate } from '../src/core/results/evaluation/evaluate';
import { emptyBody } from '../src/core/formula/model/create';
import type { FormulaBody } from '../src/core/formula/model/schema';
import {
  MATERIALS,
  SHIPPED,
  catalogWith,
  materialById,
} from '../src/core/matter/materials/catalog';
import { newOwnMaterial } from '../src/core/matter/materials/newOwnMaterial';
import { searchMaterials } from '../src/core/matter/materials/names/search';
import type { OwnMaterial } from '../src/core/matter/materials/own';
import type { Batch } from '../src/core/batches/records/schema';
import { USUAL_SMALL_MEASURES } from '../src/core/formula/reading/massOfMeasures';
import { readRecipe } from '../src/core/formula/reading/readRecipe';
import { WRITTEN_PAGES } from '../tests/fixtures/writtenPages';
import { findLots, findable } from '../src/core/workshop/shelf/findLots';
import { entriesOf } from '../src/core/search/entriesOf';
import { entry } from '../src/core/search/entry';
import { SearchIndex } from '../src/core/search/searchIndex';
import { digestOf } from '../src/core/goods/archive/batchDigest';
import { NO_FILTER, findBatches, findableBatch } from '../src/core/goods/archive/findBatches';
import { geometryOf, marksOf } from '../src/rooms/almanac/map/mapGeometry';
import { SAMPLE } from '../tests/fixtures/sample';
import { lotMoves, stockLeft } from '../src/core/workshop/shelf/stock';
import type { Lot } from '../src/core/workshop/shelf/lot';
import { simulateSpread } from '../src/core/work/spread/simulate';
import { NO_WISHES } from '../src/core/results/rebalance/wishes';
import { rebalance } from '../src/core/results/rebalance/rebalance';
import { NO_MEANS, type Means } from '../src/core/work/scaling/means';
import { USUAL_REQUEST } from '../src/core/work/scaling/request';
import { planScale } from '../src/core/work/scaling/plan';
import { seededRandom } from '../src/core/basics/numeric/random';
import { canColor, colorToOrder } from '../src/core/results/color/order/colorToOrder';
import { orderFor } from '../src/core/results/color/order/orderFor';
import { powderHex } from '../src/core/results/color/powder';
import { waterHex } from '../src/core/results/color/water';
import { gridSizeOf, waterFrames } from '../src/core/tub/frames';
import { filmPlan } from '../src/core/tub/plan';
import { BOMB } from './lib/bomb25';
import { NOT_IN_THE_SHEET, spreadsheetOf } from './lib/spreadsheet';

/** Speeds of what runs between a pull and the next picture. Printed, never asserted. */
const text = linesOf(25);
const body: FormulaBody = { ...emptyBody('bath-bomb'), parts: recipeOf(25).parts };
const { sheet, pull, readings } = spreadsheetOf(body);
const pulled = bombOf25Lines();

const FILM_WATER = { ...USUAL_CONDITIONS, pieceG: 120 };
const orderRandom = seededRandom(36);
const EVALUATE = 'evaluate, 25 lines, all readings and findings';
const SPREADSHEET = `a general spreadsheet engine, the same readings in ${readings} cells`;
const long: FormulaBody = { ...emptyBody('bath-bomb'), parts: recipeOf(40).parts };
const TWO_SCALES: Means = {
  ...NO_MEANS,
  scales: [
    { name: 'bench', stepG: 1, capacityG: 10_000, minimumG: null },
    { name: 'small', stepG: 0.1, capacityG: 500, minimumG: null },
  ],
};
/** First, while the memory holds no more than a formula. */
const first = new Bench({ time: 1500 })
  .add(EVALUATE, () => evaluate(body, USUAL_CONDITIONS))
  .add(SPREADSHEET, pull);
await first.run();
const medians = report(first);
const large = catalogWith(manyMaterials(2000 - MATERIALS.length));
const shelf = manyLots(10_000);
const lots = findable(shelf, SHIPPED);
const left = stockLeft(shelf, []);
const batches = manyBatches(300);

const page60 = WRITTEN_PAGES.slice(3, 14)
  .flatMap((page) => page.text.split('\n'))
  .slice(0, 59)
  .join('\n');
let typed = 0;
const digests = SAMPLE.batches.map(digestOf);
const log10k = Array.from({ length: 10_000 }, (_, i) => {
  const digest = digests[i % digests.length];
  if (!digest) throw new Error('the sample has batches');
  return findableBatch({ ...digest, id: `b${i}`, code: `QL-${i}` });
});
const searched = new SearchIndex();
searched.update([
  ...entriesOf({
    catalog: SHIPPED,
    formulas: [],
    batches: [],
    past: [],
    lots: shelf,
    units: [],
    orders: [],
    molds: [],
    trials: [],
  }),
  ...Array.from({ length: 10_000 }, (_, i) =>
    entry('batch', String(i), {
      title: `QL-${String(i).padStart(4, '0')}`,
      detail: 'Quince Lantern, Nov 29, 2026',
      words: `ql${i} ${i}`,
      atMs: i * 3_600_000,
    }),
  ),
]);

const bench = new Bench({ time: 800 })
  .add('rebalance, 25 lines, every window, three wishes', () =>
    rebalance(pulled, USUAL_CONDITIONS, {
      ...NO_WISHES,
      ids: ['harder', 'drier', 'cheaper'],
    }),
  )
  .add('read a recipe, 25 lines', () => readRecipe(text, SHIPPED))
  .add('read a page of 60 lines while its last one is typed', () =>
    readRecipe(`${page60}\n${(typed = (typed + 1) % 900) + 1} g kaolin`, SHIPPED),
  )
  .add('plan the scale, 40 lines, joint rounding on two scales', () =>
    planScale(long, USUAL_REQUEST, TWO_SCALES),
  )
  .add('find batches among 10,000 by words', () =>
    findBatches(log10k, { ...NO_FILTER, words: 'quince teo 11' }),
  )
  .add('place 10,000 marks on the weather map', () => geometryOf(1000, 440, marksOf(log10k)))
  .add('search 2,000 materials as one types', () => searchMaterials(large, 'lav'))
  .add('one search over 10,000 batches as one types', () =>
    searched.find(`quinse ${(typed = (typed + 1) % 900) + 1}`, 0),
  )
  .add('a color to order, dry, among every colorant', () => colorToOrder(ordered('dry')))
  .add('a color to order, of the water, among every colorant', () => colorToOrder(ordered('tub')))
  .add('the plan of a film, 25 lines', () => filmPlan(body, FILM_WATER, evaluate(body, FILM_WATER)))
  .add('find among 10,000 lots as one types', () =>
    findLots(lots, 'lav 12', 'all', left, '2026-06-01'),
  )
  .add('stock of 10,000 lots over 300 batches of 20 weights', () =>
    stockLeft(shelf, lotMoves(batches, shelf)),
  );
await bench.run();
report(bench);
filmAndColors();
const ratio = (medians.get(EVALUATE) ?? NaN) / (medians.get(SPREADSHEET) ?? NaN);
print(`ratio evaluate/spreadsheet same readings: ${ratio.toFixed(3)}`);
print(`not in the sheet, and in evaluate: ${NOT_IN_THE_SHEET.join('; ')}`);
sheet.destroy();
const began = performance.now();
const planned = planScale(body, USUAL_REQUEST, TWO_SCALES);
if (!planned.ok) throw new Error(planned.problem.message);
await simulateSpread(
  {
    body,
    lines: planned.plan.lines,
    small: USUAL_SMALL_MEASURES,
    pieceG: { low: 180, best: 198, high: 220 },
    bowlCount: 1,
    lossPct: 2,
    draws: 20_000,
    seed: 1,
  },
  'weighed',
  SHIPPED,
);
print(`spread of 25 lines, 20,000 draws: ${(performance.now() - began).toFixed(0)} ms`);

/** An order of a random color: the same ones each time. */
function ordered(kind: 'dry' | 'tub') {
  const wantedHex = `#${Math.floor(0x1000000 * orderRandom())
    .toString(16)
    .padStart(6, '0')}`;
  const plain = bomb990();
  const partId = plain.parts[0]?.id ?? '';
  const question = { kind, partId, wantedHex, materials: MATERIALS, markets: [] };
  return orderFor(plain, FILM_WATER, { ...question, piece: { grams: 120 } }).order;
}

function bomb990(): FormulaBody {
  const read = readRecipe('660 g baking soda\n330 g citric acid', SHIPPED);
  if (!read.ok) throw new Error(read.problem.message);
  return { ...emptyBody('bath-bomb'), parts: read.recipe.parts };
}

/** The water of one film, and 500 random colors of every colorant found again. */
function filmAndColors(): void {
  const film = filmPlan(body, FILM_WATER, evaluate(body, FILM_WATER));
  if (!film.ok) throw new Error(film.problem);
  for (const fineness of ['fine', 'coarse'] as const) {
    const from = performance.now();
    const frames = [...waterFrames(film.value, gridSizeOf(film.value.vessel, fineness))].length;
    const ms = performance.now() - from;
    print(`water of a film, ${fineness}: ${ms.toFixed(0)} ms for ${frames} frames`);
  }
  for (const kind of ['dry', 'tub'] as const) {
    let [within, worst] = [0, 0];
    for (let i = 0; i < 500; i++) {
      const { colored, offered } = ordered(kind);
      const fit = offered.filter(({ material }) => canColor(kind, material));
      const lines = Array.from({ length: 1 + Math.floor(3 * orderRandom()) }, () => {
        const one = fit[Math.floor(orderRandom() * fit.length)];
        if (!one) throw new Error('there are colorants');
        return { material: one.material, massG: one.mostG * orderRandom() };
      });
      const made = [...colored.base, ...lines];
      const share = 120 / made.reduce((sum, { massG }) => sum + massG, 0);
      const wantedHex =
        kind === 'dry'
          ? powderHex(made)
          : waterHex(
              made.map((one) => ({ ...one, massG: one.massG * share })),
              FILM_WATER.tub.volumeL,
            );
      const { deltaE } = colorToOrder({ colored, offered, wantedHex });
      if (deltaE <= 1) within++;
      worst = Math.max(worst, deltaE);
    }
    print(`500 random colors, ${kind}: ${within} found within ΔE 1, the worst ${worst.toFixed(2)}`);
  }
}

function linesOf(count: number): string {
  return MATERIALS.filter(({ role }) => role !== 'builder')
    .slice(0, count)
    .map(({ name }, i) => `${10 + i * 7.3} g ${name}`)
    .join('\n');
}

function recipeOf(count: number) {
  const read = readRecipe(linesOf(count), SHIPPED);
  if (!read.ok) throw new Error(read.problem.message);
  return read.recipe;
}

function manyMaterials(count: number): OwnMaterial[] {
  return Array.from({ length: count }, (_, i) => {
    const { id = 'kaolin', name = '' } = MATERIALS[i % MATERIALS.length] ?? {};
    return {
      ...newOwnMaterial(materialById(SHIPPED, id)),
      id: `own-${i}`,
      name: `Harbor ${i} ${name}`,
      synonyms: [`quay ${i}`],
    };
  });
}

function manyLots(count: number): Lot[] {
  return Array.from({ length: count }, (_, i) => ({
    id: `lot-${i}`,
    origin: 'own',
    code: `L-${i}`,
    materialId: MATERIALS[i % MATERIALS.length]?.id ?? 'kaolin',
    supplier: `supplier ${i % 30}`,
    receivedOn: '2026-01-01',
    openedOn: null,
    expiresOn: '2027-01-01',
    isRetest: false,
    receivedG: 1000,
    cost: 10,
    isQuarantined: false,
    counts: [],
    premix: null,
    note: '',
  }));
}

/** Batches with no more than what the stock reads of them. */
function manyBatches(count: number): Batch[] {
  return Array.from({ length: count }, (_, b) => ({
    id: `batch-${b}`,
    code: `B-${b}`,
    entries: Array.from({ length: 20 }, (_entry, i) => ({
      kind: 'weighed',
      voidedAt: null,
      at: '2026-03-01',
      lots: [{ lotId: `lot-${(b * 20 + i) % 10_000}`, massG: 12 }],
    })),
  })) as unknown as Batch[];
}

/** A bomb of 25 lines, too oily by half: the kind of thing that is rebalanced. */
function bombOf25Lines(): FormulaBody {
  const card = readRecipe(BOMB, SHIPPED);
  if (!card.ok) throw new Error(card.problem.message);
  return { ...emptyBody('bath-bomb'), parts: card.recipe.parts };
}

function print(line: string): void {
  process.stdout.write(`${line}\n`);
}

/** Prints every task's median and 99th percentile, and gives the medians by name. */
function report(of: Bench): ReadonlyMap<string, number> {
  const medianMs = new Map<string, number>();
  for (const { name, result } of of.tasks)
    if ('latency' in result) {
      const { p50, p99 } = result.latency;
      medianMs.set(name, p50);
      print(`${name}: median ${p50.toFixed(3)} ms, 99 % under ${p99.toFixed(3)} ms`);
    }
  return medianMs;
}
