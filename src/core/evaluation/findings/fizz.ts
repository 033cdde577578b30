import type { Finding, Rule } from '../types';
import { acidToWindow, sodaToBalance } from '../fixes';
import { isForSkin } from '../../formula';
import { grams } from './words';

const stoichiometry = 'stoichiometry, IUPAC 2021 weights';
/** A trace of acid in milk powder or vinegar does not make a fizz. */
const LEAST_EQUIVALENTS_SHARE = 0.002;
/** Acid over soda by this much is meant; less is a rounding. Start value of ours. */
const ACID_EXCESS = 1.03;

/** Is there anything to fizz, and which side is left over? */
export const fizzRules: Rule = (examined) => {
  const { readings, body } = examined;
  if (!(readings.totalG > 0)) return [];
  const { acidEquivalentsMol: acid, baseEquivalentsMol: base } = readings.fizz;
  const numbers = { acidEquivalentsMol: acid, baseEquivalentsMol: base };
  const tiny = LEAST_EQUIVALENTS_SHARE * Math.max(acid, base);
  if (acid <= tiny)
    return [
      {
        code: 'no-acid',
        severity: 'warning',
        message: 'No acid: this will not fizz.',
        todo: 'Add citric acid, about half as much as soda.',
        numbers,
        source: stoichiometry,
      },
    ];
  if (base <= tiny)
    return [
      {
        code: 'no-base',
        severity: 'warning',
        message: 'No base: this will not fizz.',
        todo: 'Add baking soda, 1.3 to 2.1 times the acid.',
        numbers,
        source: stoichiometry,
      },
    ];
  if (acid > base * ACID_EXCESS) {
    const fix = sodaToBalance(examined);
    const forSkin = isForSkin(body.family);
    const { leftoverAcidG } = readings.fizz;
    return [
      {
        code: 'acid-excess',
        severity: forSkin ? 'warning' : 'advice',
        message: `${grams(leftoverAcidG)} of acid stays in the water${forSkin ? ': a sour bath that can sting.' : '.'}`,
        todo: forSkin ? 'More soda, or less acid.' : 'Keep it off stone, aluminum and enamel.',
        numbers: { ...numbers, leftoverAcidG },
        source: stoichiometry,
        ...(fix && { fix }),
      },
    ];
  }
  return sodaExcess(examined);
};

const sodaExcess: Rule = (examined): readonly Finding[] => {
  const { readings, body } = examined;
  const { sodaToAcidByMass: ratio, usualHigh, leftoverSodaG } = readings.fizz;
  if (!isForSkin(body.family) || ratio === null || ratio <= usualHigh) return [];
  const fix = acidToWindow(examined);
  return [
    {
      code: 'soda-excess-high',
      severity: 'advice',
      message: `${ratio.toFixed(2)} of soda to acid, over the usual ${usualHigh.toFixed(1)}: ${grams(leftoverSodaG)} of soda stays unfizzed. Soft water, weak fizz.`,
      todo: 'More acid for more fizz; leave it for a soft bath.',
      numbers: { sodaToAcidByMass: ratio, usualHigh, leftoverSodaG },
      source: 'common practice',
      ...(fix && { fix }),
    },
  ];
};
