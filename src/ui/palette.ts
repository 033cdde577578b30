/** The colors of Rovack, once: the stylesheet, the interface library's theme and paper read them here. */
export const LIGHT = {
  chalk: '#f4f1e8',
  paper: '#fffdf7',
  ink: '#1f2c2b',
  mid: '#55645f',
  hairline: '#d6d0c0',
  verdigris: '#19715f',
  'verdigris-soft': '#bfdccf',
  'verdigris-mid': '#63a594',
  ochre: '#8a5a06',
  'ochre-mark': '#b87c10',
  rust: '#ae4226',
  rail: '#1f2c2b',
  'rail-ink': '#f4f1e8',
  'rail-mid': '#b9c5bf',
  mint: '#70c2ad',
  /** Outline of drawn things, whatever the look: minerals keep their tints. */
  'drawn-ink': '#1f2c2b',
} as const;

export type ColorName = keyof typeof LIGHT;

export const DARK: Readonly<Record<ColorName, string>> = {
  ...LIGHT,
  chalk: '#18211f',
  paper: '#202b29',
  ink: '#efece2',
  mid: '#a9b7b1',
  hairline: '#3b4845',
  verdigris: '#74c6b1',
  'verdigris-soft': '#28564b',
  'verdigris-mid': '#3f8b79',
  ochre: '#e3b052',
  'ochre-mark': '#d79a2b',
  rust: '#ee8a6c',
  rail: '#0f1615',
};

/** The palette as a stylesheet: `--verdigris` and its like, light and dark. */
export function paletteCss(): string {
  const block = (colors: Readonly<Record<string, string>>) =>
    Object.entries(colors)
      .map(([name, hex]) => `--${name}:${hex}`)
      .join(';');
  return `:root{${block(LIGHT)}}:root[data-look='dark']{${block(DARK)}}`;
}
