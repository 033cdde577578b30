import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import { LIGHT } from '../palette';
import { MM, makePdf } from './makePdf';
import type { Sheet } from './sheet';

const { ink: INK, mid: MID, hairline: LINE, rust: STOP } = LIGHT;
const NOTE_LINES = 5;

/** A bench sheet as the definition of an A4 or letter page that flows over as many pages as it takes. */
export function sheetDocument(sheet: Sheet): TDocumentDefinitions {
  return {
    pageSize: 'A4',
    pageMargins: [16 * MM, 14 * MM, 16 * MM, 16 * MM],
    info: { title: `${sheet.code ?? 'Bench sheet'} ${sheet.title}` },
    defaultStyle: { font: 'Roboto', fontSize: 10, color: INK },
    footer: (page, pages) => ({
      text: `${sheet.code ?? ''} ${sheet.title} · ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 8,
      color: MID,
    }),
    content: [
      {
        columns: [
          [
            { text: sheet.title, fontSize: 18, bold: true },
            { text: sheet.facts.join(' · '), margin: [0, 3, 0, 0] },
          ],
          {
            width: 90,
            alignment: 'right',
            stack: [
              { text: sheet.code ?? 'no batch yet', bold: true },
              ...(sheet.link ? [codeOf(sheet.link)] : []),
            ],
          },
        ],
      },
      ...(sheet.warnings.length > 0 ? [warningsOf(sheet.warnings)] : []),
      {
        ul: [...sheet.cautions],
        color: STOP,
        fontSize: 9,
        margin: [0, 8, 0, 8],
      },
      {
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: [12, '*', 'auto', 'auto', 'auto', 50],
          body: [
            ['', 'Step', 'Amount', 'Tolerance', 'Lot', 'Weighed'].map((text) => ({
              text,
              color: MID,
              fontSize: 8,
            })),
            ...sheet.rows.map((row): TableCell[] => [
              {
                canvas: [{ type: 'rect', x: 0, y: 1, w: 8, h: 8, lineWidth: 0.8, lineColor: INK }],
              },
              { text: [row.title, { text: `  ${row.note}`, color: MID, fontSize: 8 }] },
              {
                stack: [
                  { text: row.amount, bold: true, noWrap: true },
                  ...(row.beside ? [{ text: row.beside, color: MID, fontSize: 8 }] : []),
                ],
                alignment: 'right',
              },
              { text: row.tolerance, color: MID, alignment: 'right', noWrap: true },
              { text: row.lots, color: MID, fontSize: 8 },
              '',
            ]),
          ],
        },
        layout: {
          hLineWidth: (i) => (i === 0 ? 0 : 0.5),
          vLineWidth: () => 0,
          hLineColor: () => LINE,
        },
      },
      { text: 'Notes', margin: [0, 12, 0, 0] },
      ...Array.from({ length: NOTE_LINES }, (): Content => ({
        canvas: [
          { type: 'line', x1: 0, y1: 20, x2: 178 * MM, y2: 20, lineWidth: 0.5, lineColor: LINE },
        ],
      })),
    ],
  };
}

/** Writes the sheet as a PDF file. */
export function sheetPdf(sheet: Sheet): Promise<Blob> {
  return makePdf(sheetDocument(sheet));
}

function codeOf(link: string): Content {
  return { qr: link, fit: 70, margin: [0, 4, 0, 0] };
}

function warningsOf(warnings: readonly string[]): Content {
  return { ul: [...warnings], bold: true, color: STOP, margin: [0, 8, 0, 0] };
}
