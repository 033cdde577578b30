type Plain = Readonly<Record<string, unknown>>;

/**
 * Format 2: a formula can be laid away, a version has a name, suppliers' documents for scents are kept.
 * Pure, on records as format 1 stored them; what is there already stays.
 */
export function formulaTo2(formula: Plain): Record<string, unknown> {
  const versions = Array.isArray(formula.versions) ? (formula.versions as Plain[]) : [];
  return {
    archivedAt: null,
    ...formula,
    versions: versions.map((version) => ({ name: '', ...version })),
  };
}

export function settingsTo2(settings: Plain): Record<string, unknown> {
  return { scentDocuments: [], ...settings };
}
