import { withSafeFix } from '../safeFix';
import { closedPack } from '../readings';
import { SEVERITIES, type Examined, type Finding, type JudgedReadings, type Rule } from '../types';
import { madeForRules } from './madeFor';
import { materialRules } from './materials';
import { measureRules } from './measures';
import { scentRules } from './scent';

/** What stands out beside the readings themselves. */
const RULES: readonly Rule[] = [closedPack, scentRules, materialRules, measureRules, madeForRules];

/** Every finding: what the judged readings say, then the rules; gravest first, otherwise in that order. */
export function findingsOf(examined: Examined, judged: JudgedReadings): readonly Finding[] {
  return [
    ...Object.values(judged).flatMap(({ findings }) => findings),
    ...RULES.flatMap((rule) => rule(examined)).map((finding) => withSafeFix(finding, examined)),
  ].sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}
