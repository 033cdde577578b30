import { from } from '../sources';
import { traits } from '../traits';
import type { MaterialRow, Trait } from '../types';

const handbook = from('handbook');
const usda = from('usda');
const supplier = from('supplier');
const practice = from('practice');
/** Percent by volume on the label, water by mass: see docs/science.md. */
const byVolume = from('alcoholByVolume');

const dry = handbook(0);
const ML_PER_CUP = 236.5882365;

/** What makers take from the kitchen and the garden. */
export const KITCHEN = [
  starch('potato-starch', 'Potato starch', 'Solanum Tuberosum Starch', ['potato flour'], 0.68),
  starch(
    'wheat-flour',
    'Wheat flour',
    'Triticum Vulgare Flour',
    ['flour', 'plain flour', 'all purpose flour', 'white flour'],
    125 / ML_PER_CUP,
  ),
  {
    id: 'dextrose',
    name: 'Dextrose',
    inci: 'Glucose',
    synonyms: ['glucose', 'glucose powder', 'dextrose powder', 'grape sugar', 'corn sugar'],
    role: 'sugar',
    phase: 'dry',
    trueDensityGMl: handbook(1.54),
    levelDensityGMl: supplier(0.7),
    waterFraction: dry,
    traits: [],
  },
  food('honey-powder', 'Honey powder', 'Mel', ['powdered honey', 'dried honey'], 0.6, [
    'clumps',
    'hygroscopic',
  ]),
  food(
    'cocoa-powder',
    'Cocoa powder',
    'Theobroma Cacao Seed Powder',
    ['cocoa', 'cacao powder', 'unsweetened cocoa'],
    85 / ML_PER_CUP,
    ['clumps'],
  ),
  {
    id: 'honey',
    name: 'Honey',
    inci: 'Mel',
    synonyms: ['liquid honey', 'runny honey', 'raw honey'],
    role: 'humectant',
    phase: 'wet',
    trueDensityGMl: usda(1.42),
    waterFraction: usda(0.17),
    bindingPerMl: practice(1.6),
    traits: [],
  },
  {
    id: 'lemon-juice',
    name: 'Lemon juice, 5% acid',
    inci: 'Citrus Limon Juice',
    synonyms: ['fresh lemon juice', 'bottled lemon juice'],
    role: 'watery',
    phase: 'wet',
    trueDensityGMl: usda(1.03),
    waterFraction: usda(0.92),
    bindingPerMl: practice(2.1),
    chemistry: usda([{ speciesId: 'citric-acid', fraction: 0.05 }]),
    traits: [],
  },
  {
    id: 'vodka',
    name: 'Vodka, 40%',
    inci: 'Aqua, Alcohol',
    synonyms: ['40% vodka', '80 proof vodka'],
    role: 'alcohol',
    phase: 'wet',
    trueDensityGMl: handbook(0.948),
    waterFraction: byVolume(0.667),
    bindingPerMl: practice(1.6),
    traits: ['flammable', 'weak-alcohol'],
  },
  {
    id: 'castile-soap',
    name: 'Liquid castile soap',
    inci: 'Aqua, Potassium Olivate, Potassium Cocoate',
    synonyms: ['castile soap', 'castile', 'liquid soap', 'soft soap'],
    role: 'foamer',
    phase: 'wet',
    trueDensityGMl: supplier(1.02),
    waterFraction: supplier(0.62),
    bindingPerMl: practice(1.4),
    traits: ['detergent'],
  },
  {
    id: 'propylene-glycol',
    name: 'Propylene glycol',
    inci: 'Propylene Glycol',
    synonyms: ['1,2 propanediol', 'monopropylene glycol', 'mpg', '57-55-6'],
    role: 'humectant',
    phase: 'wet',
    trueDensityGMl: handbook(1.036),
    waterFraction: dry,
    bindingPerMl: practice(1.2),
    traits: [],
  },
  plant(
    'chamomile-flowers',
    'Chamomile flowers, dried',
    'Chamomilla Recutita Flower',
    ['chamomile flower', 'dried chamomile', 'dried chamomile flower'],
    0.12,
  ),
  plant(
    'cornflower-petals',
    'Cornflower petals, dried',
    'Centaurea Cyanus Flower',
    ['cornflower', 'cornflowers', 'cornflower petal', 'dried cornflower'],
    0.04,
  ),
  plant(
    'hibiscus-flowers',
    'Hibiscus flowers, dried',
    'Hibiscus Sabdariffa Flower',
    ['hibiscus', 'dried hibiscus', 'hibiscus petal'],
    0.2,
  ),
  plant(
    'yarrow',
    'Yarrow, dried',
    'Achillea Millefolium Flower',
    ['yarrow flower', 'dried yarrow', 'yarrow'],
    0.12,
  ),
  plant(
    'plantain-leaf',
    'Plantain leaf, dried',
    'Plantago Major Leaf',
    ['plantain', 'dried plantain'],
    0.12,
  ),
  plant(
    'rolled-oats',
    'Rolled oats',
    'Avena Sativa Kernel',
    ['rolled oat', 'whole oat', 'porridge oats', 'porridge oat'],
    81 / ML_PER_CUP,
  ),
  plant(
    'ground-coffee',
    'Ground coffee',
    'Coffea Arabica Seed Powder',
    ['coffee grounds', 'coffee', 'coffee powder'],
    0.35,
  ),
] as const satisfies readonly MaterialRow[];

function starch<const Id extends string>(
  id: Id,
  name: string,
  inci: string,
  synonyms: readonly string[],
  levelDensityGMl: number,
) {
  return {
    id,
    name,
    inci,
    synonyms,
    role: 'starch' as const,
    phase: 'dry' as const,
    trueDensityGMl: handbook(1.5),
    levelDensityGMl: usda(levelDensityGMl),
    waterFraction: dry,
    uptakeGPerG: practice(0.12),
    traits: traits('clumps', 'fine-dust'),
  };
}

function food<const Id extends string>(
  id: Id,
  name: string,
  inci: string,
  synonyms: readonly string[],
  levelDensityGMl: number,
  own: readonly Trait[],
) {
  return {
    id,
    name,
    inci,
    synonyms,
    role: 'milk' as const,
    phase: 'dry' as const,
    trueDensityGMl: supplier(1.35),
    levelDensityGMl: supplier(levelDensityGMl),
    waterFraction: dry,
    uptakeGPerG: practice(0.12),
    traits: own,
  };
}

/** Lies on top, or is infused; what is whole of it stops a drain. */
function plant<const Id extends string>(
  id: Id,
  name: string,
  inci: string,
  synonyms: readonly string[],
  levelDensityGMl: number,
) {
  return {
    id,
    name,
    inci,
    synonyms,
    role: 'botanical' as const,
    phase: 'finish' as const,
    trueDensityGMl: supplier(1.2),
    levelDensityGMl: supplier(levelDensityGMl),
    waterFraction: dry,
    traits: traits('drain'),
  };
}
