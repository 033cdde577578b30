import { portionsG, type Portion } from '../materials';

/** At or under this the order is free. Source: 21 CFR 701.3; Regulation (EC) 1223/2009, article 19. */
const FREE_ORDER_PCT = 1;

/**
 * INCI names in the order of a label: falling by mass, those of 1 % or less after, color additives last.
 * The same name from several materials is summed. Materials without an INCI name are left out.
 * @param contents of the finished product, grams 0 or more
 */
export function ingredientOrder(contents: readonly Portion[]): readonly string[] {
  const totalG = portionsG(contents);
  const byName = new Map<string, { massG: number; isColor: boolean }>();
  for (const { material, massG } of contents) {
    const { inci, role } = material;
    if (inci === '' || !(massG > 0)) continue;
    const known = byName.get(inci)?.massG ?? 0;
    byName.set(inci, { massG: known + massG, isColor: role === 'color' });
  }
  const group = ({ massG, isColor }: { massG: number; isColor: boolean }) =>
    isColor ? 2 : (100 * massG) / totalG > FREE_ORDER_PCT ? 0 : 1;
  return [...byName]
    .sort(([, a], [, b]) => group(a) - group(b) || b.massG - a.massG)
    .map(([name]) => name);
}
