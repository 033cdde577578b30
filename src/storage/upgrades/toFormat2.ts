import { plainsOf, type Plain } from './plain';

/**
 * Format 2: a formula can be laid away, a version has a name, suppliers' documents for scents are kept.
 * Pure, on records as format 1 stored them; what is there already stays.
 */
export function formulaTo2(formula: Plain): Plain {
  return {
    archivedAt: null,
    ...formula,
    versions: plainsOf(formula.versions).map((version) => ({ name: '', ...version })),
  };
}

export function settingsTo2(settings: Plain): Plain {
  return { scentDocuments: [], ...settings };
}
