import { isForSkin } from '@/core/formula/model/messages';
import type { Formula } from '@/core/formula/model/schema';
import { bestBefore, type BestBefore } from '@/core/batches/shelf-life/bestBefore';
import { staysFresh } from '@/core/batches/shelf-life/staysFresh';
import { staysHard, type StaysHard } from '@/core/batches/shelf-life/staysHard';
import type { BarrierId } from '@/core/batches/shelf-life/barriers';
import {
  labelContent,
  type LabelContent,
  type LabelProduct,
  type LabelQuestion,
} from '../labels/content';
import type { Market } from '../labels/market';
import {
  labelRequirements,
  type Must,
  type MustFacts,
} from '../labels/requirements/labelRequirements';
import { portionsG, portionsOf, type Portion } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';
import { stayingLines } from '@/core/formula/model/edit';
import { countOf } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { moldSurfaceMm2 } from '@/core/work/scaling/molds';
import type { SupplierDocument } from '@/core/results/scent/documents';
import { scentDocumentsFor } from '@/core/results/scent/scentDocuments';
import type { Lot } from '@/core/workshop/shelf/lot';
import { allergenDocuments, batchContents, lotExpiries } from './contents';
import { pieceNet } from './net';
import type { Grade } from './kinds';
import type { Packaging, SaleUnit } from './schema';

/** What a label is made from beside the sale unit. */
export interface LabelBooks {
  readonly catalog: Catalog;
  readonly formulas: readonly Formula[];
  readonly batches: readonly Batch[];
  readonly lots: readonly Lot[];
  readonly documents: readonly SupplierDocument[];
  readonly packagings: readonly Packaging[];
  readonly maker: MustFacts['maker'];
}

/** One line of a unit’s contents with the batches its pieces come from; none while it is only designed. */
export interface LabeledLine {
  readonly formula: Formula | null;
  readonly grade: Grade;
  readonly pieces: number;
  /** The mold of the shelf its pieces come from; left out for any. */
  readonly moldId?: string;
  readonly batches: readonly Batch[];
}

/** A sale unit’s label as it stands for these batches. */
export interface UnitLabel {
  readonly asked: LabelQuestion;
  readonly content: LabelContent;
  readonly musts: readonly Must[];
  readonly batchCodes: readonly string[];
  readonly bestBefore: BestBefore | null;
  readonly netG: number | null;
}

/** Lines of a unit with the batches that were taken for it; the newest made one where none was. */
export function labeledLines(
  unit: SaleUnit,
  batchIds: readonly string[],
  { formulas, batches }: Pick<LabelBooks, 'formulas' | 'batches'>,
): readonly LabeledLine[] {
  return unit.contents.map(({ formulaId, grade, pieces, moldId }) => {
    const own = batches.filter((batch) => batch.formulaId === formulaId);
    return {
      formula: formulas.find(({ id }) => id === formulaId) ?? null,
      grade,
      pieces,
      ...(moldId !== undefined && { moldId }),
      batches: own.filter(({ id }) => batchIds.includes(id)),
    };
  });
}

/**
 * The label of a unit for the batches in it: what it says, what it must say, and how long it keeps.
 * @param markets in place of those of the design
 * @param hard how long it stays hard, where it is known better than computed here
 */
export function unitLabel(
  unit: SaleUnit,
  lines: readonly LabeledLine[],
  books: LabelBooks,
  markets: readonly Market[] = unit.label.markets,
  hard: StaysHard | null = unitStaysHard(unit, lines, books),
): UnitLabel {
  const products = lines.map((line) => productOf(line, books));
  const nets = lines.map((line) => lineNet(line, books.catalog));
  const netG = nets.every((net) => net !== null)
    ? nets.reduce((sum, net, i) => sum + (net?.netG ?? 0) * (lines[i]?.pieces ?? 0), 0)
    : null;
  const fills = nets.every((net) => net?.fills)
    ? nets.reduce(
        (sum, net) => ({
          count: sum.count + (net?.fills?.count ?? 0),
          short: sum.short + (net?.fills?.short ?? 0),
        }),
        { count: 0, short: 0 },
      )
    : null;
  const { own, forWhom, title, soldAs, ufi, shape, widthMm, heightMm } = unit.label;
  const asked: LabelQuestion = { markets, soldAs, products, netG, forWhom, own };
  const content = labelContent(asked);
  const made = lines.flatMap(({ batches }) => batches);
  const keeps = unitBestBefore(unit, lines, books, hard);
  const batchCodes = [...new Set(made.map(({ code }) => code))];
  const musts = labelRequirements(asked, content, {
    batchCodes,
    maker: books.maker,
    keepsMonths: keeps?.months ?? null,
    fills,
    ownTexts: [title || unit.name, own.identity, own.directions, own.story, own.otherLanguages],
    unread: lines.flatMap(
      ({ formula, batches }) =>
        (batches[0]?.body ?? formula?.body)?.unread.map(({ text }) => text) ?? [],
    ),
    hasSafetyReport: unit.hasSafetyReport,
    ufi,
    filings: unit.filings,
    sizeMm: [widthMm, shape === 'round' ? widthMm : heightMm],
  });
  return { asked, content, musts, batchCodes, bestBefore: keeps, netG };
}

