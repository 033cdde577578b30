import type { Scene } from '../walk';

/** Which ways each rule can be broken; null where there is only one. */
export interface WaysBroken {
  'heat-then-flame': 'volatile' | 'lumps';
  'crystals-dissolved': 'no-solvent' | 'after-scent' | 'whole';
  'soak-first': 'fizzes' | 'no-soak';
  'sieve-what-clumps': 'coarse' | 'nothing';
  'dye-bloomed': 'acid' | 'dry';
  'foam-gently': null;
  'squeeze-before-acid': null;
  'nothing-before-it-exists': 'early' | 'one';
  'paint-by-its-carrier': null;
  'acid-and-water-do-not-wait': { readonly minutes: number };
  'every-line-arrives': 'left' | 'nowhere';
  'nothing-is-poured-from-empty': null;
  'oxidizer-stays-dry': null;
  'pressed-in-time': { readonly minutes: number };
}
export type RuleCode = keyof WaysBroken;

/** Where one rule is broken. */
export interface BrokenBy<C extends RuleCode> {
  /** The operation that breaks it; null for the work as a whole. */
  readonly opId: string | null;
  readonly how: WaysBroken[C];
  /** Materials it speaks of. */
  readonly names: readonly string[];
}
export type Broken = { [C in RuleCode]: BrokenBy<C> & { readonly rule: C } }[RuleCode];

/** A rule of the work, with its reason; all are common practice unless they say otherwise. */
export interface Rule<C extends RuleCode = RuleCode> {
  readonly code: C;
  readonly reason: string;
  readonly source: string;
  readonly breaks: (scene: Scene) => readonly BrokenBy<C>[];
}
