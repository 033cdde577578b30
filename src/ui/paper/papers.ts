import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import { LIGHT } from '../palette';
import { MM } from './makePdf';

/** A paper of headings, sentences and tables, plain enough for any printer. */
export interface Paper {
  readonly title: string;
  /** Under the title. */
  readonly sub: string;
  readonly parts: readonly PaperPart[];
}

export type PaperPart =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string; readonly isStrong?: boolean }
  | { readonly kind: 'list'; readonly items: readonly string[] }
  | {
      readonly kind: 'table';
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** Columns of numbers, from 0. */
      readonly numbers?: readonly number[];
    };

const LONGEST_CODE = 40;

/** A paper as the definition of A4 pages. Black on white throughout, so that a gray printer loses nothing. */
export function paperDocument({ title, sub, parts }: Paper): TDocumentDefinitions {
  return {
    pageSize: 'A4',
    pageMargins: [16 * MM, 14 * MM, 16 * MM, 16 * MM],
    info: { title },
    defaultStyle: { font: 'Roboto', fontSize: 9.5, color: LIGHT.ink },
    footer: (page, pages) => ({
      text: `${title} · ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 8,
      color: LIGHT.mid,
    }),
    content: [
      { text: title, fontSize: 18, bold: true },
      { text: sub, color: LIGHT.mid, margin: [0, 2, 0, 8] },
      ...parts.map(contentOf),
    ],
  };
}

function contentOf(part: PaperPart): Content {
  switch (part.kind) {
    case 'heading':
      return { text: part.text, fontSize: 13, bold: true, margin: [0, 10, 0, 4] };
    case 'text':
      return { text: part.text, bold: part.isStrong ?? false, margin: [0, 0, 0, 4] };
    case 'list':
      return { ul: [...part.items], margin: [0, 0, 0, 4] };
    case 'table':
      return tableOf(part);
  }
}

function tableOf({ head, rows, numbers = [] }: Extract<PaperPart, { kind: 'table' }>): Content {
  const cell =
    (isHead: boolean) =>
    (text: string, column: number): TableCell => ({
      text,
      // A code is never broken at its hyphen.
      noWrap: !text.includes(' ') && text.length < LONGEST_CODE,
      alignment: numbers.includes(column) ? 'right' : 'left',
      ...(isHead && { color: LIGHT.mid, fontSize: 8 }),
    });
  return {
    margin: [0, 0, 0, 6],
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: head.map((_, i) => (i === 0 ? '*' : 'auto')),
      body: [head.map(cell(true)), ...rows.map((row) => row.map(cell(false)))],
    },
    layout: {
      hLineWidth: (i) => (i === 0 ? 0 : 0.5),
      vLineWidth: () => 0,
      hLineColor: () => LIGHT.hairline,
    },
  };
}
