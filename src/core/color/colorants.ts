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
  /** How strongly it colors a white powder: K/S of its tint for each 1 % of the mix. */
  readonly strengthPerPct: number;
  /** Bands of what dissolves; none for what only floats. */
  readonly bands: readonly DyeBand[];
  readonly source: string;
}

const dyeSource =
  'peaks and extinctions: published dye data, from memory; powder strength a start value of ours';
const pigmentSource = 'tint and strength: start values of ours';

function dye(tintHex: string, peakNm: number, widthNm: number, absorbanceLGCm: number): Colorant {
  return {
    tintHex,
    strengthPerPct: 6,
    bands: [{ peakNm, widthNm, absorbanceLGCm }],
    source: dyeSource,
  };
}

function pigment(tintHex: string, strengthPerPct: number): Colorant {
  return { tintHex, strengthPerPct, bands: [], source: pigmentSource };
}

/** By material id. A material without a color of its own (a dye "of any color") is not here. */
export const COLORANTS: Readonly<Record<string, Colorant>> = {
  'blue-1-dye': dye('#0a2fb0', 630, 24, 140),
  'green-3-dye': dye('#05665a', 624, 26, 135),
  'yellow-5-dye': dye('#e8b800', 427, 38, 45),
  'red-40-dye': dye('#b3122a', 504, 42, 45),
  'red-33-dye': dye('#b0106a', 530, 36, 60),
  'violet-2-dye': dye('#4a1a86', 570, 45, 32),
  'orange-4-dye': dye('#d8560a', 485, 40, 50),
  'blue-1-lake': pigment('#1549c2', 2.2),
  'yellow-5-lake': pigment('#f0c800', 2.2),
  'red-40-lake': pigment('#cc1f35', 2.2),
  'white-mica': pigment('#f4f2ee', 0.4),
  'gold-mica': pigment('#c99a2e', 0.7),
  'bronze-mica': pigment('#8f5a32', 0.8),
  'blue-mica': pigment('#3a63b8', 0.7),
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
  'activated-charcoal': pigment('#151515', 5),
  'titanium-dioxide': pigment('#ffffff', 0.2),
};
