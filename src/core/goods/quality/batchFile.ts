import { KEPT_COLOR_WORDS } from '@/core/batches/records/messages';
import { looksOf } from '@/core/batches/records/keptBack';
import { roomOf, weighedLines } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import type { Material } from '@/core/matter/materials/material';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { sayFinding } from '@/core/results/evaluation/messages';
import { tryEvaluate } from '@/core/results/evaluation/problem';
import type { DocumentKind, SupplierDocument } from '@/core/results/scent/documents';
import { scentDocumentsFor } from '@/core/results/scent/scentDocuments';
import { scentLimits } from '@/core/results/scent/limits';
import { conditionsOfBatch, type WorkshopFacts } from '@/core/workshop/settings/conditionsFor';
import type { Lot } from '@/core/workshop/shelf/lot';
import type { LotMove } from '@/core/workshop/shelf/stock';
import { lotsOfBatch } from '@/core/workshop/shelf/trace';
import { CAS, FUNCTIONS } from '../labels/ingredients/registry';
import { partsOf } from '../labels/ingredients/parts';
import { batchContents } from '../products/contents';
import type { LabelBooks } from '../products/labelOf';
import { pieceNet } from '../products/net';

export interface TestOnFile {
  readonly at: string;
  readonly kind: string;
  readonly said: readonly string[];
  readonly verdict: string | null;
}

/** A supplier’s document as a paper names it. */
export interface DocumentOnFile {
  readonly id: string;
  readonly kind: DocumentKind;
  readonly title: string;
  readonly dated: string;
  readonly edition: string;
  readonly expiresOn: string | null;
  readonly isExpired: boolean;
  /** Name of the attached file; null for none. */
  readonly file: string | null;
}

export interface LotOnFile {
  readonly material: string;
  readonly role: Material['role'] | null;
  readonly code: string;
  readonly supplier: string;
  readonly receivedOn: string | null;
  readonly expiresOn: string | null;
  readonly massG: number;
  readonly isSetAside: boolean;
  readonly documents: readonly DocumentOnFile[];
}

/** One batch as an assessor reads it. */
export interface BatchFile {
  readonly code: string;
  readonly formula: string;
  readonly version: number;
  readonly startedAt: string;
  readonly finishedAt: string | null;
  readonly makers: readonly string[];
  readonly room: { readonly humidityPct: number; readonly tempC: number } | null;
  readonly ingredients: readonly {
    readonly name: string;
    readonly pct: number;
    readonly cas: string | null;
    readonly function: string;
  }[];
  readonly weighed: readonly {
    readonly material: string;
    readonly plannedG: number;
    readonly weighedG: number | null;
  }[];
  readonly lots: readonly LotOnFile[];
  readonly steps: number;
  readonly entries: number;
  readonly fills: { readonly count: number; readonly short: number; readonly netG: number } | null;
  readonly scentLimits: readonly {
    readonly name: string;
    readonly pct: number;
    readonly limitPct: number | null;
    readonly source: string;
  }[];
  readonly trials: readonly TestOnFile[];
  readonly looks: readonly {
    readonly month: number;
    readonly state: string;
    readonly said: string;
  }[];
  readonly warnings: readonly string[];
}

export interface BatchFileQuestion {
  readonly books: LabelBooks;
  readonly facts: WorkshopFacts;
  readonly lotMoves: readonly LotMove[];
  readonly trialsOf: (batch: Batch) => readonly TestOnFile[];
  readonly writtenAt: string;
}

