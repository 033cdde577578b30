import { readFileSync } from 'node:fs';
import { catalogWith, materialById, SHIPPED } from '../../src/core/matter/materials/catalog';
import { checkBatch, checkFormula } from '../../src/core/workshop/self-check/selfCheck';
import { readRecipe } from '../../src/core/formula/reading/readRecipe';
import {
  looksShared,
  readRecipeJsonLd,
  writeRecipeJsonLd,
} from '../../src/core/formula/sharing/recipeJsonLd';
import { LOT_COLUMNS, lotRows, readLotRows } from '../../src/core/workshop/shelf/lotTable';
import { USUAL_SETTINGS } from '../../src/core/workshop/settings/settings';
import { lineReader, readDeviceLine } from '../../src/devices/lines';
import { parseTable, writeTable } from '../../src/storage/csv/csv';
import { FileRefused } from '../../src/storage/transfer/fileRefused';
import { soundPages } from '../../src/storage/transfer/validPages';
import { COLLECTION_NAMES } from '../../src/storage/records/names';
import { readWorkshopFile, type FileResult } from '../../src/storage/file/read';
import { writeWorkshopFile } from '../../src/storage/file/write';
import { mutantOf, textMutantOf, type Random } from './mutate';

/** One thing that is read, how it is spoiled, and what must be true of the answer. */
export interface FuzzKind {
  readonly name: string;
  /** Mutants of every 10,000. */
  readonly share: number;
  mutant(random: Random): string;
  /** @returns `refused`, `partly` or `taken`; throws a sentence when the answer is not right */
  read(text: string): Answer | Promise<Answer>;
}

type Answer = 'refused' | 'partly' | 'taken';

const SAMPLE = JSON.parse(
  readFileSync(new URL('../../demo/orrin-quay.rovack.json', import.meta.url), 'utf8'),
) as Record<string, unknown>;

/** A small workshop with something of everything: read ten thousand times. */
const SMALL: Record<string, unknown> = Object.fromEntries(
  Object.entries(SAMPLE).map(([key, value]) => [
    key,
    Array.isArray(value) ? value.slice(0, key === 'batches' ? 2 : 3) : value,
  ]),
);
const CARD =
  '2 cups baking soda\n1 cup citric acid\n1/2 cup corn starch\n3 tbsp sweet almond oil\n20 drops lavender essential oil\n10 g salt\n\nTopping:\n5 g cocoa butter\nmakes 12\n';
const whole = readWorkshopFile(JSON.stringify(SAMPLE));
if (!whole.ok) throw new Error(whole.problem.message);
const LOTS = writeTable(
  LOT_COLUMNS,
  lotRows(
    whole.workshop.lots,
    (id) => materialById(catalogWith(whole.workshop.materials), id).name,
  ),
);
const SHARED = writeRecipeJsonLd(
  'Quince Lantern',
  whole.workshop.formulas[0]?.body ?? never(),
  SHIPPED,
);

function never(): never {
  throw new Error('the sample has a formula');
}

export const FUZZ_KINDS: readonly FuzzKind[] = [
  {
    name: 'exported file, its tree',
    share: 5000,
    mutant: (random) => JSON.stringify(mutantOf(SMALL, random)),
    read: readFile,
  },
  {
    name: 'exported file, its text',
    share: 500,
    mutant: (random) => textMutantOf(JSON.stringify(SMALL), random),
    read: readFile,
  },
  {
    name: 'table of lots',
    share: 1500,
    mutant: (random) => textMutantOf(LOTS, random),
    read: (text) => {
      const table = parseTable(text);
      if (!table.ok) return sentence(table.problem);
      const { fresh, changed, problems } = readLotRows(table.value.rows, [], new Map(), SHIPPED);
      for (const { message } of problems) sentence(message);
      for (const { receivedG, cost } of [...fresh, ...changed])
        if (!Number.isFinite(receivedG) || receivedG < 0 || (cost !== null && !(cost >= 0)))
          throw new Error('a lot of no amount was taken');
      return problems.length > 0 ? 'partly' : 'taken';
    },
  },
  {
    name: 'recipe text',
    share: 1500,
    mutant: (random) => textMutantOf(CARD, random),
    read: readText,
  },
  {
    name: 'shared recipe',
    share: 1000,
    mutant: (random) => textMutantOf(SHARED, random),
    read: (text) => {
      if (!looksShared(text)) return readText(text);
      const shared = readRecipeJsonLd(text);
      return shared.ok ? readText(shared.value.text) : sentence(shared.problem);
    },
  },
  {
    name: 'lines of a scale',
    share: 500,
    mutant: (random) =>
      textMutantOf('W 142.6 g steady\nW -0.3 g moving\nOVER\nH 46.2 % 19.5 C\n', random),
    read: (text) => {
      const read = lineReader()(`${text}\n`).map(readDeviceLine);
      for (const line of read) {
        if (line.kind === 'weight' && !Number.isFinite(line.massG))
          throw new Error('an endless weight');
        if (line.kind === 'air' && !(line.humidityPct >= 0 && line.humidityPct <= 100))
          throw new Error('air that cannot be');
      }
      return read.some(({ kind }) => kind === 'unread') ? 'partly' : 'taken';
    },
  },
];

