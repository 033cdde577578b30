import { SHIPPED, type Catalog } from '@/core/matter/materials/catalog';
import { USUAL_SMALL_MEASURES, type SmallMeasures } from '@/core/formula/reading/massOfMeasures';
import type { Spread } from '@/core/basics/units/spread';
import type { BenchScale } from '../weighing/scales';

/** A premix that stands on the shelf. */
export interface PremixStock {
  readonly lotId: string;
  readonly code: string;
  readonly materialId: string;
  readonly carrierId: string;
  /** Active material as a share of its mass, over 0 to 1. */
  readonly strengthFraction: number;
  readonly leftG: number;
}

/** What this workshop has to work with. */
export interface Means {
  readonly catalog: Catalog;
  /** Empty while no scale stands on the shelf: then the request's own step is taken. */
  readonly scales: readonly BenchScale[];
  readonly small: SmallMeasures;
  readonly premixes: readonly PremixStock[];
  /** Liters the mixer's bowl is filled to; null without a mixer. */
  readonly bowlL: number | null;
  /** Packed density learned from own fills, g/mL; null for the usual one. */
  readonly packedGMl: Spread | null;
}

export const NO_MEANS: Means = {
  catalog: SHIPPED,
  scales: [],
  small: USUAL_SMALL_MEASURES,
  premixes: [],
  bowlL: null,
  packedGMl: null,
};
