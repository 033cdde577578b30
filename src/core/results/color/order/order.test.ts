import { describe, expect, it } from 'vitest';
import { seededRandom } from '@/core/basics/numeric/random';
import { MATERIALS, SHIPPED } from '@/core/matter/materials/catalog';
import { isListedColor } from '@/core/matter/materials/knowledge';
import { USUAL_CONDITIONS } from '../../conditions/types';
import { evaluate } from '../../evaluation/evaluate';
import { addLine } from '@/core/formula/model/edit';
import { exactly } from '@/core/basics/units/spread';
import type { FormulaBody } from '@/core/formula/model/schema';
import { bodyFrom, poured, shipped } from '../../../../../tests/fixtures/bodies';
import { powderHex } from '../powder';
import { mostColorG } from '../rate';
import { waterHex } from '../water';
import { colorToOrder, type ColorFound, type Offered } from './colorToOrder';
import { foundSentence, leftOutSentences, nearnessWords } from './messages';
import { orderFor, withoutColors, type ColorQuestion } from './orderFor';

const BASE = poured([
  { materialId: 'sodium-bicarbonate', massG: 660 },
  { materialId: 'citric-acid', massG: 330 },
]);
const PIECE_G = 120;
/** Colors as a small workshop has them. */
const SHELF = [
  'blue-1-dye',
  'yellow-5-dye',
  'red-40-dye',
  'red-33-dye',
  'green-3-dye',
  'violet-2-dye',
  'yellow-6-lake',
  'red-7-lake',
  'blue-1-lake',
  'gold-mica',
  'pink-mica',
  'teal-mica',
  'red-iron-oxide',
  'titanium-dioxide',
  'activated-charcoal',
].map((id): Offered => ({ material: shipped(id), mostG: mostColorG(shipped(id), 990) }));

const inTub = { kind: 'tub', base: BASE, piece: { grams: PIECE_G }, volumeL: 150 } as const;
const dry = { kind: 'dry', base: BASE } as const;

function colorOf(kind: 'dry' | 'tub', lines: ColorFound['lines']): string {
  const all = [...BASE, ...lines];
  const totalG = all.reduce((sum, { massG }) => sum + massG, 0);
  return kind === 'dry'
    ? powderHex(all)
    : waterHex(
        all.map((one) => ({ ...one, massG: (one.massG * PIECE_G) / totalG })),
        150,
      );
}

