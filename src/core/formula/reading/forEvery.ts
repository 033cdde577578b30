import type { Line, UnreadReason } from '../model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { sentenceNameOf } from '@/core/matter/materials/knowledge/sentenceNames';
import { recognizeMaterial } from '@/core/matter/materials/names/recognize';
import { readAmount } from './amount';
import { massOfMeasuresG } from './massOfMeasures';
import type { Known } from './readItem';

/** `1 tsp kaolin for every 3 cups of baking soda`: what, and for each how much of what. */
export interface ForEvery {
  /** The ingredient as written; empty where the line only names the base. */
  readonly each: string;
  /** `3 cups of baking soda`. */
  readonly per: string;
}

const LEADING = /^for (?:every|each)\s+(.+?)(?:\s*[,:]\s*(?:use |add )?|\s+(?:use|add)\s+)(.+)$/i;
const BASE_ONLY = /^for (?:every|each)\s+([^,:]+?):?$/i;
const TRAILING = /^(.+?),?\s+(?:for (?:every|each)|per)\s+(.+)$/i;
/** Names that mean all the powder, or the whole mix. */
const WHOLE =
  /^(?:|(?:the )?(?:whole )?(?:dry )?(?:mix|mixture|batch|powders?|dry ingredients?|dry))$/i;

/** Takes `for every …` apart, wherever it stands in the line; null when there is none. */
export function readForEvery(text: string): ForEvery | null {
  const leading = LEADING.exec(text);
  if (leading) return { each: leading[2] ?? '', per: leading[1] ?? '' };
  const base = BASE_ONLY.exec(text);
  if (base) return { each: '', per: base[1] ?? '' };
  const trailing = TRAILING.exec(text);
  return trailing ? { each: trailing[1] ?? '', per: trailing[2] ?? '' } : null;
}

export type Times =
  | { readonly ok: true; readonly factor: number; readonly of: string }
  | { readonly ok: false; readonly reason: UnreadReason };

/**
 * How many times the base amount is in these lines: grams of that material over grams of the measure,
 * or, for `3 cups` of nothing named, level volume of all powder over it.
 */
export function timesIn(per: string, lines: readonly Line[], { catalog, small }: Known): Times {
  const amount = readAmount(/^\d|^(?:an?|half|one|two|three|four)\b/i.test(per) ? per : `1 ${per}`);
  if (amount.kind !== 'read')
    return { ok: false, reason: { code: 'for-every-how-much', about: per.slice(0, 200) } };
  const name = amount.rest.replace(/[.,:]+$/, '').trim();
  if (WHOLE.test(name)) return timesInWhole(amount.measures, lines, catalog);
  const base = recognizeMaterial(catalog, name);
  if (!('material' in base))
    return { ok: false, reason: { code: 'for-every-of-what', about: name.slice(0, 200) } };
  const baseG = sumOf(lines, (line) => (line.materialId === base.material.id ? line.massG : 0));
  if (baseG === 0)
    return {
      ok: false,
      reason: { code: 'for-every-missing', about: sentenceNameOf(base.material) },
    };
  const perG = massOfMeasuresG(amount.measures, base.material, 'level', small).best;
  return { ok: true, factor: baseG / perG, of: sentenceNameOf(base.material) };
}

function timesInWhole(
  measures: Extract<ReturnType<typeof readAmount>, { kind: 'read' }>['measures'],
  lines: readonly Line[],
  catalog: Catalog,
): Times {
  const solids = lines.filter(({ materialId }) => !materialById(catalog, materialId).isLiquid);
  const isMass = measures.every(({ unit }) => unit.kind === 'mass');
  const size = measures.reduce((sum, { count, unit }) => sum + count.best * unit.size, 0);
  const whole = isMass
    ? sumOf(lines, ({ massG }) => massG)
    : sumOf(
        solids,
        ({ materialId, massG }) =>
          massG / materialById(catalog, materialId).densityGMl.level.value.best,
      );
  return whole > 0 && size > 0
    ? { ok: true, factor: whole / size, of: isMass ? 'the mix' : 'powder' }
    : { ok: false, reason: { code: 'for-every-no-powder', about: '' } };
}

function sumOf(lines: readonly Line[], value: (line: Line) => number): number {
  return lines.reduce((sum, line) => sum + value(line), 0);
}
