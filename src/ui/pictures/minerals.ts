import type { Role } from '@/core/matter/materials/types';

/** How a role of material is painted: a mineral tint and a hatch that is told apart without color. */
export interface Mineral {
  readonly tint: string;
  readonly stroke: string;
  readonly hatch: Hatch;
}

export type Hatch =
  | 'grain'
  | 'slant'
  | 'back-slant'
  | 'dashes'
  | 'beds'
  | 'rings'
  | 'waves'
  | 'plus'
  | 'bubbles'
  | 'cross'
  | 'drops'
  | 'ticks'
  | 'squares';

export const MINERALS: Readonly<Record<Role, Mineral>> = {
  base: { tint: '#efe6d8', stroke: '#8a8070', hatch: 'grain' },
  acid: { tint: '#e8cd6b', stroke: '#7d6413', hatch: 'slant' },
  builder: { tint: '#dcd9cf', stroke: '#6f6c60', hatch: 'squares' },
  salt: { tint: '#c3d5da', stroke: '#4f6d76', hatch: 'rings' },
  starch: { tint: '#dcc4a4', stroke: '#7c5f37', hatch: 'dashes' },
  clay: { tint: '#cdb08e', stroke: '#6d4f2a', hatch: 'beds' },
  milk: { tint: '#f3e8c8', stroke: '#857340', hatch: 'beds' },
  'drying-powder': { tint: '#e3ddd0', stroke: '#77705f', hatch: 'ticks' },
  gum: { tint: '#dfd3a8', stroke: '#6f6334', hatch: 'cross' },
  sugar: { tint: '#f1ddd5', stroke: '#86594a', hatch: 'grain' },
  foamer: { tint: '#d3e6dd', stroke: '#4a7a68', hatch: 'bubbles' },
  emulsifier: { tint: '#a9c9a4', stroke: '#3f6b3a', hatch: 'cross' },
  oil: { tint: '#8fb89f', stroke: '#2e6048', hatch: 'waves' },
  butter: { tint: '#b7c98f', stroke: '#5a6c29', hatch: 'waves' },
  alcohol: { tint: '#cfdcec', stroke: '#4c6488', hatch: 'back-slant' },
  watery: { tint: '#b4cdea', stroke: '#3d5f8d', hatch: 'drops' },
  humectant: { tint: '#c6cfe4', stroke: '#4f5d86', hatch: 'drops' },
  scent: { tint: '#b79fd0', stroke: '#573a78', hatch: 'plus' },
  color: { tint: '#d893ae', stroke: '#7d2c4d', hatch: 'squares' },
  botanical: { tint: '#b5c489', stroke: '#4e6020', hatch: 'ticks' },
};
