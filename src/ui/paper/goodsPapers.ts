import { GONE_WORDS } from '@/core/goods/products/messages';
import type { Dossier, DossierBatch } from '@/core/goods/products/dossier';
import type { OrderOrigin, Recall } from '@/core/goods/products/recall';
import { counted, formatFixed, formatGrams } from '@/core/basics/format/numbers';
import { longDate, shortDate } from '../frame/format';
import type { Paper, PaperPart } from './papers';

const heading = (text: string): PaperPart => ({ kind: 'heading', text });
const text = (said: string, isStrong = false): PaperPart => ({
  kind: 'text',
  text: said,
  isStrong,
});
const pct = (value: number) => `${formatFixed(value, value < 0.1 ? 3 : 2)} %`;

/** A table, or a word where there is nothing to put into it. */
function tableOf(table: Extract<PaperPart, { kind: 'table' }>): PaperPart {
  return table.rows.length > 0 ? table : text('None.');
}

/** The dossier as a paper: what is missing first. */
export function dossierPaper(dossier: Dossier): Paper {
  const { label } = dossier;
  return {
    title: `Dossier: ${dossier.product}`,
    sub: `${dossier.batches.map(({ code }) => code).join(', ') || 'no batch yet'} · written ${longDate(dossier.writtenAt)}`,
    parts: [
      heading('What is missing'),
      dossier.missing.length === 0
        ? text('Nothing that Rovack looks for.')
        : {
            kind: 'table',
            head: ['', 'What', 'Why it is asked'],
            rows: dossier.missing.map(({ state, title, detail, rule }) => [
              `${state === 'missing' ? 'MISSING' : 'look at'}: ${title}`,
              detail,
              rule,
            ]),
          },
      text(dossier.notice, true),
      heading('Who makes it'),
      text(
        [dossier.maker.name, dossier.maker.address, dossier.maker.contact]
          .filter((said) => said !== '')
          .join(', ') || 'not said',
      ),
      heading('The label'),
      text(
        [label.identity, label.netWeight, label.bestBefore ? `best before ${label.bestBefore}` : '']
          .filter((said) => said !== '')
          .join(' · '),
      ),
      ...label.ingredients.map(({ product, text: list }) => text(`${product}: ${list}`)),
      text(
        `Allergens: ${label.allergens.map(({ name, pct: share }) => `${name} ${pct(share)}`).join(', ') || 'none over 0.01 %'}`,
      ),
      text(label.directions),
      {
        kind: 'list',
        items: label.cautions.map(({ text: said, source }) => `${said} (${source})`),
      },
      heading('Claims, and what supports them'),
      ...(dossier.claims.length === 0
        ? [text('The maker says nothing beside the name.')]
        : dossier.claims.flatMap(({ text: said, marked, support }) => [
            text(`“${said}”: ${support}`),
            ...(marked.length > 0 ? [{ kind: 'list' as const, items: marked }] : []),
          ])),
      ...dossier.batches.flatMap(batchParts),
    ],
  };
}

