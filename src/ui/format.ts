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

/** Grams on screen: whole from 100 up, one decimal from 10, two below; thousands set apart. */
export function formatGrams(massG: number): string {
  return numberFormat(0, massG >= 100 ? 0 : massG >= 10 ? 1 : 2).format(massG);
}

/** A fixed number of decimals with thousands set apart. */
export function formatFixed(value: number, decimals: number): string {
  return numberFormat(decimals, decimals).format(value);
}

/** `18 Apr, 14:05` in the workshop's own zone. */
export function shortTime(iso: string): string {
  return new Intl.DateTimeFormat('en-US', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).format(new Date(iso));
}

/** `Apr 18, 2026`. */
export function shortDate(iso: string): string {
  return new Intl.DateTimeFormat('en-US', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  }).format(new Date(iso));
}

/** `April 18, 2026`. */
export function longDate(iso: string): string {
  return new Intl.DateTimeFormat('en-US', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  }).format(new Date(iso));
}

/** `14:05`. */
export function clockTime(iso: string): string {
  return new Intl.DateTimeFormat('en-US', {
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).format(new Date(iso));
}

/** `1 batch`, `2 batches`. @param many the plural where it is not the word with an s */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count.toLocaleString('en-US')} ${count === 1 ? one : many}`;
}

/** A material's name inside a sentence: `orange dye (CI 15510)`. */
export function inSentence(name: string): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
}
