import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { LabelDesign } from '@/core/goods/labels/designSchema';
import type { LabelItem, LaidLabel } from '@/core/goods/labels/layout/types';
import type { Seat } from '@/core/goods/labels/layout/sheets';
import { LIGHT } from '../palette';
import { symbolSvg } from './hazardSymbols';
import { MM, makePdf } from './makePdf';

/** Of the font: its ascender over its em, from a line’s top to its baseline. */
const ASCENDER = 1900 / 2048;
const CUT_LINE = 0.2;

export interface LabelPrint {
  readonly title: string;
  readonly design: LabelDesign;
  readonly label: LaidLabel;
  readonly seats: readonly Seat[];
  /** What the code holds. */
  readonly code: string;
  /** Of the piece, from its shell inward. */
  readonly colors: readonly string[];
}

/** Sheets of labels to the millimeter; of two-sided ones a sheet of fronts and a sheet of backs in turn. */
export function labelDocument({
  title,
  design,
  label,
  seats,
  code,
  colors,
}: LabelPrint): TDocumentDefinitions {
  const { pageWidthMm, pageHeightMm } = design.sheet;
  const pages = Math.max(0, ...seats.map(({ page }) => page)) + 1;
  const content = Array.from({ length: pages }, (_, page) =>
    label.sides.map((side, at) => {
      const here = seats.filter((seat) => seat.page === page);
      return here.flatMap((seat): Content[] => {
        // The back of a sheet turned over its long side is seen from behind.
        const xMm = at === 0 ? seat.xMm : pageWidthMm - seat.xMm - label.widthMm;
        return [
          outline(label, xMm, seat.yMm),
          ...side.items.flatMap((item) => draw(item, xMm, seat.yMm, code, colors)),
        ];
      });
    }),
  ).flat();
  return {
    pageSize: { width: pageWidthMm * MM, height: pageHeightMm * MM },
    pageMargins: [0, 0, 0, 0],
    info: { title: `Labels ${title}` },
    defaultStyle: { font: 'Roboto', color: LIGHT.ink },
    content: content.flatMap((items, i): Content[] => [
      ...items,
      ...(i < content.length - 1 ? [{ text: '', pageBreak: 'after' as const }] : []),
    ]),
  };
}

/** Writes the labels as a PDF file. */
export function labelPdf(print: LabelPrint): Promise<Blob> {
  return makePdf(labelDocument(print));
}

function outline({ widthMm, heightMm, isRound }: LaidLabel, xMm: number, yMm: number): Content {
  const style = { lineWidth: CUT_LINE, lineColor: LIGHT.hairline };
  return {
    absolutePosition: { x: xMm * MM, y: yMm * MM },
    canvas: [
      isRound
        ? {
            type: 'ellipse',
            x: (widthMm / 2) * MM,
            y: (heightMm / 2) * MM,
            r1: (widthMm / 2) * MM,
            r2: (heightMm / 2) * MM,
            ...style,
          }
        : { type: 'rect', x: 0, y: 0, w: widthMm * MM, h: heightMm * MM, ...style },
    ],
  };
}

function draw(
  item: LabelItem,
  atXMm: number,
  atYMm: number,
  code: string,
  colors: readonly string[],
): readonly Content[] {
  const x = (atXMm + item.xMm) * MM;
  if (item.kind === 'text')
    return [
      {
        text: item.text,
        fontSize: item.sizeMm * MM,
        bold: item.isBold,
        lineHeight: 1,
        noWrap: true,
        absolutePosition: { x, y: (atYMm + item.yMm - item.sizeMm * ASCENDER) * MM },
      },
    ];
  const y = (atYMm + item.yMm) * MM;
  const size = item.sizeMm * MM;
  if (item.kind === 'qr') {
    if (code === '') return [];
    return [{ qr: code, fit: size, eccLevel: 'M', absolutePosition: { x, y } }];
  }
  if (item.kind === 'symbol')
    return [
      { svg: symbolSvg(item.code, LIGHT.ink), fit: [size, size], absolutePosition: { x, y } },
    ];
  const radius = size / 2;
  return [
    {
      absolutePosition: { x, y },
      canvas: rings(colors).map(({ share, hex }) => ({
        type: 'ellipse' as const,
        x: radius,
        y: radius,
        r1: radius * share,
        r2: radius * share,
        color: hex,
        lineWidth: 0.6,
        lineColor: LIGHT.ink,
      })),
    },
  ];
}

/** Rings of the piece’s colors, the shell outermost. */
export function rings(
  colors: readonly string[],
): readonly { readonly share: number; readonly hex: string }[] {
  return colors.slice(0, 3).map((hex, i) => ({ hex, share: [1, 0.45, 0.22][i] ?? 0.2 }));
}
