import { from, type Sourced } from '../sources';
import type { MaterialRow, Trait } from '../types';

const handbook = from('handbook');
const supplier = from('supplier');
const practice = from('practice');

const noWater = handbook(0);
const binding = practice(0.6);

/** Essential oils, fragrance and menthol. What is in them and what limits them stands in src/core/scent. */
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
  essential('mandarin', 'Mandarin', 'Citrus Reticulata Peel Oil', 0.85),
  essential('cinnamon-bark', 'Cinnamon bark', 'Cinnamomum Zeylanicum Bark Oil', 1.02),
  essential('geranium', 'Geranium', 'Pelargonium Graveolens Oil', 0.89),
  essential('lemongrass', 'Lemongrass', 'Cymbopogon Flexuosus Oil', 0.89),
  essential('citronella', 'Citronella', 'Cymbopogon Winterianus Oil', 0.89),
  essential('palmarosa', 'Palmarosa', 'Cymbopogon Martini Oil', 0.885),
  essential('clary-sage', 'Clary sage', 'Salvia Sclarea Oil', 0.895),
  essential(
    'roman-chamomile',
    'Roman chamomile',
    'Anthemis Nobilis Flower Oil',
    0.91,
    [],
    ['chamomile essential oil', 'chamomile eo'],
  ),
  essential('ginger', 'Ginger', 'Zingiber Officinale Root Oil', 0.88),
  essential('black-pepper', 'Black pepper', 'Piper Nigrum Fruit Oil', 0.87),
  essential(
    'juniper-berry',
    'Juniper berry',
    'Juniperus Communis Fruit Oil',
    0.865,
    [],
    ['juniper essential oil'],
  ),
  essential('cypress', 'Cypress', 'Cupressus Sempervirens Oil', 0.87),
  essential('fir-needle', 'Fir needle', 'Abies Sibirica Oil', 0.9, [], ['fir essential oil']),
  essential('vetiver', 'Vetiver', 'Vetiveria Zizanoides Root Oil', 1),
  essential('sandalwood', 'Sandalwood', 'Santalum Album Oil', 0.975),
  essential('neroli', 'Neroli', 'Citrus Aurantium Amara Flower Oil', 0.87),
  essential('thyme', 'Thyme', 'Thymus Vulgaris Oil', 0.915),
  essential('basil', 'Basil', 'Ocimum Basilicum Oil', 0.905),
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
    traits: [],
  },
  {
    id: 'vanilla-fragrance-oil',
    name: 'Fragrance oil with vanilla',
    inci: 'Parfum',
    synonyms: ['vanilla fragrance oil', 'vanilla fragrance', 'vanilla fo', 'vanilla oil'],
    role: 'scent',
    phase: 'wet',
    trueDensityGMl: supplier(1.03),
    waterFraction: noWater,
    bindingPerMl: binding,
    traits: [],
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
    traits: ['menthol'],
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
    traits: extraTraits,
  };
}
