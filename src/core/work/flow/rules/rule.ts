import type { Scene } from '../walk';

export const RULE_CODES = [
  'heat-then-flame',
  'crystals-dissolved',
  'soak-first',
  'sieve-what-clumps',
  'dye-bloomed',
  'foam-gently',
  'squeeze-before-acid',
  'nothing-before-it-exists',
  'paint-by-its-carrier',
  'acid-and-water-do-not-wait',
  'every-line-arrives',
  'nothing-is-poured-from-empty',
  'oxidizer-stays-dry',
] as const;
export type RuleCode = (typeof RULE_CODES)[number];

/** Where the work breaks a rule; null for the work as a whole. */
export interface Broken {
  readonly rule: RuleCode;
  readonly opId: string | null;
  /** Which way it is broken, where a rule knows several. */
  readonly how: string;
  /** Materials it speaks of. */
  readonly names: readonly string[];
}

/** A rule of the work, with its reason; all are common practice unless they say otherwise. */
export interface Rule {
  readonly code: RuleCode;
  readonly reason: string;
  readonly source: string;
  readonly breaks: (scene: Scene) => readonly Omit<Broken, 'rule'>[];
}
