import { from } from '../sources';
import type { MaterialRow } from '../types';

const handbook = from('handbook');
const usda = from('usda');
const supplier = from('supplier');
const practice = from('practice');

const dry = handbook(0);

export const SALTS = [
  {
    id: 'magnesium-sulfate-heptahydrate',
    name: 'Epsom salt',
    inci: 'Magnesium Sulfate',
    synonyms: ['epsom', 'epsom salts', 'magnesium sulfate', 'magnesium sulphate'],
    role: 'salt',
    phase: 'dry',
    trueDensityGMl: handbook(1.68),
    levelDensityGMl: supplier(0.95),
    waterFraction: dry,
    traits: ['hygroscopic', 'magnesium', 'clumps'],
  },
  {
    id: 'sodium-chloride',
    name: 'Table salt, fine',
    inci: 'Sodium Chloride',
    synonyms: ['table salt', 'fine salt', 'sodium chloride', 'fine table salt'],
    role: 'salt',
    phase: 'dry',
    trueDensityGMl: handbook(2.16),
    levelDensityGMl: usda(6 / 4.92892159375),
    waterFraction: dry,
    traits: [],
  },
  {
    id: 'sea-salt',
    name: 'Sea salt, fine',
    inci: 'Maris Sal',
    synonyms: ['sea salt', 'fine sea salt'],
    role: 'salt',
    phase: 'dry',
    trueDensityGMl: handbook(2.16),
    levelDensityGMl: supplier(1.15),
    waterFraction: dry,
    traits: [],
  },
  {
    id: 'sea-salt-coarse',
    name: 'Sea salt, coarse',
    inci: 'Maris Sal',
    synonyms: ['coarse sea salt', 'coarse salt', 'rock salt'],
    role: 'salt',
    phase: 'dry',
    trueDensityGMl: handbook(2.16),
    levelDensityGMl: supplier(1.05),
    waterFraction: dry,
    traits: [],
  },
  {
    id: 'pink-salt',
    name: 'Pink salt',
    inci: 'Sodium Chloride',
    synonyms: ['pink rock salt', 'himalayan salt', 'pink himalayan salt', 'himalayan pink salt'],
    role: 'salt',
    phase: 'dry',
    trueDensityGMl: handbook(2.16),
    levelDensityGMl: supplier(1.15),
    waterFraction: dry,
    traits: [],
  },
  {
    id: 'dendritic-salt',
    name: 'Dendritic salt',
    inci: 'Sodium Chloride',
    synonyms: ['dendritic sea salt', 'dendritic'],
    role: 'salt',
    phase: 'dry',
    trueDensityGMl: handbook(2.16),
    levelDensityGMl: supplier(0.9),
    waterFraction: dry,
    uptakeGPerG: practice(0.1),
    traits: [],
  },
  {
    id: 'magnesium-chloride',
    name: 'Magnesium chloride flakes',
    inci: 'Magnesium Chloride',
    synonyms: ['magnesium chloride', 'magnesium flakes'],
    role: 'salt',
    phase: 'dry',
    trueDensityGMl: handbook(1.57),
    levelDensityGMl: supplier(0.85),
    waterFraction: dry,
    traits: ['hygroscopic', 'magnesium'],
  },
] as const satisfies readonly MaterialRow[];
