import { GONE_WORDS } from '@/core/goods/products/messages';
import type { DocumentOnFile } from '@/core/goods/quality/batchFile';
import { DOCUMENT_WORDS } from '@/core/goods/quality/messages';
import type {
  SafetyFile,
  SafetyFileBatch,
  SafetyFileStability,
} from '@/core/goods/quality/safetyFile';
import type { OrderOrigin, Recall } from '@/core/goods/products/recall';
import { longDate, shortDate } from '@/core/basics/format/dates';
import {
  counted,
  formatCount,
  formatFixed,
  formatGrams,
  formatPercent,
} from '@/core/basics/format/numbers';
import { formatMass, formatTemp } from '@/core/basics/format/quantities';
import type { Paper, PaperPart } from './papers';

const heading = (text: string): PaperPart => ({ kind: 'heading', text });
const text = (said: string, isStrong = false): PaperPart => ({
  kind: 'text',
  text: said,
  isStrong,
});
const pct = (value: number) => formatPercent(value, value < 0.1 ? 3 : 2);

/** A table, or a word where there is nothing to put into it. */
function tableOf(table: Extract<PaperPart, { kind: 'table' }>): PaperPart {
  return table.rows.length > 0 ? table : text('None.');
}

/** The safety file as a paper: what is missing first. */
export function safetyFilePaper(safetyFile: SafetyFile): Paper {
  const { label } = safetyFile;
  return {
    title: `Product safety file: ${safetyFile.product}`,
    sub: `${safetyFile.batches.map(({ code }) => code).join(', ') || 'no batch yet'} · written ${longDate(safetyFile.writtenAt)}`,
    parts: [
      heading('Missing'),
      safetyFile.missing.length === 0
        ? text('Nothing that Rovack checks is missing.')
        : {
            kind: 'table',
            head: ['Check', 'Detail', 'Rule'],
            rows: safetyFile.missing.map(({ state, title, detail, rule }) => [
              `${state === 'missing' ? 'MISSING' : 'CHECK'}: ${title}`,
              detail,
              rule,
            ]),
          },
      text(safetyFile.notice, true),
      heading('Maker'),
      text(
        [safetyFile.maker.name, safetyFile.maker.address, safetyFile.maker.contact]
          .filter((said) => said !== '')
          .join(', ') || 'not given',
      ),
      heading('Label'),
      text(
        [
          label.identity,
          label.netWeight,
          label.bestBefore ? `best before ${longDate(label.bestBefore)}` : '',
        ]
          .filter((said) => said !== '')
          .join(' · '),
      ),
      ...label.ingredients.map(({ product, text: list }) => text(`${product}: ${list}`)),
      text(
        `Allergens: ${label.allergens.map(({ name, pct: share }) => `${name} ${pct(share)}`).join(', ') || 'None over 0.01%.'}`,
      ),
      text(label.directions),
      {
        kind: 'list',
        items: label.cautions.map(({ text: said, source }) => `${said} (${source})`),
      },
      heading('Claims and their support'),
      ...(safetyFile.claims.length === 0
        ? [text('The maker makes no claims beside the name.')]
        : safetyFile.claims.flatMap(({ text: said, marked, support }) => [
            text(`“${said}”: ${support}`),
            ...(marked.length > 0 ? [{ kind: 'list' as const, items: marked }] : []),
          ])),
      heading('Preservation'),
      text(safetyFile.preservation),
      heading('Stability'),
      ...(safetyFile.stability.length === 0
        ? [text('There is no stability plan for these batches.')]
        : safetyFile.stability.flatMap(stabilityParts)),
      heading('Complaints'),
      text(safetyFile.complaints.summary),
      ...(safetyFile.complaints.rows.length === 0
        ? []
        : [
            {
              kind: 'table' as const,
              head: ['Date', 'Batch', 'What', 'Said', 'Answer', 'Closed'],
              rows: safetyFile.complaints.rows.map((one) => [
                shortDate(one.at),
                one.batch,
                one.isSerious ? `${one.what}, serious` : one.what,
                one.said,
                one.answer,
                one.closedOn === null ? 'open' : shortDate(one.closedOn),
              ]),
            },
          ]),
      heading('Scales and cleaning'),
      tableOf({
        kind: 'table',
        head: ['Date', 'Who', 'Last before these batches'],
        rows: safetyFile.upkeep.map(({ at, who, said }) => [shortDate(at), who, said]),
      }),
      ...safetyFile.batches.flatMap(batchParts),
    ],
  };
}

