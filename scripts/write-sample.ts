import { writeFileSync } from 'node:fs';
import { USUAL_CONDITIONS, benchCures, evaluate, freezeReadings } from '../src/core/evaluation';
import {
  addLine,
  addPart,
  emptyBody,
  keepVersion,
  newFormula,
  setLineMass,
  type Family,
  type Formula,
  type FormulaBody,
  type Method,
} from '../src/core/formula';
import { materialById } from '../src/core/materials';
import { readRecipe } from '../src/core/recipe-text';
import {
  currentStep,
  nextBatchCode,
  record,
  settleStep,
  startBatch,
  weighedEntry,
  type Batch,
} from '../src/core/records';
import { USUAL_REQUEST, moldHolding, planScale, type ScaleRequest } from '../src/core/scaling';
import { USUAL_SETTINGS, type Settings } from '../src/core/workshop';
import { exactly } from '../src/core/units';
import { assignLots, lotMoves, stockLeft } from '../src/core/shelf';
import { writeWorkshopFile } from '../src/storage/file';
import { sampleLots, sampleMaterials, sampleMolds, sampleTools } from './lib/sampleShelf';

/**
 * Writes demo/orrin-quay.rovack.json: a made-up workshop, made by the application's own core,
 * so that its records are what the bench would have written. The same file comes out every time.
 */
seedRandom(20260418);

const quince = formula('Quince Lantern', 'bath-bomb', 'press', '2026-02-03', [
  `
950 g baking soda
520 g citric acid
40 g kaolin
75 g cornstarch
60 g fine sea salt
54 g sweet almond oil
20 g shea butter
12 g polysorbate 80
11 g fragrance oil
3 g cardamom essential oil
7 g water
0.6 g yellow dye
0.1 g orange dye
Embed:
70 g baking soda
50 g citric acid
0.2 g magenta dye
4 g 91% isopropyl alcohol
Topping:
4.5 g calendula petals
`,
  // The second winter: a little more soda, more carrier for the oil.
  ['Baking soda', 1000],
  ['Polysorbate 80', 20],
]);
const ebb = formula('Ebb Glass', 'bath-bomb', 'hand', '2026-04-20', [
  `
600 g baking soda
400 g citric acid
30 g cream of tartar
60 g cornstarch
42 g coconut oil
14 g castor oil
12 g polysorbate 80
5 g lavender essential oil
3 g rosemary essential oil
5 g witch hazel
6 g blue mica
`,
]);
const bow = formula('Bow Wave', 'shower-steamer', 'press', '2026-03-11', [
  `
500 g baking soda
330 g citric acid
60 g cornstarch
20 g kaolin
18 g menthol
20 g eucalyptus essential oil
10 g peppermint essential oil
38 g 99% isopropyl alcohol
6 g water
`,
]);
const slack = formula('Slack Water', 'fizzing-salts', 'loose', '2026-05-07', [
  `
400 g epsom salt
300 g dendritic salt
200 g baking soda
110 g citric acid
40 g goat milk powder
12 g lavender essential oil
10 g fractionated coconut oil
6 g lavender flowers
`,
]);
const bilge = formula('Bilge Bright', 'cleaning-fizzy', 'silicone', '2026-06-15', [
  `
200 g washing soda
160 g borax
150 g sodium citrate
60 g baking soda
60 g citric acid
48 g vinegar
3 g lemon essential oil
`,
]);
const fog = formula('Fog Signal', 'shower-steamer', 'press', '2026-08-02', [
  `
480 g baking soda
300 g citric acid
50 g cornstarch
15 g kaolin
24 g rosemary essential oil
12 g spearmint essential oil
40 g 99% isopropyl alcohol
5 g water
`,
]);
const split = splitFormula();
const card = fromCard(
  'Boathouse Card',
  '2026-09-30',
  `
2 cups baking soda
1 cup citric acid
3/4 cup corn starch
1/4 cup epsom salt
3 tbsp melted coconut oil
1 tbsp + 1 tsp sweet almond oil
30-40 drops lavender essential oil
10 squirts water
a pinch of mica
a splash of milk
`,
);

const lots = sampleLots();
const batches: Batch[] = [];
make(quince, '2026-02-04', 38, 18.5, 24, 'right');
make(bow, '2026-03-12', 41, 18, 30, 'right');
make(ebb, '2026-04-21', 36, 19, 12, 'too-dry');
make(slack, '2026-05-08', 47, 19.5, 9, 'right');
make(quince, '2026-06-02', 54, 21, 24, 'right', 1);
make(bilge, '2026-06-16', 58, 22, 24, 'right');
make(quince, '2026-09-22', 43, 19, 18, 'too-dry');
make(ebb, '2026-10-13', 46, 19.5, 12, 'right');

