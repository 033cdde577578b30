import type { Part } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { isWatery, needsBloom } from '../routes';
import { heldIn, type Held } from '../walk';
import type { BrokenBy, Rule } from './rule';

/** A powder dye is bloomed before it is mixed in, and its water never meets the acid. */
export const dyeBloomed: Rule<'dye-bloomed'> = {
  code: 'dye-bloomed',
  reason: 'A dye that is not bloomed shows as specks. Its water on top of the acid foams.',
  source: 'common practice',
  breaks: ({ body, moments, catalog }) => {
    // Icing and paint are liquid as they are mixed: a dye is wetted there. A dry embed must stay dry.
    const wet = new Set(
      body.parts.flatMap((part) => (needsNoBloom(part, catalog) ? [part.id] : [])),
    );
    return moments.flatMap(({ operation, before }): readonly BrokenBy<'dye-bloomed'>[] => {
      const { op, id } = operation;
      const [there, coming] = [heldIn(before, operation.vessel), heldIn(before, operation.from)];
      if (op === 'pour' && operation.saying === 'furrow') {
        const acids = there.filter(({ line }) => line.phase === 'acid');
        return acids.length > 0
          ? [{ opId: id, how: 'acid', names: acids.map(({ material }) => material.sentenceName) }]
          : [];
      }
      if (op !== 'mix' || operation.saying === 'rub-in' || wet.has(operation.partId)) return [];
      const dry = [...there, ...coming].filter(isDry);
      return dry.length > 0
        ? [{ opId: id, how: 'dry', names: dry.map(({ material }) => material.sentenceName) }]
        : [];
    });
  },
};

function needsNoBloom({ kind, lines }: Part, catalog: Catalog): boolean {
  if (kind === 'embed')
    return !lines.some(({ materialId }) => isWatery(materialById(catalog, materialId)));
  return kind === 'icing' || kind === 'paint';
}

/** A dye that its recipe stirs into the oil, or sprays, has its liquid already. */
function isDry({ material, line, isBloomed }: Held): boolean {
  return needsBloom(material) && !isBloomed && (line.how ?? 'bloomed') === 'bloomed';
}
