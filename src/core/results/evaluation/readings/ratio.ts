import { isForSkin } from '@/core/formula/model/messages';
import { acidToWindow, sodaToBalance } from '../fixes';
import type { Examined, Finding, Measured } from '../types';
import { OPEN, certain, type Judge } from './judge';

/** A trace of acid in milk powder or vinegar does not make a fizz. */
const LEAST_EQUIVALENTS_SHARE = 0.002;
/** Less gas than this share of what the acid could free is none. Rovack estimate. */
const LEAST_GAS_SHARE = 0.05;
/** Acid over soda by this much is meant; less is a rounding. Rovack estimate. */
const ACID_EXCESS = 1.03;
const stoichiometry = 'stoichiometry, IUPAC 2021 weights';

/**
 * Soda to acid by mass. What touches skin has the usual window; in a cleaning piece either side may be meant to
 * stay over, and only acid that is left is said.
 */
export const judgeRatio: Judge = (examined) => {
  const { fizz } = examined.measured;
  const isWindowed = isForSkin(examined.body.family) && fizz.balanceSodaToAcidByMass !== null;
  return {
    value: fizz.balanceSodaToAcidByMass === null ? null : fizz.sodaToAcidByMass,
    spread: certain(fizz.ratioSpread),
    window: isWindowed ? { low: fizz.usualLow, high: fizz.usualHigh } : OPEN,
    findings: examined.measured.totalG > 0 ? ratioFindings(examined) : [],
  };
};

function ratioFindings(examined: Examined): readonly Finding[] {
  const { fizz } = examined.measured;
  const { acidEquivalentsMol, baseEquivalentsMol } = fizz;
  const facts = { acidEquivalentsMol, baseEquivalentsMol };
  const tiny = LEAST_EQUIVALENTS_SHARE * Math.max(acidEquivalentsMol, baseEquivalentsMol);
  if (acidEquivalentsMol <= tiny)
    return [{ code: 'no-acid', severity: 'warning', facts, source: stoichiometry }];
  if (baseEquivalentsMol <= tiny)
    return [{ code: 'no-base', severity: 'warning', facts, source: stoichiometry }];
  const silent: readonly Finding[] =
    fizz.co2Mol < LEAST_GAS_SHARE * acidEquivalentsMol
      ? [{ code: 'no-gas', severity: 'advice', facts, source: stoichiometry }]
      : [];
  return [
    ...silent,
    ...(isForSkin(examined.body.family) ? onSkin(examined, fizz) : leftInBasin(examined, fizz)),
  ];
}

function onSkin(examined: Examined, fizz: Measured['fizz']): readonly Finding[] {
  const { sodaToAcidByMass: ratio, usualLow, usualHigh, leftoverSodaG } = fizz;
  // Builders alone hold no soda to judge by mass.
  if (fizz.balanceSodaToAcidByMass === null || ratio === null)
    return isSour(fizz) ? [acidExcess(examined, fizz, true)] : [];
  if (ratio < usualLow) return [acidExcess(examined, fizz, true)];
  if (ratio <= usualHigh) return [];
  const fix = acidToWindow(examined);
  return [
    {
      code: 'soda-excess-high',
      severity: 'advice',
      facts: { sodaToAcidByMass: ratio, usualHigh, leftoverSodaG },
      source: 'common practice',
      ...(fix && { fix }),
    },
  ];
}

function leftInBasin(examined: Examined, fizz: Measured['fizz']): readonly Finding[] {
  return isSour(fizz) ? [acidExcess(examined, fizz, false)] : [];
}

function acidExcess(examined: Examined, fizz: Measured['fizz'], forSkin: boolean): Finding {
  const { acidEquivalentsMol, baseEquivalentsMol, leftoverAcidG } = fizz;
  const fix = sodaToBalance(examined);
  return {
    code: 'acid-excess',
    severity: forSkin && isSour(fizz) ? 'warning' : 'advice',
    facts: { acidEquivalentsMol, baseEquivalentsMol, leftoverAcidG, isForSkin: forSkin },
    source: stoichiometry,
    ...(fix && { fix }),
  };
}

function isSour({ acidEquivalentsMol, baseEquivalentsMol }: Measured['fizz']): boolean {
  return acidEquivalentsMol > baseEquivalentsMol * ACID_EXCESS;
}
