/** What a color word means. Common practice. */
const HUE_OF_WORD: Readonly<Record<string, string>> = {
  red: 'red',
  scarlet: 'red',
  crimson: 'red',
  burgundy: 'red',
  pink: 'pink',
  fuchsia: 'pink',
  magenta: 'pink',
  coral: 'pink',
  rose: 'pink',
  orange: 'orange',
  peach: 'orange',
  yellow: 'yellow',
  gold: 'gold',
  golden: 'gold',
  copper: 'copper',
  bronze: 'bronze',
  brown: 'bronze',
  green: 'green',
  emerald: 'green',
  mint: 'green',
  olive: 'green',
  sage: 'green',
  teal: 'teal',
  turquoise: 'teal',
  aqua: 'teal',
  blue: 'blue',
  navy: 'blue',
  cobalt: 'blue',
  purple: 'purple',
  violet: 'purple',
  lilac: 'purple',
  lavender: 'purple',
  plum: 'purple',
  white: 'white',
  pearl: 'white',
  silver: 'silver',
  black: 'black',
};

/** Two color words that are one hue; the last word of others says the hue, as in `mint green`. */
const HUE_OF_PAIR: Readonly<Record<string, string>> = {
  'rose gold': 'rose-gold',
  'blue green': 'teal',
  'green blue': 'teal',
  'red orange': 'orange',
  'yellow orange': 'orange',
  'hot pink': 'pink',
};

/** Words that shade a hue, or stand beside a color whatever it is. */
const SHADES = new Set(
  (
    'light dark pale bright deep hot neon pastel baby sky royal forest mint rose dusty antique shimmer ' +
    'shimmering metallic matte cosmetic grade powder powdered mica fine sparkle pearl pearly soft'
  ).split(' '),
);

/** Kinds of color that come by hue: the words they are written with, and the material of each hue. */
const KINDS: ReadonlyArray<{
  readonly words: readonly string[];
  readonly byHue: Readonly<Record<string, string>>;
}> = [
  {
    words: [
      'liquid food color',
      'liquid food coloring',
      'food coloring',
      'food color',
      'liquid color',
      'liquid colorant',
      'liquid dye',
      'water based color',
      'water based liquid color',
    ],
    byHue: Object.fromEntries(
      ['blue', 'green', 'yellow', 'orange', 'red', 'pink', 'purple'].map((hue) => [
        hue,
        `${hue}-liquid-color`,
      ]),
    ),
  },
  {
    words: ['lake', 'lake dye', 'lake color', 'lake powder', 'lake pigment', 'lake colorant'],
    byHue: {
      blue: 'blue-1-lake',
      yellow: 'yellow-5-lake',
      orange: 'yellow-6-lake',
      red: 'red-40-lake',
      pink: 'red-27-lake',
    },
  },
  {
    words: [
      'dye',
      'powder dye',
      'dye powder',
      'water soluble dye',
      'water soluble powder dye',
      'bath bomb dye',
      'food coloring powder',
      'food color powder',
    ],
    byHue: {
      blue: 'blue-1-dye',
      green: 'green-3-dye',
      yellow: 'yellow-5-dye',
      orange: 'yellow-6-dye',
      red: 'red-40-dye',
      pink: 'red-33-dye',
      purple: 'violet-2-dye',
    },
  },
  {
    words: ['mica', 'mica powder', 'mica pigment', 'cosmetic mica', 'pearl pigment'],
    byHue: Object.fromEntries(
      'white silver gold yellow orange copper rose-gold bronze black red blue teal green purple pink'
        .split(' ')
        .map((hue) => [hue, `${hue}-mica`]),
    ),
  },
];

export type ByHue =
  | { readonly kind: 'material'; readonly id: string }
  /** Two hues, or one that this kind of color does not come in. */
  | { readonly kind: 'which'; readonly ids: readonly string[] };

/**
 * `mint green mica`, `pale pink powder dye`: a color by its hue. The hue word is what it is, never noise.
 * @param name a comparable name
 * @returns null where it is no color by hue
 */
export function colorByHue(name: string): ByHue | null {
  for (const kind of KINDS) {
    const written = kind.words
      .filter((word) => ` ${name} `.includes(` ${word} `))
      .sort((a, b) => b.length - a.length)[0];
    if (written === undefined) continue;
    const rest = ` ${name} `.replace(` ${written} `, ' ').trim().split(' ').filter(Boolean);
    const pair = rest.slice(-2).join(' ');
    const hues = [...new Set(rest.flatMap((word) => HUE_OF_WORD[word] ?? []))];
    if (hues.length === 0) return null;
    if (!rest.every((word) => HUE_OF_WORD[word] || SHADES.has(word))) return null;
    const last = rest.findLast((word) => HUE_OF_WORD[word]);
    const shades = rest.slice(0, -1).every((word) => SHADES.has(word));
    const hue =
      HUE_OF_PAIR[pair] ?? (hues.length === 1 || shades ? HUE_OF_WORD[last ?? ''] : undefined);
    const id = hue === undefined ? undefined : kind.byHue[hue];
    if (id !== undefined) return { kind: 'material', id };
    const ids = hues.flatMap((one) => kind.byHue[one] ?? []);
    return { kind: 'which', ids: ids.length > 0 ? ids : Object.values(kind.byHue) };
  }
  return null;
}
