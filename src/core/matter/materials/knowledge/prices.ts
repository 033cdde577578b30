import { from, type Sourced } from '../sources';
import type { Role } from '../types';

const supplier = from('supplier');

/** What a kilogram costs against a kilogram of baking soda, in small packs: for comparing, until own prices are on file. */
export const PRICE_BY_ROLE: Readonly<Record<Role, Sourced<number>>> = {
  base: supplier(1),
  acid: supplier(2.5),
  builder: supplier(1.5),
  salt: supplier(1),
  starch: supplier(1.5),
  clay: supplier(3),
  milk: supplier(7),
  'drying-powder': supplier(8),
  gum: supplier(12),
  sugar: supplier(1.5),
  foamer: supplier(9),
  emulsifier: supplier(6),
  oil: supplier(6),
  butter: supplier(9),
  alcohol: supplier(4),
  watery: supplier(1),
  humectant: supplier(3),
  scent: supplier(45),
  color: supplier(40),
  botanical: supplier(14),
};

export const PRICE_BY_ID: Readonly<Record<string, Sourced<number>>> = {
  water: supplier(0.05),
  'sea-salt-coarse': supplier(1),
  'potassium-bitartrate': supplier(8),
  'tartaric-acid': supplier(6),
  'malic-acid': supplier(5),
  'castor-oil': supplier(5),
  'sunflower-oil': supplier(2.5),
  'argan-oil': supplier(20),
  'rosehip-oil': supplier(18),
  'fragrance-oil': supplier(35),
  menthol: supplier(40),
  camphor: supplier(25),
  'jasmine-essential-oil': supplier(2500),
  'potassium-bicarbonate': supplier(4),
  'calcium-carbonate': supplier(1.5),
  tocopherol: supplier(40),
};
