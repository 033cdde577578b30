import type { FormulaBody } from '@/core/formula/model/schema';
import { stayingLines } from '@/core/formula/model/edit';
import { portionsG, portionsOf } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';

/** Less than this a child cannot weigh: the leader weighs it for all. Rovack estimate: three steps of a kitchen scale of 0.1 g. */
const LEAST_G = 0.3;

export interface ClassLine {
  readonly name: string;
  readonly eachG: number;
  readonly allG: number;
  /** Too little for a child’s scale. */
  readonly isForLeader: boolean;
  readonly isLiquid: boolean;
}

export interface ClassSheet {
  readonly children: number;
  readonly eachG: number;
  /** In the order of the formula, powders before liquids. */
  readonly lines: readonly ClassLine[];
  readonly acids: readonly string[];
  readonly hasSoda: boolean;
  readonly hasScent: boolean;
  /** Liters of gas of one piece, and the balloon it fills, cm across. */
  readonly gasL: number;
  readonly balloonCm: number;
}

/**
 * A formula for a class: what each child weighs, what is weighed for all, and the gas in balloons.
 * @param co2L liters that the whole formula gives, 0 or more
 * @param eachG grams of each child’s mix, over 0
 * @throws RangeError when the formula weighs nothing
 */
export function classSheet(
  body: FormulaBody,
  catalog: Catalog,
  co2L: number,
  children: number,
  eachG: number,
): ClassSheet {
  const portions = portionsOf(catalog, stayingLines(body)).filter(({ massG }) => massG > 0);
  const totalG = portionsG(portions);
  if (!(totalG > 0)) throw new RangeError('the formula must weigh something');
  const share = eachG / totalG;
  const grams = new Map<string, { name: string; massG: number; isLiquid: boolean }>();
  for (const { material, massG } of portions) {
    const known = grams.get(material.id)?.massG ?? 0;
    grams.set(material.id, {
      name: material.name,
      massG: known + massG,
      isLiquid: material.isLiquid,
    });
  }
  const gasL = co2L * share;
  const named = (role: string) =>
    [...new Set(portions.filter(({ material }) => material.role === role))].map(
      // Whether it holds water is no matter for a class.
      ({ material }) => material.sentenceName.replace(/^(anhydrous|monohydrate) /, ''),
    );
  return {
    children,
    eachG,
    lines: [...grams.values()]
      .sort((a, b) => Number(a.isLiquid) - Number(b.isLiquid))
      .map(({ name, massG, isLiquid }) => ({
        name,
        isLiquid,
        eachG: massG * share,
        allG: massG * share * children,
        isForLeader: massG * share < LEAST_G,
      })),
    acids: [...new Set(named('acid'))],
    hasScent: portions.some(({ material }) => material.role === 'scent'),
    hasSoda: portions.some(({ material }) => material.id === 'sodium-bicarbonate'),
    gasL,
    balloonCm: balloonCm(gasL),
  };
}

/** How wide a round balloon of so many liters is, cm. */
export function balloonCm(liters: number): number {
  return Math.cbrt((6 * liters * 1000) / Math.PI);
}
