import { from } from '../sources';
import { traits } from '../traits';
import type { MaterialRow, Trait } from '../types';

const handbook = from('handbook');
const usda = from('usda');
const supplier = from('supplier');
const practice = from('practice');

const noWater = handbook(0);
const binding = practice(1);

/** Skin oils, butters and waxes. USDA's 218 g a cup of vegetable oil is 0.921 g/mL. */
export const OILS = [
  liquidOil(
    'coconut-oil',
    'Coconut oil',
    'Cocos Nucifera Oil',
    ['coconut', 'coconut fat'],
    usda(0.92),
    ['sets-when-cool'],
  ),
  liquidOil(
    'fractionated-coconut-oil',
    'Fractionated coconut oil',
    'Caprylic/Capric Triglyceride',
    ['fractionated coconut', 'mct oil', 'fco'],
    supplier(0.945),
  ),
  liquidOil(
    'sweet-almond-oil',
    'Sweet almond oil',
    'Prunus Amygdalus Dulcis Oil',
    ['almond oil'],
    supplier(0.915),
  ),
  liquidOil('castor-oil', 'Castor oil', 'Ricinus Communis Seed Oil', ['castor'], handbook(0.96)),
  liquidOil('olive-oil', 'Olive oil', 'Olea Europaea Fruit Oil', [], handbook(0.913)),
  liquidOil(
    'sunflower-oil',
    'Sunflower oil',
    'Helianthus Annuus Seed Oil',
    ['sunflower seed oil'],
    usda(218 / 236.5882365),
  ),
  liquidOil('avocado-oil', 'Avocado oil', 'Persea Gratissima Oil', [], supplier(0.912)),
  liquidOil(
    'jojoba-oil',
    'Jojoba oil',
    'Simmondsia Chinensis Seed Oil',
    ['jojoba'],
    supplier(0.865),
  ),
  liquidOil(
    'grapeseed-oil',
    'Grapeseed oil',
    'Vitis Vinifera Seed Oil',
    ['grape seed oil'],
    supplier(0.92),
  ),
  liquidOil(
    'apricot-kernel-oil',
    'Apricot kernel oil',
    'Prunus Armeniaca Kernel Oil',
    ['apricot oil'],
    supplier(0.915),
  ),
  liquidOil(
    'hempseed-oil',
    'Hempseed oil',
    'Cannabis Sativa Seed Oil',
    ['hemp oil', 'hemp seed oil'],
    supplier(0.925),
  ),
  liquidOil(
    'rosehip-oil',
    'Rosehip oil',
    'Rosa Canina Seed Oil',
    ['rosehip seed oil'],
    supplier(0.92),
  ),
  liquidOil('argan-oil', 'Argan oil', 'Argania Spinosa Kernel Oil', [], supplier(0.91)),
  liquidOil(
    'macadamia-oil',
    'Macadamia oil',
    'Macadamia Ternifolia Seed Oil',
    ['macadamia nut oil'],
    supplier(0.912),
  ),
  liquidOil('sesame-oil', 'Sesame oil', 'Sesamum Indicum Seed Oil', [], supplier(0.918)),
  liquidOil(
    'calendula-oil-extract',
    'Calendula in oil',
    'Helianthus Annuus Seed Oil, Calendula Officinalis Flower Extract',
    ['calendula oil', 'calendula infused oil'],
    supplier(0.92),
  ),
  liquidOil(
    'canola-oil',
    'Canola oil',
    'Canola Oil',
    ['rapeseed oil', 'rape oil'],
    supplier(0.915),
  ),
  liquidOil(
    'soybean-oil',
    'Soybean oil',
    'Glycine Soja Oil',
    ['soy oil', 'soya oil'],
    supplier(0.92),
  ),
  liquidOil(
    'infused-oil',
    'Infused oil, made here',
    'Helianthus Annuus Seed Oil',
    ['infused oil', 'herb infused oil', 'herbal oil'],
    supplier(0.92),
  ),
  liquidOil(
    'plant-extract-in-oil',
    'Plant extract in oil',
    'Helianthus Annuus Seed Oil',
    ['oil extract', 'oil soluble extract', 'oily extract', 'herbal extract in oil'],
    supplier(0.92),
  ),
  {
    ...liquidOil(
      'water-dispersible-ester-oil',
      'Water-dispersible ester oil',
      'PEG-7 Glyceryl Cocoate',
      [
        'peg 7 glyceryl cocoate',
        'water dispersible oil',
        'water soluble oil',
        'dispersible ester',
        'peg 7 olivate',
        'water soluble shea',
      ],
      supplier(1.05),
    ),
    // Carries itself and other oils into the water.
    role: 'emulsifier' as const,
    traits: traits(),
  },
  liquidOil(
    'tocopherol',
    'Tocopherol (vitamin E)',
    'Tocopherol',
    ['vitamin e', 'vitamin e oil', 'tocopheryl acetate', 'mixed tocopherols', 't50'],
    supplier(0.95),
  ),
  liquidOil(
    'mineral-oil',
    'Mineral oil',
    'Paraffinum Liquidum',
    ['paraffin oil', 'liquid paraffin', 'white oil', 'baby oil', '8042-47-5'],
    handbook(0.85),
  ),
  butter('lanolin', 'Lanolin', 'Lanolin', ['wool wax', 'wool fat'], handbook(0.94)),
  butter('cetyl-alcohol', 'Cetyl alcohol', 'Cetyl Alcohol', ['cetyl'], handbook(0.89)),
  butter(
    'stearic-acid',
    'Stearic acid',
    'Stearic Acid',
    ['stearic', 'vegetable stearic acid'],
    handbook(0.94),
  ),
  butter('shea-butter', 'Shea butter', 'Butyrospermum Parkii Butter', ['shea'], supplier(0.91)),
  butter(
    'cocoa-butter',
    'Cocoa butter',
    'Theobroma Cacao Seed Butter',
    ['cacao butter'],
    supplier(0.9),
  ),
  butter('mango-butter', 'Mango butter', 'Mangifera Indica Seed Butter', [], supplier(0.9)),
  butter('beeswax', 'Beeswax', 'Cera Alba', ['bees wax'], handbook(0.96)),
  butter('kokum-butter', 'Kokum butter', 'Garcinia Indica Seed Butter', ['kokum'], supplier(0.9)),
  butter(
    'candelilla-wax',
    'Candelilla wax',
    'Euphorbia Cerifera Cera',
    ['candelilla'],
    handbook(0.98),
  ),
] as const satisfies readonly MaterialRow[];

function liquidOil<const Id extends string>(
  id: Id,
  name: string,
  inci: string,
  synonyms: readonly string[],
  trueDensityGMl: MaterialRow['trueDensityGMl'],
  extraTraits: readonly Trait[] = [],
) {
  return {
    id,
    name,
    inci,
    synonyms,
    role: 'oil' as const,
    phase: 'wet' as const,
    trueDensityGMl,
    waterFraction: noWater,
    bindingPerMl: binding,
    traits: traits('skin-oil', ...extraTraits),
  };
}

function butter<const Id extends string>(
  id: Id,
  name: string,
  inci: string,
  synonyms: readonly string[],
  trueDensityGMl: MaterialRow['trueDensityGMl'],
) {
  return {
    ...liquidOil(id, name, inci, synonyms, trueDensityGMl, ['sets-when-cool']),
    role: 'butter' as const,
  };
}