function stabilityParts(plan: SafetyFileStability): readonly PaperPart[] {
  return [
    text(
      `${plan.batch}, since ${shortDate(plan.startedOn)}. Passes with ${plan.marks.join(', ')}.`,
    ),
    {
      kind: 'table',
      head: ['After', 'Kept', 'Due', 'Measured', 'Result'],
      rows: plan.rows.map(({ month, condition, dueOn, measured, verdict }) => [
        counted(month, 'month'),
        condition,
        shortDate(dueOn),
        measured,
        verdict || 'not yet',
      ]),
    },
  ];
}

function sayDocument({ kind, title, dated, edition, isExpired }: DocumentOnFile): string {
  return [
    DOCUMENT_WORDS[kind],
    title,
    edition === '' ? '' : `edition ${edition}`,
    shortDate(dated),
    isExpired ? 'expired' : '',
  ]
    .filter((said) => said !== '')
    .join(', ');
}

function batchParts(batch: SafetyFileBatch): readonly PaperPart[] {
  const { room, fills, release } = batch;
  return [
    heading(`Batch ${batch.code}: ${batch.formula}, version ${batch.version}`),
    text(
      [
        `started ${longDate(batch.startedAt)}`,
        batch.finishedAt ? `ended ${longDate(batch.finishedAt)}` : 'not ended',
        batch.makers.length > 0 ? `by ${batch.makers.join(', ')}` : 'no name on record',
        room
          ? `room ${formatPercent(room.humidityPct, 0)}, ${formatTemp(room.tempC, 1)}`
          : 'room not read',
        `${counted(batch.steps, 'step')}, ${counted(batch.entries, 'entry', 'entries')}`,
        fills
          ? `${counted(fills.count, 'fill')} weighed, ${formatCount(fills.short)} lighter than ${formatMass(fills.netG)}`
          : 'no fill weighed',
      ].join(' · '),
    ),
    text(
      release
        ? [
            `${release.verdict} by ${release.who} on ${shortDate(release.at)}`,
            release.open.length > 0 ? `open then: ${release.open.join(', ')}` : '',
            release.note,
          ]
            .filter((said) => said !== '')
            .join(' · ')
        : 'Nobody has released this batch.',
    ),
    {
      kind: 'table',
      head: ['Ingredient', '%', 'CAS', 'Function'],
      numbers: [1],
      rows: batch.ingredients.map((one) => [
        one.name,
        formatFixed(one.pct, one.pct < 0.1 ? 4 : 2),
        one.cas ?? 'not known',
        one.function,
      ]),
    },
    {
      kind: 'table',
      head: ['Material', 'Planned, g', 'Weighed, g'],
      numbers: [1, 2],
      rows: batch.weighed.map((one) => [
        one.material,
        formatGrams(one.plannedG),
        one.weighedG === null ? 'not weighed' : formatGrams(one.weighedG),
      ]),
    },
    {
      kind: 'table',
      head: ['Lot', 'Material', 'Supplier', 'Best before', 'g', 'Documents'],
      numbers: [4],
      rows: batch.lots.map((lot) => [
        lot.isSetAside ? `${lot.code}, on hold` : lot.code,
        lot.material,
        [lot.supplier, lot.receivedOn === null ? '' : shortDate(lot.receivedOn)]
          .filter((said) => said !== '')
          .join(', '),
        lot.expiresOn === null ? '' : shortDate(lot.expiresOn),
        formatGrams(lot.massG),
        lot.documents.map(sayDocument).join('; ') || 'none',
      ]),
    },
    {
      kind: 'table',
      head: ['Scent constituent', '% of the mix', 'Limit, %', 'Source'],
      numbers: [1, 2],
      rows: batch.scentLimits.map((one) => [
        one.name,
        formatFixed(one.pct, 4),
        one.limitPct === null ? 'no limit' : formatFixed(one.limitPct, 3),
        one.source,
      ]),
    },
    text(batch.trials.length === 0 ? 'There is no test on record.' : 'Tests:'),
    {
      kind: 'list',
      items: batch.trials.map(({ at, kind, said, verdict }) =>
        [
          `${shortDate(at)}, ${kind}`,
          ...(said.length > 0 ? said : ['no notes']),
          ...(verdict ? [verdict] : []),
        ].join('; '),
      ),
    },
    text(
      batch.looks.length === 0
        ? 'There are no retained samples.'
        : `Retained samples: ${batch.looks.map(({ month, state, said }) => `${counted(month, 'month')} ${said || state}`).join('; ')}`,
    ),
    ...(batch.warnings.length > 0
      ? [text('Open warnings:'), { kind: 'list' as const, items: batch.warnings }]
      : []),
  ];
}

