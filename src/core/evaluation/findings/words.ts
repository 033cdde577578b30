const whole = new Intl.NumberFormat('en-US', { maximumFractionDigits: 0 });

/** Grams as a sentence says them: as many digits as a bench can use. */
export function grams(massG: number): string {
  if (massG >= 100) return `${whole.format(massG)} g`;
  return `${massG >= 10 ? Number(massG.toFixed(1)) : Number(massG.toPrecision(2))} g`;
}

export function percent(valuePct: number): string {
  return `${Number(valuePct.toFixed(valuePct < 1 ? 2 : 1))} %`;
}

const list = new Intl.ListFormat('en-US', { type: 'conjunction' });

/** `Lemon, Lime, and Bergamot`, each once. */
export function listed(names: readonly string[]): string {
  const [only, ...others] = [...new Set(names)];
  return only === undefined || others.length === 0 ? (only ?? '') : list.format([only, ...others]);
}
