export { evaluate } from './evaluate';
export { problemWith, tryEvaluate } from './problem';
export type { EvaluationResult, Problem } from './problem';
export { contractAnswer, pieceOf } from './contract';
export type { PieceQuestion } from './contract';
export { benchCures } from './benchCures';
export { freezeReadings } from './freeze';
export { USUAL_CONDITIONS } from './types';
export type { Conditions, DampVerdict, Evaluation, Finding, Fix, Lasting, Severity } from './types';
