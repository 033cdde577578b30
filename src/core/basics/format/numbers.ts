/** Number formats are dear to make and cheap to use: one for each pair of decimals. */
const formats = new Map<string, Intl.NumberFormat>();

function numberFormat(least: number, most: number): Intl.NumberFormat {
  const key = `${least}-${most}`;
  const known = formats.get(key);
  if (known) return known;
  const made = new Intl.NumberFormat('en-US', {
    minimumFractionDigits: least,
    maximumFractionDigits: most,
  });
  formats.set(key, made);
  return made;
}

/** Grams as a figure: whole from 100 up, one decimal from 10, two below; thousands set apart. */
export function formatGrams(massG: number): string {
  return numberFormat(0, massG >= 100 ? 0 : massG >= 10 ? 1 : 2).format(massG);
}

/** A fixed number of decimals with thousands set apart. */
export function formatFixed(value: number, decimals: number): string {
  return numberFormat(decimals, decimals).format(value);
}

/** A whole number with thousands set apart. */
export function formatCount(count: number): string {
  return numberFormat(0, 0).format(count);
}

/** A number as it is, to three decimals, with thousands set apart. */
export function formatPlain(value: number): string {
  return numberFormat(0, 3).format(value);
}

/** Grams as a sentence says them: as many digits as a bench can use. */
export function sayGrams(massG: number): string {
  if (massG >= 100) return `${formatCount(massG)} g`;
  return `${massG >= 10 ? Number(massG.toFixed(1)) : Number(massG.toPrecision(2))} g`;
}

/** `1.2 %`, and two decimals under one. */
export function sayPercent(valuePct: number): string {
  return `${Number(valuePct.toFixed(valuePct < 1 ? 2 : 1))} %`;
}

/** `1 batch`, `2 batches`. @param many the plural where it is not the word with an s */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${formatCount(count)} ${count === 1 ? one : many}`;
}
