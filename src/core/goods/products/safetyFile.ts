import { KEPT_COLOR_WORDS } from '@/core/batches/records/messages';
import { shortDate } from '@/core/basics/format/dates';
import { counted } from '@/core/basics/format/numbers';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { sayFinding } from '@/core/results/evaluation/messages';
import { tryEvaluate } from '@/core/results/evaluation/problem';
import type { Finding } from '@/core/results/evaluation/types';
import { conditionsOfBatch, type WorkshopFacts } from '@/core/workshop/settings/conditionsFor';
import { CAS, FUNCTIONS } from '../labels/ingredients/registry';
import { claimsIn } from '../labels/claims/claimsIn';
import { partsOf } from '../labels/ingredients/parts';
import { sayLabelRequirement } from '../labels/requirements/messages';
import type { LabelContent } from '../labels/content';
import type { Must } from '../labels/requirements/labelRequirements';
import { portionsG } from '@/core/matter/materials/portion';
import { looksOf } from '@/core/batches/records/keptBack';
import { roomOf, weighedLines } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { scentLimits } from '@/core/results/scent/limits';
import { lotsOfBatch } from '@/core/workshop/shelf/trace';
import type { Lot } from '@/core/workshop/shelf/lot';
import type { LotMove } from '@/core/workshop/shelf/stock';
import { batchContents } from './contents';
import type { LabelBooks, UnitLabel } from './labelOf';
import { pieceNet } from './net';
import type { SaleUnit } from './schema';

/** What a safety file says before anything else. */
export const NOT_A_SIGNATURE =
  'This is a collection of a maker’s records. It is not a safety assessment. A qualified assessor reads it, asks for what is missing, and signs their own report.';

export interface SafetyFileTest {
  readonly at: string;
  readonly kind: string;
  readonly said: readonly string[];
  readonly verdict: string | null;
}

/** One batch of the product. */
export interface SafetyFileBatch {
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
  readonly lots: readonly {
    readonly material: string;
    readonly code: string;
    readonly supplier: string;
    readonly receivedOn: string | null;
    readonly expiresOn: string | null;
    readonly massG: number;
    readonly isSetAside: boolean;
    readonly papers: readonly string[];
  }[];
  readonly steps: number;
  readonly entries: number;
  readonly fills: { readonly count: number; readonly short: number; readonly netG: number } | null;
  readonly scentLimits: readonly {
    readonly name: string;
    readonly pct: number;
    readonly limitPct: number | null;
    readonly source: string;
  }[];
  readonly trials: readonly SafetyFileTest[];
  readonly looks: readonly {
    readonly month: number;
    readonly state: string;
    readonly said: string;
  }[];
  readonly warnings: readonly string[];
}

/** Everything an assessor asks for of one product and its batches, as data that is open to read. */
export interface SafetyFile {
  readonly format: 'rovack-safety-file';
  readonly formatVersion: 1;
  readonly writtenAt: string;
  readonly notice: string;
  readonly product: string;
  readonly kind: string;
  readonly maker: LabelBooks['maker'];
  /** What is missing or to be looked at, gravest first. */
  readonly missing: readonly {
    readonly state: Must['state'];
    readonly title: string;
    readonly detail: string;
    readonly rule: string;
  }[];
  readonly label: {
    readonly markets: readonly string[];
    readonly identity: string;
    readonly netWeight: string;
    readonly ingredients: readonly { readonly product: string; readonly text: string }[];
    readonly allergens: readonly { readonly name: string; readonly pct: number }[];
    readonly directions: string;
    readonly cautions: readonly { readonly text: string; readonly source: string }[];
    readonly bestBefore: string | null;
  };
  readonly claims: readonly {
    readonly text: string;
    readonly marked: readonly string[];
    readonly support: string;
  }[];
  readonly batches: readonly SafetyFileBatch[];
}

