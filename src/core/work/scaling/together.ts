import type { FormulaBody } from '@/core/formula/model/schema';
import { planScale, type ScalePlan } from './plan';
import type { Means } from './means';
import type { ScaleRequest } from './requestSchema';
import { materialsUsed } from './used';

export interface Wanted {
  readonly name: string;
  readonly body: FormulaBody;
  readonly request: ScaleRequest;
  readonly means: Means;
}

export interface Need {
  readonly materialId: string;
  readonly massG: number;
  /** How much of it each formula takes, in the order they were named. */
  readonly byFormulaG: readonly number[];
}

export interface Together {
  /** A plan for each, or why there is none. */
  readonly plans: ReadonlyArray<
    | { readonly name: string; readonly plan: ScalePlan; readonly problem?: undefined }
    | { readonly name: string; readonly plan?: undefined; readonly problem: string }
  >;
  /** Most first. */
  readonly needs: readonly Need[];
}

/** What several formulas need together. Premixes count as what they are made of. */
export function planTogether(wanted: readonly Wanted[]): Together {
  const plans = wanted.map(({ name, body, request, means }) => {
    const result = planScale(body, request, means);
    return result.ok ? { name, plan: result.plan } : { name, problem: result.problem.message };
  });
  const needs = new Map<string, number[]>();
  const need = (materialId: string, i: number, massG: number) => {
    const byFormula = needs.get(materialId) ?? wanted.map(() => 0);
    byFormula[i] = (byFormula[i] ?? 0) + massG;
    needs.set(materialId, byFormula);
  };
  plans.forEach((entry, i) => {
    if (entry.plan === undefined) return;
    for (const { materialId, massG } of materialsUsed(entry.plan)) need(materialId, i, massG);
  });
  return {
    plans,
    needs: [...needs]
      .map(([materialId, byFormulaG]) => ({
        materialId,
        byFormulaG,
        massG: byFormulaG.reduce((sum, massG) => sum + massG, 0),
      }))
      .sort((a, b) => b.massG - a.massG),
  };
}
