import { converter, formatHex } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findMaterial, SHIPPED } from '@/core/matter/materials/catalog';
import { convertXyzToLinear, hexOfLinear, linearOfHex, mappedIntoGamut } from './srgb';
import { WAVELENGTHS_NM, daylightXyz } from './spectrum';
import { COLORANTS } from './colorants';
import { mostColorG } from './rate';
import { powderHex } from './powder';
import { waterHex } from './water';
import { shipped } from '../../../../tests/fixtures/bodies';

const SODA = { material: shipped('sodium-bicarbonate'), massG: 1000 };
const channelsOf = (hex: string) =>
  [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as [number, number, number];
const lightness = (hex: string) => linearOfHex(hex).reduce((sum, value) => sum + value, 0);

describe('conversions against a reference package (culori)', () => {
  it('turns XYZ into the same sRGB', () => {
    const toRgb = converter('rgb');
    fc.assert(
      fc.property(
        fc.tuple(
          fc.integer({ min: 0, max: 255 }),
          fc.integer({ min: 0, max: 255 }),
          fc.integer({ min: 0, max: 255 }),
        ),
        ([r, g, b]) => {
          const hex = `#${[r, g, b].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`;
          const xyz = converter('xyz65')(hex);
          expect(hexOfLinear(convertXyzToLinear([xyz?.x ?? 0, xyz?.y ?? 0, xyz?.z ?? 0]))).toBe(
            formatHex(toRgb(hex)),
          );
          expect(hexOfLinear(linearOfHex(hex))).toBe(hex);
        },
      ),
      { seed: 53, numRuns: 200 },
    );
  });

  it('has daylight at the white point of D65 (x 0.3127, y 0.3290; CIE 15)', () => {
    const [x, y, z] = daylightXyz(new Float64Array(WAVELENGTHS_NM.length));
    expect(x / (x + y + z)).toBeCloseTo(0.3127, 2);
    expect(y / (x + y + z)).toBeCloseTo(0.329, 2);
  });
});

describe('waterHex', () => {
  it('is white without a dye, and with what only floats', () => {
    expect(waterHex([SODA], 150)).toBe('#ffffff');
    expect(waterHex([{ material: shipped('gold-mica'), massG: 5 }], 150)).toBe('#ffffff');
  });

  it('turns blue, yellow and, from both, green', () => {
    const blue = { material: shipped('blue-1-dye'), massG: 0.05 };
    const yellow = { material: shipped('yellow-5-dye'), massG: 0.15 };
    const [br, , bb] = channelsOf(waterHex([blue], 150));
    expect(bb).toBeGreaterThan(br + 60);
    const [yr, , yb] = channelsOf(waterHex([yellow], 150));
    expect(yr).toBeGreaterThan(yb + 60);
    const [gr, gg, gb] = channelsOf(waterHex([blue, yellow], 150));
    expect(gg).toBeGreaterThan(Math.max(gr, gb));
  });

  it('never gets lighter with more dye, and pales with more water', () => {
    const dyes = Object.keys(COLORANTS).filter((id) => (COLORANTS[id]?.bands.length ?? 0) > 0);
    fc.assert(
      fc.property(
        fc.constantFrom(...dyes),
        fc.double({ min: 0.001, max: 1, noNaN: true }),
        (materialId, massG) => {
          const light = (grams: number, volumeL: number) =>
            lightness(waterHex([{ material: shipped(materialId), massG: grams }], volumeL));
          expect(light(massG * 2, 150)).toBeLessThanOrEqual(light(massG, 150) + 1e-9);
          expect(light(massG, 300)).toBeGreaterThanOrEqual(light(massG, 150) - 1e-9);
        },
      ),
      { seed: 59, numRuns: 100 },
    );
  });

  it('refuses a tub without water', () => {
    expect(() => waterHex([], 0)).toThrow(/volumeL must be over 0/);
  });
});

describe('powderHex with scattering', () => {
  it('has a heap of one pigment in its own tint, and titanium dioxide whiten', () => {
    for (const id of ['pink-mica', 'white-mica', 'red-iron-oxide', 'blue-1-lake'])
      channelsOf(powderHex([{ material: shipped(id), massG: 5 }])).forEach((channel, i) =>
        // The floor of reflectance and the trace of white move a dark channel by a few steps.
        expect(Math.abs(channel - (channelsOf(COLORANTS[id]?.tintHex ?? '')[i] ?? 0))).toBeLessThan(
          6,
        ),
      );
    const colored = [SODA, { material: shipped('blue-1-dye'), massG: 1 }];
    const whitened = [...colored, { material: shipped('titanium-dioxide'), massG: 10 }];
    expect(lightness(powderHex(whitened))).toBeGreaterThan(lightness(powderHex(colored)) + 0.1);
    expect(
      lightness(powderHex([SODA, { material: shipped('white-mica'), massG: 50 }])),
    ).toBeCloseTo(lightness(powderHex([SODA])), 1);
  });
});

describe('a color outside what a screen shows', () => {
  it('keeps its lightness and loses only as much color as it must', () => {
    const [r, g, b] = mappedIntoGamut([-0.2, 0.5, 1.1]);
    expect(Math.min(r, g, b)).toBeCloseTo(0, 9);
    expect(Math.max(r, g, b)).toBeLessThanOrEqual(1);
    expect(0.2126729 * r + 0.7151522 * g + 0.072175 * b).toBeCloseTo(
      -0.2 * 0.2126729 + 0.5 * 0.7151522 + 1.1 * 0.072175,
      6,
    );
    expect(mappedIntoGamut([0.2, 0.4, 0.9])).toEqual([
      expect.closeTo(0.2, 9),
      expect.closeTo(0.4, 9),
      expect.closeTo(0.9, 9),
    ]);
  });

  it('a lake tints the water faintly, an oxide not at all', () => {
    const tint = (id: string) => lightness(waterHex([{ material: shipped(id), massG: 1 }], 150));
    expect(tint('blue-1-lake')).toBeLessThan(3 - 1e-3);
    expect(tint('blue-1-lake')).toBeGreaterThan(tint('blue-1-dye'));
    expect(tint('red-iron-oxide')).toBeCloseTo(3, 9);
  });
});

describe('powderHex', () => {
  it('is the white of soda without color, and goes toward the tint with more of it', () => {
    expect(powderHex([SODA])).toBe('#f5f2ea');
    const light = (massG: number) =>
      lightness(powderHex([SODA, { material: shipped('activated-charcoal'), massG }]));
    expect(light(1)).toBeLessThan(light(0.1));
    expect(light(20)).toBeLessThan(light(1));
  });

  it('does not care how much is made', () => {
    const mix = [
      SODA,
      { material: shipped('red-iron-oxide'), massG: 4 },
      { material: shipped('blue-1-dye'), massG: 0.7 },
    ];
    expect(powderHex(mix.map((e) => ({ ...e, massG: e.massG * 7 })))).toBe(powderHex(mix));
  });

  it('knows only colorants that the catalog has', () => {
    for (const id of Object.keys(COLORANTS))
      expect(['color', 'clay'], id).toContain(findMaterial(SHIPPED, id)?.role);
  });
});

it('a color may be so much of its part before it stains', () => {
  // Common practice: about 0.7 g of powder dye a kilo is bright; twice that is the most.
  expect(mostColorG(shipped('blue-1-dye'), 1000)).toBeCloseTo(1.5, 9);
  expect(() => mostColorG(shipped('blue-1-dye'), NaN)).toThrow(/partG must be 0 or more/);
});