function batchParts(batch: DossierBatch): readonly PaperPart[] {
  const { room, fills } = batch;
  return [
    heading(`Batch ${batch.code}: ${batch.formula}, version ${batch.version}`),
    text(
      [
        `begun ${longDate(batch.startedAt)}`,
        batch.finishedAt ? `ended ${longDate(batch.finishedAt)}` : 'not ended',
        batch.makers.length > 0 ? `by ${batch.makers.join(', ')}` : 'no name in the record',
        room
          ? `room ${formatFixed(room.humidityPct, 0)} %, ${formatFixed(room.tempC, 1)} °C`
          : 'room not read',
        `${counted(batch.steps, 'step')}, ${counted(batch.entries, 'entry', 'entries')}`,
        fills
          ? `${counted(fills.count, 'fill')} weighed, ${fills.short} short of ${formatGrams(fills.netG)} g`
          : 'no fill weighed',
      ].join(' · '),
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
      head: ['Weighed', 'planned, g', 'weighed, g'],
      numbers: [1, 2],
      rows: batch.weighed.map((one) => [
        one.material,
        formatGrams(one.plannedG),
        one.weighedG === null ? 'not weighed' : formatGrams(one.weighedG),
      ]),
    },
    {
      kind: 'table',
      head: ['Lot', 'of', 'from', 'keeps to', 'g', 'papers'],
      numbers: [4],
      rows: batch.lots.map((lot) => [
        lot.isSetAside ? `${lot.code}, set aside` : lot.code,
        lot.material,
        [lot.supplier, lot.receivedOn ?? ''].filter((said) => said !== '').join(', '),
        lot.expiresOn ?? '',
        formatGrams(lot.massG),
        lot.papers.join(', ') || 'none',
      ]),
    },
    {
      kind: 'table',
      head: ['Constituent of the scent', '% of the mix', 'at most, %', 'source'],
      numbers: [1, 2],
      rows: batch.scentLimits.map((one) => [
        one.name,
        formatFixed(one.pct, 4),
        one.limitPct === null ? 'no limit' : formatFixed(one.limitPct, 3),
        one.source,
      ]),
    },
    text(batch.trials.length === 0 ? 'No trial on record.' : 'Trials:'),
    {
      kind: 'list',
      items: batch.trials.map(
        ({ at, kind, said, verdict }) =>
          `${shortDate(at)}, ${kind}: ${said.join('; ') || 'nothing noted'}${verdict ? `; verdict: ${verdict}` : ''}`,
      ),
    },
    text(
      batch.looks.length === 0
        ? 'No piece is kept back.'
        : `Kept-back pieces: ${batch.looks.map(({ month, state, said }) => `${counted(month, 'month')} ${said || state}`).join('; ')}`,
    ),
    ...(batch.warnings.length > 0
      ? [text('Warnings that stand:'), { kind: 'list' as const, items: batch.warnings }]
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
    sub: `${longDate(now)} · ${counted(batches.length, 'batch', 'batches')}, ${here + looseHere} here, ${away} away`,
    parts: [
      heading('Batches'),
      tableOf({
        kind: 'table',
        head: ['Batch', 'of', 'made', 'g of it', 'through'],
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
        head: ['Code', 'wrapped', 'of', 'here'],
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
        head: ['Who', 'when', 'how', 'units', 'pieces', 'batches', 'told'],
        numbers: [3, 4],
        rows: handedOver.map(({ move, order, count, loosePieces, codes }) => [
          [order?.who ?? (move.to || 'nobody named'), order?.where ?? '']
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
    title: `What is in it: ${who}`,
    sub: longDate(now),
    parts: [
      heading('Handed over'),
      tableOf({
        kind: 'table',
        head: ['Code', 'wrapped', 'units'],
        numbers: [2],
        rows: runs.map(({ run, count }) => [run.code, shortDate(run.at), String(count)]),
      }),
      heading('Batches'),
      tableOf({
        kind: 'table',
        head: ['Batch', 'of', 'made'],
        rows: batches.map((batch) => [batch.code, batch.formulaName, shortDate(batch.startedAt)]),
      }),
      heading('Lots'),
      tableOf({
        kind: 'table',
        head: ['Lot', 'of', 'from', 'g'],
        numbers: [3],
        rows: lots.map(({ lot, massG }) => [
          lot?.code ?? 'a lot that is gone',
          lot ? nameOf(lot.materialId) : '',
          lot?.supplier ?? '',
          formatGrams(massG),
        ]),
      }),
      heading('Wraps'),
      tableOf({
        kind: 'table',
        head: ['Delivery', 'of'],
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
    title: `Prices${maker ? ` of ${maker}` : ''}`,
    sub: longDate(now),
    parts: [
      tableOf({
        kind: 'table',
        head: ['', 'net weight', 'to a shop', 'at the stall'],
        numbers: [2, 3],
        rows: rows.map(({ name, net, wholesale, retail }) => [name, net, wholesale, retail]),
      }),
    ],
  };
}
