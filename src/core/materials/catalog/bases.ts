import { from } from '../sources';
import type { MaterialRow } from '../types';

const handbook = from('handbook');
const usda = from('usda');
const supplier = from('supplier');
const byFormula = from('formula');

const dry = handbook(0);

/** Bases that fizz and builders that soften the wash. */
export const BASES = [
  {
    id: 'sodium-bicarbonate',
    name: 'Baking soda',
    inci: 'Sodium Bicarbonate',
    synonyms: [
      'sodium bicarbonate',
      'bicarbonate of soda',
      'bicarb',
      'bicarb soda',
      'bi-carb',
      'soda bicarb',
      'bicarbonate',
      'soda',
    ],
    role: 'base',
    phase: 'dry',
    trueDensityGMl: handbook(2.2),
    levelDensityGMl: usda(4.6 / 4.92892159375),
    waterFraction: dry,
    chemistry: byFormula([{ speciesId: 'sodium-bicarbonate', fraction: 1 }]),
    traits: ['clumps'],
  },
  {
    id: 'sodium-carbonate',
    name: 'Washing soda, anhydrous',
    inci: 'Sodium Carbonate',
    synonyms: ['washing soda', 'soda ash', 'sodium carbonate', 'sodium carbonate anhydrous'],
    role: 'base',
    phase: 'dry',
    trueDensityGMl: handbook(2.53),
    levelDensityGMl: supplier(1),
    waterFraction: dry,
    waterUptakeGPerG: byFormula(0.17),
    chemistry: byFormula([{ speciesId: 'sodium-carbonate', fraction: 1 }]),
    traits: ['strong-alkali', 'clumps', 'irritating-dust'],
  },
  {
    id: 'sodium-sesquicarbonate',
    name: 'Sodium sesquicarbonate',
    inci: 'Sodium Sesquicarbonate',
    synonyms: ['sesquicarbonate', 'sesqui', 'trona'],
    role: 'base',
    phase: 'dry',
    trueDensityGMl: handbook(2.11),
    levelDensityGMl: supplier(0.8),
    waterFraction: dry,
    chemistry: byFormula([{ speciesId: 'sodium-sesquicarbonate', fraction: 1 }]),
    traits: ['strong-alkali'],
  },
  {
    id: 'sodium-percarbonate',
    name: 'Sodium percarbonate',
    inci: 'Sodium Carbonate Peroxide',
    synonyms: ['percarbonate', 'oxygen bleach', 'oxygen bleach powder'],
    role: 'base',
    phase: 'dry',
    trueDensityGMl: handbook(2.14),
    levelDensityGMl: supplier(1),
    waterFraction: dry,
    chemistry: byFormula([{ speciesId: 'sodium-percarbonate', fraction: 1 }]),
    traits: ['strong-alkali', 'not-for-skin', 'irritating-dust'],
  },
  {
    id: 'borax',
    name: 'Borax',
    inci: 'Sodium Borate',
    synonyms: ['sodium borate', 'sodium tetraborate', 'borax decahydrate'],
    role: 'builder',
    phase: 'dry',
    trueDensityGMl: handbook(1.73),
    levelDensityGMl: supplier(0.85),
    waterFraction: dry,
    chemistry: byFormula([{ speciesId: 'borax', fraction: 1 }]),
    traits: ['not-for-skin', 'irritating-dust'],
  },
  {
    id: 'sodium-citrate',
    name: 'Sodium citrate dihydrate',
    inci: 'Sodium Citrate',
    synonyms: ['sodium citrate', 'trisodium citrate', 'citrate'],
    role: 'builder',
    phase: 'dry',
    trueDensityGMl: handbook(1.7),
    levelDensityGMl: supplier(0.9),
    waterFraction: dry,
    chemistry: byFormula([{ speciesId: 'sodium-citrate-dihydrate', fraction: 1 }]),
    traits: [],
  },
] as const satisfies readonly MaterialRow[];