export function batchFileOf(batch: Batch, asked: BatchFileQuestion): BatchFile {
  const { books, facts, lotMoves, trialsOf, writtenAt } = asked;
  const { catalog, documents } = books;
  const contents = batchContents(batch, catalog);
  const nameOf = (id: string) => catalog.byId.get(id)?.name ?? id;
  const room = roomOf(batch);
  const net = pieceNet(batch, 'good', catalog);
  const { family } = batch.body;
  const limits = scentLimits(contents, family, scentDocumentsFor(family, documents));
  return {
    code: batch.code,
    formula: batch.formulaName,
    version: batch.versionNumber,
    startedAt: batch.startedAt,
    finishedAt: batch.finishedAt,
    makers: [...new Set(batch.entries.flatMap(({ who }) => who ?? []))],
    room: room && { humidityPct: room.humidityPct, tempC: room.tempC },
    ingredients: ingredientsOf(contents),
    weighed: weighedLines(batch).map(({ materialId, targetG, massG }) => ({
      material: nameOf(materialId),
      plannedG: targetG,
      weighedG: massG,
    })),
    lots: lotsOfBatch(batch, books.lots, lotMoves).flatMap(({ lot, massG }) =>
      lot
        ? [
            {
              material: nameOf(lot.materialId),
              role: catalog.byId.get(lot.materialId)?.role ?? null,
              code: lot.code,
              supplier: lot.supplier,
              receivedOn: lot.receivedOn,
              expiresOn: lot.expiresOn,
              massG,
              isSetAside: lot.isQuarantined,
              documents: documentsOfLot(lot, documents, writtenAt.slice(0, 10)),
            },
          ]
        : [],
    ),
    steps: batch.steps.length,
    entries: batch.entries.filter(({ voidedAt }) => voidedAt === null).length,
    fills: net?.fills ? { ...net.fills, netG: net.netG } : null,
    scentLimits: limits.constituents.map(({ constituent, pctOfMix }) => ({
      name: constituent.name,
      pct: pctOfMix,
      limitPct: constituent.limitPct,
      source: constituent.source,
    })),
    trials: trialsOf(batch),
    looks: looksOf(batch, Date.parse(writtenAt)).map(({ month, state, entry }) => ({
      month,
      state,
      said: entry
        ? `hardness ${entry.hard} of 5, scent ${entry.scent} of 5, color ${KEPT_COLOR_WORDS[entry.color]}`
        : '',
    })),
    warnings: warningsOf(batch, facts),
  };
}

function ingredientsOf(contents: readonly Portion[]): BatchFile['ingredients'] {
  const totalG = portionsG(contents);
  const grams = new Map<string, { massG: number; role: string }>();
  for (const { material, massG } of contents)
    for (const { name, fraction } of partsOf(material)) {
      const known = grams.get(name || material.name);
      grams.set(name || material.name, {
        massG: (known?.massG ?? 0) + massG * fraction,
        role: known?.role ?? FUNCTIONS[material.role],
      });
    }
  return [...grams]
    .map(([name, { massG, role }]) => ({
      name,
      pct: totalG > 0 ? (100 * massG) / totalG : 0,
      cas: CAS[name] ?? null,
      function: role,
    }))
    .sort((a, b) => b.pct - a.pct);
}

/** Documents of a lot and of all of its material. @param day ISO day it is asked on */
export function documentsOfLot(
  lot: Pick<Lot, 'id' | 'materialId'>,
  documents: readonly SupplierDocument[],
  day: string,
): readonly DocumentOnFile[] {
  return documents
    .filter(
      (one) => one.lotId === lot.id || (one.lotId === null && one.materialId === lot.materialId),
    )
    .map(({ id, kind, title, dated, edition, expiresOn, attached }) => ({
      id,
      kind,
      title,
      dated,
      edition,
      expiresOn,
      isExpired: expiresOn !== null && expiresOn < day,
      file: attached?.name ?? null,
    }));
}

/** What the models still warn of in this batch, as it was made. */
function warningsOf(batch: Batch, facts: WorkshopFacts): readonly string[] {
  const conditions = conditionsOfBatch(facts, batch);
  if (!tryEvaluate(batch.body, conditions).ok) return ['Its formula can no longer be computed.'];
  return evaluate(batch.body, conditions)
    .findings.filter(({ severity }) => severity === 'stop' || severity === 'warning')
    .map((finding) => sayFinding(finding).message);
}
