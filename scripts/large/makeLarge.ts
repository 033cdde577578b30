import { randomUUID } from 'node:crypto';
import { createWriteStream, readFileSync } from 'node:fs';
import { once } from 'node:events';
import { givenBy } from '../../src/core/goods/products/given';
import { GRADES } from '../../src/core/goods/products/kinds';
import type { Formula } from '../../src/core/formula/model/schema';
import { record } from '../../src/core/batches/records/batch';
import type { Batch } from '../../src/core/batches/records/schema';
import {
  CLOSED_LIST,
  closeFile,
  openFile,
  openList,
  recordLines,
} from '../../src/storage/file/write';
import { COLLECTION_NAMES } from '../../src/storage/records/names';
import { readWorkshopFile } from '../../src/storage/file/read';

export interface LargeSize {
  readonly batches: number;
  readonly formulas: number;
  readonly lots: number;
}

const DAY_MS = 86_400_000;
const BATCHES_A_DAY = 3;

/** Writes a workshop of many years to a file: the sample's records over and over, each with its own id, code and day. */
export async function makeLarge(path: string, size: LargeSize): Promise<void> {
  const read = readWorkshopFile(readFileSync('demo/orrin-quay.rovack.json', 'utf8'));
  if (!read.ok) throw new Error(read.problem.message);
  const { workshop } = read;
  const out = createWriteStream(path);
  const write = async (text: string) => {
    if (!out.write(text)) await once(out, 'drain');
  };
  const formulas = Array.from({ length: size.formulas }, (_, i): Formula => {
    const like = workshop.formulas[i % workshop.formulas.length] as Formula;
    return i < workshop.formulas.length
      ? like
      : { ...like, id: randomUUID(), origin: 'own', name: `${like.name} ${i}` };
  });
  const lots = Array.from({ length: size.lots }, (_, i) => {
    const like = workshop.lots[i % workshop.lots.length] as (typeof workshop.lots)[number];
    return i < workshop.lots.length
      ? like
      : { ...like, id: randomUUID(), origin: 'own' as const, code: `${like.code}-${i}` };
  });
  const batches: { readonly id: string; readonly given: ReturnType<typeof givenBy> }[] = [];
  await write(openFile(workshop.exportedAt));
  for (const name of COLLECTION_NAMES) {
    await write(openList(name));
    if (name === 'formulas') await write(recordLines(formulas, true));
    else if (name === 'lots') await write(recordLines(lots, true));
    else if (name === 'batches')
      for (let i = 0; i < size.batches; i++) {
        const batch = batchOf(workshop.batches, formulas, lots, i);
        batches.push({ id: batch.id, given: givenBy(batch) });
        await write(recordLines([batch], i === 0));
      }
    else if (name === 'goods') {
      // What years ago was made is wrapped and gone: one move a grade.
      const gone = batches.slice(workshop.batches.length).flatMap(({ id, given }) =>
        GRADES.flatMap((grade) =>
          given[grade] === 0
            ? []
            : [
                {
                  id: randomUUID(),
                  origin: 'own' as const,
                  kind: 'counted' as const,
                  at: workshop.exportedAt,
                  voidedAt: null,
                  of: { kind: 'loose' as const, batchId: id, grade },
                  change: -given[grade],
                  why: 'sold at the market',
                },
              ],
        ),
      );
      await write(recordLines([...workshop.goods, ...gone], true));
    } else await write(recordLines(workshop[name], true));
    await write(CLOSED_LIST);
  }
  await write(closeFile(workshop.settings));
  out.end();
  await once(out, 'finish');
}

/** A batch like one of the sample's, so many days earlier, of its own formula and off lots of its own. */
function batchOf(
  sample: readonly Batch[],
  formulas: readonly Formula[],
  lots: readonly { readonly id: string }[],
  i: number,
): Batch {
  const like = sample[i % sample.length] as Batch;
  if (i < sample.length) return like;
  const backMs = Math.floor(i / BATCHES_A_DAY) * DAY_MS;
  const moved = JSON.parse(
    JSON.stringify(like).replace(
      /"(\d{4}-\d\d-\d\dT[\d:.]+(?:Z|[+-]\d\d:\d\d))"/g,
      (_all, iso: string) => `"${new Date(Date.parse(iso) - backMs).toISOString()}"`,
    ),
  ) as Batch;
  const formula = formulas[i % formulas.length] as Formula;
  const wrapped = record(
    { ...moved, outcome: 'made', finishedAt: moved.finishedAt ?? moved.startedAt },
    { kind: 'tended', what: 'wrap' } as never,
    moved.finishedAt ?? moved.startedAt,
  );
  return {
    ...wrapped,
    id: randomUUID(),
    origin: 'own',
    code: `QL-${String(i).padStart(5, '0')}`,
    formulaId: formula.id,
    formulaName: formula.name,
    entries: wrapped.entries.map((entry, at) =>
      'lots' in entry && entry.lots
        ? {
            ...entry,
            lots: entry.lots.map((use) => ({
              ...use,
              lotId: (lots[(i * 7 + at) % lots.length] as { id: string }).id,
            })),
          }
        : entry,
    ),
  };
}
