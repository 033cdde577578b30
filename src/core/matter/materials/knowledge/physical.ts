import { from, type Sourced } from '../sources';

const handbook = from('handbook');
const supplier = from('supplier');
const byVolume = from('alcoholByVolume');
const byFormula = from('formula');

/** Melting points in °C of what is melted in the wet phase or may melt in a warm room. */
export const MELTING_C: Readonly<Record<string, Sourced<number>>> = {
  'coconut-oil': handbook(24),
  'shea-butter': supplier(35),
  'cocoa-butter': handbook(34),
  'mango-butter': supplier(33),
  'kokum-butter': supplier(40),
  beeswax: handbook(63),
  'candelilla-wax': handbook(70),
  'emulsifying-wax': supplier(52),
  'cetyl-alcohol': handbook(49),
  'stearic-acid': handbook(69),
  camphor: handbook(176),
  menthol: handbook(42),
  'magnesium-sulfate-heptahydrate': handbook(50),
  'sodium-carbonate-decahydrate': handbook(34),
  'citric-acid-monohydrate': handbook(100),
  'citric-acid': handbook(153),
  borax: handbook(75),
};

/** Share of alcohol by mass; labels say it by volume. */
export const ALCOHOL_FRACTION: Readonly<Record<string, Sourced<number>>> = {
  'isopropyl-alcohol-99': byVolume(0.9873),
  'isopropyl-alcohol-91': byVolume(0.874),
  'isopropyl-alcohol-70': byVolume(0.627),
  'ethanol-95': byVolume(0.924),
  'witch-hazel': byVolume(0.11),
  'vanilla-extract': byVolume(0.29),
};

/** Share of oil or fat by mass in what is not an oil itself. */
export const OIL_FRACTION: Readonly<Record<string, Sourced<number>>> = {
  'whole-milk-powder': supplier(0.27),
  'goat-milk-powder': supplier(0.28),
  'buttermilk-powder': supplier(0.06),
  'coconut-milk-powder': supplier(0.6),
  'oat-milk-powder': supplier(0.06),
  'colloidal-oatmeal': supplier(0.07),
};

export const NO_ALCOHOL: Sourced<number> = byFormula(0);
export const NO_OIL: Sourced<number> = byFormula(0);
export const ALL_OIL: Sourced<number> = byFormula(1);
