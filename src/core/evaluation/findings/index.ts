import type { Examined, Finding, Rule, Severity } from '../types';
import { binderRules } from './binder';
import { fizzRules } from './fizz';
import { materialRules } from './materials';
import { measureRules } from './measures';
import { scentRules } from './scent';
import { waterRules } from './water';

const RULES: readonly Rule[] = [
  fizzRules,
  binderRules,
  scentRules,
  waterRules,
  materialRules,
  measureRules,
];

const ORDER: readonly Severity[] = ['stop', 'warning', 'advice', 'info'];

/** Every finding, gravest first, otherwise in the order of the rules. */
export function findingsOf(examined: Examined): readonly Finding[] {
  return RULES.flatMap((rule) => rule(examined)).sort(
    (a, b) => ORDER.indexOf(a.severity) - ORDER.indexOf(b.severity),
  );
}
