/** One absorption band of a dye in water. */
export interface DyeBand {
  readonly peakNm: number;
  /** Standard deviation of the bell, nm. */
  readonly widthNm: number;
  /** Absorbance of 1 g/L over 1 cm at the peak. */
  readonly absorbanceLGCm: number;
}

export interface Colorant {
  /** What a thick layer of it looks like. */
  readonly tintHex: string;
  /** What 1% of it swallows beside the white base: K/S of its tint times this. */
  readonly strengthPerPct: number;
  /** What 1% of it scatters, the whole white base being 1; a dye scatters nothing. */
  readonly scatterPerPct: number;
  /** Bands of what dissolves or disperses in water; none for what floats or sinks. */
  readonly bands: readonly DyeBand[];
  readonly source: string;
}

const dyeSource =
  'peaks and extinctions: published dye data, not looked up; powder strength: Rovack estimate';
const pigmentSource = 'tint and strength: Rovack estimate';

/** A lake gives this share of its dye's color to the water. Rovack estimate. */
const LAKE_FRACTION = 0.03;
/** A liquid color is a dye in water, so many parts of one. */
const LIQUID_FRACTION = 0.03;

type Band = readonly [peakNm: number, widthNm: number, absorbanceLGCm: number];

function bandsOf(bands: readonly Band[], fraction: number): readonly DyeBand[] {
  return bands.map(([peakNm, widthNm, absorbanceLGCm]) => ({
    peakNm,
    widthNm,
    absorbanceLGCm: absorbanceLGCm * fraction,
  }));
}

function dye(tintHex: string, ...bands: readonly Band[]): Colorant {
  return {
    tintHex,
    strengthPerPct: 6,
    scatterPerPct: 0,
    bands: bandsOf(bands, 1),
    source: dyeSource,
  };
}

function liquid(tintHex: string, ...bands: readonly Band[]): Colorant {
  return {
    ...dye(tintHex, ...bands),
    strengthPerPct: 6 * LIQUID_FRACTION,
    bands: bandsOf(bands, LIQUID_FRACTION),
  };
}

/** Grains that swallow and scatter alike: a heap of nothing else looks like its tint. */
function pigment(tintHex: string, strengthPerPct: number): Colorant {
  return {
    tintHex,
    strengthPerPct,
    scatterPerPct: strengthPerPct,
    bands: [],
    source: pigmentSource,
  };
}

function lake(tintHex: string, ...bands: readonly Band[]): Colorant {
  return { ...pigment(tintHex, 2.2), bands: bandsOf(bands, LAKE_FRACTION) };
}

const BLUE_1: Band = [630, 24, 140];
const YELLOW_5: Band = [427, 38, 45];
const YELLOW_6: Band = [482, 42, 54];
const RED_40: Band = [504, 42, 45];
const RED_33: Band = [530, 36, 60];
const RED_28: Band = [538, 24, 110];
const RED_22: Band = [517, 24, 120];

/** By material id. A material without a color of its own (a dye "of any color") is not here. */
export const COLORANTS: Readonly<Record<string, Colorant>> = {
  'blue-1-dye': dye('#0a2fb0', BLUE_1),
  'green-3-dye': dye('#05665a', [624, 26, 135]),
  'green-5-dye': dye('#0a6a4c', [608, 34, 24], [410, 40, 12]),
  'yellow-5-dye': dye('#e8b800', YELLOW_5),
  'yellow-6-dye': dye('#e88a00', YELLOW_6),
  'red-40-dye': dye('#b3122a', RED_40),
  'red-33-dye': dye('#b0106a', RED_33),
  'red-28-dye': dye('#d81b78', RED_28),
  'red-22-dye': dye('#e0443c', RED_22),
  'violet-2-dye': dye('#4a1a86', [570, 45, 32]),
  // Dissolves in oil alone: in the bath it floats.
  'violet-2-oil-dye': { ...dye('#4a2a8c'), source: pigmentSource },
  'orange-4-dye': dye('#d8560a', [485, 40, 50]),
  'blue-liquid-color': liquid('#0a2fb0', BLUE_1),
  'green-liquid-color': liquid('#1c7a3a', [630, 24, 70], [427, 38, 22]),
  'yellow-liquid-color': liquid('#e8b800', YELLOW_5),
  'orange-liquid-color': liquid('#e88a00', YELLOW_6),
  'red-liquid-color': liquid('#b3122a', RED_40),
  'pink-liquid-color': liquid('#d0408a', RED_33),
  'purple-liquid-color': liquid('#5a2080', [504, 42, 22], [630, 24, 45]),
  'blue-1-lake': lake('#1549c2', BLUE_1),
  'yellow-5-lake': lake('#f0c800', YELLOW_5),
  'yellow-6-lake': lake('#f08a10', YELLOW_6),
  'red-40-lake': lake('#cc1f35', RED_40),
  'red-7-lake': lake('#a8122c', [560, 40, 40]),
  'red-27-lake': lake('#e0509a', RED_28),
  'red-30-lake': lake('#d83a66', [540, 40, 40]),
  'red-33-lake': lake('#b8206e', RED_33),
  'white-mica': pigment('#f4f2ee', 0.4),
  'silver-mica': pigment('#c4c6c8', 0.5),
  'gold-mica': pigment('#c99a2e', 0.7),
  'yellow-mica': pigment('#dcb850', 0.7),
  'orange-mica': pigment('#d07a34', 0.7),
  'copper-mica': pigment('#a8562e', 0.8),
  'rose-gold-mica': pigment('#c98a78', 0.6),
  'bronze-mica': pigment('#8f5a32', 0.8),
  'black-mica': pigment('#2c2a2a', 1.2),
  'red-mica': pigment('#9a3a32', 0.8),
  'blue-mica': pigment('#3a63b8', 0.7),
  'teal-mica': pigment('#2f8a8c', 0.7),
  'green-mica': pigment('#4c8f58', 0.7),
  'purple-mica': pigment('#7c4aa3', 0.7),
  'pink-mica': pigment('#d4789c', 0.6),
  'red-iron-oxide': pigment('#8a2f1d', 3),
  'yellow-iron-oxide': pigment('#c08a2a', 2.4),
  'black-iron-oxide': pigment('#232020', 3.4),
  'chromium-oxide-green': pigment('#4d6b3a', 2),
  'ultramarine-blue': pigment('#2440a8', 2.2),
  'ultramarine-violet': pigment('#6a4a9a', 1.4),
  'ultramarine-pink': pigment('#b06a96', 1),
  carmine: pigment('#8f1232', 1.8),
  'turmeric-powder': pigment('#d9a013', 0.35),
  'spirulina-powder': pigment('#1d4b3c', 0.3),
  'activated-charcoal': pigment('#151515', 5),
  // Swallows nothing and scatters most of all: it whitens. Refractive index 2.6 against 1.5 of soda.
  'titanium-dioxide': pigment('#ffffff', 3),
  'red-clay': pigment('#a5543c', 0.15),
  'pink-clay': pigment('#d8b0a4', 0.08),
  'green-clay': pigment('#a8b094', 0.08),
};
