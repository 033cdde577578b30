import { from, type Sourced } from '../sources';
import type { Role } from '../types';

const supplier = from('supplier');
const practice = from('practice');

/** Months a material keeps closed, dry and cool, by role. */
export const SHELF_LIFE_BY_ROLE: Readonly<Record<Role, Sourced<number>>> = {
  base: supplier(36),
  acid: supplier(36),
  builder: supplier(36),
  salt: supplier(60),
  starch: supplier(24),
  clay: supplier(60),
  milk: supplier(12),
  'drying-powder': supplier(60),
  gum: supplier(36),
  sugar: supplier(24),
  foamer: supplier(24),
  emulsifier: supplier(24),
  oil: supplier(12),
  butter: supplier(24),
  alcohol: supplier(36),
  watery: supplier(12),
  humectant: supplier(24),
  scent: supplier(24),
  color: supplier(60),
  botanical: practice(12),
};

/** Months, where a material keeps shorter or longer than its role. */
export const SHELF_LIFE_BY_ID: Readonly<Record<string, Sourced<number>>> = {
  'sodium-percarbonate': supplier(12),
  'ascorbic-acid': supplier(18),
  water: practice(1),
  'rose-water': supplier(12),
  'jojoba-oil': supplier(24),
  'fractionated-coconut-oil': supplier(24),
  'coconut-oil': supplier(24),
  'castor-oil': supplier(24),
  'hempseed-oil': supplier(9),
  'rosehip-oil': supplier(9),
  'grapeseed-oil': supplier(9),
  beeswax: supplier(60),
  'candelilla-wax': supplier(60),
  'sweet-orange-essential-oil': supplier(12),
  'lemon-essential-oil': supplier(12),
  'lime-essential-oil': supplier(12),
  'grapefruit-essential-oil': supplier(12),
  'mandarin-essential-oil': supplier(12),
  'tea-tree-essential-oil': supplier(12),
  'patchouli-essential-oil': supplier(60),
  'sandalwood-essential-oil': supplier(60),
  'vetiver-essential-oil': supplier(60),
  menthol: supplier(60),
  camphor: supplier(60),
  'pine-essential-oil': supplier(18),
  'litsea-essential-oil': supplier(18),
  'infused-oil': practice(9),
  tocopherol: supplier(24),
  'potassium-bicarbonate': supplier(24),
};