async function readFile(text: string): Promise<Answer> {
  const result = readWorkshopFile(text);
  await readByPages(text, result);
  if (!result.ok) return sentence(result.problem.message);
  const { workshop, refused } = result;
  for (const { name, why } of refused)
    if (name === '' || why === '' || name.length + why.length > 600)
      throw new Error('refused without a sentence');
  const again = readWorkshopFile(writeWorkshopFile(workshop, workshop.exportedAt));
  if (!again.ok || again.refused.length > 0)
    throw new Error('what was taken is refused the next time');
  for (const name of COLLECTION_NAMES)
    if (JSON.stringify(again.workshop[name]) !== JSON.stringify(workshop[name]))
      throw new Error(`${name} came back changed`);
  const facts = {
    catalog: catalogWith(workshop.materials),
    settings: workshop.settings ?? USUAL_SETTINGS,
    batches: workshop.batches,
  };
  const failures = [
    ...workshop.formulas.map((one) => checkFormula(one, facts)),
    ...workshop.batches.map((one) => checkBatch(one, facts)),
  ].find((found) => found !== null);
  if (failures) throw new Error(`a screen would fail: ${failures}`);
  return refused.length > 0 ? 'partly' : 'taken';
}

/** A big file is read record by record: of it must come what comes of one that is read at once. */
async function readByPages(text: string, whole: FileResult): Promise<void> {
  const lists: Record<string, unknown[]> = {};
  let refusedCount = 0;
  try {
    for await (const page of soundPages(new Blob([text]), new Set(), () => {}, 0)) {
      refusedCount += page.refused.length;
      if (page.kind === 'records')
        lists[page.list] = [...(lists[page.list] ?? []), ...page.records];
    }
  } catch (error) {
    if (!(error instanceof FileRefused)) throw error;
    if (whole.ok) throw new Error(`refused by its pages only: ${error.message}`, { cause: error });
    return;
  }
  if (!whole.ok) throw new Error(`taken by its pages only, ${whole.problem.code}`);
  if (refusedCount !== whole.refused.length)
    throw new Error(`${refusedCount} refused by its pages, ${whole.refused.length} as a whole`);
  for (const name of COLLECTION_NAMES)
    if (JSON.stringify(lists[name]) !== JSON.stringify(whole.workshop[name]))
      throw new Error(`${name} are others by its pages`);
}

function readText(text: string): Answer {
  const read = readRecipe(text, SHIPPED);
  if (!read.ok) return sentence(read.problem.message);
  const { parts, unread } = read.recipe;
  for (const { massG, massLowG, massHighG } of parts.flatMap(({ lines }) => lines))
    if (!(massG >= 0 && massG <= 1_000_000 && massLowG <= massG && massG <= massHighG))
      throw new Error(`a line of ${massG} g was taken`);
  return unread.length > 0 ? 'partly' : 'taken';
}

function sentence(message: string): Answer {
  if (message.length < 10 || message.length > 1000)
    throw new Error(`this is no sentence: ${message.slice(0, 80)}`);
  return 'refused';
}
