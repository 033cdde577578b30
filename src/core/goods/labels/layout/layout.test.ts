import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import pdfFonts from 'pdfmake/build/vfs_fonts';
import { create } from 'fontkit';
import { shipped } from '../../../../../tests/fixtures/bodies';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import type { Pictogram } from '../classification/statements';
import { NO_WORDS, labelContent } from '../content';
import { cannotPrint } from './letters';
import { layLabel } from './layLabel';
import { sayCut } from './messages';
import { seatsFor } from './sheets';
import { usualDesign } from '../design';
import type { LabelDesign } from '../designSchema';
import type { LabelItem } from './types';

const vfs = pdfFonts as unknown as Readonly<Record<string, string>>;
const fontOf = (file: string) => create(Buffer.from(vfs[file] ?? '', 'base64'));
const REGULAR = fontOf('Roboto-Regular.ttf');
const BOLD = fontOf('Roboto-Medium.ttf');
/** As wide as the font that is printed says. */
const measure = (text: string, sizeMm: number, isBold: boolean) => {
  const font = isBold ? BOLD : REGULAR;
  return (font.layout(text).advanceWidth / font.unitsPerEm) * sizeMm;
};

const FOOT = {
  maker: {
    ...USUAL_SETTINGS.maker,
    name: 'Orrin Quay Fizz Loft',
    address: 'Quay 1, Orrin',
    contact: 'hello@orrin.example',
  },
  batchCode: 'QL-011',
  bestBefore: 'best before 11 2027',
};
const content = (names: number, pictograms: readonly Pictogram[] = []) => {
  const all = ['sodium-bicarbonate', 'citric-acid', 'cornstarch', 'kaolin', 'castor-oil'];
  return {
    ...labelContent({
      markets: ['eu'],
      soldAs: null,
      products: [
        {
          name: 'Quince Lantern',
          family: 'bath-bomb',
          method: 'press',
          contents: all.map((id, i) => ({ material: shipped(id), massG: 100 / (i + 1) })),
          documentFor: () => null,
        },
      ],
      netG: 192,
      forWhom: 'everyone',
      own: NO_WORDS,
    }),
    pictograms,
    products: [
      {
        name: 'Quince Lantern',
        family: 'bath-bomb' as const,
        ingredients: [],
        ingredientText: Array.from({ length: names }, (_, i) => `Prunus Amygdalus Oil ${i}`).join(
          ', ',
        ),
        allergens: { declared: [], unknown: [], typical: [] },
      },
    ],
  };
};
const design = (change: Partial<LabelDesign> = {}): LabelDesign => ({
  ...usualDesign(),
  markets: ['eu'],
  ...change,
});
const lay = (
  change: Partial<LabelDesign> = {},
  names = 8,
  title = 'Quince Lantern',
  pictograms: readonly Pictogram[] = [],
) => layLabel(content(names, pictograms), design(change), title, FOOT, measure);

const ALL_SYMBOLS: Pictogram[] = ['GHS03', 'GHS05', 'GHS07', 'GHS08', 'GHS09'];

/** Corners of an item, millimeters. */
function corners(item: LabelItem) {
  if (item.kind !== 'text')
    return {
      left: item.xMm,
      right: item.xMm + item.sizeMm,
      top: item.yMm,
      bottom: item.yMm + item.sizeMm,
    };
  return {
    left: item.xMm,
    right: item.xMm + measure(item.text, item.sizeMm, item.isBold),
    top: item.yMm - item.sizeMm * 0.75,
    bottom: item.yMm + item.sizeMm * 0.22,
  };
}

