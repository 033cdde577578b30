import { withSafeFix } from '../safeFix';
import { closedPack } from '../readings';
import { SEVERITIES, type Examined, type Finding, type JudgedReadings, type Rule } from '../types';
import type { FindingCode } from '../facts';
import { madeForRules } from './madeFor';
import { materialRules } from './materials';
import { measureRules } from './measures';
import { scentRules } from './scent';

/** What stands out beside the readings themselves. */
const RULES: readonly Rule[] = [closedPack, scentRules, materialRules, measureRules, madeForRules];

/** What the second of each pair says is in the first. */
const SAID_ALREADY: ReadonlyArray<readonly [by: (finding: Finding) => boolean, code: FindingCode]> =
  [
    [({ code }) => code === 'neat-strong-oil', 'scent-floats'],
    // Its tip is the same caution on the label.
    [
      ({ code, severity }) => code === 'foam-high' && severity === 'advice',
      'detergent-bath-caution',
    ],
  ];

/** Every finding: what the judged readings say, then the rules; gravest first, otherwise in that order. */
export function findingsOf(examined: Examined, judged: JudgedReadings): readonly Finding[] {
  const all = [
    ...Object.values(judged).flatMap(({ findings }) => findings),
    ...RULES.flatMap((rule) => rule(examined)).map((finding) => withSafeFix(finding, examined)),
  ];
  const said = SAID_ALREADY.flatMap(([by, code]) => (all.some(by) ? [code] : []));
  return all
    .filter(({ code }) => !said.includes(code))
    .sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}