describe('a color to order', () => {
  it.each(['dry', 'tub'] as const)(
    'finds 250 random colors of the shelf again within a just seen difference, within their rates: %s',
    (kind) => {
      const random = seededRandom(kind === 'dry' ? 36 : 63);
      const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
      for (let i = 0; i < 250; i++) {
        const made = Array.from({ length: 1 + Math.floor(3 * random()) }, () => {
          const { material, mostG } = pick(SHELF);
          return { material, massG: mostG * random() };
        });
        const wantedHex = colorOf(kind, made);
        const found = colorToOrder({
          colored: kind === 'dry' ? dry : inTub,
          wantedHex,
          offered: SHELF,
        });
        expect(found.deltaE).toBeLessThanOrEqual(1);
        expect(found.lines.length).toBeLessThanOrEqual(3);
        for (const { material, massG } of found.lines) {
          const most = SHELF.find((one) => one.material === material)?.mostG ?? 0;
          expect(massG).toBeGreaterThan(0);
          expect(massG).toBeLessThanOrEqual(most * (1 + 1e-12));
        }
        // The models themselves say that it is so.
        expect(colorOf(kind, found.lines)).toBe(found.reachedHex);
      }
    },
    60_000,
  );

  it('takes no colorant where the mix has the color, and one where one is enough', () => {
    expect(
      colorToOrder({ colored: dry, wantedHex: powderHex(BASE), offered: SHELF }).lines,
    ).toEqual([]);
    const wantedHex = colorOf('tub', [{ material: shipped('blue-1-dye'), massG: 0.3 }]);
    const { lines } = colorToOrder({ colored: inTub, wantedHex, offered: SHELF });
    expect(lines).toHaveLength(1);
    expect(lines[0]?.material.id).toBe('blue-1-dye');
    expect(lines[0]?.massG).toBeCloseTo(0.3, 1);
  });

  it('says which rate keeps it from a deep color, and stops at it', () => {
    const offered = SHELF.filter(
      ({ material }) => material.id === 'yellow-5-lake' || material.id === 'blue-1-lake',
    );
    const blue = offered.find(({ material }) => material.id === 'blue-1-lake') ?? offered[0];
    const wantedHex = colorOf('tub', [
      { material: shipped('blue-1-lake'), massG: 3 * (blue?.mostG ?? 0) },
    ]);
    const found = colorToOrder({ colored: inTub, wantedHex, offered });
    expect(found.atRate.map(({ id }) => id)).toEqual(['blue-1-lake']);
    expect(found.deltaE).toBeGreaterThan(1);
    expect(foundSentence('tub', found, 1)).toMatch(
      /^Can’t be reached\. The nearest is ΔE .* may stain\.$/,
    );
  });

  it('says it plainly when nothing can tint the water, and when no hue does', () => {
    const only = (id: string) => SHELF.filter(({ material }) => material.id === id);
    const none = colorToOrder({ colored: inTub, wantedHex: '#0000ff', offered: only('gold-mica') });
    expect([none.lines, none.reachedHex]).toEqual([[], '#ffffff']);
    expect(foundSentence('tub', none, 0)).toMatch(/^None of these colors can tint the water/);
    const red = colorToOrder({ colored: inTub, wantedHex: '#00ff00', offered: only('red-40-dye') });
    expect(foundSentence('tub', red, 1)).toMatch(
      /No color brings the water nearer|Can’t be reached/,
    );
  });

  it('names how near a color is', () => {
    expect([1, 1.01, 3, 3.01, 10, 10.01].map(nearnessWords)).toEqual([
      'the same to the eye',
      'close, but seen side by side',
      'close, but seen side by side',
      'clearly different',
      'clearly different',
      'another color',
    ]);
  });
});

