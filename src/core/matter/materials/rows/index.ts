import { ACIDS } from './acids';
import { BASES } from './bases';
import { COLORS } from './colors';
import { KITCHEN } from './kitchen';
import { LIQUIDS } from './liquids';
import { OILS } from './oils';
import { POWDERS } from './powders';
import { SALTS } from './salts';
import { SCENTS } from './scents';

/** Every row the application ships with, in the order a maker reaches for them. */
export const CATALOG_ROWS = [
  ...BASES,
  ...ACIDS,
  ...SALTS,
  ...POWDERS,
  ...LIQUIDS,
  ...KITCHEN,
  ...OILS,
  ...SCENTS,
  ...COLORS,
] as const;
