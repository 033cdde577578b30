/** Number formats are slow to make and fast to use: one for each pair of decimals. */
const formats = new Map<string, Intl.NumberFormat>();

/** With a true minus sign, and none before a zero. */
function written(value: number, least: number, most: number): string {
  const key = `${least}-${most}`;
  const format =
    formats.get(key) ??
    new Intl.NumberFormat('en-US', {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      signDisplay: 'negative',
    });
  formats.set(key, format);
  return format.format(value).replace('-', '−');
}

/** Grams as a figure: whole from 100 up, one decimal from 10, two below; thousands set apart. */
export function formatGrams(massG: number): string {
  return written(massG, 0, massG >= 100 ? 0 : massG >= 10 ? 1 : 2);
}

/** A fixed number of decimals with thousands set apart. */
export function formatFixed(value: number, decimals: number): string {
  return written(value, decimals, decimals);
}

/** At most so many decimals, without zeros at the end. */
export function formatUpTo(value: number, decimals: number): string {
  return written(value, 0, decimals);
}

/** A whole number with thousands set apart. */
export function formatCount(count: number): string {
  return written(count, 0, 0);
}

/** A number as it is, to three decimals, with thousands set apart. */
export function formatPlain(value: number): string {
  return written(value, 0, 3);
}

/** `1.2%`: one decimal, two under one, or as many as are asked for. */
export function formatPercent(valuePct: number, decimals?: number): string {
  return decimals === undefined
    ? `${formatUpTo(valuePct, Math.abs(valuePct) < 1 ? 2 : 1)}%`
    : `${formatFixed(valuePct, decimals)}%`;
}

/** `+3` or `−2`. */
export function formatChange(change: number): string {
  return `${change > 0 ? '+' : '−'}${formatPlain(Math.abs(change))}`;
}

/** `+1.2%` or `−0.05%`. */
export function formatChangePct(changePct: number): string {
  if (changePct === 0) return '0%';
  const size = Math.abs(changePct);
  return `${changePct > 0 ? '+' : '−'}${formatFixed(size, size < 0.1 ? 2 : 1)}%`;
}

/** `1.2–1.6`. @param decimals of both ends */
export function formatRange(low: number, high: number, decimals: number): string {
  return joinRange(formatFixed(low, decimals), formatFixed(high, decimals));
}

/** `5–8%`. */
export function formatPercentRange(lowPct: number, highPct: number, decimals = 0): string {
  return `${formatRange(lowPct, highPct, decimals)}%`;
}

/** Two ends as a range, or one figure where they read the same. */
export function joinRange(low: string, high: string): string {
  return low === high ? low : `${low}–${high}`;
}

const plural = new Intl.PluralRules('en-US');

/** Is it one of them? By the plural rules of the platform. */
export function isOne(count: number): boolean {
  return plural.select(count) === 'one';
}

/** `1 batch`, `2 batches`. @param many the plural where it is not the word with an s */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${formatCount(count)} ${isOne(count) ? one : many}`;
}