const molds = sampleMolds();
const settings: Settings = {
  ...USUAL_SETTINGS,
  humidityPct: 46,
  tempC: 19.5,
  requests: Object.fromEntries(
    [quince, ebb, bow, slack, bilge, fog, split].map(({ id, body }) => [
      id,
      { ...USUAL_REQUEST, ...shelfMoldFor(body.family) },
    ]),
  ),
  costings: Object.fromEntries(
    [quince, ebb, bow, slack, bilge, fog, split].map(({ id, body }) => [
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
    materials: sampleMaterials(),
    formulas: [quince, ebb, bow, slack, bilge, fog, split, card],
    batches,
    lots,
    molds,
    tools: sampleTools(),
    settings,
  },
  '2026-10-14T09:00:00.000+00:00',
);
writeFileSync(new URL('../demo/orrin-quay.rovack.json', import.meta.url), file);
process.stdout.write(`${batches.length} batches, ${Math.round(file.length / 1024)} kB\n`);

type Change = readonly [name: string, massG: number];

function formula(
  name: string,
  family: Family,
  method: Method,
  day: string,
  [text, ...changes]: readonly [string, ...Change[]],
): Formula {
  const started = newFormula(name, bodyOf(text, family, method, true), at(day, 0));
  const kept = keepVersion({ ...started, origin: 'sample' }, at(day, 5));
  if (changes.length === 0) return kept;
  const body = changes.reduce(changeLine, kept.body);
  return keepVersion({ ...kept, body }, at('2026-09-20', 30));
}

/** Two colors: half of the bowl goes on to a second one, and a later version is acid-forward. */
function splitFormula(): Formula {
  const begun = bodyOf(
    `
700 g baking soda
390 g citric acid
24 g kaolin
60 g cornstarch
44 g sweet almond oil
14 g polysorbate 80
6 g sweet orange essential oil
2 g patchouli essential oil
5 g white mica
6 g water
`,
    'bath-bomb',
    'hand',
    true,
  );
  const started = newFormula('Slipway at Dusk', begun, at('2026-09-01', 0));
  const plain = keepVersion({ ...started, origin: 'sample' }, at('2026-09-01', 5), 'one color');
  const parted = addPart(plain.body, 'split');
  const half = parted.parts[1];
  if (!half) throw new Error('a split was added');
  const dyed = addLine(parted, half.id, 'blue-mica', exactly(5));
  return keepVersion({ ...plain, body: dyed }, at('2026-09-08', 20), 'two colors');
}

/** A recipe card in cups, one line of which nobody can read: it waits. */
function fromCard(name: string, day: string, text: string): Formula {
  return {
    ...newFormula(name, bodyOf(text, 'bath-bomb', 'hand', false), at(day, 0)),
    origin: 'sample',
  };
}

function bodyOf(text: string, family: Family, method: Method, isWeighed: boolean): FormulaBody {
  const read = readRecipe(text);
  if (!read.ok) throw new Error(read.problem.message);
  const { parts, unread } = read.recipe;
  if (isWeighed && unread.length > 0) throw new Error(`unread: ${unread[0]?.text}`);
  const weighed = parts.map((part) => ({
    ...part,
    lines: part.lines.map(({ written, ...line }) => (isWeighed ? line : { ...line, written })),
  }));
  return { ...emptyBody(family), method, parts: weighed as FormulaBody['parts'], unread };
}

function changeLine(body: FormulaBody, [name, massG]: Change): FormulaBody {
  const line = body.parts[0]?.lines.find((entry) => materialById(entry.materialId).name === name);
  if (!line) throw new Error(`no line ${name}`);
  return setLineMass(body, line.id, massG);
}

/** Makes a batch the way hands do: a little off each target, a correction when the squeeze asks for one. */
function make(
  of: Formula,
  day: string,
  humidityPct: number,
  tempC: number,
  count: number,
  felt: 'right' | 'too-dry',
  rejects = 0,
): void {
  const version = of.versions.findLast(({ keptAt }) => keptAt < at(day, 0)) ?? of.versions[0];
  if (!version) throw new Error(`${of.name} has no version`);
  const asThen = { ...of, body: version.body, versions: of.versions.slice(0, version.number) };
  const request: ScaleRequest = {
    ...USUAL_REQUEST,
    want: { kind: 'pieces', count },
    mold: moldFor(of.body.family),
  };
  const planned = planScale(version.body, request);
  if (!planned.ok) throw new Error(planned.problem.message);
  const evaluation = evaluate(version.body, { ...USUAL_CONDITIONS, humidityPct });
  let minute = 0;
  const tick = (minutes: number) => at(day, (minute += minutes));
  let batch: Batch = {
    ...startBatch({
      formula: asThen,
      request,
      plan: planned.plan,
      lots:
        assignLots(planned.plan.lines, lots, stockLeft(lots, lotMoves(batches, lots)), day)
          .bowls[0] ?? {},
      readings: freezeReadings(evaluation, planned.plan.factor),
      code: nextBatchCode(
        of.name,
        batches.map(({ code }) => code),
      ),
      now: tick(0),
    }),
    origin: 'sample',
  };
  for (let step = currentStep(batch); step; step = currentStep(batch)) {
    if (step.kind === 'room')
      batch = settleStep(batch, { kind: 'room', humidityPct, tempC }, tick(2));
    else if (step.kind === 'weigh') {
      const offG = Math.round((random() - 0.5) * step.toleranceG * 10) / 10;
      const massG = Number(Math.max(0.1, step.targetG + offG).toFixed(1));
      batch = settleStep(batch, weighedEntry(step, massG, 'simulated scale'), tick(2));
    } else if (step.kind === 'mix') {
      batch = record(batch, { kind: 'timer', seconds: step.seconds }, tick(1));
      batch = settleStep(batch, { kind: 'done' }, tick(step.seconds / 60));
    } else if (step.kind === 'squeeze') {
      if (felt === 'too-dry' && step.acidIn) batch = correct(batch, tick);
      batch = settleStep(batch, { kind: 'squeezed', acidIn: step.acidIn, felt: 'right' }, tick(2));
    } else if (step.kind === 'do')
      batch = settleStep(batch, { kind: 'done' }, tick(step.id === 'press' ? count : 4));
    else batch = settleStep(batch, { kind: 'counted', pieces: count - rejects, rejects }, tick(3));
  }
  batches.push(batch);
}

function correct(batch: Batch, tick: (minutes: number) => string): Batch {
  const [cure] = benchCures(batch, {
    taughtBy: [],
    felt: 'too-dry',
    acidIn: true,
    humidityPct: 45,
    gramsPerSquirt: 0.7,
  });
  if (!cure) return batch;
  const squeezed = record(batch, { kind: 'squeezed', acidIn: true, felt: 'too-dry' }, tick(2));
  return record(
    squeezed,
    {
      kind: 'added',
      materialId: cure.materialId,
      massG: Math.round(cure.firstG * 10) / 10,
      squirts: cure.firstSquirts,
      why: 'squeezed too dry',
    },
    tick(3),
  );
}

/** The mold of the shelf for a family, of the volume its water fill says. */
function shelfMoldFor(family: Family): Pick<ScaleRequest, 'mold' | 'moldId'> {
  const found = molds.find(({ mold }) => mold.shape === moldFor(family).shape);
  if (!found) return { mold: moldFor(family), moldId: null };
  const { id, mold, waterFillMl } = found;
  return { mold: waterFillMl === null ? mold : moldHolding(mold, waterFillMl), moldId: id };
}

function moldFor(family: Family): ScaleRequest['mold'] {
  switch (family) {
    case 'bath-bomb':
      return { shape: 'sphere', diameterMm: 70 };
    case 'shower-steamer':
      return { shape: 'half-sphere', diameterMm: 50 };
    case 'fizzing-salts':
      return { shape: 'own-volume', volumeMl: 220 };
    case 'cleaning-fizzy':
      return { shape: 'box', lengthMm: 30, widthMm: 30, heightMm: 30 };
  }
}

function at(day: string, minute: number): string {
  return new Date(Date.parse(`${day}T09:10:00Z`) + minute * 60_000)
    .toISOString()
    .replace('Z', '+00:00');
}

/** mulberry32, in place of the system's randomness: ids and small errors come out the same each time. */
function seedRandom(seed: number): void {
  let state = seed;
  const next = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  Object.defineProperty(globalThis.crypto, 'getRandomValues', {
    value: <T extends ArrayBufferView>(array: T): T => {
      const bytes = new Uint8Array(array.buffer, array.byteOffset, array.byteLength);
      for (let i = 0; i < bytes.length; i++) bytes[i] = Math.floor(next() * 256);
      return array;
    },
  });
  Math.random = next;
}

function random(): number {
  return Math.random();
}
