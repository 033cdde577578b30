/** Units of fields, each as people write it behind a figure. */
const WRITTEN = {
  g: /\s*(?:g|gr|grams?)\.?$/i,
  kg: /\s*(?:kg|kilos?|kilograms?)\.?$/i,
  mL: /\s*(?:ml|milliliters?)\.?$/i,
  L: /\s*(?:l|liters?|litres?)\.?$/i,
  '%': /\s*(?:%|percent|pct)\.?$/i,
  '°C': /\s*(?:°\s*c|c|celsius)\.?$/i,
  mm: /\s*(?:mm|millimeters?)\.?$/i,
  min: /\s*(?:min|minutes?)\.?$/i,
} as const satisfies Readonly<Record<string, RegExp>>;
export type FieldUnit = keyof typeof WRITTEN;

function isFieldUnit(text: string): text is FieldUnit {
  return text in WRITTEN;
}

/** What a field's label says its unit is: “Water it holds, mL”, “Grams received”; null where it says none. */
export function unitInLabel(label: string): FieldUnit | null {
  const last = /,\s*([^,\s]+)$/.exec(label)?.[1] ?? '';
  if (isFieldUnit(last)) return last;
  if (last === 'liters') return 'L';
  return /^grams\b/i.test(label) ? 'g' : null;
}

/**
 * A figure without the unit that its field has anyway: “12 g” in a field of grams. Any other unit stays, and is then no number.
 * @example withoutUnit('12 g', 'g') // '12'
 */
export function withoutUnit(typed: string, unit: FieldUnit | null): string {
  if (unit === null) return typed;
  const bare = typed.trim().replace(WRITTEN[unit], '');
  // “g” alone is no figure.
  return /\d/.test(bare) ? bare : typed;
}