/** From a lot or a batch to everybody who holds it. */
export function recallPaper(
  of: string,
  { batches, looseHere, runs, handedOver }: Recall,
  now: string,
): Paper {
  const here = runs.reduce((sum, { left }) => sum + Math.max(0, left), 0);
  const away = handedOver.reduce((sum, { count, loosePieces }) => sum + count + loosePieces, 0);
  return {
    title: `Recall: ${of}`,
    sub: `${longDate(now)} · ${counted(batches.length, 'batch', 'batches')}, ${formatCount(here + looseHere)} here, ${formatCount(away)} away`,
    parts: [
      heading('Batches'),
      tableOf({
        kind: 'table',
        head: ['Batch', 'Formula', 'Made', 'g used', 'Through'],
        numbers: [3],
        rows: batches.map(({ batch, massG, through }) => [
          batch.code,
          batch.formulaName,
          shortDate(batch.startedAt),
          massG > 0 ? formatGrams(massG) : '',
          through.join(', '),
        ]),
      }),
      heading('Still here'),
      text(`${counted(looseHere, 'unwrapped piece')}.`),
      tableOf({
        kind: 'table',
        head: ['Code', 'Wrapped', 'Count', 'Here'],
        numbers: [2, 3],
        rows: runs.map(({ run, left }) => [
          run.code,
          shortDate(run.at),
          String(run.count),
          String(left),
        ]),
      }),
      heading('Away'),
      tableOf({
        kind: 'table',
        head: ['Who', 'When', 'How', 'Products', 'Pieces', 'Batches', 'Informed'],
        numbers: [3, 4],
        rows: handedOver.map(({ move, order, count, loosePieces, codes }) => [
          [order?.who ?? (move.to || 'no name'), order?.where ?? '']
            .filter((said) => said !== '')
            .join(', '),
          shortDate(move.at),
          GONE_WORDS[move.how],
          count > 0 ? String(count) : '',
          loosePieces > 0 ? String(loosePieces) : '',
          codes.join(', '),
          '',
        ]),
      }),
    ],
  };
}

/** From an order back to its lots. */
export function originPaper(
  who: string,
  { runs, batches, lots }: OrderOrigin,
  nameOf: (materialId: string) => string,
  wraps: readonly (readonly [string, string])[],
  now: string,
): Paper {
  return {
    title: `Contents: ${who}`,
    sub: longDate(now),
    parts: [
      heading('Handed over'),
      tableOf({
        kind: 'table',
        head: ['Code', 'Wrapped', 'Products'],
        numbers: [2],
        rows: runs.map(({ run, count }) => [run.code, shortDate(run.at), String(count)]),
      }),
      heading('Batches'),
      tableOf({
        kind: 'table',
        head: ['Batch', 'Formula', 'Made'],
        rows: batches.map((batch) => [batch.code, batch.formulaName, shortDate(batch.startedAt)]),
      }),
      heading('Lots'),
      tableOf({
        kind: 'table',
        head: ['Lot', 'Material', 'Supplier', 'g'],
        numbers: [3],
        rows: lots.map(({ lot, massG }) => [
          lot?.code ?? 'a removed lot',
          lot ? nameOf(lot.materialId) : '',
          lot?.supplier ?? '',
          formatGrams(massG),
        ]),
      }),
      heading('Packaging'),
      tableOf({
        kind: 'table',
        head: ['Lot', 'Packaging'],
        rows: wraps.map(([code, of]) => [code, of]),
      }),
    ],
  };
}

export interface PriceRow {
  readonly name: string;
  readonly net: string;
  readonly cost: string;
  readonly wholesale: string;
  readonly retail: string;
}

/** Prices for a shop or for the stall; what it costs stays at home. */
export function pricePaper(maker: string, rows: readonly PriceRow[], now: string): Paper {
  return {
    title: maker ? `Prices of ${maker}` : 'Prices',
    sub: longDate(now),
    parts: [
      tableOf({
        kind: 'table',
        head: ['Product', 'Net weight', 'Wholesale', 'Retail'],
        numbers: [2, 3],
        rows: rows.map(({ name, net, wholesale, retail }) => [name, net, wholesale, retail]),
      }),
    ],
  };
}