export interface SafetyFileQuestion {
  readonly unit: SaleUnit;
  readonly label: UnitLabel;
  readonly batches: readonly Batch[];
  readonly books: LabelBooks;
  readonly facts: WorkshopFacts;
  readonly lotMoves: readonly LotMove[];
  readonly trialsOf: (batch: Batch) => readonly SafetyFileTest[];
  readonly writtenAt: string;
  /** Day of best before as printed; null for none. */
  readonly bestBefore: string | null;
}

export function safetyFileOf(asked: SafetyFileQuestion): SafetyFile {
  const { unit, label, batches, books, writtenAt, bestBefore } = asked;
  const { content, musts } = label;
  const made = batches.map((batch) => safetyFileBatch(batch, asked));
  return {
    format: 'rovack-safety-file',
    formatVersion: 1,
    writtenAt,
    notice: NOT_A_SIGNATURE,
    product: unit.name,
    kind: content.identity,
    maker: books.maker,
    missing: [...missingOf(musts), ...missingInBatches(made)].sort(
      (a, b) => GRAVITY[a.state] - GRAVITY[b.state],
    ),
    label: labelPart(content, asked, bestBefore),
    claims: [unit.label.title, unit.label.own.story, unit.label.own.directions]
      .filter((text) => text.trim() !== '')
      .map((text) => ({
        text,
        marked: claimsIn(text).map(
          ({ words, why, instead }) => `“${words}” ${why}. Say “${instead}”.`,
        ),
        support: supportFor(made),
      })),
    batches: made,
  };
}

function labelPart(
  content: LabelContent,
  { label }: SafetyFileQuestion,
  bestBefore: string | null,
): SafetyFile['label'] {
  return {
    markets: label.asked.markets,
    identity: content.identity,
    netWeight: content.netWeight?.text ?? '',
    ingredients: content.products.map(({ name, ingredientText }) => ({
      product: name,
      text: ingredientText,
    })),
    allergens: content.products.flatMap(({ allergens }) => allergens.declared),
    directions: content.directions,
    cautions: content.cautions.map(({ text, source }) => ({ text, source })),
    bestBefore,
  };
}

const GRAVITY: Readonly<Record<Must['state'], number>> = { missing: 0, look: 1, met: 2 };

function missingOf(musts: readonly Must[]): SafetyFile['missing'] {
  return musts
    .filter(({ state }) => state !== 'met')
    .map((must) => ({ state: must.state, ...sayLabelRequirement(must), rule: must.rule }));
}

function missingInBatches(batches: readonly SafetyFileBatch[]): SafetyFile['missing'] {
  const missing = (title: string, detail: string, rule: string) => ({
    state: 'missing' as const,
    title,
    detail,
    rule,
  });
  return batches.flatMap(({ code, trials, looks, fills, lots, weighed, warnings }) => {
    const unweighed = weighed.filter(({ weighedG }) => weighedG === null).length;
    const without = weighed.length > 0 && lots.length === 0;
    const bare = lots.filter(({ papers }) => papers.length === 0).length;
    const setAside = lots.filter(({ isSetAside }) => isSetAside);
    return [
      ...(unweighed > 0
        ? [
            missing(
              `${code}: not weighed`,
              `${counted(unweighed, 'line')} not weighed.`,
              'batch record',
            ),
          ]
        : []),
      ...(without ? [missing(`${code}: lots`, 'No lot is named.', 'batch record')] : []),
      ...(bare > 0
        ? [
            missing(
              `${code}: papers of lots`,
              `${bare} of ${counted(lots.length, 'lot')} without papers.`,
              'raw materials',
            ),
          ]
        : []),
      ...setAside.map(({ material, code: lot }) =>
        missing(`${code}: lot on hold`, `${lot}, ${material}`, 'raw materials'),
      ),
      ...(fills === null ? [missing(`${code}: fills`, 'No piece was weighed.', 'net weight')] : []),
      ...(trials.length === 0
        ? [missing(`${code}: tests`, 'No piece was tested in water.', 'common practice')]
        : []),
      ...(looks.length === 0
        ? [
            missing(
              `${code}: stability`,
              'There are no retained samples.',
              'EU 1223/2009, annex I, 2',
            ),
          ]
        : []),
      ...warnings.map((warning) => ({
        state: 'look' as const,
        title: `${code}: open warning`,
        detail: warning,
        rule: 'computed',
      })),
    ];
  });
}