describe('a label laid out', () => {
  it('fits a usual piece, picture and code and all, with letters as high as the rules want', () => {
    const { sides } = lay();
    expect(sayCut(lay())).toBeNull();
    const items = sides[0]?.items ?? [];
    expect(items.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['picture', 'qr']));
    const net = items.find((item) => item.kind === 'text' && item.field === 'net');
    // 192 g: figures of 3 mm (76/211/EEC); a figure is 0.711 of the em.
    expect((net?.sizeMm ?? 0) * 0.711).toBeGreaterThanOrEqual(3 - 1e-9);
    expect((sides[0]?.smallMm ?? 0) * 0.528).toBeGreaterThanOrEqual(0.9 - 1e-9);
  });

  it('never prints over its edge, over its code, or one line over another', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('rectangle' as const, 'round' as const),
        fc.constantFrom(1 as const, 2 as const),
        fc.double({ min: 25, max: 120, noNaN: true }),
        fc.double({ min: 25, max: 120, noNaN: true }),
        fc.integer({ min: 1, max: 60 }),
        fc.string({ minLength: 1, maxLength: 300 }),
        fc.subarray(ALL_SYMBOLS),
        (shape, sides, widthMm, heightMm, names, title, symbols) => {
          const cut = { shape, sides, widthMm, heightMm };
          const laid = lay(cut, names, title.trim() || 'x', symbols);
          for (const side of laid.sides) {
            const boxes = side.items.map(corners);
            for (const [i, box] of boxes.entries()) {
              expect(box.left).toBeGreaterThanOrEqual(-1e-6);
              expect(box.right).toBeLessThanOrEqual(laid.widthMm + 1e-6);
              expect(box.bottom).toBeLessThanOrEqual(laid.heightMm + 1e-6);
              if (laid.isRound && side.items[i]?.kind === 'text') {
                const radius = laid.widthMm / 2;
                for (const [x, y] of [
                  [box.left, box.top],
                  [box.right, box.top],
                  [box.left, box.bottom],
                  [box.right, box.bottom],
                ] as const)
                  expect(Math.hypot(x - radius, y - radius)).toBeLessThanOrEqual(radius + 1e-6);
              }
              for (const other of boxes.slice(i + 1)) {
                const across = Math.min(box.right, other.right) - Math.max(box.left, other.left);
                const down = Math.min(box.bottom, other.bottom) - Math.max(box.top, other.top);
                expect(Math.min(across, down)).toBeLessThan(0.05);
              }
            }
          }
        },
      ),
      { seed: 20261126, numRuns: 150 },
    );
  });

  it('has hazard symbols of 16 mm a side where there is room, never under 10, or says they are cut (1272/2008, annex I, table 1.3)', () => {
    const sideOf = (widthMm: number, heightMm: number) => {
      const laid = lay({ widthMm, heightMm }, 2, 'Bilge Bright', ['GHS05', 'GHS07']);
      const [symbol] = laid.sides.flatMap(({ items }) =>
        items.filter(({ kind }) => kind === 'symbol'),
      );
      return symbol
        ? Number(((symbol as { sizeMm: number }).sizeMm / Math.SQRT2).toFixed(6))
        : null;
    };
    expect(sideOf(100, 90)).toBe(16);
    expect(sideOf(40, 90)).toBe(10);
    expect(sideOf(30, 90)).toBeNull();
    expect(sayCut(lay({ widthMm: 30, heightMm: 90 }, 2, 'Bilge', ['GHS05', 'GHS07']))).toMatch(
      /cautions/,
    );
  });

  it.each([3_000, 12_000])('is done with %i letters without a gap: cut, and said', (letters) => {
    const laid = lay({}, 8, 'x'.repeat(letters));
    expect(sayCut(laid)).toMatch(/name|title/i);
    expect(laid.sides.flatMap(({ items }) => items).length).toBeLessThan(1_000);
  });

  it('says what does not fit: sixty ingredients on 40 mm, a name of 300 letters', () => {
    const sixty = lay({ widthMm: 40, heightMm: 40 }, 60);
    expect(sayCut(sixty)).toMatch(/^Some fields don’t fit: .*ingredients.*\d+ mm high/);
    expect(sayCut(lay({ widthMm: 40, heightMm: 40 }, 5, 'Harbor '.repeat(43)))).toMatch(
      /don’t fit/,
    );
    // On two sides a little more fits than on one.
    const names = (sides: 1 | 2) =>
      Array.from({ length: 60 }, (_, i) => i + 1).filter(
        (count) => sayCut(lay({ widthMm: 50, heightMm: 50, sides }, count)) === null,
      ).length;
    expect(names(2)).toBeGreaterThan(names(1));
  });

  it('would fit at the height it says', () => {
    const { sides } = lay({ widthMm: 50, heightMm: 30 }, 20);
    const heightMm = Math.ceil(sides[0]?.neededMm ?? 0) + 1;
    expect(sayCut(lay({ widthMm: 50, heightMm }, 20))).toBeNull();
  });
});

describe('letters', () => {
  it('are those of the font that ships', () => {
    const inFont = new Set(REGULAR.characterSet);
    for (let code = 0x20; code < 0x2600; code++) {
      const letter = String.fromCodePoint(code);
      if (code < 0xd800 && cannotPrint(letter).length === 0 && letter === letter.normalize('NFC'))
        expect(inFont.has(code), code.toString(16)).toBe(true);
    }
    expect(cannotPrint('Žluťoučký kůň · Ώρα · Лодка, 5 €')).toEqual([]);
    expect(cannotPrint('湯の花 Bath')).toEqual(['湯', 'の', '花']);
  });
});

describe('sheets', () => {
  it('begin at any place and go on over as many pages as it takes', () => {
    const of = design();
    const seats = seatsFor(of, 8, 11);
    expect(seats.map(({ page }) => page)).toEqual([0, 0, 1, 1, 1, 1, 1, 1]);
    // Eleventh of twelve in three columns: second in the fourth row.
    expect(seats[0]).toEqual({
      page: 0,
      xMm: of.sheet.leftMm + 68,
      yMm: of.sheet.topMm + 3 * 68,
    });
    expect(() => seatsFor(of, 1, 13)).toThrow(/from must be 1 to 12/);
  });
});
