import { parseNumber } from '@/core/basics/units/parseNumber';
import { declarableNamed } from './declarable';
import type { AllergenShare } from './documents';

export type AllergenReadingOfText =
  | {
      readonly ok: true;
      readonly allergens: readonly AllergenShare[];
      readonly others: readonly string[];
    }
  | { readonly ok: false; readonly line: string };

const MOST = 120;

/**
 * A supplier’s list of allergens as people copy it: a name and its share of the scent in %, one a line or after a
 * semicolon; `Linalool 3.2`, `d-Limonene: 0,5%`. Names that no label has to say are kept and named.
 */
export function readAllergens(text: string): AllergenReadingOfText {
  const allergens: AllergenShare[] = [];
  const others: string[] = [];
  for (const line of text.split(/[\n;]/).map((one) => one.trim())) {
    if (line === '') continue;
    const found = /^(.*?)[\s:=\t]+<?\s*([\d.,]+)\s*%?$/.exec(line);
    const pct = found ? parseNumber((found[2] ?? '').replace(',', '.')) : null;
    const written = found?.[1]?.replace(/[:=\s]+$/, '').trim() ?? '';
    if (!found || pct === null || pct > 100 || written === '' || written.length > 120)
      return { ok: false, line };
    const name = declarableNamed(written);
    if (name === null) others.push(written);
    allergens.push({ name: name ?? written, pct });
  }
  return { ok: true, allergens: allergens.slice(0, MOST), others };
}

/** The list as it is written again. */
export function writeAllergens(allergens: readonly AllergenShare[]): string {
  return allergens.map(({ name, pct }) => `${name} ${pct}`).join('\n');
}
