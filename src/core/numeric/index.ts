export { firstWhere } from './firstWhere';
export { bracketedRoot } from './bracketedRoot';
export type { Root } from './bracketedRoot';
export { solvePositive } from './solvePositive';
export { inverseOf } from './inverseOf';