describe('an order for a formula', () => {
  const PLAIN = '600 g baking soda\n300 g citric acid\n30 g cornstarch';
  const ask = (body: FormulaBody, more: Partial<ColorQuestion> = {}) =>
    orderFor(body, USUAL_CONDITIONS, {
      kind: 'tub',
      partId: body.parts[0]?.id ?? '',
      wantedHex: '#aaddff',
      materials: SHIPPED.offered,
      markets: [],
      piece: { grams: PIECE_G },
      ...more,
    });
  const offeredIds = (body: FormulaBody, more?: Partial<ColorQuestion>) =>
    ask(body, more).order.offered.map(({ material }) => material.id);

  it('offers only what tints, what may meet the acid, and what the lists of the markets hold', () => {
    const ids = offeredIds(bodyFrom(PLAIN), { kind: 'dry' });
    expect(ids).toContain('gold-mica');
    expect(ids).not.toContain('ultramarine-blue');
    expect(ids).not.toContain('water-soluble-dye');
    expect(offeredIds(bodyFrom(PLAIN))).not.toContain('gold-mica');
    expect(ids).toContain('violet-2-dye');
    expect(offeredIds(bodyFrom(PLAIN), { kind: 'dry', markets: ['us'] })).not.toContain(
      'violet-2-dye',
    );
    const cleaning = bodyFrom('200 g washing soda\n100 g baking soda', 'cleaning-fizzy');
    expect(offeredIds(cleaning, { kind: 'dry', markets: ['us', 'eu'] })).toContain(
      'ultramarine-blue',
    );
  });

  it('knows a listing by use and market', () => {
    expect([
      isListedColor('CI 42090', 'tub', 'us'),
      isListedColor('CI 60730', 'tub', 'us'),
    ]).toEqual([true, false]);
    expect([
      isListedColor('CI 60730', 'shower', 'us'),
      isListedColor('CI 60725', 'tub', 'eu'),
    ]).toEqual([true, true]);
    expect(isListedColor('Mica, CI 77891, CI 99999', 'tub', 'us')).toBe(false);
    expect([isListedColor('Mica', 'tub', 'us'), isListedColor('Mica', 'household', 'us')]).toEqual([
      false,
      true,
    ]);
  });

  it('holds each color to the rate of its section, less what is there, and a liquid to the free water that is easy', () => {
    const most = (body: FormulaBody, id: string) =>
      ask(body).order.offered.find(({ material }) => material.id === id)?.mostG;
    const blueMost = mostColorG(shipped('blue-1-dye'), 930);
    expect(most(bodyFrom(PLAIN), 'blue-1-dye')).toBeCloseTo(blueMost, 9);
    const tinted = bodyFrom(`${PLAIN}\n0.5 g blue 1 dye`);
    expect(most(tinted, 'blue-1-dye')).toBeCloseTo(
      mostColorG(shipped('blue-1-dye'), 930.5) - 0.5,
      9,
    );
    // 1.2% of free water is easy: 0.2% of it is left, a third of that for each of three liquids of 95% water.
    const damp = bodyFrom(`${PLAIN}\n9.395 g water`);
    const room = most(damp, 'blue-liquid-color') ?? 0;
    expect(room).toBeCloseTo((939.395 * (0.012 - 9.395 / 939.395)) / 3 / 0.95, 1);
    expect(offeredIds(bodyFrom(`${PLAIN}\n12 g water`))).not.toContain('blue-liquid-color');
  });

  it('never turns a formula worse: what it adds trips no finding that was not there', () => {
    const body = bodyFrom(PLAIN);
    const before = new Set(evaluate(body, USUAL_CONDITIONS).findings.map(({ code }) => code));
    const random = seededRandom(4);
    for (let i = 0; i < 30; i++) {
      const wantedHex = `#${Array.from({ length: 3 }, () =>
        Math.floor(256 * random())
          .toString(16)
          .padStart(2, '0'),
      ).join('')}`;
      const { order } = ask(body, {
        wantedHex,
        kind: i % 2 ? 'dry' : 'tub',
        markets: ['us', 'eu'],
      });
      const next = colorToOrder(order).lines.reduce(
        (of, { material, massG }) => addLine(of, of.parts[0]?.id ?? '', material, exactly(massG)),
        body,
      );
      const bad = evaluate(next, USUAL_CONDITIONS).findings.filter(
        ({ code, severity }) =>
          !before.has(code) &&
          (severity === 'stop' || severity === 'warning' || code === 'color-over-rate'),
      );
      expect(bad.map(({ code }) => code)).toEqual([]);
    }
  });

  it('begins from the section without its colors, but keeps what is locked', () => {
    const body = bodyFrom(`${PLAIN}\n0.5 g blue 1 dye\n0.2 g red 40 dye`);
    const [main] = body.parts;
    const locked = {
      ...body,
      parts: body.parts.map((part) => ({
        ...part,
        lines: part.lines.map((line) => ({ ...line, locked: line.materialId === 'red-40-dye' })),
      })),
    };
    const bare = withoutColors(
      locked,
      main?.id ?? '',
      ({ materialId }) => shipped(materialId).role === 'color',
    );
    expect(bare.parts[0]?.lines.map(({ materialId }) => materialId)).toEqual([
      'sodium-bicarbonate',
      'cornstarch',
      'red-40-dye',
      'citric-acid',
    ]);
  });

  it('says once for each reason what may not be used', () => {
    const { leftOut } = ask(bodyFrom(PLAIN), {
      materials: ['gold-mica', 'ultramarine-blue', 'water-soluble-dye', 'violet-2-dye'].map(
        shipped,
      ),
      markets: ['us'],
    });
    expect(leftOutSentences(leftOut)).toHaveLength(3);
    expect(leftOut.map(({ why }) => why)).toEqual([
      'does-not-tint',
      'does-not-tint',
      'unknown-hue',
      'not-listed',
    ]);
    expect(MATERIALS.length).toBeGreaterThan(50);
  });
});
