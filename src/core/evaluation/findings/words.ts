/** Grams as a sentence says them: as many digits as a bench can use. */
export function grams(massG: number): string {
  if (massG >= 100) return `${Math.round(massG).toLocaleString('en-US')} g`;
  return `${massG >= 10 ? Number(massG.toFixed(1)) : Number(massG.toPrecision(2))} g`;
}

export function percent(valuePct: number): string {
  return `${Number(valuePct.toFixed(valuePct < 1 ? 2 : 1))} %`;
}

const list = new Intl.ListFormat('en-US', { type: 'conjunction' });

/** `Lemon, Lime, and Bergamot`, each once. */
export function listed(names: readonly string[]): string {
  return list.format([...new Set(names)]);
}
