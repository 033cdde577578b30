import { sameData } from '@/core/basics/sameData';
import type { Formula, FormulaVersion } from './schema';

/** The newest kept version, or undefined before the first. */
export function latestVersion(formula: Formula): FormulaVersion | undefined {
  return formula.versions.at(-1);
}

/** Has the working body been changed since the newest version? A formula without versions has. */
export function hasUnkeptChanges(formula: Formula): boolean {
  const latest = latestVersion(formula);
  return !latest || !sameData(latest.body, formula.body);
}

/** Keeps the working body as the next version; returns the formula unchanged when nothing changed. @param now ISO 8601 */
export function keepVersion(formula: Formula, now: string, name = ''): Formula {
  if (!hasUnkeptChanges(formula)) return formula;
  const number = (latestVersion(formula)?.number ?? 0) + 1;
  return {
    ...formula,
    changedAt: now,
    versions: [...formula.versions, { number, keptAt: now, name, body: formula.body }],
  };
}

/** One line for a list: how many lines and which version. */
export function describeVersion(formula: Formula): string {
  const latest = latestVersion(formula);
  if (!latest) return 'no version yet';
  return hasUnkeptChanges(formula)
    ? `version ${latest.number}, changed since`
    : `version ${latest.number}`;
}