/** Everything in one line of a unit: as its batches were weighed, else as the formula stands. */
export function lineContents(
  { formula, batches }: LabeledLine,
  catalog: Catalog,
): readonly Portion[] {
  if (batches.length > 0) return batches.flatMap((batch) => batchContents(batch, catalog));
  return formula
    ? portionsOf(catalog, stayingLines(formula.body)).filter(({ massG }) => massG > 0)
    : [];
}

function productOf(line: LabeledLine, { documents, lots, catalog }: LabelBooks): LabelProduct {
  const family = line.batches[0]?.body.family ?? line.formula?.body.family ?? 'bath-bomb';
  const ofSuppliers = scentDocumentsFor(family, documents);
  const ofBatches = line.batches.map((batch) => allergenDocuments(batch, lots, ofSuppliers));
  const supplier = (materialId: string) => {
    const allergens = ofSuppliers.find((one) => one.materialId === materialId)?.allergens;
    return allergens ? { allergens } : null;
  };
  return {
    name: line.formula?.name ?? line.batches[0]?.formulaName ?? '',
    family,
    method: line.batches[0]?.body.method ?? line.formula?.body.method ?? 'press',
    contents: lineContents(line, catalog),
    documentFor: (materialId) => {
      for (const of of ofBatches) {
        const found = of(materialId);
        if (found) return found;
      }
      return supplier(materialId);
    },
  };
}

/** Net weight of one piece of a line: the lightest of its batches speaks. */
function lineNet({ batches, grade, moldId }: LabeledLine, catalog: Catalog) {
  const nets = batches.flatMap((batch) => pieceNet(batch, grade, catalog, moldId) ?? []);
  if (nets.length === 0) return null;
  const fills = nets.every((net) => net.fills !== null)
    ? nets.reduce(
        (sum, net) => ({
          count: sum.count + (net.fills?.count ?? 0),
          short: sum.short + (net.fills?.short ?? 0),
        }),
        { count: 0, short: 0 },
      )
    : null;
  return { netG: Math.min(...nets.map(({ netG }) => netG)), fills };
}

/** Barriers of a unit’s wraps from the piece outward; a label holds back nothing. */
export function wrapsOf(unit: SaleUnit, packagings: readonly Packaging[]): readonly BarrierId[] {
  return unit.packaging.flatMap(
    ({ packagingId }) => packagings.find(({ id }) => id === packagingId)?.barrier ?? [],
  );
}

/**
 * How long the softest of a unit’s pieces stays hard in these wraps at its place; null while nothing is in it.
 * @param wraps in place of the unit’s own
 */
export function unitStaysHard(
  unit: SaleUnit,
  lines: readonly LabeledLine[],
  { catalog, packagings }: Pick<LabelBooks, 'catalog' | 'packagings'>,
  wraps: readonly BarrierId[] = wrapsOf(unit, packagings),
): StaysHard | null {
  const all = lines.flatMap((line) => {
    const contents = lineContents(line, catalog);
    const totalG = portionsG(contents);
    if (!(totalG > 0)) return [];
    const batch = line.batches[0];
    const pieceG = batch?.plan.pieceG ?? totalG / Math.max(1, line.formula?.body.yieldPieces ?? 1);
    const mold = batch?.request.mold ?? { shape: 'sphere' as const, diameterMm: 70 };
    return [
      staysHard({ contents, massG: pieceG, areaMm2: moldSurfaceMm2(mold), wraps }, unit.place),
    ];
  });
  return all.reduce<StaysHard | null>(
    (least, one) => (least === null || daysOf(one) < daysOf(least) ? one : least),
    null,
  );
}

function daysOf({ lowDays, days }: StaysHard): number {
  return days ?? (lowDays === null ? Infinity : 1e6 + lowDays);
}

function unitBestBefore(
  unit: SaleUnit,
  lines: readonly LabeledLine[],
  { catalog, lots, packagings }: LabelBooks,
  hard: StaysHard | null,
): BestBefore | null {
  const made = lines.flatMap(({ batches }) => batches);
  // A cleaning piece goes soft and loses its fizz as well, but no rule asks for its day.
  if (hard === null || made.length === 0 || !made.some(({ body }) => isForSkin(body.family)))
    return null;
  const madeMs = Math.min(
    ...made.map((batch) => Date.parse(countOf(batch)?.at ?? batch.finishedAt ?? batch.startedAt)),
  );
  const expiresMs = new Map<string, number>();
  for (const batch of made)
    for (const [id, atMs] of lotExpiries(batch, lots))
      expiresMs.set(id, Math.min(expiresMs.get(id) ?? Infinity, atMs));
  const contents = lines.flatMap((line) => lineContents(line, catalog));
  return bestBefore({
    madeMs,
    contents,
    hard,
    fresh: staysFresh(contents, wrapsOf(unit, packagings)),
    ruleMonths: unit.ruleMonths,
    expiresMs,
  });
}
