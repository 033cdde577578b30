export { decimalsOf, isBelowHonestMinimum, roundToStep } from './rounding';
export { compareToTarget, toleranceG } from './tolerance';
export type { Against } from './tolerance';
