import type { Rule } from '../types';
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
  const tiny = LEAST_EQUIVALENTS_SHARE * Math.max(acid, base);
  if (acid <= tiny)
    return [
      {
        code: 'no-acid',
        severity: 'warning',
        message: 'No acid: this will not fizz. Add citric acid, about half as much as soda.',
        source: stoichiometry,
      },
    ];
  if (base <= tiny)
    return [
      {
        code: 'no-base',
        severity: 'warning',
        message: 'No base: this will not fizz. Add baking soda, 1.3 to 2.1 times the acid.',
        source: stoichiometry,
      },
    ];
  if (acid > base * ACID_EXCESS) {
    const fix = sodaToBalance(examined);
    return [
      {
        code: 'acid-excess',
        severity: isForSkin(body.family) ? 'warning' : 'advice',
        message:
          `${grams(readings.fizz.leftoverAcidG)} of acid stays in the water: ` +
          (isForSkin(body.family)
            ? 'a sour bath that can sting.'
            : 'keep it off stone, aluminum and enamel.'),
        source: stoichiometry,
        ...(fix && { fix }),
      },
    ];
  }
  return sodaExcess(examined);
};

const sodaExcess: Rule = (examined) => {
  const { readings, body } = examined;
  const { sodaToAcidByMass: ratio, usualHigh } = readings.fizz;
  if (!isForSkin(body.family) || ratio === null || ratio <= usualHigh) return [];
  const fix = acidToWindow(examined);
  return [
    {
      code: 'soda-excess-high',
      severity: 'advice',
      message: `${ratio.toFixed(2)} of soda to acid, over the usual ${usualHigh.toFixed(1)}: ${grams(readings.fizz.leftoverSodaG)} of soda stays unfizzed. Soft water, weak fizz.`,
      source: 'common practice',
      ...(fix && { fix }),
    },
  ];
};
