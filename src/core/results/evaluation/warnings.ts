import type { Material } from '@/core/matter/materials/material';
import type { FindingCode } from './facts';
import type { Evaluation, Finding, Severity } from './types';
import { sayFinding } from './messages';

/** What goes along with a formula to the sheet, the step that weighs it and the start of a batch. */
export interface Warning {
  readonly code: FindingCode;
  readonly severity: Extract<Severity, 'stop' | 'warning'>;
  /** What it is and what to do, in two sentences. */
  readonly message: string;
}

/** Said where the line itself is asked about, not of what is made. */
const OF_THE_PAGE: ReadonlySet<FindingCode> = new Set(['unread-lines']);
/** Of scents as a whole: they go with every scent that is weighed. */
const OF_SCENTS: ReadonlySet<FindingCode> = new Set([
  'scent-over-limit',
  'scent-limit-unknown',
  'scent-floats',
]);
/** Cautions of one material that its weighing has to say, though they are no warning of the whole. */
const AT_THE_STEP: ReadonlySet<FindingCode> = new Set([
  'methyl-salicylate-caution',
  'menthol-caution',
  'phototoxic-oil',
  'pregnancy-caution',
  'eye-hazard',
  'dangerous-substance',
]);

const sentence = (finding: Finding): string => {
  const { message, todo } = sayFinding(finding);
  return `${message} ${todo}`.trim();
};
const isGrave = ({ severity }: Finding): boolean => severity === 'stop' || severity === 'warning';

/** Stops and warnings of a formula, gravest first, each once. */
export function warningsOf({ findings }: Pick<Evaluation, 'findings'>): readonly Warning[] {
  const seen = new Set<string>();
  return findings.flatMap((finding) => {
    const message = sentence(finding);
    if (!isGrave(finding) || OF_THE_PAGE.has(finding.code) || seen.has(message)) return [];
    seen.add(message);
    return [{ code: finding.code, severity: finding.severity as Warning['severity'], message }];
  });
}

/** What has to be said where one material is weighed: warnings that name it, and its own cautions. */
export function warningsAtStep(
  { findings }: Pick<Evaluation, 'findings'>,
  { name, role }: Pick<Material, 'name' | 'role'>,
): readonly string[] {
  const speaks = (finding: Finding) => {
    const { names } = finding.facts as { readonly names?: readonly string[] };
    if (OF_SCENTS.has(finding.code)) return isGrave(finding) && role === 'scent';
    return (isGrave(finding) || AT_THE_STEP.has(finding.code)) && (names?.includes(name) ?? false);
  };
  return [...new Set(findings.filter(speaks).map(sentence))];
}
