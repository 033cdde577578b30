import { from, type Sourced } from '../sources';
import type { MaterialRow, Trait } from '../types';

const handbook = from('handbook');
const supplier = from('supplier');
const practice = from('practice');

const noWater = handbook(0);
const binding = practice(0.6);

/** Essential oils, fragrance and menthol. Constituents and limits come with the scent model. */
export const SCENTS = [
  essential('lavender', 'Lavender', 'Lavandula Angustifolia Oil', 0.885),
  essential(
    'sweet-orange',
    'Sweet orange',
    'Citrus Sinensis Peel Oil',
    0.845,
    [],
    ['orange essential oil'],
  ),
  essential('lemon', 'Lemon', 'Citrus Limon Peel Oil', 0.853, ['phototoxic']),
  essential('lime', 'Lime', 'Citrus Aurantifolia Oil', 0.88, ['phototoxic']),
  essential('grapefruit', 'Grapefruit', 'Citrus Paradisi Peel Oil', 0.853, ['phototoxic']),
  essential('bergamot', 'Bergamot', 'Citrus Bergamia Peel Oil', 0.88, ['phototoxic']),
  essential('peppermint', 'Peppermint', 'Mentha Piperita Oil', 0.905, ['menthol']),
  essential('spearmint', 'Spearmint', 'Mentha Spicata Oil', 0.925),
  essential('eucalyptus', 'Eucalyptus', 'Eucalyptus Globulus Leaf Oil', 0.915, ['menthol']),
  essential('tea-tree', 'Tea tree', 'Melaleuca Alternifolia Leaf Oil', 0.895),
  essential('rosemary', 'Rosemary', 'Rosmarinus Officinalis Leaf Oil', 0.905),
  essential('cedarwood', 'Cedarwood', 'Cedrus Atlantica Bark Oil', 0.94),
  essential(
    'clove-bud',
    'Clove bud',
    'Eugenia Caryophyllus Bud Oil',
    1.05,
    [],
    ['clove oil', 'clove essential oil'],
  ),
  essential(
    'cinnamon-leaf',
    'Cinnamon leaf',
    'Cinnamomum Zeylanicum Leaf Oil',
    1.045,
    [],
    ['cinnamon essential oil'],
  ),
  essential('ylang-ylang', 'Ylang ylang', 'Cananga Odorata Flower Oil', 0.94),
  essential('patchouli', 'Patchouli', 'Pogostemon Cablin Oil', 0.965),
  essential('frankincense', 'Frankincense', 'Boswellia Carterii Oil', 0.875),
  essential('cardamom', 'Cardamom', 'Elettaria Cardamomum Seed Oil', 0.925),
  essential('wintergreen', 'Wintergreen', 'Gaultheria Procumbens Leaf Oil', 1.18, [
    'methyl-salicylate',
  ]),
  {
    id: 'fragrance-oil',
    name: 'Fragrance oil',
    inci: 'Parfum',
    synonyms: ['fragrance', 'fo', 'perfume oil', 'scent', 'parfum'],
    role: 'scent',
    phase: 'wet',
    trueDensityGMl: supplier(1),
    waterFraction: noWater,
    bindingPerMl: binding,
    traits: ['no-limit-on-file'],
  },
  {
    id: 'menthol',
    name: 'Menthol crystals',
    inci: 'Menthol',
    synonyms: ['menthol', 'menthol crystal'],
    role: 'scent',
    phase: 'wet',
    trueDensityGMl: handbook(0.89),
    levelDensityGMl: supplier(0.45),
    waterFraction: noWater,
    bindingPerMl: practice(0.6),
    traits: ['menthol', 'no-limit-on-file'],
  },
] as const satisfies readonly MaterialRow[];

function essential<const Id extends string>(
  plant: Id,
  name: string,
  inci: string,
  densityGMl: number,
  extraTraits: readonly Trait[] = [],
  synonyms: readonly string[] = [],
) {
  const plain = name.toLowerCase();
  return {
    id: `${plant}-essential-oil` as const,
    name: `${name} essential oil`,
    inci,
    synonyms: [`${plain} eo`, `${plain} oil`, `essential oil of ${plain}`, ...synonyms],
    role: 'scent' as const,
    phase: 'wet' as const,
    trueDensityGMl: supplier(densityGMl) as Sourced<number>,
    waterFraction: noWater,
    bindingPerMl: binding,
    traits: ['no-limit-on-file', ...extraTraits] as readonly Trait[],
  };
}
