import { isStrained } from '../model/ways';
import { timesLine } from '../model/parts';
import { materialById } from '@/core/matter/materials/catalog';
import type { Found } from './found';
import type { Item } from './items';
import { massOfMeasuresG } from './massOfMeasures';
import { nameText } from './readItem';

const INFUSION =
  /^(?:(?:of )?(?:the|your|my|this|that) )?(?:(?:warm|cooled|strained) )*(?:infused|infusion|strained oil)\b/i;

/**
 * `Add 40 g of the infused oil`: of the oil that the page has infused before, and not an oil beside it. The herb is taken
 * in the same share; it is strained off.
 * @returns was it that? The oil's line is the one that stands already
 */
export function takeInfused(found: Found, item: Item): boolean {
  const { much } = item;
  if (much?.as !== 'measured' || !INFUSION.test(nameText(item, found.words))) return false;
  const { catalog, small } = found.known;
  for (const part of found.parts) {
    const herbs = part.lines.filter(isStrained);
    const oil = part.lines.findLast(
      ({ materialId }) => materialById(catalog, materialId).role === 'oil',
    );
    if (herbs.length === 0 || !oil) continue;
    const usedG = massOfMeasuresG(
      much.measures,
      materialById(catalog, oil.materialId),
      'level',
      small,
    ).best;
    if (!(usedG <= oil.massG)) return false;
    part.lines.forEach((line, i) => {
      if (line === oil || herbs.includes(line)) part.lines[i] = timesLine(line, usedG / oil.massG);
    });
    return true;
  }
  return false;
}
