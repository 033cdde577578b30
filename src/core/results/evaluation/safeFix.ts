import { materialById } from '@/core/matter/materials/catalog';
import { mayHold } from '../safety/mayHold';
import type { Examined, Finding } from './types';

/** What is offered may not make the mix dangerous: the finding then stands without its cure. */
export function withSafeFix(finding: Finding, { materials, body, conditions }: Examined): Finding {
  if (!finding.fix) return finding;
  const material = materialById(conditions.catalog, finding.fix.materialId);
  return mayHold(materials, material, body.family) ? finding : { ...finding, fix: undefined };
}
