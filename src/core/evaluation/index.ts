export { evaluate } from './evaluate';
export { contractAnswer } from './contract';
export type { PieceQuestion } from './contract';
export { usualOilId } from './fixes';
export { MODELS_VERSION, USUAL_CONDITIONS } from './types';
export type { Conditions, DampVerdict, Evaluation, Finding, Fix, Severity } from './types';