function supportFor(batches: readonly SafetyFileBatch[]): string {
  const trials = batches.reduce((sum, one) => sum + one.trials.length, 0);
  return trials > 0
    ? `${counted(trials, 'test')} by the maker, see below. Nothing clinical.`
    : 'Nothing on file.';
}

function safetyFileBatch(batch: Batch, asked: SafetyFileQuestion): SafetyFileBatch {
  const { books, facts, lotMoves, trialsOf } = asked;
  const { catalog } = books;
  const contents = batchContents(batch, catalog);
  const totalG = portionsG(contents);
  const nameOf = (id: string) => catalog.byId.get(id)?.name ?? id;
  const room = roomOf(batch);
  const net = pieceNet(batch, 'good', catalog);
  const limits = scentLimits(contents, batch.body.family, books.scentDocuments);
  const grams = new Map<string, { massG: number; role: string }>();
  for (const { material, massG } of contents)
    for (const { name, fraction } of partsOf(material)) {
      const known = grams.get(name || material.name);
      grams.set(name || material.name, {
        massG: (known?.massG ?? 0) + massG * fraction,
        role: known?.role ?? FUNCTIONS[material.role],
      });
    }
  return {
    code: batch.code,
    formula: batch.formulaName,
    version: batch.versionNumber,
    startedAt: batch.startedAt,
    finishedAt: batch.finishedAt,
    makers: [...new Set(batch.entries.flatMap(({ who }) => who ?? []))],
    room: room && { humidityPct: room.humidityPct, tempC: room.tempC },
    ingredients: [...grams]
      .map(([name, { massG, role }]) => ({
        name,
        pct: totalG > 0 ? (100 * massG) / totalG : 0,
        cas: CAS[name] ?? null,
        function: role,
      }))
      .sort((a, b) => b.pct - a.pct),
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
              code: lot.code,
              supplier: lot.supplier,
              receivedOn: lot.receivedOn,
              expiresOn: lot.expiresOn,
              massG,
              isSetAside: lot.isQuarantined,
              papers: papersOf(lot, books),
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
    looks: looksOf(batch, Date.parse(asked.writtenAt)).map(({ month, state, entry }) => ({
      month,
      state,
      said: entry
        ? `hardness ${entry.hard} of 5, scent ${entry.scent} of 5, color ${KEPT_COLOR_WORDS[entry.color]}`
        : '',
    })),
    warnings: warningsOf(batch, facts),
  };
}

function papersOf(lot: Lot, { scentDocuments }: LabelBooks): readonly string[] {
  const document = scentDocuments.find(({ materialId }) => materialId === lot.materialId);
  return [
    ...(lot.allergens && lot.allergens.length > 0 ? ['allergens of this lot'] : []),
    ...(document ? [`supplier’s document of ${shortDate(document.dated)}`] : []),
    ...(lot.supplier !== '' && lot.receivedOn !== null ? ['delivery on record'] : []),
  ];
}

/** What the models still warn of in this batch, as it was made. */
function warningsOf(batch: Batch, facts: WorkshopFacts): readonly string[] {
  const conditions = conditionsOfBatch(facts, batch);
  if (!tryEvaluate(batch.body, conditions).ok) return ['Its formula can no longer be computed.'];
  return evaluate(batch.body, conditions)
    .findings.filter(({ severity }: Finding) => severity === 'stop' || severity === 'warning')
    .map((finding) => sayFinding(finding).message);
}
