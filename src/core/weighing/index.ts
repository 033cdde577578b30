export { compareToTarget, toleranceG } from './tolerance';
export type { Against } from './tolerance';
export { decimalsOf, isBelowHonestMinimum, roundToStep } from './rounding';
export { inDrops, inSpoons } from './counted';
export type { Counted } from './counted';
export { isTooLittleFor, scaleFor } from './scales';
export type { BenchScale } from './scales';
export { roundTogether } from './roundTogether';
export type { LineToRound, RoundedTogether } from './roundTogether';
