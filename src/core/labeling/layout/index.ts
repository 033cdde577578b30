export { cannotPrint } from './letters';
export { layLabel } from './layLabel';
export type { LabelFoot } from './layLabel';
export { seatsFor } from './sheets';
export type { Seat } from './sheets';
export { FIELD_WORDS, sayCut } from './words';
export type { LabelField, LabelItem, LabelSide, LaidLabel, Measure } from './types';
